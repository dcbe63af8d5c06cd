import { alignPoints } from '../../src/measure/photo/alignment.ts';
import {
  apparentFromTrue,
  distanceForError,
  focalPx,
  outlineRadius,
  radiusFromOutline,
  trueFromApparent,
  uncorrectedPercent,
  widthPx,
} from '../../src/measure/photo/perspective.ts';
import {
  leastScale,
  recoverChain,
  type Nearer,
  type Pixel,
  type SeenBone,
} from '../../src/measure/photo/scaledOrthography.ts';
import { jointInSpace, segmentInSpace } from '../../src/measure/photo/trueLength.ts';
import type { Vec3 } from '../../src/geometry/vec3.ts';
import { num, nums, type Adapter, type CheckCase } from '../checkFile.ts';

/** A point of these files (x right, y away from the viewer, z up) in the core's axes: y up, z across. */
const inCore = (checkCase: CheckCase, key: string): Vec3 | undefined => {
  const point = checkCase.input[key];
  if (!Array.isArray(point) || point.length !== 3) return undefined;
  const [x, away, up] = point as [number, number, number];
  return [x, up, away];
};

/** Points in space, and chains of bones on one picture. */
export const twoViewTrueLength: Adapter = (entry) => {
  const [a, b, c] = [inCore(entry, 'A'), inCore(entry, 'B'), inCore(entry, 'C')];
  if (a && b && c) {
    const joint = jointInSpace(a, b, c);
    return {
      true_angle_deg: joint.trueDeg,
      angle_seen_in_front_view_deg: joint.sideDeg,
      angle_seen_in_plan_deg: joint.aboveDeg,
      angle_seen_in_side_view_deg: joint.frontDeg,
    };
  }
  if (a && b) return segment(a, b);
  return Array.isArray(entry.input['uv_px']) ? chain(entry) : {};
};

// The files' front view shows x and up: the core's side elevation.
function segment(a: Vec3, b: Vec3): Readonly<Record<string, unknown>> {
  const found = segmentInSpace(a, b);
  const [dx, dy, dz] = b.map((v, i) => v - a[i as 0]) as [number, number, number];
  // A line has no direction: its angle to an axis lies from 0 to 90°.
  const deg = (rise: number, run: number): number =>
    (Math.atan2(Math.abs(rise), Math.abs(run)) * 180) / Math.PI;
  return {
    true_length: found.trueMm,
    plan_length: found.aboveMm,
    front_length: found.sideMm,
    side_length: found.frontMm,
    incl_horizontal_deg: found.toGroundDeg,
    incl_frontal_deg: found.outOfSideDeg,
    incl_profile_deg: found.outOfFrontDeg,
    plan_view_angle_deg: deg(dz, dx),
    front_view_angle_deg: deg(dy, dx),
  };
}

function chain(checkCase: CheckCase): Readonly<Record<string, unknown>> {
  const points = checkCase.input['uv_px'] as readonly Pixel[];
  const lengths = checkCase.input['lengths_mm'] as readonly number[];
  const scale = num(checkCase, 's');
  const bones = lengths.map((lengthMm, i): SeenBone => ({
    from: points[i]!,
    to: points[i + 1]!,
    lengthMm,
  }));
  const least = { s_min: leastScale(bones) };
  if (scale === undefined) return least;
  const signs =
    (checkCase.input['signs'] as readonly Nearer[] | undefined) ?? bones.map(() => 1 as const);
  const found = recoverChain(bones, scale, signs);
  const feasible = found.impossible.length === 0;
  if (!feasible) return { ...least, feasible };
  return {
    ...least,
    feasible,
    dz_mm: found.depthsMm,
    abs_dz_mm: found.depthsMm.map(Math.abs),
    z_mm: found.pointsMm,
    n_solutions: found.ways,
  };
}

/** Lengths, outlines and pixels through a pinhole. */
export const photoPerspective: Adapter = (entry) => {
  const part = nums(entry, 'apparent_mm', 'D_mm', 'e_mm');
  const known = nums(entry, 'true_mm', 'D_mm', 'e_mm');
  const ball = nums(entry, 'r', 'D');
  const wanted = nums(entry, 'e', 'q');
  const camera = nums(entry, 'f_mm', 'sensor_mm', 'px', 'W', 'Z');
  if (part) {
    const [apparent, d, e] = part;
    return {
      true_mm: trueFromApparent(apparent, d, e),
      error_percent_if_uncorrected: uncorrectedPercent(d, e),
    };
  }
  if (known) return { apparent_mm: apparentFromTrue(...known) };
  if (ball) {
    const apparent = outlineRadius(...ball);
    return {
      apparent_radius: apparent,
      true_from_apparent: radiusFromOutline(apparent, ball[1]),
    };
  }
  if (wanted) return { D_min_mm: distanceForError(...wanted) };
  if (camera) {
    const [f, sensor, pixels, w, z] = camera;
    const fPx = focalPx(f, sensor, pixels);
    return { f_px: fPx, w_px: widthPx(fPx, w, z), px_per_mm: fPx / z };
  }
  return {};
};

/** Points laid upon points. */
export const landmarkAlignment: Adapter = (entry) => {
  const [x, y] = [entry.input['X'], entry.input['Y']];
  if (!Array.isArray(x) || !Array.isArray(y)) return {};
  const found = alignPoints(x as number[][], y as number[][]);
  const [first, second] = found.rotation;
  return {
    scale: found.scale,
    R: found.rotation,
    t: found.shift,
    mean_square_residual: found.meanSquare,
    rms: found.rms,
    residuals: found.residuals,
    angle_deg:
      found.rotation.length === 2
        ? (Math.atan2(second![0]!, first![0]!) * 180) / Math.PI
        : undefined,
  };
};
