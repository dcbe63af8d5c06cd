import { boneEnds } from '../anatomy/landmarks.ts';
import type { JointAngles } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { settledStance } from '../posing/settledStance.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { axesOf, pageOfPlace } from '../measure/pictures/viewAxes.ts';
import type { Picture, PicturePoint, PictureView } from '../piece/referencesSchema.ts';
import { toRad } from '../units/angles.ts';
import { normalNumbers } from './tracing.ts';

/** How a picture of a skeleton is taken for a test. */
export interface Shot {
  readonly view: Exclude<PictureView, 'photo'>;
  readonly facing?: 'left' | 'right';
  readonly pxPerMm: number;
  readonly tiltDeg?: number;
  readonly turnDeg?: Picture['turnDeg'];
  /** From the lens to the plane of the scale; the animal's middle lies `nearerMm` before it. */
  readonly camera?: { readonly distanceMm: number; readonly nearerMm: number };
  readonly sigmaPx?: number;
  readonly seed?: number;
  readonly clicks?: number;
}

const WIDTH = 4000;
const HEIGHT = 3000;
const MARK_MM = 300;

/** Where every landmark of a posed skeleton lies in space, life mm. */
export function placesOf(
  skeleton: Skeleton,
  anglesDeg: JointAngles = {},
): ReadonlyMap<string, Vec3> {
  const posed = settledStance(skeleton, { presetId: '', anglesDeg, lifted: null });
  const places = new Map<string, Vec3>();
  const ends = boneEnds(skeleton);
  for (const { bone, start, end } of posed.bones) {
    const names = ends.get(bone.id)!;
    if (names.start !== null) places.set(names.start, start);
    if (names.end !== null) places.set(names.end, end);
  }
  return places;
}

/** A picture taken of places in space, with its scale and level clicked by the same shaky hand. */
// eslint-disable-next-line max-lines-per-function -- one picture, from the camera to its clicks
export function pictureOf(places: ReadonlyMap<string, Vec3>, shot: Shot): Picture {
  const facing = shot.facing ?? 'left';
  const axes = axesOf({ view: shot.view, facing })!;
  const normal = normalNumbers(shot.seed ?? 1);
  const sigma = shot.sigmaPx ?? 0;
  const all = [...places.values()];
  const middleOf = (axis: 0 | 1 | 2): number => {
    const values = all.map((place) => place[axis]);
    return (Math.min(...values) + Math.max(...values)) / 2;
  };
  const middle: Vec3 = [middleOf(0), middleOf(1), middleOf(2)];
  const tilt = toRad(shot.tiltDeg ?? 0);
  const onPicture = ([right, up]: readonly [number, number], factor: number): PicturePoint => {
    const k = shot.pxPerMm * factor;
    const [c, s] = [Math.cos(tilt), Math.sin(tilt)];
    const [x, y] = [k * (right * c - up * s), -k * (right * s + up * c)];
    // The sheet lies turned on the scanner: turning it back by quarter turns gives x and y.
    const lying: Readonly<Record<number, PicturePoint>> = {
      0: [x, y],
      90: [y, -x],
      180: [-x, -y],
      270: [-y, x],
    };
    const [du, dv] = lying[shot.turnDeg ?? 0]!;
    return [WIDTH / 2 + du, HEIGHT / 2 + dv];
  };
  const clicked = (at: PicturePoint): [number, number] => [
    at[0] + sigma * normal(),
    at[1] + sigma * normal(),
  ];
  const factorOf = (place: Vec3): number => {
    if (shot.camera === undefined) return 1;
    const { distanceMm, nearerMm } = shot.camera;
    const { axis, sign } = axes.towards;
    return distanceMm / (distanceMm - nearerMm - sign * (place[axis] - middle[axis]));
  };
  const pageOf = (place: Vec3): readonly [number, number] =>
    pageOfPlace(axes, [place[0] - middle[0], place[1] - middle[1], place[2] - middle[2]]);
  return {
    id: `${shot.view}-${facing}`,
    name: `${shot.view} view`,
    shipped: null,
    view: shot.view,
    facing,
    widthPx: WIDTH,
    heightPx: HEIGHT,
    pxPerKept: 1,
    turnDeg: shot.turnDeg ?? 0,
    crop: null,
    scale: {
      by: 'length',
      from: clicked(onPicture([-MARK_MM / 2, -250], 1)),
      to: clicked(onPicture([MARK_MM / 2, -250], 1)),
      mm: MARK_MM,
      plusMinusMm: 0,
    },
    level: {
      from: clicked(onPicture([-500, -260], 1)),
      to: clicked(onPicture([500, -260], 1)),
    },
    camera: shot.camera ?? null,
    landmarks: Object.fromEntries(
      [...places].map(([id, place]) => [
        id,
        Array.from({ length: shot.clicks ?? 1 }, () =>
          clicked(onPicture(pageOf(place), factorOf(place))),
        ),
      ]),
    ),
    outline: [],
    nearer: {},
  };
}
