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
      if ('sleeve' in flesh) {
        const image = skeleton.byId.get(bone.image)?.flesh[i];
        return (
          image !== undefined && 'sleeve' in image && isImage(flesh, image, bone.side === 'mid')
        );
      }
      if (!('stations' in flesh)) return true;
      if (bone.side === 'mid') return flesh.stations.every((station) => station.side === 0);
      const image = skeleton.byId.get(bone.image)?.flesh[i];
      return (
        image !== undefined &&
        'stations' in image &&
        !('sleeve' in image) &&
        image.stations.length === flesh.stations.length &&
        image.stations.every((station, k) => {
          const own = flesh.stations[k]!;
          return (
            station.at === own.at &&
            station.halfDepth === own.halfDepth &&
            station.halfWidth === own.halfWidth &&
            station.squareness === own.squareness &&
            station.up === own.up &&
            station.side === -own.side
          );
        })
      );
    }),
  );
  known.set(skeleton, answer);
  return answer;
}
