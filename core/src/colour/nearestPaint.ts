import * as say from './words.ts';
import type { Working } from '../piece/working.ts';
import type { PaintOnHand } from '../workshop/workshopSchema.ts';
import { differenceOf } from './colourDifference.ts';

/** Farther than this a paint on hand is no help: a difference that anybody sees at once. */
const NEAR = 12;

/** The paint of the workshop that comes nearest to a colour, and how far off it is; null where none is near. */
export function nearestPaint(
  hex: string,
  paints: readonly PaintOnHand[],
): { readonly paint: PaintOnHand; readonly difference: number } | null {
  const all = paints.map((paint) => ({ paint, difference: differenceOf(hex, paint.hex) }));
  const [nearest] = all.toSorted((a, b) => a.difference - b.difference);
  return nearest !== undefined && nearest.difference <= NEAR ? nearest : null;
}

/** The same as a working under an id: the difference by CIEDE2000, a number without a unit. */
export function nearestPaintWorking(
  id: string,
  hex: string,
  paints: readonly PaintOnHand[],
): Working | null {
  const nearest = nearestPaint(hex, paints);
  if (nearest === null) return null;
  return {
    id,
    stage: 'bench',
    label: say.nearestPaintOnHand(nearest.paint.name),
    value: nearest.difference,
    unit: 'ratio',
    digits: 1,
    provenance: 'derived',
    reading: {
      method: say.differenceBetween(hex, nearest.paint.hex),
      resolution: say.asColoursAreGiven,
      checkedBy: 'core/checks/checks.test.ts',
    },
    inputs: [],
    source: say.ciede2000,
  };
}
