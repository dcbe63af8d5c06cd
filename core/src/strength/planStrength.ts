import type { ContactKind } from '../anatomy/bodyPlan.ts';
import { alongBone, posedBone, type PosedBone } from '../anatomy/pose.ts';
import type { BalancePlan } from '../balance/planBalance.ts';
import type { BodyGrid, BoneMass } from '../body/bodyGrid.ts';
import { skinBox } from '../body/skin.ts';
import { skinDistance } from '../body/surfaceDistance.ts';
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
import { ironSupport, planIron } from './iron.ts';
import { strengthSnags } from './strengthSnags.ts';
import { jointSizes, jointWorkings, sagWorking, sizeWorkings } from './strengthWorkings.ts';

/** One of the wires at a joint. */
export interface Bearer {
  readonly wire: PlannedWire;
  readonly metal: Metal;
  readonly strands: number;
  readonly yieldNmm: number;
}

/** The wire that runs through a bone, at the joint where the bone starts. */
export interface WiredJoint {
  readonly boneId: string;
  readonly wire: PlannedWire;
  readonly metal: Metal;
  readonly strands: number;
  /** All wires that run through it, the strongest first, with the moment at which each yields. */
  readonly bearers: readonly Bearer[];
  readonly load: JointLoad;
  /** Moment at which the wire there yields, N·mm. */
  readonly yieldNmm: number;
  /** Depth of the bone's line below the skin where it is least, at its joint and its middle, mm. */
  readonly depthMm: number;
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
  /** The masses it was reckoned from. */
  readonly bones: readonly BoneMass[];
  /** What the back iron bears at the base; null without one. */
  readonly iron: Working | null;
}

/**
 * Strength of the armature under raw clay, which carries nothing itself: moments at every joint from
 * the flesh beyond it and the feet under it, against the yield of the strands there. After the bake
 * the clay carries too.
 */
export const planStrength = lastCall(strengthOf);

/** The same without a memory of the last call, to reckon other schemes beside the chosen one. */
export function strengthOf(
  choice: Piece['wire'],
  stance: StancePlan,
  wire: WirePlan,
  balance: BalancePlan,
  body: Pick<BodyGrid, 'bones'> | null,
): StrengthPlan {
  const { posed } = stance;
  const bones = body?.bones ?? thinSections(posed.skeleton);
  const volume = bones.reduce((sum, one) => sum + one.volumeMm3, 0) * posed.sizeFactor ** 3;
  const flesh = fleshLoads(posed, bones, balance.grams / volume);
  const resting = restingBones(stance);
  // Where the body lies on the ground, the ground carries it and its rods only hold it.
  // An iron carries all, and the feet only touch.
  const iron = wire.wires.find(({ kind }) => kind === 'iron');
  const pushes = (kind: ContactKind): boolean =>
    iron === undefined && (kind === 'foot' || (kind === 'rod' && resting.size === 0));
  const supports = balance.standing.flatMap(({ contact, ball }, i) =>
    pushes(contact.kind)
      ? [{ boneId: contact.bone, at: ball, grams: -(balance.reactions.held[i] ?? 0) }]
      : [],
  );
  const held = iron === undefined ? supports : [ironSupport(iron, balance.grams)];
  const loads = jointLoads(posed, flesh, held, resting);
  const joints = wiredJoints(stance, wire, loads, choice.ownMetals);
  const hanging = sags(posed, joints, stance);
  const ironPlan = iron && planIron(iron, choice, balance);
  return {
    joints,
    sags: hanging,
    workings: [
      ...joints.flatMap((joint) => [
        ...jointWorkings(joint, posed),
        ...jointSizes(joint, posed, choice.coverMm),
      ]),
      ...hanging.map(sagWorking),
      ...wire.wires.flatMap((one) => sizeWorkings(one, joints, choice)),
      ...(ironPlan?.workings ?? []),
    ],
    snags: [...strengthSnags(joints, wire.wires, choice, posed), ...(ironPlan?.snags ?? [])],
    bones,
    iron: ironPlan?.workings[0] ?? null,
  };
}

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

/** Places of a bone at which its flesh is looked at: its joint and its middle. */
const STATIONS = [0, 0.5] as const;

const depthOf = (bone: PosedBone, skin: StancePlan['skin']): number =>
  Math.min(...STATIONS.map((t) => -skinDistance(skin, alongBone(bone, t))));

/** Every joint that wires of the armature run through; where several do, they bear it together. */
function wiredJoints(
  { posed, skin }: StancePlan,
  { wires }: WirePlan,
  loads: ReadonlyMap<string, JointLoad>,
  own: Piece['wire']['ownMetals'],
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
