import { roundConeMeasures, type RoundConeMeasures } from '../../src/body/roundCone.ts';
import { steinerShell } from '../../src/body/steiner.ts';
import { nums, type Adapter } from '../checkFile.ts';

/** Round cones, capsules (round cones of equal radii) and Steiner's shells. */
export const solids: Adapter = (one) => {
  const cone = nums(one, 'r1', 'r2', 'd');
  if (cone) return measures(roundConeMeasures(...cone));
  const capsule = nums(one, 'r', 'L');
  if (capsule) return measures(roundConeMeasures(capsule[0], capsule[0], capsule[1]));
  const shell = nums(one, 'V', 'S', 'M', 't');
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
