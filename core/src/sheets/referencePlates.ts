import * as say from './words.ts';
import { boneEnds } from '../anatomy/landmarks.ts';
import { animalById, planById } from '../anatomy/registry.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import type { Side } from '../anatomy/bodyPlan.ts';
import type { JointAngles } from '../anatomy/pose.ts';
import { settledStance } from '../posing/settledStance.ts';
import { skinBox, skinParts, type SkinPart } from '../body/skin.ts';
import { aboutAxis, turn } from '../geometry/quat.ts';
import { add, lerp, scale, Y_AXIS, type Vec3 } from '../geometry/vec3.ts';
import { axesOf, pageOfPlace, type PageAxes } from '../measure/pictures/viewAxes.ts';
import {
  blankPicture,
  type Picture,
  type PicturePoint,
  type PictureView,
} from '../piece/referencesSchema.ts';
import { toRad } from '../units/angles.ts';

/**
 * A reference picture that ships with the demonstration: invented, drawn from the library's animal,
 * with one landmark put wrong on purpose where two plates are to disagree.
 */
export interface ReferencePlate {
  /** File under `references/` of the application. */
  readonly file: string;
  readonly title: string;
  readonly animalId: string;
  readonly view: PictureView;
  readonly facing: 'left' | 'right';
  readonly presetId: string;
  readonly anglesDeg: JointAngles;
  readonly widthPx: number;
  readonly pxPerMm: number;
  /** How far the sheet lies askew, degrees counter-clockwise. */
  readonly tiltDeg: number;
  /** The drawn animal turned about the vertical, degrees; photographs only. */
  readonly headingDeg: number;
  /** Life mm from the lens to the middle of the animal; null for a drawing. */
  readonly cameraMm: number | null;
  /** Landmark drawn too high by so much on purpose, life mm. */
  readonly planted: { readonly landmarkId: string; readonly upMm: number } | null;
}

const plain = {
  presetId: 'standing',
  anglesDeg: {},
  facing: 'left',
  tiltDeg: 0,
  headingDeg: 0,
  cameraMm: null,
  planted: null,
} as const;

/** The pictures of the demonstration. */
export const REFERENCE_PLATES: readonly ReferencePlate[] = [
  {
    ...plain,
    file: 'otter-side.png',
    title: say.otterFromLeft,
    animalId: 'eurasian-otter',
    view: 'side',
    widthPx: 2000,
    pxPerMm: 1.6,
    tiltDeg: 0.8,
  },
  {
    ...plain,
    file: 'otter-front.png',
    title: say.otterFromFront,
    animalId: 'eurasian-otter',
    view: 'front',
    widthPx: 900,
    pxPerMm: 2.6,
    tiltDeg: -0.6,
    planted: { landmarkId: 'humerus.L.start', upMm: 14 },
  },
  {
    ...plain,
    file: 'heron-side.png',
    title: say.heronFromLeft,
    animalId: 'grey-heron',
    view: 'side',
    widthPx: 1700,
    pxPerMm: 1.7,
    tiltDeg: -0.7,
  },
  {
    ...plain,
    file: 'heron-front.png',
    title: say.heronFromFront,
    animalId: 'grey-heron',
    view: 'front',
    widthPx: 800,
    pxPerMm: 1.7,
    planted: { landmarkId: 'tarsometatarsus.L.start', upMm: 22 },
  },
  {
    ...plain,
    file: 'otter-photograph.png',
    title: say.otterOnBankOne,
    animalId: 'eurasian-otter',
    view: 'photo',
    presetId: 'walking',
    anglesDeg: {
      'femur.L': { abduction: 14 },
      'humerus.L': { abduction: 12 },
      neckLower: { abduction: 18 },
      tail1: { abduction: -16 },
      tail2: { abduction: -12 },
    },
    widthPx: 2000,
    pxPerMm: 1.5,
    headingDeg: 24,
    cameraMm: 9000,
  },
];

/** A plate laid out: its size, where each landmark lies on it, and the way from life to pixels. */
export interface PlateLayout {
  readonly widthPx: number;
  readonly heightPx: number;
  /** Pixel of a place of the animal, life mm, y down. */
  readonly at: (place: Vec3) => PicturePoint;
  readonly landmarks: Readonly<Record<string, PicturePoint>>;
  /** Whether each bone's far end comes nearer to the viewer (1) or goes farther away (-1). */
  readonly nearer: Readonly<Record<string, 1 | -1>>;
  /** Ends of the scale bar and its length in life mm. */
  readonly bar: { readonly from: PicturePoint; readonly to: PicturePoint; readonly mm: number };
  /** Two points on the ground line. */
  readonly ground: { readonly from: PicturePoint; readonly to: PicturePoint };
}

/** The posed animal of a plate: its flesh, its landmarks and bones in space, and the view's axes. */
export interface Scene {
  readonly skin: readonly SkinPart[];
  readonly places: ReadonlyMap<string, Vec3>;
  readonly bones: readonly {
    readonly id: string;
    readonly side: Side;
    readonly from: Vec3;
    readonly to: Vec3;
  }[];
  readonly axes: PageAxes;
}

const MARGIN = 0.09;
const FOOT_PX = 130;

/** The posed animal of a plate, turned as it stands before the viewer. */
export function sceneOf(plate: ReferencePlate): Scene {
  const animal = animalById(plate.animalId);
  const plan = planById(animal?.planId ?? '');
  if (animal === undefined || plan === undefined) throw new Error(`no animal ${plate.animalId}`);
  const skeleton = buildSkeleton(plan, animal);
  const posed = settledStance(skeleton, { ...plate, lifted: null });
  const about = aboutAxis(Y_AXIS, toRad(plate.headingDeg));
  const turned = (v: Vec3): Vec3 => turn(about, v);
  const ends = boneEnds(skeleton);
  const places = new Map<string, Vec3>();
  for (const { bone, start, end } of posed.bones) {
    const names = ends.get(bone.id)!;
    if (names.start !== null) places.set(names.start, turned(start));
    if (names.end !== null) places.set(names.end, turned(end));
  }
  const { planted } = plate;
  const right = planted && places.get(planted.landmarkId);
  if (planted && right) places.set(planted.landmarkId, add(right, [0, planted.upMm, 0]));
  const bones = posed.bones.map(({ bone, start, end }) => {
    const names = ends.get(bone.id)!;
    return {
      id: bone.id,
      side: bone.side,
      from: places.get(names.start ?? '') ?? turned(start),
      to: places.get(names.end ?? '') ?? turned(end),
    };
  });
  const skin = skinParts(posed).map((part): SkinPart => {
    if (part.kind === 'sleeve')
      return {
        ...part,
        samples: part.samples.map((sample) => ({
          ...sample,
          at: turned(sample.at),
          along: turned(sample.along),
          up: turned(sample.up),
          across: turned(sample.across),
        })),
      };
    const [u, d, w] = part.axes;
    const axes = [turned(u), turned(d), turned(w)] as const;
    return { ...part, centre: turned(part.centre), axes };
  });
  const axes = axesOf({ view: plate.view === 'photo' ? 'side' : plate.view, facing: plate.facing });
  return { skin, places, bones, axes: axes! };
}

interface Lens {
  readonly middle: Vec3;
  readonly factor: (place: Vec3) => number;
}

/** Similar triangles: what lies nearer than the middle of the animal is seen larger. */
export function lensOf({ skin, axes }: Scene, cameraMm: number | null): Lens {
  const box = skinBox(skin);
  const middle = lerp(box.min, box.max, 0.5);
  const { axis, sign } = axes.towards;
  return {
    middle,
    factor: (place) =>
      cameraMm === null ? 1 : cameraMm / (cameraMm - sign * (place[axis] - middle[axis])),
  };
}

/** Where everything on a plate lies, from its posed animal. */
export function layoutOf(plate: ReferencePlate, scene: Scene): PlateLayout {
  const box = skinBox(scene.skin);
  const { middle, factor } = lensOf(scene, plate.cameraMm);
  const heightPx = Math.round(
    (box.max[1] - box.min[1]) * plate.pxPerMm * (1 + 2 * MARGIN) + 2 * FOOT_PX,
  );
  const tilt = toRad(plate.tiltDeg);
  const onSheet = ([right, up]: readonly [number, number]): PicturePoint => {
    const [c, s] = [Math.cos(tilt), Math.sin(tilt)];
    return [plate.widthPx / 2 + right * c - up * s, heightPx / 2 - (right * s + up * c)];
  };
  const at = (place: Vec3): PicturePoint => {
    const page = pageOfPlace(scene.axes, add(place, scale(middle, -1)));
    const k = plate.pxPerMm * factor(place);
    return onSheet([page[0] * k, page[1] * k]);
  };
  const lowPx = (-(box.max[1] - box.min[1]) / 2) * plate.pxPerMm;
  const barMm = plate.view === 'front' ? 100 : 200;
  const startPx = -plate.widthPx * 0.42;
  return {
    widthPx: plate.widthPx,
    heightPx,
    at,
    landmarks: Object.fromEntries([...scene.places].map(([id, place]) => [id, at(place)])),
    nearer: Object.fromEntries(
      scene.bones.map(({ id, from, to }) => {
        const { axis, sign } = scene.axes.towards;
        return [id, sign * (to[axis] - from[axis]) >= 0 ? 1 : -1] as const;
      }),
    ),
    bar: {
      from: onSheet([startPx, lowPx - FOOT_PX * 0.55]),
      to: onSheet([startPx + barMm * plate.pxPerMm, lowPx - FOOT_PX * 0.55]),
      mm: barMm,
    },
    ground: {
      from: onSheet([-plate.widthPx * 0.45, lowPx]),
      to: onSheet([plate.widthPx * 0.45, lowPx]),
    },
  };
}

/** Where everything lies on a plate. The same numbers draw it and check what is read off it. */
export const plateLayout = (plate: ReferencePlate): PlateLayout => layoutOf(plate, sceneOf(plate));

/** The plate as a picture of a piece, with nothing placed on it yet. */
export const plateReference = (plate: ReferencePlate): Picture =>
  blankPicture({
    id: plate.file.replace('.png', ''),
    name: plate.title,
    shipped: plate.file,
    view: plate.view,
    facing: plate.facing,
    widthPx: plate.widthPx,
    heightPx: plateLayout(plate).heightPx,
  });
