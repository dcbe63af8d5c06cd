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
      input('M', what, momentNmm, 'Nmm', 'derived'),
      ...(id === 'posed' ? beyond.flatMap(shareInputs) : []),
      input('n', 'Strands there, which may slip', joint.strands, 'count', 'own'),
      input('d', `Wire ${joint.wire.id}`, joint.wire.diameterMm, 'mm', 'own'),
      input('Y', `Yield of ${joint.metal.name}`, joint.metal.yieldMPa[2], 'MPa', 'memory'),
      ...joint.bearers
        .slice(1)
        .map(({ wire, yieldNmm }) =>
          input('Mᵢ', `${wire.id} beside it yields at`, yieldNmm, 'Nmm', 'derived'),
        ),
    ],
    source:
      'statics and strength of materials; raw clay carries nothing, a peg holds against turning and a bare foot does not; over 100 % the wire gives',
    target,
  });
  return [
    working('posed', 'as posed', joint.load.stanceNmm, 'Moment of all that lies beyond'),
    ...(joint.isTrunk
      ? []
      : [
          working(
            'turned',
            'turned over',
            joint.load.handlingNmm,
            'Moment, held by the trunk, the worst way up',
          ),
        ]),
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
  input('φ', `Share of the weight on the ${name}`, forceShare, 'ratio' as const, 'derived'),
  input('μ', `Share of the moment that remains, there`, momentShare, 'ratio' as const, 'derived'),
];

/** The thinnest wire that holds at one joint, and the thickest that the flesh along its bone covers. */
export function jointSizes(joint: WiredJoint, posed: PosedSkeleton): readonly Working[] {
  const { coverWantedMm: coverMm } = joint.wire;
  const { bone } = posedBone(posed, joint.boneId);
  const place = `${bone.joint.name}${bone.side === 'mid' ? '' : `, ${bone.side}`}`;
  const target = { kind: 'bone', id: joint.boneId } as const;
  const strands = input('n', 'Strands there', joint.strands, 'count', 'own');
  return [
    {
      ...common,
      id: `strength.${joint.boneId}.least`,
      label: `${place}, thinnest that holds here`,
      value: neededMm(joint, joint.metal),
      unit: 'mm',
      digits: 2,
      formula: 'd = ∛(32 · max(f · M, M_turned) / (n · π · Y))',
      inputs: [
        input('f', 'Times its load as posed', WANTED_FACTOR, 'ratio', 'memory'),
        input('M', 'Moment as posed', joint.load.stanceNmm, 'Nmm', 'derived'),
        input('M_turned', 'Moment turned over', turnedNmm(joint), 'Nmm', 'derived'),
        strands,
        input('Y', `Yield of ${joint.metal.name}`, joint.metal.yieldMPa[2], 'MPa', 'memory'),
      ],
      source: 'strength of materials; half as much again as it must hold is common practice',
      target,
    },
    {
      ...common,
      id: `strength.${joint.boneId}.most`,
      label: `${place}, thickest that fits here`,
      value: Math.max(0, (2 * (joint.depthMm - coverMm)) / ropeDiameterMm(joint.strands, 1)),
      unit: 'mm',
      digits: 2,
      formula: 'd = max(0, 2 · (depth − cover) / s)',
      inputs: [
        input('depth', 'Bone below the skin, at its least', joint.depthMm, 'mm', 'derived'),
        input('cover', 'Cover wanted', coverMm, 'mm', 'own'),
        input(
          's',
          'Strands as a rope, in wires',
          ropeDiameterMm(joint.strands, 1),
          'ratio',
          'derived',
        ),
      ],
      source: 'the sections of the body, at the joint and in the middle of its bone',
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
        label: `${name} hangs lower by`,
        value: mm,
        unit: 'mm',
        reading: {
          method: 'moment and way to the end over stiffness, added up along every wire on the way',
          resolution: 'one step for each bone, within which the moment runs straight',
          checkedBy: 'core/src/strength/strength.test.ts',
        },
        inputs: [],
        source: 'moment–area method with E from memory; elastic, as every wire on the way holds',
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
      label: `${wire.id}, thinnest that holds`,
      value: leastMm,
      unit: 'mm',
      digits: 2,
      formula: 'd = ∛(32 · max(f · M, M_turned) / (n · π · Y))',
      inputs: [
        input('f', 'Times its load as posed', WANTED_FACTOR, 'ratio', 'memory'),
        input('M', 'Moment as posed', at.load.stanceNmm, 'Nmm', 'derived'),
        input('M_turned', 'Moment turned over', turnedNmm(at), 'Nmm', 'derived'),
        input('n', 'Strands', at.strands, 'count', 'own'),
        input('Y', `Yield of ${at.metal.name}`, at.metal.yieldMPa[2], 'MPa', 'memory'),
      ],
      source: 'strength of materials; half as much again as it must hold is common practice',
      target: { kind: 'bone', id: at.boneId },
    },
    {
      ...common,
      id: `strength.${wire.id}.most`,
      label: `${wire.id}, thickest that the clay covers`,
      value: mostMm,
      unit: 'mm',
      digits: 2,
      formula: 'd = max(0, (D + r) / s)',
      inputs: [
        input('D', 'Thickness of the wire there', there.ropeMm, 'mm', 'derived'),
        input('r', 'What may be added before the cover is too thin', wire.spareMm, 'mm', 'derived'),
        input('s', 'Strands there as a rope, in wires', there.inWires, 'ratio', 'derived'),
      ],
      source: 'the sections of the body',
      target,
    },
  ];
}
