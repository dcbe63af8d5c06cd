import { ellipsoidMeasures, thomsenArea } from '../../src/body/ellipsoid.ts';
import { roundConeMeasures, type RoundConeMeasures } from '../../src/body/sectionSolids.ts';
import { ellipticFrustum, torusMeasures } from '../../src/body/sectionSolids.ts';
import { steinerShell } from '../../src/body/steiner.ts';
import { nums, type Adapter, type CheckCase } from '../checkFile.ts';

/** Round cones, capsules (round cones of equal radii), ellipsoids, frusta, rings, Steiner's shells. */
export const solids: Adapter = (entry) => {
  const cone = nums(entry, 'r1', 'r2', 'd');
  if (cone) return measures(roundConeMeasures(...cone));
  const capsule = nums(entry, 'r', 'L');
  if (capsule) return measures(roundConeMeasures(capsule[0], capsule[0], capsule[1]));
  const axes = nums(entry, 'a', 'b', 'c');
  if (axes) return ellipsoid(...axes, entry);
  const frustum = nums(entry, 'a1', 'b1', 'a2', 'b2', 'h');
  if (frustum) {
    const { volume, lateralArea, totalArea } = ellipticFrustum(...frustum);
    return { V: volume, lateral_area: lateralArea, total_area: totalArea };
  }
  const ring = nums(entry, 'R', 'r');
  if (ring) return torus(...ring, entry);
  const shell = nums(entry, 'V', 'S', 'M', 't');
  if (!shell) return {};
  const [volume, area, , t] = shell;
  const grown = steinerShell(...shell);
  return {
    shell_volume: grown.shellVolume,
    outer_volume: grown.outerVolume,
    outer_area: grown.outerArea,
    'naive_S*t': area * t,
    naive_error_percent: ((area * t - grown.shellVolume) / grown.shellVolume) * 100,
    volume,
  };
};

/** The thickness that a key names: "V_outer_shell_t2" is 2. */
const thicknessIn = (key: string, stem: string): number | undefined =>
  key.startsWith(stem) ? Number(key.slice(stem.length)) : undefined;

function ellipsoid(a: number, b: number, c: number, checkCase: CheckCase): Record<string, unknown> {
  const of = ellipsoidMeasures(a, b, c);
  const thomsen = thomsenArea(a, b, c);
  const shells = Object.keys(checkCase.expected).flatMap((key) => {
    const t = thicknessIn(key, 'V_outer_shell_t');
    return t === undefined
      ? []
      : [[key, steinerShell(of.volume, of.area, of.meanCurvature, t).shellVolume]];
  });
  return {
    V: of.volume,
    S_exact: of.area,
    M: of.meanCurvature,
    S_Thomsen: thomsen,
    Thomsen_error_percent: (thomsen / of.area - 1) * 100,
    ...Object.fromEntries(shells),
  };
}

/** A ring is not convex, but grows like a thicker ring. */
function torus(ring: number, tube: number, checkCase: CheckCase): Record<string, unknown> {
  const of = torusMeasures(ring, tube);
  const grown = Object.keys(checkCase.expected).flatMap((key) => {
    const t = thicknessIn(key, 'V_outer_body_t');
    return t === undefined ? [] : [[key, torusMeasures(ring, tube + t).volume]];
  });
  return { V: of.volume, S: of.area, ...Object.fromEntries(grown) };
}

function measures(of: RoundConeMeasures): Record<string, unknown> {
  return {
    V: of.volume,
    S: of.area,
    M: of.meanCurvature,
    k: of.k,
    tangent_circle_r1: of.tangentRadius1,
    tangent_circle_x1: of.tangentAt1,
    tangent_circle_r2: of.tangentRadius2,
    tangent_circle_x2: of.tangentAt2,
    degenerate_one_sphere: of.oneSphere,
  };
}
