import type { ContactKind } from '../anatomy/bodyPlan.ts';
import { otherSide } from '../anatomy/plans/kit/bilateral.ts';
import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { BalancePlan } from '../balance/planBalance.ts';
import type { BodyGrid } from '../body/bodyGrid.ts';
import { skinBox } from '../body/skin.ts';
import { thinSections } from '../body/thinSections.ts';
import { groundHeight } from '../posing/ground.ts';
import { lastCall } from '../piece/lastCall.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import type { Snag } from '../piece/snag.ts';
import type { Working } from '../piece/working.ts';
import type { StancePlan } from '../stance/planStance.ts';
import { metalById, type Metal } from '../wire/metals.ts';
import type { PlannedWire } from '../wire/plannedWire.ts';
import type { WirePlan } from '../wire/planWire.ts';
import { fleshLoads, jointLoads, type JointLoad } from './jointLoads.ts';
import { yieldMomentNmm } from './sections.ts';
import { sags, type Sag } from './sag.ts';
import { strengthSnags } from './strengthSnags.ts';
import { jointWorkings, sagWorking, sizeWorkings } from './strengthWorkings.ts';

/** The wire that runs through a bone, at the joint where the bone starts. */
export interface WiredJoint {
  readonly boneId: string;
  readonly wire: PlannedWire;
  readonly metal: Metal;
  readonly strands: number;
  readonly load: JointLoad;
  /** Moment at which the wire there yields, N·mm. */
  readonly yieldNmm: number;
  /** Held by the hand there when the piece is turned over: only what hangs on it counts. */
  readonly isTrunk: boolean;
  /** Shares of the yield moment: as posed, and turned over. */
  readonly posedShare: number;
  readonly turnedShare: number;
}

/** How heavily a joint is loaded, in words for the legend. */
export const LOAD_CLASSES = [
  { id: 'ample', name: 'holds three times and more', upTo: 1 / 3 },
  { id: 'enough', name: 'holds', upTo: 2 / 3 },
  { id: 'barely', name: 'just holds', upTo: 1 },
  { id: 'gives', name: 'gives: prop it until the clay is baked', upTo: Infinity },
] as const;
export type LoadClassId = (typeof LOAD_CLASSES)[number]['id'];

/** The class of a joint as posed. */
export const loadClass = ({ posedShare }: WiredJoint): LoadClassId =>
  LOAD_CLASSES.find(({ upTo }) => posedShare <= upTo)!.id;

/** What the bare wires carry under raw clay. */
export interface StrengthPlan {
  readonly joints: readonly WiredJoint[];
  readonly sags: readonly Sag[];
  readonly workings: readonly Working[];
  readonly snags: readonly Snag[];
}

/**
 * Strength of the armature under raw clay, which carries nothing itself: moments at every joint from
 * the flesh beyond it and the feet under it, against the yield of the strands there. After the bake
 * the clay carries too.
 */
export const planStrength = lastCall(
  (
    choice: Piece['wire'],
    stance: StancePlan,
    wire: WirePlan,
    balance: BalancePlan,
    body: BodyGrid | null,
  ): StrengthPlan => {
    const { posed } = stance;
    const bones = body?.bones ?? thinSections(posed.skeleton);
    const volume = bones.reduce((sum, one) => sum + one.volumeMm3, 0) * posed.sizeFactor ** 3;
    const flesh = fleshLoads(posed, bones, balance.grams / volume);
    const resting = restingBones(stance);
    // Where the body lies on the ground, the ground carries it and its rods only hold it.
    const pushes = (kind: ContactKind): boolean =>
      kind === 'foot' || (kind === 'rod' && resting.size === 0);
    const supports = balance.standing.flatMap(({ contact, ball }, i) =>
      pushes(contact.kind)
        ? [{ boneId: contact.bone, at: ball, grams: -(balance.reactions.held[i] ?? 0) }]
        : [],
    );
    const loads = jointLoads(posed, flesh, supports, resting);
    const joints = wiredJoints(posed, wire, loads);
    const hanging = sags(posed, joints, stance);
    return {
      joints,
      sags: hanging,
      workings: [
        ...joints.flatMap((joint) => jointWorkings(joint, posed)),
        ...hanging.map(sagWorking),
        ...wire.wires.flatMap((one) => sizeWorkings(one, joints, choice)),
      ],
      snags: strengthSnags(joints, wire.wires, choice, posed),
    };
  },
);

/** Skin this near to the ground lies on it, mm. */
const LIES_MM = 1;

/**
 * Bones whose flesh lies on the ground by itself: a belly, a tail, a coil. Of a body that lies, the
 * ground carries trunk and limbs, and only neck, head and tail can hang over.
 */
function restingBones({ skin, ground, posed, feet }: StancePlan): ReadonlySet<string> {
  const { plan, bones } = posed.skeleton;
  const soles = new Set(plan.contacts.flatMap(({ bone, kind }) => (kind === 'foot' ? [bone] : [])));
  const lying = new Set(
    skin.flatMap((part) => {
      const { min, max } = skinBox([part]);
      const gap = min[1] - groundHeight(ground, (min[0] + max[0]) / 2);
      return gap <= LIES_MM && !soles.has(part.boneId) ? [part.boneId] : [];
    }),
  );
  const stands = feet.some(
    ({ contact, down, touches }) => contact.kind === 'foot' && down && touches,
  );
  if (stands || lying.size === 0) return lying;
  const carried = new Set(
    plan.parts.flatMap(({ kind, keys }) => (kind === 'trunk' || kind === 'limbs' ? keys : [])),
  );
  return new Set([...lying, ...bones.filter(({ key }) => carried.has(key)).map(({ id }) => id)]);
}

/** Every joint that a wire of the armature runs through. */
function wiredJoints(
  posed: PosedSkeleton,
  { wires }: WirePlan,
  loads: ReadonlyMap<string, JointLoad>,
): readonly WiredJoint[] {
  const { plan } = posed.skeleton;
  const trunk = new Set(plan.parts[0]?.keys ?? []);
  const through = (wire: PlannedWire): readonly { boneId: string; strands: number }[] => {
    if (wire.kind === 'spine')
      return plan.spine.map((boneId) => ({
        boneId,
        strands: plan.tailBones.includes(boneId) ? 1 : wire.strands,
      }));
    const pair = plan.limbPairs.find(({ name }) => name === wire.name);
    return (pair?.bonesLeft ?? []).flatMap((id) =>
      [id, otherSide(id)].map((boneId) => ({ boneId, strands: wire.strands })),
    );
  };
  return wires.flatMap((wire) =>
    through(wire).flatMap(({ boneId, strands }): WiredJoint[] => {
      const { bone } = posedBone(posed, boneId);
      const load = loads.get(boneId);
      if (bone.parent === null || load === undefined) return [];
      const metal = metalById(wire.metal);
      const yieldNmm = yieldMomentNmm(wire.diameterMm, metal.yieldMPa[2], strands);
      const isTrunk = bone.side === 'mid' && trunk.has(bone.key);
      return [
        {
          boneId,
          wire,
          metal,
          strands,
          load,
          yieldNmm,
          isTrunk,
          posedShare: load.stanceNmm / yieldNmm,
          turnedShare: isTrunk ? 0 : load.handlingNmm / yieldNmm,
        },
      ];
    }),
  );
}
