import type { Skeleton } from '../anatomy/skeleton.ts';
import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { ContactSpec, FreedomName } from '../anatomy/bodyPlan.ts';
import { isAloft, liftedIn, presetOf, settledStance, stanceAngles } from '../body/settledStance.ts';
import { bodyBox, posedBlades, type PosedBlade } from '../body/blades.ts';
import { padRadiusMm, skinParts, type SkinPart } from '../body/skin.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import { lastCall } from '../piece/lastCall.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import type { Snag } from '../piece/snag.ts';
import { asInput, input, type Working } from '../piece/working.ts';

/** A foot counts as touching within this gap: less than a fingernail of clay takes up. */
export const TOUCH_MM = 0.5;

/** A foot in the stance, mm of the model. */
export interface Footfall {
  readonly contact: ContactSpec;
  /** The far end of the foot's last limb bone, in the middle of its padding. */
  readonly ball: Vec3;
  readonly gapMm: number;
  /** Meant to be on the ground. */
  readonly down: boolean;
  readonly touches: boolean;
  readonly working: Working;
}

/** What Stance hands on: the posed model and its footfalls. */
export interface StancePlan {
  readonly posed: PosedSkeleton;
  /** The flesh, posed. */
  readonly skin: readonly SkinPart[];
  /** Feathers, membranes and fins, posed. */
  readonly blades: readonly PosedBlade[];
  readonly feet: readonly Footfall[];
  /** Limb pairs, by id, that lie folded on the body. */
  readonly folded: readonly string[];
  /** Every joint angle as it stands, degrees: the planted preset with the user's over it. */
  readonly angles: readonly Working[];
  readonly heightAsPosed: Working;
  readonly summary: readonly Working[];
  readonly snags: readonly Snag[];
}

/** Poses the measured skeleton at the model's size, in mm, ground at y = 0. */
export const planStance = lastCall((stance: Piece['stance'], measure: MeasurePlan): StancePlan => {
  const { skeleton, lifePerModel } = measure;
  const posed = settledStance(skeleton, stance, 1 / lifePerModel, stance.base.rodMm);
  const skin = skinParts(posed);
  const lifted = liftedIn(skeleton, stance);
  const aloft = isAloft(skeleton, lifted) ? [bodyRod(skeleton)] : [];
  const feet = [...skeleton.plan.contacts, ...aloft].map((contact) =>
    footfall(posed, contact, !lifted.includes(contact.id)),
  );
  const box = bodyBox(posed);
  const extent = (id: string, label: string, axis: 0 | 1 | 2): Working => ({
    id: `stance.${id}`,
    stage: 'stance',
    label,
    value: box.max[axis] - (axis === 1 ? 0 : box.min[axis]),
    unit: 'mm',
    provenance: 'derived',
    formula:
      axis === 1 ? 'highest point of the posed skin above the base' : 'box round the posed skin',
    inputs: [asInput('n', measure.scale)],
    source: 'forward kinematics of the measured skeleton with its flesh',
    target: { kind: 'piece', id: 'piece' },
  });
  const heightAsPosed = extent('height', 'Tall as posed', 1);
  const angles = angleWorkings(measure, stance);
  return {
    posed,
    skin,
    blades: posedBlades(posed),
    feet,
    folded: presetOf(skeleton, stance.presetId).folded ?? [],
    angles,
    heightAsPosed,
    summary: [
      heightAsPosed,
      extent('length', 'Long as posed', 0),
      extent('width', 'Wide as posed', 2),
    ],
    snags: [...limitSnags(measure, angles), ...feetSnags(feet)],
  };
});

/** Every working of the stance stage, in the order in which the ledger shows them. */
export const stanceWorkings = (plan: StancePlan): readonly Working[] => [
  ...plan.summary,
  ...plan.feet.map((foot) => foot.working),
  ...plan.angles,
];

/** What carries a body that has no foot down: a rod into the root of its spine. */
const bodyRod = (skeleton: Skeleton): ContactSpec => ({
  id: 'body-rod',
  name: 'body',
  side: 'mid',
  kind: 'rod',
  bone: skeleton.bones[0]?.id ?? '',
  reach: [],
  level: null,
});

function footfall(posed: PosedSkeleton, contact: ContactSpec, down: boolean): Footfall {
  const ball = posedBone(posed, contact.bone).end;
  const held = contact.kind === 'rod';
  const pad = held ? 0 : padRadiusMm(posed, contact.bone);
  const gapMm = Math.max(0, ball[1] - pad);
  return {
    contact,
    ball,
    gapMm,
    down,
    touches: held || gapMm <= TOUCH_MM,
    working: {
      id: `stance.foot.${contact.id}`,
      stage: 'stance',
      label: `Gap under the ${contact.name}`,
      value: gapMm,
      unit: 'mm',
      provenance: 'derived',
      formula: 'gap = y − r',
      inputs: [
        input('y', 'Height of the bone’s end', ball[1], 'mm', 'derived'),
        input('r', 'Padding under it', pad, 'mm', 'memory'),
      ],
      source: held
        ? 'a rod from the base carries the body here'
        : contact.kind === 'rest'
          ? 'the body settles until its lowest skin touches'
          : 'the body settles until its lowest foot touches',
      target: { kind: 'contact', id: contact.id },
    },
  };
}

/** A working per freedom of every joint, whether or not it was changed. */
function angleWorkings(measure: MeasurePlan, stance: Piece['stance']): readonly Working[] {
  const angles = stanceAngles(measure.skeleton, stance);
  return measure.skeleton.bones.flatMap((bone) =>
    (Object.keys(bone.joint.freedoms) as FreedomName[]).map((name): Working => {
      const freedom = bone.joint.freedoms[name]!;
      const own = stance.anglesDeg[bone.id]?.[name] !== undefined;
      return {
        id: `stance.angle.${bone.id}.${name}`,
        stage: 'stance',
        label: `${bone.joint.name}${sideText(bone.side)}, ${name}`,
        value: angles[bone.id]?.[name] ?? 0,
        unit: 'deg',
        provenance: own ? 'own' : 'derived',
        formula: own ? 'as set by you' : 'as the stance has it, feet planted on these bones',
        inputs: [],
        source: `zero in the rest stance; positive ${freedom.positive}; limits from memory`,
        target: { kind: 'bone', id: bone.id },
        range: [freedom.minDeg, freedom.maxDeg],
      };
    }),
  );
}

const sideText = (side: string): string => (side === 'mid' ? '' : `, ${side}`);

function limitSnags(measure: MeasurePlan, angles: readonly Working[]): readonly Snag[] {
  return angles.flatMap((working): Snag[] => {
    const [minDeg, maxDeg] = working.range ?? [-180, 180];
    if (working.value >= minDeg - 1e-6 && working.value <= maxDeg + 1e-6) return [];
    const [joint = '', freedom = ''] = splitLast(working.label);
    return [
      {
        code: 'angle-beyond-limit',
        grade: 'fix',
        stage: 'stance',
        ...(working.target ? { target: working.target } : {}),
        facts: { joint, freedom, deg: working.value, minDeg, maxDeg },
      },
    ];
  });
}

const splitLast = (label: string): readonly string[] => {
  const at = label.lastIndexOf(', ');
  return [label.slice(0, at), label.slice(at + 2)];
};

function feetSnags(feet: readonly Footfall[]): readonly Snag[] {
  const hanging = feet
    .filter((foot) => foot.down && !foot.touches)
    .map((foot): Snag => ({
      code: 'foot-off-base',
      grade: 'fix',
      stage: 'stance',
      target: { kind: 'contact', id: foot.contact.id },
      facts: { foot: foot.contact.name, gapMm: foot.gapMm },
    }));
  const down = feet.filter((foot) => foot.down && foot.touches).length;
  if (down >= 2) return hanging;
  return [...hanging, { code: 'too-few-feet', grade: 'fix', stage: 'stance', facts: { down } }];
}
