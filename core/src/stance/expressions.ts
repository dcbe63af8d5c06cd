import type { FreedomName } from '../anatomy/bodyPlan.ts';
import type { JointAngles } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';

/** A face to start from: mouth, ears and lids. Angles in degrees from rest. */
export interface Expression {
  readonly id: (typeof EXPRESSIONS)[number]['id'];
  /** How far the mouth is open. */
  readonly gapeDeg: number;
  /** The ears backward, and inward. */
  readonly earsDeg: { readonly flexion: number; readonly abduction: number };
  /** How far the lids are open, as a share of how the animal is told. */
  readonly lids: number;
}

/**
 * Faces as animals make them, from general knowledge of dogs, deer, cats and crocodiles (memory): ears go
 * forward when it listens and back when it threatens; lids close a little at rest and open wide in alarm.
 */
export const EXPRESSIONS = [
  { id: 'calm', gapeDeg: 0, earsDeg: { flexion: 0, abduction: -12 }, lids: 0.78 },
  { id: 'alert', gapeDeg: 0, earsDeg: { flexion: -14, abduction: 8 }, lids: 1.12 },
  { id: 'threatening', gapeDeg: 26, earsDeg: { flexion: 38, abduction: -14 }, lids: 0.9 },
  { id: 'feeding', gapeDeg: 13, earsDeg: { flexion: 8, abduction: -10 }, lids: 0.85 },
] as const;

/** Whether a body has a face that moves. */
export const hasFaceJoints = ({ bones }: Skeleton): boolean =>
  bones.some(({ key }) => key === 'jaw' || key === 'ear');

/** The angles of an expression on a body, by joint, held to the limits of each. */
export function expressionAngles(skeleton: Skeleton, of: Expression): JointAngles {
  const angles: Record<string, Partial<Record<FreedomName, number>>> = {};
  for (const { id, key, joint } of skeleton.bones) {
    const wanted = key === 'jaw' ? { flexion: of.gapeDeg } : key === 'ear' ? of.earsDeg : undefined;
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
): Expression | undefined {
  return EXPRESSIONS.find((of) => {
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
