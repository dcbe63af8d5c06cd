import * as say from './words.ts';
import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { input, type Working } from '../piece/working.ts';
import type { PlannedWire } from '../wire/plannedWire.ts';
import type { HeldPlace } from './heldPlaces.ts';
import type { WiredJoint } from './wiredJoint.ts';
import type { Sag } from './sag.ts';
import { ropeDiameterMm } from '../wire/twist.ts';
import { neededMm, WANTED_FACTOR, wireSizes } from './sizes.ts';

const common = { stage: 'wire', provenance: 'derived' } as const;

/** What a joint's wire bears as posed, and when the piece is turned over, as shares of its yield. */
export function jointWorkings(
  joint: WiredJoint,
  posed: PosedSkeleton,
  places: readonly HeldPlace[],
): readonly Working[] {
  const { bone } = posedBone(posed, joint.boneId);
  const side = bone.side === 'mid' ? '' : `, ${bone.side}`;
  const target = { kind: 'bone', id: joint.boneId } as const;
  const beyond = places.filter(({ boneId }) => hangsOn(posed, boneId, joint.boneId));
  const working = (id: string, label: string, momentNmm: number, what: string): Working => ({
    ...common,
    id: `strength.${joint.boneId}.${id}`,
    label: `${bone.joint.name}${side}, ${label}`,
    value: (100 * momentNmm) / joint.yieldNmm,
    unit: 'percent',
    formula: 'share = M / (n · Y · π · d³ / 32 + Σ Mᵢ)',
    inputs: [
      input('M', what, momentNmm, say.nmm, 'derived'),
      ...(id === 'posed' ? beyond.flatMap(shareInputs) : []),
      input('n', say.strandsThereWhichMay, joint.strands, 'count', 'own'),
      input('d', say.wire(joint.wire.id), joint.wire.diameterMm, 'mm', 'own'),
      input('Y', say.yieldOf(joint.metal.name), joint.metal.yieldMPa[2], say.mpa, 'memory'),
      ...joint.bearers
        .slice(1)
        .map(({ wire, yieldNmm }) =>
          input('Mᵢ', say.besideItYieldsAt(wire.id), yieldNmm, say.nmm, 'derived'),
        ),
    ],
    source: say.staticsAndStrengthOfMaterials,
    target,
  });
  return [
    working('posed', say.asPosed, joint.load.stanceNmm, say.momentOfAllThat),
    ...(joint.isTrunk
      ? []
      : [working('turned', say.turnedOver, joint.load.handlingNmm, say.momentHeldByTrunk)]),
  ];
}

/** The moment of a joint that the trunk holds when the piece is turned over; none in the trunk. */
const turnedNmm = (joint: WiredJoint): number => (joint.isTrunk ? 0 : joint.load.handlingNmm);

/** Whether a bone is another one or hangs on it. */
function hangsOn(posed: PosedSkeleton, boneId: string, on: string): boolean {
  for (let id: string | null = boneId; id !== null; id = posedBone(posed, id).bone.parent)
    if (id === on) return true;
  return false;
}

/** How a foot beyond a joint shares in what is held. */
const shareInputs = ({ name, forceShare, momentShare }: HeldPlace) => [
  input('φ', say.shareOfWeightOn(name), forceShare, 'ratio' as const, 'derived'),
  input('μ', say.shareOfMomentThatRemains, momentShare, 'ratio' as const, 'derived'),
];

/** The thinnest wire that holds at one joint, and the thickest that the flesh along its bone covers. */
export function jointSizes(joint: WiredJoint, posed: PosedSkeleton): readonly Working[] {
  const { coverWantedMm: coverMm } = joint.wire;
  const { bone } = posedBone(posed, joint.boneId);
  const place = `${bone.joint.name}${bone.side === 'mid' ? '' : `, ${bone.side}`}`;
  const target = { kind: 'bone', id: joint.boneId } as const;
  const strands = input('n', say.strandsThere, joint.strands, 'count', 'own');
  return [
    {
      ...common,
      id: `strength.${joint.boneId}.least`,
      label: say.thinnestThatHoldsHere(place),
      value: neededMm(joint, joint.metal),
      unit: 'mm',
      digits: 2,
      formula: 'd = ∛(32 · max(f · M, M_turned) / (n · π · Y))',
      inputs: [
        input('f', say.timesItsLoadAs, WANTED_FACTOR, 'ratio', 'memory'),
        input('M', say.momentAsPosed, joint.load.stanceNmm, say.nmm, 'derived'),
        input('M_turned', say.momentTurnedOver, turnedNmm(joint), say.nmm, 'derived'),
        strands,
        input('Y', say.yieldOf(joint.metal.name), joint.metal.yieldMPa[2], say.mpa, 'memory'),
      ],
      source: say.strengthOfMaterialsHalf,
      target,
    },
    {
      ...common,
      id: `strength.${joint.boneId}.most`,
      label: say.thickestThatFitsHere(place),
      value: Math.max(0, (2 * (joint.depthMm - coverMm)) / ropeDiameterMm(joint.strands, 1)),
      unit: 'mm',
      digits: 2,
      formula: 'd = max(0, 2 · (depth − cover) / s)',
      inputs: [
        input('depth', say.boneBelowSkinAt, joint.depthMm, 'mm', 'derived'),
        input('cover', say.coverWanted, coverMm, 'mm', 'own'),
        input('s', say.strandsAsRopeIn, ropeDiameterMm(joint.strands, 1), 'ratio', 'derived'),
      ],
      source: say.sectionsOfBodyAt,
      target,
    },
  ];
}

/** How far an end hangs; undefined where a wire on the way gives, which is told as a snag. */
export const sagWorking = ({ boneId, name, mm }: Sag): Working | undefined =>
  mm === null
    ? undefined
    : {
        ...common,
        id: `strength.sag.${boneId}`,
        label: say.hangsLowerBy(name),
        value: mm,
        unit: 'mm',
        reading: {
          method: say.momentAndWayTo,
          resolution: say.oneStepForEach,
          checkedBy: 'core/src/strength/strength.test.ts',
        },
        inputs: [],
        source: say.momentAreaMethodWith,
        target: { kind: 'bone', id: boneId },
      };

/** The thinnest wire that holds, and the thickest that the clay covers. */
export function sizeWorkings(wire: PlannedWire, joints: readonly WiredJoint[]): readonly Working[] {
  const { leastMm, at, mostMm, there } = wireSizes(wire, joints, []);
  if (at === undefined) return [];
  const target = { kind: 'wire', id: wire.id } as const;
  return [
    {
      ...common,
      id: `strength.${wire.id}.least`,
      label: say.thinnestThatHolds(wire.id),
      value: leastMm,
      unit: 'mm',
      digits: 2,
      formula: 'd = ∛(32 · max(f · M, M_turned) / (n · π · Y))',
      inputs: [
        input('f', say.timesItsLoadAs, WANTED_FACTOR, 'ratio', 'memory'),
        input('M', say.momentAsPosed, at.load.stanceNmm, say.nmm, 'derived'),
        input('M_turned', say.momentTurnedOver, turnedNmm(at), say.nmm, 'derived'),
        input('n', say.strands, at.strands, 'count', 'own'),
        input('Y', say.yieldOf(at.metal.name), at.metal.yieldMPa[2], say.mpa, 'memory'),
      ],
      source: say.strengthOfMaterialsHalf,
      target: { kind: 'bone', id: at.boneId },
    },
    {
      ...common,
      id: `strength.${wire.id}.most`,
      label: say.thickestThatClayCovers(wire.id),
      value: mostMm,
      unit: 'mm',
      digits: 2,
      formula: 'd = max(0, (D + r) / s)',
      inputs: [
        input('D', say.thicknessOfWireThere, there.ropeMm, 'mm', 'derived'),
        input('r', say.whatMayBeAdded, wire.spareMm, 'mm', 'derived'),
        input('s', say.strandsThereAsRope, there.inWires, 'ratio', 'derived'),
      ],
      source: say.sectionsOfBody,
      target,
    },
  ];
}
