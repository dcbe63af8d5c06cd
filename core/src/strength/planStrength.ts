import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { type WiredJoint } from './wiredJoint.ts';
import { least } from '../geometry/extremes.ts';
import { alongBone, posedBone, type PosedBone } from '../anatomy/pose.ts';
import type { BalancePlan } from '../balance/balancePlan.ts';
import { skinDistance } from '../body/surfaceDistance.ts';
import type { StageResult } from '../piece/stageResult.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import { metalById } from '../wire/metals.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import { yieldMomentNmm } from '../wire/sections.ts';
import { wireMasses } from '../wire/wireMasses.ts';
import { heldPlaces } from './heldPlaces.ts';
import { jointLoads, type JointLoad } from './jointLoads.ts';
import { planPegs, type Peg } from './pegs.ts';
import { sags, type Sag } from './sag.ts';
import { strengthSnags } from './strengthSnags.ts';
import { jointSizes, jointWorkings, sagWorking, sizeWorkings } from './strengthWorkings.ts';

/** How heavily a joint is loaded, in words for the legend. */
export const LOAD_CLASSES = [
  { id: 'ample', name: say.holdsThreeTimes, upTo: 1 / 3 },
  { id: 'enough', name: say.holds, upTo: 2 / 3 },
  { id: 'barely', name: say.justHolds, upTo: 1 },
  { id: 'gives', name: say.givesPropIt, upTo: Infinity },
] as const;
export type LoadClassId = (typeof LOAD_CLASSES)[number]['id'];

/** The class of a joint as posed. */
export const loadClass = ({ posedShare }: WiredJoint): LoadClassId =>
  LOAD_CLASSES.find(({ upTo }) => posedShare <= upTo)!.id;

/** What the bare wires carry under raw clay. */
export interface StrengthPlan extends StageResult {
  readonly joints: readonly WiredJoint[];
  /** Wires and rods where they leave the base. */
  readonly pegs: readonly Peg[];
  readonly sags: readonly Sag[];
}

/** What Strength reads. */
export interface StrengthInputs {
  readonly choice: Workpiece['wire'];
  readonly stance: StancePlan;
  readonly wire: WirePlan;
  readonly balance: BalancePlan;
}

/**
 * Strength of the armature under raw clay, which carries nothing itself: moments at every joint from
 * the flesh beyond it and the feet under it, against the yield of the strands there. After the bake
 * the clay carries too.
 */
export function planStrength({ choice, stance, wire, balance }: StrengthInputs): StrengthPlan {
  const { posed } = stance;
  const { flesh, resting, exact } = balance;
  // Thin sections are reckoned with the wires in them.
  const masses = exact ? [...flesh, ...wireMasses(stance, wire)] : flesh;
  const places = heldPlaces(stance, wire.wires, balance, masses, choice.ownMetals);
  const loads = jointLoads(posed, masses, places, resting);
  const joints = wiredJoints(stance, wire, loads, choice.ownMetals);
  const hanging = sags(posed, joints, stance);
  const { pegs, workings, snags } = planPegs(places, choice.ownMetals);
  return {
    joints,
    pegs,
    sags: hanging,
    workings: [
      ...workings,
      ...joints.flatMap((joint) => [
        ...jointWorkings(joint, posed, places),
        ...jointSizes(joint, posed),
      ]),
      ...hanging.flatMap((sag) => sagWorking(sag) ?? []),
      ...wire.wires.flatMap((wire) => sizeWorkings(wire, joints)),
    ],
    snags: [...strengthSnags(joints, wire.wires, choice, posed, pegs, hanging), ...snags],
  };
}

/** Places of a bone at which its flesh is looked at: its joint and its middle. */
const STATIONS = [0, 0.5] as const;

const depthOf = (bone: PosedBone, skin: StancePlan['skin']): number =>
  least(STATIONS.map((t) => -skinDistance(skin, alongBone(bone, t))));

/** Every joint that wires of the armature run through; where several do, they bear it together. */
function wiredJoints(
  { posed, skin }: StancePlan,
  { wires }: WirePlan,
  loads: ReadonlyMap<string, JointLoad>,
  own: Workpiece['wire']['ownMetals'],
): readonly WiredJoint[] {
  const { plan } = posed.skeleton;
  const trunk = new Set(plan.parts[0]?.keys ?? []);
  const found = new Map<string, WiredJoint>();
  for (const wire of wires) {
    const metal = metalById(wire.metal, own);
    for (const { boneId, strands } of wire.through) {
      const { bone } = posedBone(posed, boneId);
      const load = loads.get(boneId);
      if (bone.parent === null || load === undefined) continue;
      const before = found.get(boneId);
      const ownNmm = yieldMomentNmm(wire.diameterMm, metal.yieldMPa[2], strands);
      const yieldNmm = ownNmm + (before?.yieldNmm ?? 0);
      const isTrunk = bone.side === 'mid' && trunk.has(bone.key);
      // The stiffest of them names the joint.
      const leads = before === undefined || ownNmm > before.bearers[0]!.yieldNmm;
      const bearer = { wire, metal, strands, yieldNmm: ownNmm };
      const bearers = leads ? [bearer, ...(before?.bearers ?? [])] : [...before.bearers, bearer];
      found.set(boneId, {
        boneId,
        ...(leads
          ? { wire, metal, strands }
          : { wire: before.wire, metal: before.metal, strands: before.strands }),
        bearers,
        load,
        depthMm: before?.depthMm ?? depthOf(posedBone(posed, boneId), skin),
        yieldNmm,
        isTrunk,
        posedShare: load.stanceNmm / yieldNmm,
        turnedShare: isTrunk ? 0 : load.handlingNmm / yieldNmm,
      });
    }
  }
  return [...found.values()];
}
