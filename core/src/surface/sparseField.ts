import { blendedDistance, type Blends } from '../body/blend.ts';
import { fieldOf, partBox, skinBox, type SkinPart } from '../body/skin.ts';
import { skinDistance } from '../body/surfaceDistance.ts';
import { mayReach, raisedMm, type MuscleRelief } from '../body/muscleRelief.ts';
import { sunkMm, type Thinning } from '../body/thinned.ts';
import { boxSize } from '../geometry/box.ts';
import { least } from '../geometry/extremes.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { inWallMm, type Wall } from '../body/wall.ts';

/** Cells along the edge of a block. */
export const BLOCK = 8;
const BLOCK_CELLS = BLOCK ** 3;
/** A block is worked out where the skin comes this near to it, in cells. */
const NEAR_CELLS = 2;

/**
 * The skin of a body on one uniform grid of which only the blocks near the skin are there: what it takes grows
 * with the skin and not with the room round it.
 */
export interface SparseField {
  /** Centre of the first cell, and the edge of a cell, mm. */
  readonly origin: Vec3;
  readonly cellMm: number;
  /** Blocks along each axis. */
  readonly blocks: readonly [number, number, number];
  /** Where the cells of a block begin in `depth`; −1 for a block that is not there. */
  readonly slots: Int32Array;
  /** Signed distance to the skin, mm, negative inside; x runs fastest in a block. */
  readonly depth: Float32Array;
  /** Index of the part whose skin is nearest. */
  readonly owner: Int16Array;
  readonly parts: readonly SkinPart[];
}

/** The edge of a cell with which the skin of these parts takes about so many cells, mm. */
export function cellFor(areaMm2: number, cells: number): number {
  // A layer of blocks along the skin: about one and a half of them are touched for each that it fills.
  return Math.sqrt((areaMm2 * BLOCK * 1.5) / cells);
}

/**
 * Works the skin of some parts out near it; over the muscles of `thin` it sinks in, and those of `reliefs` show
 * in it; the wall closes it.
 */
export function sparseField(
  parts: readonly SkinPart[],
  blends: Blends,
  cellMm: number,
  thin: readonly Thinning[] = [],
  reliefs: readonly MuscleRelief[] = [],
  wall?: Wall,
): SparseField {
  const h = cellMm;
  const box = skinBox(parts);
  const [long, tall] = boxSize(box);
  const size = [long, tall, 2 * Math.max(Math.abs(box.min[2]), Math.abs(box.max[2]))];
  const margin = NEAR_CELLS + 1;
  const blocks = size.map((mm) => Math.ceil((mm / h + 2 * margin) / BLOCK)) as unknown as [
    number,
    number,
    number,
  ];
  // Even about the midplane, so that the left is the mirror image of the right.
  const origin = blocks.map((many, i) => {
    const middle = i === 2 ? 0 : (box.min[i as 0] + box.max[i as 0]) / 2;
    return middle - ((many * BLOCK - 1) / 2) * h;
  }) as unknown as Vec3;
  const near = touched(parts, origin, h, blocks, blends.reachMm, wall);
  const slots = new Int32Array(blocks[0] * blocks[1] * blocks[2]).fill(-1);
  const depth = new Float32Array(near.size * BLOCK_CELLS);
  const owner = new Int16Array(near.size * BLOCK_CELLS);
  let slot = 0;
  for (const [block, list] of near) {
    slots[block] = slot;
    fillBlock({ depth, owner }, slot, block, list, {
      ...{ parts, blends, origin, h, blocks, thin, reliefs },
      ...(wall === undefined ? {} : { wall }),
    });
    slot += BLOCK_CELLS;
  }
  return { origin, cellMm: h, blocks, slots, depth, owner, parts };
}

/** The blocks that the skin of some part comes near to, each with the parts that reach it. */
function touched(
  parts: readonly SkinPart[],
  origin: Vec3,
  h: number,
  [nx, ny, nz]: readonly [number, number, number],
  reachMm: number,
  wall: Wall | undefined,
): ReadonlyMap<number, readonly number[]> {
  const half = ((BLOCK - 1) / 2) * h;
  const toCorner = Math.sqrt(3) * (half + h / 2);
  const reach = NEAR_CELLS * h + reachMm + toCorner;
  const lists = new Map<number, number[]>();
  const surely = new Set<number>();
  parts.forEach((part, index) => {
    const field = fieldOf(part);
    const box = partBox(part);
    const [from, to] = [box.min, box.max].map((corner, end) =>
      corner.map((v, i) => {
        const at = Math.floor((v + (end ? reach : -reach) - origin[i as 0]) / (BLOCK * h));
        return Math.min([nx, ny, nz][i]! - 1, Math.max(0, at));
      }),
    ) as [number[], number[]];
    for (let k = from[2]!; k <= to[2]!; k++)
      for (let j = from[1]!; j <= to[1]!; j++)
        for (let i = from[0]!; i <= to[0]!; i++) {
          const block = i + nx * (j + ny * k);
          const middle: Vec3 = [
            origin[0] + i * BLOCK * h + half,
            origin[1] + j * BLOCK * h + half,
            origin[2] + k * BLOCK * h + half,
          ];
          const d = field(...middle);
          if (d > reach) continue;
          const isAtWall = wall !== undefined && Math.abs(inWallMm(wall, middle)) < reach;
          // Well inside one part there is no skin, whatever the others do, but where the wall cuts it.
          if (d < -reach && !isAtWall) surely.add(block);
          else {
            const list = lists.get(block);
            if (list === undefined) lists.set(block, [index]);
            else list.push(index);
          }
        }
  });
  for (const block of surely) lists.delete(block);
  return lists;
}

interface Filling {
  readonly parts: readonly SkinPart[];
  readonly blends: Blends;
  readonly origin: Vec3;
  readonly h: number;
  readonly blocks: readonly [number, number, number];
  readonly thin: readonly Thinning[];
  readonly reliefs: readonly MuscleRelief[];
  readonly wall?: Wall;
}

/** Cells along the edge of a part of a block, in which no part of the body is asked that cannot matter. */
const BIT = 4;

/** Works out the cells of one block from the parts that reach it, bit by bit. */
function fillBlock(
  out: { readonly depth: Float32Array; readonly owner: Int16Array },
  slot: number,
  block: number,
  list: readonly number[],
  filling: Filling,
): void {
  const { origin, h, blocks } = filling;
  const rest = Math.floor(block / blocks[0]);
  const first: Vec3 = [
    origin[0] + (block % blocks[0]) * BLOCK * h,
    origin[1] + (rest % blocks[1]) * BLOCK * h,
    origin[2] + Math.floor(rest / blocks[1]) * BLOCK * h,
  ];
  for (let k = 0; k < BLOCK; k += BIT)
    for (let j = 0; j < BLOCK; j += BIT)
      for (let i = 0; i < BLOCK; i += BIT)
        fillBit(out, slot + i + BLOCK * (j + BLOCK * k), list, filling, [
          first[0] + i * h,
          first[1] + j * h,
          first[2] + k * h,
        ]);
}

/** The cells of a bit whose first cell lies at `from`; where no skin comes near, one distance stands for all. */
function fillBit(
  { depth, owner }: { readonly depth: Float32Array; readonly owner: Int16Array },
  slot: number,
  all: readonly number[],
  { parts, blends, h, thin, reliefs, wall }: Filling,
  from: Vec3,
): void {
  const half = ((BIT - 1) / 2) * h;
  const toCorner = SAFE * Math.sqrt(3) * half;
  const middle: Vec3 = [from[0] + half, from[1] + half, from[2] + half];
  const there = all.map((index) => fieldOf(parts[index]!)(...middle));
  const nearest = least(there);
  const far = Math.abs(nearest) - toCorner > NEAR_CELLS * h + blends.reachMm;
  // A part this much further off than the nearest one is neither nearest nor joined anywhere in the bit. How deep
  // a place lies in a run jumps at its open end, where the next run goes on: depth does not count.
  const reach = Math.max(0, nearest) + 2 * toCorner;
  const list = far
    ? [all[there.indexOf(nearest)]!]
    : all.filter((part, m) => there[m]! <= reach + blends.widestMm(part));
  const fields = list.map((index) => fieldOf(parts[index]!));
  const distances = new Float64Array(list.length);
  const creased = blends.reachMm + 2 * h;
  const shown = far ? [] : reliefs.filter((of) => mayReach(of, middle, toCorner));
  for (let n = 0; n < BIT ** 3; n++) {
    const [i, j, k] = [n & 3, (n >> 2) & 3, n >> 4];
    const cell = slot + i + BLOCK * (j + BLOCK * k);
    const p: Vec3 = [from[0] + i * h, from[1] + j * h, from[2] + k * h];
    if (far) {
      owner[cell] = list[0]!;
      depth[cell] = wall === undefined ? nearest : Math.max(nearest, inWallMm(wall, p));
      continue;
    }
    let first = 0;
    for (let m = 0; m < fields.length; m++) {
      distances[m] = fields[m]!(...p);
      if (distances[m]! < distances[first]!) first = m;
    }
    const d = distances[first]!;
    const filled =
      fields.length === 1 || d > creased || d < -2 * h
        ? d
        : blendedDistance(parts, list, distances, first, blends, p, h);
    const of = list[first]!;
    owner[cell] = of;
    const bare = thin.length === 0 ? filled : thinnedAt(p, filled, of, parts, thin, h);
    const skin = shown.length === 0 ? bare : bare - raisedAt(p, parts[of]!.boneId, shown);
    depth[cell] = wall === undefined ? skin : Math.max(skin, inWallMm(wall, p));
  }
}

/** A field of a bent or flat section may rise faster than a distance, by about this. */
const SAFE = 1.3;

/** How far the muscles of a bone's skin raise it at a place, mm. */
function raisedAt(p: Vec3, boneId: string, reliefs: readonly MuscleRelief[]): number {
  let sum = 0;
  for (const of of reliefs) if (of.bones.has(boneId)) sum += raisedMm(of, p);
  return sum;
}

/** The depth at a place over muscles that are leaner; where the flesh of others lies under it, that comes to light. */
function thinnedAt(
  p: Vec3,
  depth: number,
  owner: number,
  parts: readonly SkinPart[],
  thin: readonly Thinning[],
  h: number,
): number {
  let sunk = depth;
  for (const thinning of thin) {
    if (!thinning.bones.has(parts[owner]!.boneId)) continue;
    const drop = sunkMm(thinning, p);
    if (drop === 0 || sunk > h) continue;
    const others = parts.filter(({ boneId }) => !thinning.bones.has(boneId));
    const bare = others.length > 0 ? skinDistance(others, p) : Infinity;
    sunk = Math.min(sunk + drop, Math.max(sunk, bare));
  }
  return sunk;
}
