import type { WireDecisions } from '../workshop/workpiece.ts';
import { pegRef, sameRef } from '../wire/routeRef.ts';
import { posedBone } from '../anatomy/pose.ts';
import { bearingOf } from '../balance/bearing.ts';
import type { BalancePlan } from '../balance/balancePlan.ts';
import {
  remainingMoment,
  supportLoads,
  weightOf,
  type PlacedMass,
  type SupportLoad,
} from '../body/supports.ts';
import { length } from '../geometry/vec3.ts';
import { momentShares } from '../posing/supportShares.ts';
import type { Footfall, StancePlan } from '../stance/stancePlan.ts';
import { metalById } from '../wire/metals.ts';
import type { PlannedWire } from '../wire/plannedWire.ts';
import { roundSection } from '../wire/sections.ts';

/** A place at which the piece is held up: a foot, a rod, the iron. */
export interface HeldPlace extends SupportLoad {
  /** Contact, or "iron". */
  readonly id: string;
  readonly name: string;
  /** What goes into the base there; null where the foot only touches. */
  readonly wire: PlannedWire | null;
  /** All that is held, N, and the moment that the forces leave, N·mm. */
  readonly weightN: number;
  readonly restNmm: number;
  readonly forceShare: number;
  readonly momentShare: number;
  /** EI/L of what holds it, N·mm/rad: 0 for a bare contact, null where it is not known. */
  readonly stiffness: number | null;
  /** What bends it where it leaves the base, N·mm. */
  readonly baseNmm: number;
  /** From the base up to where it is bound or covered, mm. */
  readonly freeMm: number;
}

type Metals = WireDecisions['ownMetals'];

/** Where the body is held, and what each place does, so that it is at rest on its armature. */
export function heldPlaces(
  stance: StancePlan,
  wires: readonly PlannedWire[],
  balance: Pick<BalancePlan, 'standing' | 'resting'>,
  masses: readonly PlacedMass[],
  own: Metals,
): readonly HeldPlace[] {
  const { feet, shares, masses: borne } = bearingOf(balance.standing, masses, balance.resting);
  const iron = wires.find(({ kind }) => kind === 'iron');
  // An iron carries all, and the feet only touch.
  const places =
    iron === undefined
      ? feet.map((foot, i) => placeOf(stance, wires, foot, shares[i] ?? 0, own))
      : [ironPlace(iron, own)];
  const turning = momentShares(places.map(({ stiffness }) => stiffness));
  const shared = places.map((place, i) => ({ ...place, momentShare: turning[i]! }));
  const weightN = -weightOf(borne).upN;
  const restNmm = length(remainingMoment(borne, shared));
  return supportLoads(borne, shared).map((load, i): HeldPlace => ({
    ...shared[i]!,
    ...load,
    weightN,
    restNmm,
    baseNmm: length(load.momentNmm),
  }));
}

type Place = Omit<
  HeldPlace,
  'upN' | 'momentNmm' | 'baseNmm' | 'momentShare' | 'weightN' | 'restNmm'
>;

function ironPlace(iron: PlannedWire, own: Metals): Place {
  const [peg, meets] = iron.route.points;
  const freeMm = Math.max(1, meets!.at[1] - peg!.at[1]);
  return {
    id: 'iron',
    name: iron.name,
    boneId: iron.through[0]?.boneId ?? '',
    at: meets!.at,
    wire: iron,
    forceShare: 1,
    stiffness: bendingEi(iron, own) / freeMm,
    freeMm,
  };
}

function placeOf(
  stance: StancePlan,
  wires: readonly PlannedWire[],
  foot: Footfall,
  forceShare: number,
  own: Metals,
): Place {
  const { contact, ball, groundMm } = foot;
  const ref = pegRef(contact.id);
  const pegged = wires.filter(({ route }) => route.points.some((point) => sameRef(point.ref, ref)));
  // A rod beside a wire is what holds.
  const wire = pegged.find(({ kind }) => kind === 'rod') ?? pegged[0] ?? null;
  const top = wire?.kind === 'rod' ? wire.route.points.at(-1)!.at[1] : ball[1];
  const freeMm = Math.max(1, top - groundMm);
  return {
    id: contact.id,
    name: contact.name,
    boneId: contact.bone,
    at: ball,
    wire,
    forceShare,
    stiffness:
      wire === null
        ? 0
        : contact.kind === 'rod'
          ? bendingEi(wire, own) / freeMm
          : legStiffness(stance, wires, foot, own),
    freeMm,
  };
}

const bendingEi = ({ metal, diameterMm }: PlannedWire, own: Metals): number =>
  metalById(metal, own).eMPa[2] * roundSection(diameterMm).iMm4;

/**
 * Stiffness of a leg against turning at its foot, N·mm/rad: its bones one after the other, 1/Σ(L/EI),
 * with all wires that run through each (moment–area method). Null where a bone has no wire.
 */
function legStiffness(
  { posed }: StancePlan,
  wires: readonly PlannedWire[],
  { contact }: Footfall,
  own: Metals,
): number | null {
  const { plan } = posed.skeleton;
  const limb = plan.limbPairs
    .flatMap(({ left, right }) => [left, right])
    .find((pairLimb) => pairLimb.contact === contact.id);
  if (limb === undefined) return null;
  let softness = 0;
  for (const id of limb.bones) {
    const { bone } = posedBone(posed, id);
    const ei = wires.reduce((sum, wire) => {
      const here = wire.through.find(({ boneId }) => boneId === id);
      return here === undefined ? sum : sum + here.strands * bendingEi(wire, own);
    }, 0);
    if (ei === 0) return null;
    softness += (bone.lifeLengthMm * posed.sizeFactor) / ei;
  }
  return softness === 0 ? null : 1 / softness;
}
