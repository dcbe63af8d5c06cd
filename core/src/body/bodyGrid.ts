import { FACINGS, type Facing } from '../anatomy/coat.ts';
import { poseSkeleton } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { inverse, turn } from '../geometry/quat.ts';
import { sub, type Vec3 } from '../geometry/vec3.ts';
import { bladeMasses } from './blades.ts';
import { fieldGradient, skinField, type SkinField } from './skinField.ts';
import { skinParts } from './skin.ts';

/** The flesh that belongs to one bone, at life size. */
export interface BoneMass {
  readonly boneId: string;
  readonly volumeMm3: number;
  /** Centre of the flesh from the bone's start, in the bone's rest axes, life mm. */
  readonly centre: Vec3;
}

/**
 * The flesh under one patch of skin: that of one bone, looking one way in the rest stance. Flesh
 * inside belongs to the patch that it lies nearest to.
 */
export interface BodyPatch {
  readonly boneId: string;
  readonly facing: Facing;
  readonly areaMm2: number;
  /** Volume in mm³ that lies deeper than 0, 1, 2 … steps of `levelMm` under the skin. */
  readonly deeperMm3: readonly number[];
}

/** The body as cells, at life size: shared out to its bones and to its patches of skin. */
export interface BodyGrid {
  readonly cellMm: number;
  readonly volumeMm3: number;
  readonly bones: readonly BoneMass[];
  readonly levelMm: number;
  readonly patches: readonly BodyPatch[];
}

/** Cells along the longest side of the body's box: coarse, about 1 % on the volume of an otter. */
export const DEFAULT_CELLS = 150;

/** Skin looks up or down where its normal is within 60° of upright. */
const UPRIGHT = Math.cos(Math.PI / 3);

/**
 * Shares the body out on a grid over the rest stance at life size: each cell belongs to the part of
 * flesh whose surface lies furthest outside it, and counts with the fraction of it that is inside.
 * Blades (feathers, membranes, fins) are thinner than a cell and are added by area and thickness.
 * `onProgress` is told 0 to 1. Pure and deterministic.
 */
export function bodyGrid(
  skeleton: Skeleton,
  cells = DEFAULT_CELLS,
  onProgress: (done: number) => void = () => undefined,
): BodyGrid {
  const posed = poseSkeleton(skeleton, {});
  const field = skinField(skinParts(posed), cells, onProgress);
  const { sums, patches } = shareOut(field);
  const h3 = field.cellMm ** 3;
  const blades = bladeMasses(skeleton);
  for (const { boneId, volumeMm3, centre } of blades) {
    const share = volumeMm3 / h3;
    const sum = sums.get(boneId) ?? [0, 0, 0, 0];
    sums.set(boneId, [
      sum[0] + share * centre[0],
      sum[1] + share * centre[1],
      sum[2] + share * centre[2],
      sum[3] + share,
    ]);
  }
  const bones = posed.bones.map(({ bone, start, rotation }): BoneMass => {
    const sum = sums.get(bone.id);
    if (sum === undefined || sum[3] === 0)
      return { boneId: bone.id, volumeMm3: 0, centre: [0, 0, 0] };
    const mean: Vec3 = [sum[0] / sum[3], sum[1] / sum[3], sum[2] / sum[3]];
    return {
      boneId: bone.id,
      volumeMm3: sum[3] * h3,
      centre: turn(inverse(rotation), sub(mean, start)),
    };
  });
  const volumeMm3 = bones.reduce((s, b) => s + b.volumeMm3, 0);
  const thin = blades.map((blade): BodyPatch => ({
    boneId: blade.boneId,
    facing: 'side',
    // Both faces; a blade is thinner than a cell, so nothing lies deeper than its first level.
    areaMm2: 2 * blade.areaMm2,
    deeperMm3: [blade.volumeMm3],
  }));
  const levelMm = field.cellMm / 2;
  return { cellMm: field.cellMm, volumeMm3, bones, levelMm, patches: [...patches, ...thin] };
}

type Sums = Map<string, [number, number, number, number]>;

/** One pass over the cells: sums of x, y, z and inside fractions per bone, and the patches. */
function shareOut(field: SkinField): { sums: Sums; patches: readonly BodyPatch[] } {
  const { parts, nearest, owner, cellMm: h, n, origin } = field;
  const sums: Sums = new Map();
  const drafts = new Map<string, PatchDraft>();
  for (let at = 0; at < nearest.length; at++) {
    const d = nearest[at]!;
    if (d > AREA_REACH * h) continue;
    const { boneId } = parts[owner[at]!]!;
    const facing = facingAt(field, at);
    const key = `${boneId} ${facing}`;
    let draft = drafts.get(key);
    if (draft === undefined) drafts.set(key, (draft = newDraft(boneId, facing)));
    addCell(draft, d, h);
    const inside = insideShare(d, 0, h);
    if (inside === 0) continue;
    let sum = sums.get(boneId);
    if (sum === undefined) sums.set(boneId, (sum = [0, 0, 0, 0]));
    sum[0] += inside * (origin[0] + (at % n[0]) * h);
    sum[1] += inside * (origin[1] + (Math.floor(at / n[0]) % n[1]) * h);
    sum[2] += inside * (origin[2] + Math.floor(at / (n[0] * n[1])) * h);
    sum[3] += inside;
  }
  return { sums, patches: [...drafts.values()].map((draft) => finished(draft, h)) };
}

function facingAt(field: SkinField, at: number): Facing {
  const [gx, gy, gz] = fieldGradient(field, at);
  const up = gy / (Math.hypot(gx, gy, gz) || 1);
  if (up > UPRIGHT) return FACINGS[0];
  return up < -UPRIGHT ? FACINGS[2] : FACINGS[1];
}

/** Fraction of a cell that lies deeper than a level; `d` is signed, negative inside. */
const insideShare = (d: number, levelMm: number, h: number): number =>
  Math.min(1, Math.max(0, 0.5 - (d + levelMm) / h));

interface PatchDraft {
  readonly boneId: string;
  readonly facing: Facing;
  cells: number;
  readonly levels: number[];
}

const newDraft = (boneId: string, facing: Facing): PatchDraft => ({
  boneId,
  facing,
  cells: 0,
  levels: [],
});

/** Cells this many edges from the skin still count towards its area. */
const AREA_REACH = 1.5;

/**
 * Adds a cell to its patch: to the area by a raised cosine over ±1.5 cells (the smeared delta of
 * level sets; S. Osher & R. Fedkiw, 2003), and to every level that it is deeper than.
 */
function addCell(draft: PatchDraft, d: number, h: number): void {
  const reach = AREA_REACH * h;
  if (d > -reach) draft.cells += ((1 + Math.cos((Math.PI * d) / reach)) / (2 * reach)) * h;
  const deepest = Math.floor(2 * (0.5 - d / h));
  for (let level = 0; level <= deepest; level++) {
    const share = insideShare(d, (level * h) / 2, h);
    draft.levels[level] = (draft.levels[level] ?? 0) + share;
  }
}

const finished = ({ boneId, facing, cells, levels }: PatchDraft, h: number): BodyPatch => ({
  boneId,
  facing,
  areaMm2: cells * h * h,
  deeperMm3: levels.map((share) => share * h ** 3),
});

/** Volume in mm³ of a patch that lies deeper than a life depth in mm, between its levels. */
export function deeperMm3(patch: BodyPatch, levelMm: number, depthMm: number): number {
  const at = Math.max(0, depthMm) / levelMm;
  const level = Math.floor(at);
  const [from, to] = [patch.deeperMm3[level] ?? 0, patch.deeperMm3[level + 1] ?? 0];
  return from + (to - from) * (at - level);
}
