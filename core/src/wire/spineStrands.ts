import * as say from './words.ts';
import type { WireDecisions } from '../workshop/workpiece.ts';
import type { BodyPlan } from '../anatomy/bodyPlan.ts';

/** Strands that begin at one point of the spine's route and run on to the head. */
export interface StrandGroup {
  readonly count: number;
  readonly fromPoint: number;
  /** Where they begin, in words. */
  readonly from: string;
}

/** The strands of the spine: one from the tail end, and those that join it on the way. */
export interface SpineStrands {
  readonly groups: readonly StrandGroup[];
  /** Strands on each leg of the route; leg i is the i-th bone of the spine. */
  readonly strandsAt: readonly number[];
}

/** Index of the first neck bone of the spine: the one after the last that belongs to the trunk. */
export function neckFrom({ spine, parts, bones }: BodyPlan): number {
  const trunk = new Set(parts[0]?.keys ?? []);
  const keyOf = new Map(bones.map(({ id, key }) => [id, key]));
  return 1 + spine.findLastIndex((id) => trunk.has(keyOf.get(id) ?? ''));
}

/**
 * Where the strands of the spine begin. The tail carries one; the others join at its root, or, where
 * it is tapered, one after the other along it, so that it thins towards its tip. Strands for the neck
 * alone begin where the trunk ends.
 */
export function spineStrands(
  plan: BodyPlan,
  { spine, taperTail, neckStrands }: Pick<WireDecisions, 'spine' | 'taperTail' | 'neckStrands'>,
): SpineStrands {
  const more = spine.strands - 1;
  const tail = plan.tailBones.length;
  const groups: StrandGroup[] = [];
  if (taperTail && tail > 1)
    for (let k = 1; k <= more; k++) {
      const fromPoint = Math.min(tail, Math.round((tail * k) / (more + 1)));
      groups.push({
        count: 1,
        fromPoint,
        from: say.ofTailFromIts(Math.round((100 * fromPoint) / tail)),
      });
    }
  else if (more > 0)
    groups.push({
      count: more,
      fromPoint: tail,
      from: tail > 0 ? say.rootOfTail : say.tailEnd2,
    });
  const neck = neckFrom(plan);
  if (neckStrands > 0 && neck < plan.spine.length)
    groups.push({ count: neckStrands, fromPoint: neck, from: say.rootOfNeck });
  const strandsAt = plan.spine.map(
    (_, leg) =>
      1 + groups.reduce((sum, { count, fromPoint }) => sum + (leg >= fromPoint ? count : 0), 0),
  );
  return { groups, strandsAt };
}
