import type { Skeleton } from '../anatomy/skeleton.ts';
import type { BodyGrid } from '../body/bodyGrid.ts';
import { clayFreeMm, type CoatChoice } from '../body/undersize.ts';
import type { BodyShape } from './bodyShape.ts';
import type { RegionBuild } from './buildUp.ts';

/** How thick the clay of a region is at its thickest, mm of the model. */
export interface ClayThickness {
  readonly regionId: string;
  readonly mm: number;
  /** Measured on the posed body; else still from the depth of its flesh at rest. */
  readonly measured: boolean;
}

/**
 * The thickest clay of each region: measured on the posed body where that is known, until then twice the
 * depth of its deepest flesh, or its shell where that is less.
 */
export function clayThickness(
  builds: readonly RegionBuild[],
  shape: BodyShape | null,
  body: BodyGrid,
  skeleton: Skeleton,
  skin: CoatChoice,
  lifePerModel: number,
): readonly ClayThickness[] {
  if (shape !== null)
    return shape.thick.map(({ regionId, mm }) => ({ regionId, mm, measured: true }));
  return builds.flatMap((build): ClayThickness[] => {
    let deepest = 0;
    for (const patch of body.patches) {
      const bone = skeleton.byId.get(patch.boneId);
      if (!build.region.bones.includes(bone?.key ?? '')) continue;
      const under = clayFreeMm(skeleton, bone, patch.facing, skin, lifePerModel) * lifePerModel;
      const levels = patch.deeperMm3.findLastIndex((mm3) => mm3 > 0) + 1;
      deepest = Math.max(deepest, levels * body.levelMm - under);
    }
    if (deepest <= 0) return [];
    const through = (2 * deepest) / lifePerModel;
    const mm = build.core === 'solid' ? through : Math.min(build.shellMm, through);
    return [{ regionId: build.region.id, mm, measured: false }];
  });
}
