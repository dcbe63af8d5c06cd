import type { Workpiece } from '../workshop/workpiece.ts';
import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { BodyGrid } from '../body/bodyGrid.ts';
import type { PlacedMass } from '../body/supports.ts';
import { turn } from '../geometry/quat.ts';
import { add, scale } from '../geometry/vec3.ts';
import { buildUp, type RegionBuild } from './buildUp.ts';

/** Densities of what a body is built of, g/ml. */
export interface Densities {
  readonly clay: number;
  /** Of the clay over cores, where that is another one. */
  readonly shell: number;
  readonly foil: number;
}

/** What a core weighs, g/ml; a hollow weighs nothing. */
const coreDensity = ({ core }: RegionBuild, { foil }: Densities): number =>
  core === 'foil' ? foil : 0;

/**
 * The clay and the cores of each bone as weights where they lie, g, in the stance: each bone by the
 * build of its own region. `lifePerModel` is the scale; wires come on top.
 */
export function boneMasses(
  posed: PosedSkeleton,
  body: BodyGrid,
  builds: readonly RegionBuild[],
  skin: Workpiece['skin'],
  lifePerModel: number,
  densities: Densities,
): readonly PlacedMass[] {
  const { skeleton } = posed;
  return body.bones.flatMap(({ boneId }): readonly PlacedMass[] => {
    const { key } = posedBone(posed, boneId).bone;
    const build = builds.find(({ region }) => region.bones.includes(key));
    if (build === undefined) return [];
    const patches = body.patches.filter((patch) => patch.boneId === boneId);
    if (patches.length === 0) return [];
    const up = buildUp(build, skeleton, { ...body, patches }, skin, lifePerModel);
    const clay = build.core === 'solid' ? densities.clay : densities.shell;
    const { start, rotation } = posedBone(posed, boneId);
    const core = coreDensity(build, densities);
    const grams = (up.clayMm3 * clay + up.coreMm3 * core) / 1000;
    if (!(grams > 0)) return [];
    const moment = scale(add(scale(up.clayMm4, clay), scale(up.coreMm4, core)), 1 / 1000);
    return [{ boneId, at: add(start, turn(rotation, scale(moment, 1 / grams))), grams }];
  });
}
