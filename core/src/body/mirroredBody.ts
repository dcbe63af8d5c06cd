import type { FleshSleeve } from '../anatomy/animal.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';

/** Whether the sections of one side are the mirror image of those of the other. */
const isImage = (own: FleshSleeve, image: FleshSleeve, isMid: boolean): boolean =>
  own.stations.length === image.stations.length &&
  own.stations.every((station, k) => {
    const other = image.stations[k]!;
    const side = station.side ?? 0;
    return (
      (isMid ? side === 0 : side === -(other.side ?? 0)) &&
      station.at === other.at &&
      station.above === other.above &&
      station.below === other.below &&
      station.halfWidth === other.halfWidth &&
      station.widest === other.widest &&
      station.squareAbove === other.squareAbove &&
      station.squareBelow === other.squareBelow
    );
  });

/** Bones whose mirror image was asked before, by identity. */
const known = new WeakMap<Skeleton, boolean>();

/**
 * Whether the body is its own mirror image in the rest stance: it is by construction, until the user
 * shapes one side by itself or moves a section of the midline to one side.
 */
export function isMirrored(skeleton: Skeleton): boolean {
  const before = known.get(skeleton);
  if (before !== undefined) return before;
  const answer = skeleton.bones.every((bone) =>
    bone.flesh.every((flesh, i) => {
      // Curves are the animal's own, and alike on both sides.
      if ('curve' in flesh) return true;
      const image = skeleton.byId.get(bone.image)?.flesh[i];
      return image !== undefined && 'sleeve' in image && isImage(flesh, image, bone.side === 'mid');
    }),
  );
  known.set(skeleton, answer);
  return answer;
}
