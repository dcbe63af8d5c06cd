import { cutTo, type Extent } from '../anatomy/extent.ts';
import { subjectOf } from '../anatomy/subject.ts';
import type { Workpiece } from '../workshop/workpiece.ts';

/**
 * A piece of more or less of its animal. What it had decided about parts that are gone stays written down for when
 * they come back; it hangs on a wall where there is one, and stands on its base where there is none.
 */
export function withExtent<P extends Pick<Workpiece, 'measure' | 'stance'>>(
  piece: P,
  extent: Extent,
): P {
  const { wall } = cutTo(subjectOf(piece.measure), extent).plan;
  return {
    ...piece,
    measure: { ...piece.measure, extent },
    stance: { ...piece.stance, hold: wall === undefined ? 'base' : 'wall' },
  };
}
