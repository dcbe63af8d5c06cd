import { add, cross, ORIGIN, scale, sub, type Vec3 } from '../geometry/vec3.ts';
import { newtons } from '../units/gravity.ts';

/** A weight at a place of a posed body, mm and g. It belongs to a bone, whose joints carry it. */
export interface PlacedMass {
  readonly boneId: string;
  readonly at: Vec3;
  readonly grams: number;
}

/** What holds a body up, by its shares of what is to be held. */
export interface Support {
  readonly boneId: string;
  /** Where it pushes, mm. */
  readonly at: Vec3;
  /** Share of the whole weight. */
  readonly forceShare: number;
  /** Share of the moment that remains once the forces are taken; 0 for a bare contact. */
  readonly momentShare: number;
}

/** What a support does: it pushes up, N, and may hold against turning, N·mm about its own place. */
export interface SupportLoad {
  readonly boneId: string;
  readonly at: Vec3;
  readonly upN: number;
  readonly momentNmm: Vec3;
}

/** Moment in N·mm about the origin of an upward force in N at a place in mm: r × F. */
export const upwardMoment = (at: Vec3, upN: number): Vec3 => cross(at, [0, upN, 0]);

/** Sum of weights: force upward (so less than nothing), N, and moment about the origin, N·mm. */
export function weightOf(masses: readonly PlacedMass[]): {
  readonly upN: number;
  readonly momentNmm: Vec3;
} {
  let upN = 0;
  let momentNmm: Vec3 = ORIGIN;
  for (const { at, grams } of masses) {
    const downN = newtons(grams);
    upN -= downN;
    momentNmm = add(momentNmm, upwardMoment(at, -downN));
  }
  return { upN, momentNmm };
}

/**
 * What each support of a body at rest does: the forces by their shares of the weight, and of the moment
 * that then remains, −(Σ rᵢ × Fᵢ + Σ r × W), its share of the moment (statics: upward forces only).
 */
export function supportLoads(
  masses: readonly PlacedMass[],
  supports: readonly Support[],
): readonly SupportLoad[] {
  const weight = weightOf(masses);
  const remains = scale(remainingMoment(masses, supports), -1);
  return supports.map(({ boneId, at, forceShare, momentShare }) => ({
    boneId,
    at,
    upN: -weight.upN * forceShare,
    momentNmm: scale(remains, momentShare),
  }));
}

/** What weights and forces turn a body by, N·mm: the supports have to hold against it. */
export function remainingMoment(
  masses: readonly PlacedMass[],
  supports: readonly Pick<Support, 'at' | 'forceShare'>[],
): Vec3 {
  const { upN, momentNmm } = weightOf(masses);
  return supports.reduce<Vec3>(
    (sum, { at, forceShare }) => add(sum, upwardMoment(at, -upN * forceShare)),
    momentNmm,
  );
}

/** Moment about another place: M′ = M + (r − r′) × F, with the moment of an upward force. */
export const movedMoment = (momentNmm: Vec3, upN: number, from: Vec3, to: Vec3): Vec3 =>
  add(momentNmm, upwardMoment(sub(from, to), upN));
