import { facingOf, FACINGS, type Facing } from '../anatomy/coat.ts';
import { restPose, posedBone, type PosedBone } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { inverse, turn } from '../geometry/quat.ts';
import { add, lerp, mirrored, ORIGIN, scale, sub, type Vec3 } from '../geometry/vec3.ts';
import { bladeMasses } from './blades.ts';
import { bodyBlends } from './bodyBlends.ts';
import { fleshField, gridOver } from './fleshField.ts';
import { cellCentre, slopeAt, type FleshField } from './cellGrid.ts';
import { isMirrored } from './mirroredBody.ts';
import { fleshParts } from './fleshParts.ts';
import { thinnings } from './thinned.ts';
import { inWallMm, wallOf, type Wall } from './wall.ts';

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
  /** Σ volume · place of the same, mm⁴, from the bone's start in its rest axes. */
  readonly deeperMm4: readonly Vec3[];
}

/** The body as cells, at life size: shared out to its bones and to its patches of skin. */
export interface BodyGrid {
  readonly cellMm: number;
  readonly volumeMm3: number;
  readonly bones: readonly BoneMass[];
  readonly levelMm: number;
  readonly patches: readonly BodyPatch[];
}

/** Cells in the body's box: fine, and coarse for the first answer after a change. */
export const FINE_CELLS = 1_500_000;
export const COARSE_CELLS = 60_000;

/**
 * Shares the body out on a grid over the rest stance at life size: each cell belongs to the part of
 * flesh whose surface is nearest to it, and counts with the fraction of it that is inside.
 * Blades (feathers, membranes, fins) are thinner than a cell and are added by area and thickness.
 * `onProgress` is told 0 to 1. Pure and deterministic.
 */
export function bodyGrid(
  skeleton: Skeleton,
  cells = FINE_CELLS,
  onProgress: (done: number) => void = () => undefined,
): BodyGrid {
  const posed = restPose(skeleton);
  const parts = fleshParts(posed);
  const wall = wallOf(posed);
  const half = wall?.axis !== 2 && isMirrored(skeleton);
  const grid = gridOver(parts, cells, half);
  const blends = bodyBlends(skeleton, parts);
  const field = fleshField(parts, grid, blends, thinnings(posed), onProgress, wall);
  const { sums, patches: drafts } = shareOut(
    field,
    half ? (boneId) => posedBone(posed, boneId).bone.image : null,
    wall,
  );
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
  const h = field.cellMm;
  const patches = drafts.map((draft) => finished(draft, h, posedBone(posed, draft.boneId)));
  const thin = blades.map((blade): BodyPatch => ({
    boneId: blade.boneId,
    facing: 'side',
    // Both faces; a blade is thinner than a cell, so nothing lies deeper than its first level.
    areaMm2: 2 * blade.areaMm2,
    deeperMm3: [blade.volumeMm3],
    deeperMm4: [
      fromBone(
        posedBone(posed, blade.boneId),
        scale(blade.centre, blade.volumeMm3),
        blade.volumeMm3,
      ),
    ],
  }));
  const levelMm = field.cellMm / LEVELS_IN_CELL;
  return { cellMm: field.cellMm, volumeMm3, bones, levelMm, patches: [...patches, ...thin] };
}

/** The bone that is the mirror image of another; given where only half a body was worked out. */
type ImageOf = (boneId: string) => string;

type Sums = Map<string, [number, number, number, number]>;

/** One pass over the cells: sums of x, y, z and inside fractions per bone, and the patches. */
function shareOut(
  field: FleshField,
  imageOf: ImageOf | null,
  wall: Wall | undefined,
): { sums: Sums; patches: readonly PatchDraft[] } {
  const { parts, depth, owner, cellMm: h } = field;
  const sums: Sums = new Map();
  const half = imageOf !== null;
  const drafts = draftsOf(parts, imageOf);
  for (let at = 0; at < depth.length; at++) {
    const d = depth[at]!;
    if (d > AREA_REACH * h) continue;
    const p = cellCentre(field, at);
    // Beyond the midplane of a half body lie only cells that helped with slopes.
    if (half && p[2] > 0) continue;
    if (wall !== undefined && inWallMm(wall, p) > 0) continue;
    const patch = facingAt(field, at) + FACINGS.length * owner[at]!;
    const inside = insideShare(d, h);
    for (const draft of drafts[patch]!) {
      const at = draft.image ? mirrored(p) : p;
      addCell(draft, d, h, at);
      if (inside > 0) addTo(sums, draft.boneId, at, inside);
    }
  }
  const all = new Set(drafts.flat().filter((draft) => draft.ends.length > 0 || draft.cells > 0));
  return { sums, patches: [...all] };
}

/**
 * The patches that a cell counts to, by the facing and the part that it lies nearest to: one, and in
 * a half body its mirror image too. Bones of the midline are their own image.
 */
function draftsOf(
  parts: FleshField['parts'],
  imageOf: ImageOf | null,
): readonly (readonly PatchDraft[])[] {
  const known = new Map<string, PatchDraft>();
  const draftOf = (boneId: string, facing: Facing, image: boolean): PatchDraft => {
    const key = `${boneId} ${facing} ${image}`;
    const draft = known.get(key) ?? { boneId, facing, image, cells: 0, ends: [], places: [] };
    known.set(key, draft);
    return draft;
  };
  return parts.flatMap(({ boneId }) =>
    FACINGS.map((facing) => [
      draftOf(boneId, facing, false),
      ...(imageOf === null ? [] : [draftOf(imageOf(boneId), facing, true)]),
    ]),
  );
}

function addTo(sums: Sums, boneId: string, p: Vec3, inside: number): void {
  let sum = sums.get(boneId);
  if (sum === undefined) sums.set(boneId, (sum = [0, 0, 0, 0]));
  sum[0] += inside * p[0];
  sum[1] += inside * p[1];
  sum[2] += inside * p[2];
  sum[3] += inside;
}

/** Which way the skin looks that is nearest to a cell, by its place in {@link FACINGS}. */
function facingAt(field: FleshField, at: number): 0 | 1 | 2 {
  const [gx, gy, gz] = slopeAt(field.depth, field, at);
  return facingOf(gy / (Math.sqrt(gx * gx + gy * gy + gz * gz) || 1));
}

/** Fraction of a cell inside a surface at the signed distance `d`, as if it were flat there. */
export const insideShare = (d: number, h: number): number => Math.min(1, Math.max(0, 0.5 - d / h));

interface PatchDraft {
  readonly boneId: string;
  readonly facing: Facing;
  /** The other side of a half body. */
  readonly image: boolean;
  cells: number;
  /** What each level holds by cells that end in it; a cell counts whole in the levels above. */
  readonly ends: number[];
  /** The same times the cells' places: x, y, z of every level one after the other. */
  readonly places: number[];
}

/** Cells this many edges from the skin still count towards its area. */
const AREA_REACH = 1.5;
/** Levels in the edge of a cell. */
const LEVELS_IN_CELL = 2;

/**
 * Adds a cell to its patch: to the area by a raised cosine over ±1.5 cells (the smeared delta of
 * level sets; S. Osher & R. Fedkiw, 2003), and to every level that it is deeper than. Level l lies l
 * half edges deep; the share of the cell deeper than it falls by a half from one to the next.
 */
function addCell(draft: PatchDraft, d: number, h: number, p: Vec3): void {
  const reach = AREA_REACH * h;
  if (d > -reach) draft.cells += ((1 + Math.cos((Math.PI * d) / reach)) / (2 * reach)) * h;
  const deepest = LEVELS_IN_CELL * (0.5 - d / h);
  if (deepest <= 0) return;
  // The share in level l is (deepest − l)/2 within 0 and 1, so it differs between levels here only.
  const last = Math.ceil(deepest) - 1;
  for (let level = Math.max(0, last - LEVELS_IN_CELL); level <= last; level++) {
    const share = Math.min(1, (deepest - level) / LEVELS_IN_CELL);
    const next = Math.min(1, Math.max(0, (deepest - level - 1) / LEVELS_IN_CELL));
    const ends = share - next;
    draft.ends[level] = (draft.ends[level] ?? 0) + ends;
    for (let k = 0; k < 3; k++)
      draft.places[3 * level + k] = (draft.places[3 * level + k] ?? 0) + ends * p[k as 0]!;
  }
}

/** Sums from the deepest level up: what lies deeper than each, and where. */
function finished(
  { boneId, facing, cells, ends, places }: PatchDraft,
  h: number,
  bone: PosedBone,
): BodyPatch {
  const deeper: number[] = [];
  const moments: Vec3[] = [];
  let volume = 0;
  let moment: Vec3 = ORIGIN;
  for (let level = ends.length - 1; level >= 0; level--) {
    const of = (k: number): number => (places[3 * level + k] ?? 0) * h ** 3;
    volume += (ends[level] ?? 0) * h ** 3;
    moment = add(moment, [of(0), of(1), of(2)]);
    deeper[level] = volume;
    moments[level] = fromBone(bone, moment, volume);
  }
  return { boneId, facing, areaMm2: cells * h * h, deeperMm3: deeper, deeperMm4: moments };
}

/** Σ volume · place, told from a bone's start and in its rest axes. */
const fromBone = ({ start, rotation }: PosedBone, moment: Vec3, volume: number): Vec3 =>
  turn(inverse(rotation), sub(moment, scale(start, volume)));

/** Volume in mm³ of a patch that lies deeper than a life depth in mm, between its levels. */
export function deeperMm3(patch: BodyPatch, levelMm: number, depthMm: number): number {
  const at = Math.max(0, depthMm) / levelMm;
  const level = Math.floor(at);
  const [from, to] = [patch.deeperMm3[level] ?? 0, patch.deeperMm3[level + 1] ?? 0];
  return from + (to - from) * (at - level);
}

/** The same of volume times place, mm⁴, from the bone's start in its rest axes. */
export function deeperMm4(patch: BodyPatch, levelMm: number, depthMm: number): Vec3 {
  const at = Math.max(0, depthMm) / levelMm;
  const level = Math.floor(at);
  const [from, to] = [patch.deeperMm4[level] ?? ORIGIN, patch.deeperMm4[level + 1] ?? ORIGIN];
  return lerp(from, to, at - level);
}
