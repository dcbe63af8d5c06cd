import type { ExpressionSpec, FreedomName } from '../anatomy/bodyPlan.ts';
import type { JointAngles } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';

/** Whether a body has anything that an expression moves. */
export const hasFaceJoints = (skeleton: Skeleton): boolean =>
  skeleton.plan.expressions.some((of) => Object.keys(expressionAngles(skeleton, of)).length > 0);

/** The angles of an expression on a body, by joint, held to the limits of each. */
export function expressionAngles(skeleton: Skeleton, of: ExpressionSpec): JointAngles {
  const angles: Record<string, Partial<Record<FreedomName, number>>> = {};
  for (const { id, key, joint } of skeleton.bones) {
    const wanted = of.angles[key];
    if (wanted === undefined) continue;
    angles[id] = Object.fromEntries(
      Object.entries(wanted).flatMap(([name, deg]) => {
        const freedom = joint.freedoms[name as FreedomName];
        return freedom === undefined
          ? []
          : [[name, Math.min(freedom.maxDeg, Math.max(freedom.minDeg, deg))]];
      }),
    );
  }
  return angles;
}

/** The expression that a stance shows, undefined for a face of the user's own. */
export function expressionOf(
  skeleton: Skeleton,
  stance: { readonly anglesDeg: JointAngles; readonly lids: number },
): ExpressionSpec | undefined {
  return skeleton.plan.expressions.find((of) => {
    const angles = Object.entries(expressionAngles(skeleton, of));
    return (
      of.lids === stance.lids &&
      angles.every(([id, wanted]) =>
        Object.entries(wanted).every(
          ([name, deg]) => (stance.anglesDeg[id]?.[name as FreedomName] ?? 0) === deg,
        ),
      )
    );
  });
}
