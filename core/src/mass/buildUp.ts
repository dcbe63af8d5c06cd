import type { Workpiece } from '../workshop/workpiece.ts';
import type { RegionSpec } from '../anatomy/bodyPlan.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { add, ORIGIN, scale, sub, type Vec3 } from '../geometry/vec3.ts';
import { deeperMm3, deeperMm4, type BodyGrid, type BodyPatch } from '../body/bodyGrid.ts';
import { innerRadiusMm, type SkinPart } from '../body/skin.ts';
import { clayFreeMm, type CoatChoice } from '../body/undersize.ts';
import type { BakeMethod, Core } from '../piece/pieceSchema.ts';

/** Foil thinner than this cannot be packed round a wire: common practice. */
export const LEAST_CORE_MM = 1;

/** How a region is built: what is inside, and how thick its clay is meant to be, model mm. */
export interface RegionBuild {
  readonly region: RegionSpec;
  readonly core: Core;
  readonly shellMm: number;
  /** Of it, what is laid over when the rest is baked; 0 where all is baked at once. */
  readonly skinMm: number;
}

/** A skin takes no more than this share of a shell: what is baked first must hold together. Common practice. */
const MOST_SKIN = 0.5;

/** Every region of the plan as the user builds it. */
export const regionBuilds = ({
  skeleton,
  mass,
  method = 'all-at-once',
}: {
  readonly skeleton: Skeleton;
  /** The skin matters only where something is baked first. */
  readonly mass: Pick<Workpiece['mass'], 'shells' | 'shellMm'> &
    Partial<Pick<Workpiece['mass'], 'skinMm'>>;
  readonly method?: BakeMethod;
}): readonly RegionBuild[] =>
  skeleton.plan.regions.map((region) => {
    const core = mass.shells[region.id]?.core ?? region.core;
    const shellMm = mass.shells[region.id]?.shellMm ?? mass.shellMm;
    const isFirst = method === 'body-first' || (method === 'shell-first' && core !== 'solid');
    const { skinMm = 0 } = mass;
    const most = core === 'solid' ? skinMm : Math.min(skinMm, MOST_SKIN * shellMm);
    return { region, core, shellMm, skinMm: isFirst ? most : 0 };
  });

/** Volumes (model mm³) and skin (model mm²) of a region, built up. */
export interface BuildUp {
  readonly areaMm2: number;
  readonly clayMm3: number;
  /** Of the clay, the skin that is laid over what is baked first. */
  readonly skinMm3: number;
  readonly coreMm3: number;
  /** Σ volume · place of both, model mm⁴, each from the start of its bone in the rest axes. */
  readonly clayMm4: Vec3;
  readonly coreMm4: Vec3;
  /** Mean depth left free for applied fibre, model mm. */
  readonly undersizeMm: number;
}

/**
 * Clay and core of a region: clay lies between the coat's undersize u and u + t, the core deeper
 * than u + t; a solid region is all clay. Read from the body's depth profile at life size and
 * divided by n³.
 */
export function buildUp(
  build: RegionBuild,
  skeleton: Skeleton,
  body: BodyGrid,
  skin: CoatChoice,
  lifePerModel: number,
): BuildUp {
  const patches = body.patches.filter((patch) =>
    build.region.bones.includes(keyOf(skeleton, patch)),
  );
  let [areaMm2, clayMm3, skinMm3, coreMm3, free] = [0, 0, 0, 0, 0];
  let [clayMm4, coreMm4]: [Vec3, Vec3] = [ORIGIN, ORIGIN];
  for (const patch of patches) {
    const bone = skeleton.byId.get(patch.boneId);
    const under = clayFreeMm(skeleton, bone, patch.facing, skin, lifePerModel) * lifePerModel;
    const within = deeperMm3(patch, body.levelMm, under);
    const solid = build.core === 'solid';
    const shell = under + build.shellMm * lifePerModel;
    const core = solid ? 0 : deeperMm3(patch, body.levelMm, shell);
    const coreAt = solid ? ORIGIN : deeperMm4(patch, body.levelMm, shell);
    clayMm4 = add(clayMm4, sub(deeperMm4(patch, body.levelMm, under), coreAt));
    coreMm4 = add(coreMm4, coreAt);
    areaMm2 += patch.areaMm2;
    clayMm3 += within - core;
    coreMm3 += core;
    const bare = Math.max(
      core,
      deeperMm3(patch, body.levelMm, under + build.skinMm * lifePerModel),
    );
    skinMm3 += build.skinMm > 0 ? within - bare : 0;
    free += under * patch.areaMm2;
  }
  const cube = lifePerModel ** 3;
  return {
    areaMm2: areaMm2 / lifePerModel ** 2,
    clayMm3: clayMm3 / cube,
    skinMm3: skinMm3 / cube,
    coreMm3: coreMm3 / cube,
    clayMm4: scale(clayMm4, 1 / (cube * lifePerModel)),
    coreMm4: scale(coreMm4, 1 / (cube * lifePerModel)),
    undersizeMm: areaMm2 > 0 ? free / areaMm2 / lifePerModel : 0,
  };
}

const keyOf = (skeleton: Skeleton, patch: BodyPatch): string =>
  skeleton.byId.get(patch.boneId)?.key ?? '';

/** Radius in mm of a region's bones where each is thickest, thinnest bone first. */
export function boneRadii(
  build: Pick<RegionBuild, 'region'>,
  skeleton: Skeleton,
  skin: readonly SkinPart[],
): readonly { readonly boneId: string; readonly radiusMm: number }[] {
  const thickest = new Map<string, number>();
  for (const part of skin) {
    const key = skeleton.byId.get(part.boneId)?.key ?? '';
    if (!build.region.bones.includes(key)) continue;
    thickest.set(part.boneId, Math.max(thickest.get(part.boneId) ?? 0, innerRadiusMm(part)));
  }
  return [...thickest]
    .map(([boneId, radiusMm]) => ({ boneId, radiusMm }))
    .sort((a, b) => a.radiusMm - b.radiusMm);
}
