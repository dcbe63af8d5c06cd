import { raisedMm } from '../posing/raisedMm.ts';
import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { Footfall, JointAngle, StancePlan } from './stancePlan.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { ContactSpec, FreedomName } from '../anatomy/bodyPlan.ts';
import {
  feetSnags,
  groundSnags,
  jointName,
  limitSnags,
  perchSnags,
  meetingSnags,
  suspendedSnags,
} from './stanceSnags.ts';
import { gazeWorkings } from './gazeWorkings.ts';
import { planGait } from './planGait.ts';
import { plumbPlace } from './plumbPlace.ts';
import { perchOf } from './perch.ts';
import { wallHold } from './wallHold.ts';
import { groundHeight, type Ground } from '../posing/ground.ts';
import {
  foldedIn,
  isAloft,
  isLying,
  liftedIn,
  settledStance,
  stanceAngles,
} from '../posing/settledStance.ts';
import { bodyBox, posedBlades } from '../body/blades.ts';
import { fleshParts } from '../body/fleshParts.ts';
import { padRadiusMm } from '../body/skin.ts';
import { wallOf } from '../body/wall.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import { asGiven, asInput, input, type Reading, type Working } from '../piece/working.ts';

/** A foot counts as touching within this gap: less than a fingernail of clay takes up. */
export const TOUCH_MM = 0.5;

/** What Stance reads. */
export interface StanceInputs {
  readonly stance: Workpiece['stance'];
  readonly measure: MeasurePlan;
}

/** Poses the measured skeleton at the model's size, in mm, ground at y = 0. */
// eslint-disable-next-line max-lines-per-function -- the stage in its order: posed, planted, told
export function planStance(inputs: StanceInputs): StancePlan {
  const { stance, measure } = inputs;
  const { skeleton, lifePerModel } = measure;
  const posed = settledStance(skeleton, stance, 1 / lifePerModel, raisedMm(stance));
  const skin = fleshParts(posed);
  const lifted = liftedIn(skeleton, stance);
  const stands = stance.hold === 'base' || stance.hold === 'free';
  const aloft =
    stance.hold !== 'base' || !isAloft(skeleton, lifted)
      ? []
      : isLying(skeleton, stance)
        ? lyingRods(posed)
        : [bodyRod(posed)];
  const wall = stance.hold === 'wall' ? (wallOf(posed) ?? null) : null;
  const feet = [
    ...[...skeleton.plan.contacts, ...aloft].map((contact) =>
      footfall(
        posed,
        contact,
        stands && !lifted.includes(contact.id),
        stance.ground,
        contact.id === BODY_ROD ? plumbPlace(posed).at : undefined,
      ),
    ),
    ...(wall === null ? [] : [wallHold(posed, wall)]),
  ];
  const gait = planGait(measure, stance);
  const perch = stands ? perchOf(stance.ground, feet) : null;
  const eyes = gazeWorkings(posed);
  const folded = foldedIn(skeleton, stance);
  const box = bodyBox(posed);
  const extent = (id: string, label: string, axis: 0 | 1 | 2): Working => ({
    id: `stance.${id}`,
    stage: 'stance',
    label,
    value: box.max[axis] - (axis === 1 ? 0 : box.min[axis]),
    unit: 'mm',
    provenance: 'derived',
    reading: {
      method: axis === 1 ? say.highestPointOfPosed : say.boxRoundPosedSkin,
      resolution: say.exactPrimitivesOfFlesh,
      checkedBy: 'core/src/stance/stance.test.ts',
    },
    inputs: [asInput('n', measure.scale)],
    source: say.forwardKinematicsOfMeasured,
    target: { kind: 'piece', id: 'piece' },
  });
  const heightAsPosed = extent('height', say.tallAsPosed, 1);
  const angles = angleWorkings(measure, stance);
  const summary = [
    heightAsPosed,
    extent('length', say.longAsPosed, 0),
    extent('width', say.wideAsPosed, 2),
  ];
  return {
    posed,
    skin,
    blades: posedBlades(posed),
    feet,
    folded,
    ground: stance.ground,
    hold: stance.hold,
    perch,
    tiltDeg: stance.tiltDeg,
    wall,
    gait,
    angles,
    heightAsPosed,
    summary,
    eyes,
    workings: [
      ...summary,
      ...(gait?.workings ?? []),
      ...feet.map(({ working }) => working),
      ...angles.map(({ angle }) => angle),
      ...(perch?.workings ?? []),
      ...eyes,
    ],
    snags: [
      ...limitSnags(angles),
      ...(stands ? [...feetSnags(feet), ...suspendedSnags(gait, feet)] : []),
      ...perchSnags(perch, stance.ground, feet),
      ...meetingSnags(posed, folded),
      ...(wall === null ? groundSnags(posed, skin, stance.ground, perch, lifted) : []),
    ],
  };
}

const BODY_ROD = 'body-rod';

/** What carries a body that has no foot down: a rod under its centre of mass, into the trunk. */
const bodyRod = (posed: PosedSkeleton): ContactSpec => ({
  id: BODY_ROD,
  key: BODY_ROD,
  name: 'body',
  side: 'mid',
  image: BODY_ROD,
  kind: 'rod',
  bone: plumbPlace(posed).bone.bone.id,
  reach: [],
  level: null,
});

/** What holds a body that lies: rods into the front and the rear of its trunk. */
function lyingRods(posed: PosedSkeleton): readonly ContactSpec[] {
  const { skeleton } = posed;
  const mid = skeleton.bones.filter(
    ({ key, side }) => side === 'mid' && skeleton.plan.parts[0]?.keys.includes(key),
  );
  const rod = (id: string, name: string, bone: string): ContactSpec => ({
    ...bodyRod(posed),
    id,
    key: id,
    image: id,
    name,
    bone,
  });
  return [
    rod('front-rod', say.frontOfTrunk, mid.at(-1)?.id ?? ''),
    rod('rear-rod', say.rearOfTrunk, mid[0]?.id ?? ''),
  ];
}

function footfall(
  posed: PosedSkeleton,
  contact: ContactSpec,
  down: boolean,
  ground: Ground,
  at?: Vec3,
): Footfall {
  const ball = at ?? posedBone(posed, contact.bone).end;
  const held = contact.kind === 'rod';
  const pad = held ? 0 : padRadiusMm(posed, contact.bone);
  const groundMm = groundHeight(ground, ball[0]);
  const gapMm = Math.max(0, ball[1] - pad - groundMm);
  return {
    contact,
    ball,
    gapMm,
    groundMm,
    down,
    touches: held || gapMm <= TOUCH_MM,
    working: {
      id: `stance.foot.${contact.id}`,
      stage: 'stance',
      label: say.gapUnder(contact.name),
      value: gapMm,
      unit: 'mm',
      provenance: 'derived',
      formula: groundMm === 0 ? 'gap = max(0, y − r)' : 'gap = max(0, y − r − g)',
      inputs: [
        input('y', say.heightOfBonesEnd, ball[1], 'mm', 'derived'),
        input('r', say.paddingUnderIt, pad, 'mm', 'memory'),
        ...(groundMm === 0 ? [] : [input('g', say.groundThere, groundMm, 'mm', 'own')]),
      ],
      source: held
        ? say.rodFromBaseCarries
        : contact.kind === 'rest'
          ? say.bodySettlesUntilIts
          : say.bodySettlesUntilItsLowest,
      target: { kind: 'contact', id: contact.id },
    },
  };
}

/** Angles that the user left alone. */
const PRESET_ANGLE: Reading = {
  method: say.asStanceOrMoment,
  resolution: say.plantedFeetMeetGround,
  checkedBy: 'core/src/stance/stance.test.ts',
};

/** A working per freedom of every joint, whether or not it was changed. */
function angleWorkings(measure: MeasurePlan, stance: Workpiece['stance']): readonly JointAngle[] {
  const angles = stanceAngles(measure.skeleton, stance);
  return measure.skeleton.bones.flatMap((bone) =>
    (Object.keys(bone.joint.freedoms) as FreedomName[]).map((name): JointAngle => {
      const freedom = bone.joint.freedoms[name]!;
      const own = stance.anglesDeg[bone.id]?.[name] !== undefined;
      const angle: Working = {
        id: `stance.angle.${bone.id}.${name}`,
        stage: 'stance',
        label: `${jointName(bone)}, ${name}`,
        value: angles[bone.id]?.[name] ?? 0,
        unit: 'deg',
        provenance: own ? 'own' : 'derived',
        ...(own
          ? asGiven(say.setByYou, angles[bone.id]?.[name] ?? 0, 'deg', 'own')
          : { reading: PRESET_ANGLE, inputs: [] }),
        source: say.zeroInRestStance(freedom.positive),
        target: { kind: 'bone', id: bone.id },
        range: [freedom.minDeg, freedom.maxDeg],
      };
      return { bone, freedom: name, angle };
    }),
  );
}
