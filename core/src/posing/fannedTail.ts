import type { Flesh } from '../anatomy/animal.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';

/** Feathers that slide apart lie less deep over each other, but no thinner than this share of the closed tail. */
const LEAST_THICK = 0.4;

const known = new WeakMap<Skeleton, Map<number, Skeleton>>();

/**
 * The skeleton with its tail feathers spread: at the tip so many times as wide as closed, as wide as ever at their
 * root, and thinner as they slide apart. The same for 1, and for a plan without a fan. Remembered by skeleton.
 */
export function fannedTail(skeleton: Skeleton, fan: number): Skeleton {
  const key = skeleton.plan.fan;
  if (fan === 1 || key === undefined) return skeleton;
  const fans = known.get(skeleton) ?? new Map<number, Skeleton>();
  known.set(skeleton, fans);
  const before = fans.get(fan);
  if (before !== undefined) return before;
  const bones = skeleton.bones.map((bone) =>
    bone.key === key ? { ...bone, flesh: bone.flesh.map((of) => spread(of, fan)) } : bone,
  );
  const fanned = { ...skeleton, bones, byId: new Map(bones.map((bone) => [bone.id, bone])) };
  fans.set(fan, fanned);
  return fanned;
}

function spread(flesh: Flesh, fan: number): Flesh {
  if (!('sleeve' in flesh)) return flesh;
  const stations = flesh.stations.map((station) => {
    const wider = 1 + (fan - 1) * Math.min(1, Math.max(0, station.at));
    const thinner = Math.max(LEAST_THICK, 1 / wider);
    return {
      ...station,
      above: station.above * thinner,
      below: station.below * thinner,
      halfWidth: station.halfWidth * wider,
    };
  });
  return { ...flesh, stations };
}
