import { X_AXIS, Y_AXIS, Z_AXIS, type Vec3 } from '../../geometry/vec3.ts';
import type { BodyPlan, ContactSpec, Freedom, Joint } from '../bodyPlan.ts';
import { bothSides, midline, sidedId, type BoneDraft } from './bilateral.ts';
import { FEET, LOWER_LIMBS, NECK, TAIL, TRUNK, UPPER_LIMBS } from './quadrupedParts.ts';
import { QUADRUPED_STANCES } from './quadrupedStances.ts';

/*
 * Rest directions draw a toe-walking mammal at ease, head to the right of the page; an animal may
 * give its own (a sole-walker has a flatter foot). Joint limits are wide working ranges from the
 * rest stance, from memory of living carnivores: a guide for sculpture, not a clinical range.
 */

const BACKWARD_Z: Vec3 = [0, 0, -1];
const DOWN: Vec3 = [0, -1, 0];

const freedom = (axis: Vec3, minDeg: number, maxDeg: number, positive: string): Freedom => ({
  axis,
  minDeg,
  maxDeg,
  positive,
});

const swing = (minDeg: number, maxDeg: number): Freedom =>
  freedom(Z_AXIS, minDeg, maxDeg, 'swings the far end forward');
/** Positive lifts the left limb away from the midline: about +x a hanging limb turns towards −z. */
const outward = (minDeg: number, maxDeg: number): Freedom =>
  freedom(X_AXIS, minDeg, maxDeg, 'swings the limb outward');
const joint = (name: string, freedoms: Joint['freedoms']): Joint => ({ name, freedoms });

/** A joint of the column: raises or lowers, bends to a side, twists. */
function column(name: string, axis: Vec3, upDeg: number, sideDeg: number, what: string): Joint {
  return joint(name, {
    flexion: freedom(axis, -upDeg, upDeg, `raises the ${what}`),
    abduction: freedom(
      axis === Z_AXIS ? Y_AXIS : DOWN,
      -sideDeg,
      sideDeg,
      `bends the ${what} to the left`,
    ),
    rotation: freedom(X_AXIS, -20, 20, `rolls the ${what} to the right`),
  });
}

const bone = (
  key: string,
  name: string,
  parent: string | null,
  rest: Vec3,
  itsJoint: Joint,
  measured: string,
  at?: number,
): BoneDraft => ({
  key,
  name,
  parent,
  rest,
  joint: itsJoint,
  measured,
  ...(at === undefined ? {} : { at }),
});

const tail = (n: number, parent: string): BoneDraft =>
  bone(
    `tail${n}`,
    `Tail, ${n}${['st', 'nd', 'rd', 'th'][n - 1]} quarter`,
    parent,
    [-1, [-0.35, -0.25, -0.12, 0][n - 1] ?? 0, 0],
    column(n === 1 ? 'Tail root' : `Tail joint ${n}`, BACKWARD_Z, 60, 45, 'tail'),
    'a quarter of the tail, along its curve',
  );

const MIDLINE: readonly BoneDraft[] = [
  bone(
    'sacrum',
    'Sacrum',
    null,
    [-1, -0.15, 0],
    joint('Whole trunk', {
      flexion: freedom(Z_AXIS, -45, 45, 'raises the front of the trunk'),
      abduction: freedom(Y_AXIS, -45, 45, 'turns the trunk to the left'),
      rotation: freedom(X_AXIS, -30, 30, 'rolls the trunk to the right'),
    }),
    'last lumbar vertebra to first tail vertebra',
  ),
  bone(
    'lumbar',
    'Lumbar column',
    'sacrum',
    [1, 0.06, 0],
    column('Lumbosacral joint', Z_AXIS, 30, 25, 'loin'),
    'first to last lumbar vertebra',
    0,
  ),
  bone(
    'thoracic',
    'Thoracic column',
    'lumbar',
    [1, -0.02, 0],
    column('Thoracolumbar joint', Z_AXIS, 30, 25, 'chest'),
    'first to last thoracic vertebra',
  ),
  bone(
    'neckLower',
    'Neck, lower half',
    'thoracic',
    [1, 0.35, 0],
    column('Neck root', Z_AXIS, 60, 45, 'neck'),
    'seventh to fourth neck vertebra',
  ),
  bone(
    'neckUpper',
    'Neck, upper half',
    'neckLower',
    [1, 0.45, 0],
    column('Mid-neck', Z_AXIS, 45, 40, 'neck'),
    'fourth neck vertebra to the back of the skull',
  ),
  bone(
    'skull',
    'Skull',
    'neckUpper',
    [1, -0.22, 0],
    column('Head joint', Z_AXIS, 60, 60, 'muzzle'),
    'occipital condyles to the tip of the snout',
  ),
  tail(1, 'sacrum'),
  tail(2, 'tail1'),
  tail(3, 'tail2'),
  tail(4, 'tail3'),
];

const LIMBS: readonly BoneDraft[] = [
  bone(
    'scapula',
    'Shoulder blade',
    'thoracic',
    [0.42, -0.82, -0.4],
    joint('Shoulder blade sling', { flexion: swing(-25, 25), abduction: outward(-8, 12) }),
    'vertebral border to the shoulder joint',
    0.86,
  ),
  bone(
    'humerus',
    'Upper arm (humerus)',
    'scapula',
    [-0.56, -0.83, 0],
    joint('Shoulder joint', {
      flexion: swing(-45, 60),
      abduction: outward(-20, 45),
      rotation: freedom(DOWN, -30, 30, 'turns the toes inward'),
    }),
    'head of the humerus to the elbow',
  ),
  bone(
    'radius',
    'Forearm (radius)',
    'humerus',
    [0.2, -0.98, 0],
    joint('Elbow', { flexion: swing(-30, 100) }),
    'elbow to wrist',
  ),
  bone(
    'metacarpus',
    'Wrist and metacarpus',
    'radius',
    [0.28, -0.96, 0],
    joint('Wrist', { flexion: swing(-110, 60), abduction: outward(-15, 15) }),
    'wrist to the ball of the forefoot',
  ),
  bone(
    'foreDigits',
    'Fingers',
    'metacarpus',
    [1, -0.12, 0],
    joint('Finger joints', { flexion: swing(-100, 40) }),
    'ball of the forefoot to the tip of the longest toe, without the claw',
  ),
  bone(
    'pelvis',
    'Hip bone',
    'sacrum',
    [-0.35, -0.62, -0.7],
    joint('Sacroiliac joint (does not move)', {}),
    'midline of the sacrum to the centre of the hip socket',
    0.45,
  ),
  bone(
    'femur',
    'Thigh (femur)',
    'pelvis',
    [0.5, -0.86, -0.08],
    joint('Hip joint', {
      flexion: swing(-50, 60),
      abduction: outward(-20, 50),
      rotation: freedom(DOWN, -30, 30, 'turns the toes inward'),
    }),
    'head of the femur to the knee',
  ),
  bone(
    'tibia',
    'Shank (tibia)',
    'femur',
    [-0.62, -0.78, 0],
    joint('Knee', { flexion: swing(-75, 45) }),
    'knee to ankle',
  ),
  bone(
    'metatarsus',
    'Ankle and metatarsus',
    'tibia',
    [0.3, -0.95, 0],
    joint('Ankle (hock)', { flexion: swing(-50, 60) }),
    'point of the ankle to the ball of the hind foot',
  ),
  bone(
    'hindDigits',
    'Toes',
    'metatarsus',
    [1, -0.1, 0],
    joint('Toe joints', { flexion: swing(-100, 40) }),
    'ball of the hind foot to the tip of the longest toe, without the claw',
  ),
];

const foot = (
  key: string,
  name: string,
  side: 'left' | 'right',
  boneKey: string,
  reach: readonly [string, string],
): ContactSpec => ({
  id: sidedId(key, side),
  name: `${side} ${name}`,
  side,
  bone: sidedId(boneKey, side),
  reach: [sidedId(reach[0], side), sidedId(reach[1], side)],
  level: sidedId(boneKey, side),
});

/** The four-footed mammal: sole-, toe- and hoof-walkers differ by the animal's rest directions. */
export const FOUR_FOOTED_MAMMAL: BodyPlan = Object.freeze<BodyPlan>({
  id: 'four-footed-mammal',
  name: 'Four-footed mammal',
  bones: [...midline(MIDLINE), ...bothSides(LIMBS)],
  contacts: (['left', 'right'] as const).flatMap((side) => [
    foot('forefoot', 'forefoot', side, 'metacarpus', ['humerus', 'radius']),
    foot('hindfoot', 'hind foot', side, 'metatarsus', ['femur', 'tibia']),
  ]),
  limbPairs: [
    {
      id: 'hind-legs',
      name: 'Hind legs',
      over: 'hip',
      bonesLeft: ['pelvis.L', 'femur.L', 'tibia.L', 'metatarsus.L'],
      contactLeft: 'hindfoot.L',
    },
    {
      id: 'fore-legs',
      name: 'Forelegs',
      over: 'shoulder',
      bonesLeft: ['scapula.L', 'humerus.L', 'radius.L', 'metacarpus.L'],
      contactLeft: 'forefoot.L',
    },
  ],
  spine: [
    'tail4',
    'tail3',
    'tail2',
    'tail1',
    'sacrum',
    'lumbar',
    'thoracic',
    'neckLower',
    'neckUpper',
    'skull',
  ],
  spineReach: { tail: 0.65, head: 0.7 },
  tailBones: TAIL,
  lengthBones: MIDLINE.map((draft) => draft.key),
  withersBone: 'scapula.L',
  stances: QUADRUPED_STANCES,
  regions: [
    { id: 'head', name: 'Head', bones: ['skull'], core: 'foil' },
    { id: 'neck', name: 'Neck', bones: NECK, core: 'foil' },
    { id: 'trunk', name: 'Trunk', bones: TRUNK, core: 'foil' },
    { id: 'upper-limbs', name: 'Upper limbs', bones: UPPER_LIMBS, core: 'foil' },
    { id: 'lower-limbs', name: 'Lower limbs', bones: LOWER_LIMBS, core: 'solid' },
    { id: 'feet', name: 'Feet', bones: FEET, core: 'solid' },
    { id: 'tail', name: 'Tail', bones: TAIL, core: 'solid' },
  ],
});
