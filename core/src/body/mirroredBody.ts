import type { Skeleton } from '../anatomy/skeleton.ts';

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
      if (!('stations' in flesh)) return true;
      if (bone.side === 'mid') return flesh.stations.every((station) => station.side === 0);
      const image = skeleton.byId.get(bone.image)?.flesh[i];
      return (
        image !== undefined &&
        'stations' in image &&
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
