import type { WireDecisions } from '../workshop/workpiece.ts';
import { greatest } from '../geometry/extremes.ts';
import { posedBone } from '../anatomy/pose.ts';
import { firstMasses } from '../body/firstMasses.ts';
import { centreOfMass } from '../body/massCentre.ts';
import { remainingMoment, weightOf } from '../body/supports.ts';
import { length } from '../geometry/vec3.ts';
import { forceShares } from '../posing/supportShares.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import { restingBones } from '../stance/restingBones.ts';
import { metalById } from './metals.ts';
import { diameterForBuckling, diameterForMoment } from './sections.ts';

/** Rods that shops have, mm: common practice. */
export const ROD_SIZES_MM = [1.2, 1.6, 2, 2.5, 3, 4, 5, 6, 8, 10, 12] as const;
/** A rod yields at this many times its load, and buckles at this many: common practice. */
export const ROD_FACTORS = { bending: 1.5, buckling: 2 } as const;

/** A rod that carries: force in N and moment in N·mm at the base, and how long it stands free, mm. */
export interface RodLoad {
  readonly forceN: number;
  readonly momentNmm: number;
  readonly freeMm: number;
}

/** Thinnest rod in mm that bears a load with its factors: by yield and by Euler's buckling load. */
export function neededRodMm(
  { forceN, momentNmm, freeMm }: RodLoad,
  metal: { readonly eMPa: readonly number[]; readonly yieldMPa: readonly number[] },
): number {
  return Math.max(
    diameterForMoment(ROD_FACTORS.bending * momentNmm, metal.yieldMPa[2]!),
    diameterForBuckling(ROD_FACTORS.buckling * Math.max(0, forceN), metal.eMPa[2]!, freeMm),
  );
}

/**
 * The rod that a stance asks for, mm: the thinnest of the shop that bears what it would carry, by thin
 * sections of one density, before the body is worked out. `ironAt` is where a back iron meets the trunk.
 */
export function suggestedRodMm(
  stance: StancePlan,
  wire: Pick<WireDecisions, 'rod' | 'ownMetals'>,
  ironAt: readonly [x: number, y: number, z: number] | null,
): number {
  const metal = metalById(wire.rod.metal, wire.ownMetals);
  const needed = Math.max(
    0,
    greatest(rodLoads(stance, ironAt).map((load) => neededRodMm(load, metal))),
  );
  return ROD_SIZES_MM.find((mm) => mm >= needed) ?? ROD_SIZES_MM.at(-1)!;
}

function rodLoads(stance: StancePlan, ironAt: Parameters<typeof suggestedRodMm>[2]): RodLoad[] {
  const resting = restingBones(stance);
  const masses = firstMasses(stance.posed).filter(({ boneId }) => !resting.has(boneId));
  const centre = centreOfMass(masses.map(({ at, grams }) => ({ at, mass: grams })));
  if (centre === undefined) return [];
  const weightN = -weightOf(masses).upN;
  if (ironAt !== null) {
    const leverMm = Math.hypot(centre[0] - ironAt[0], centre[2] - ironAt[2]);
    return [{ forceN: weightN, momentNmm: weightN * leverMm, freeMm: Math.max(1, ironAt[1]) }];
  }
  const feet = stance.feet.filter(
    ({ contact, down, touches }) =>
      down &&
      touches &&
      (contact.kind === 'foot' || (contact.kind === 'rod' && resting.size === 0)),
  );
  const shares = forceShares(
    feet.map(({ ball }) => [ball[0], ball[2]] as const),
    [centre[0], centre[2]],
  );
  const supports = feet.map(({ ball }, i) => ({ at: ball, forceShare: shares[i]! }));
  const each = length(remainingMoment(masses, supports)) / Math.max(1, feet.length);
  return feet.map(({ contact, ball, groundMm }, i): RodLoad => {
    // A rod in a leg stands free up to where the leg begins, on the safe side.
    const top = contact.kind === 'foot' ? legTop(stance, contact.bone) : ball[1];
    return {
      forceN: weightN * shares[i]!,
      momentNmm: each,
      freeMm: Math.max(1, top - groundMm),
    };
  });
}

/** Height at which the limb of a foot begins. */
function legTop({ posed }: StancePlan, boneId: string): number {
  let at = posedBone(posed, boneId);
  while (at.bone.side !== 'mid' && at.bone.parent !== null) {
    const up = posedBone(posed, at.bone.parent);
    if (up.bone.side === 'mid') break;
    at = up;
  }
  return at.start[1];
}
