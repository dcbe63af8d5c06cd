import { greatest } from '../geometry/extremes.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import type { CellGrid, Nearest } from './cellGrid.ts';
import { cellCentre } from './cellGrid.ts';
import { innerRadiusMm, partNormal, type SkinPart } from './skin.ts';

/** How far creases between parts are filled out: a radius in mm for each pair of parts. */
export interface Blends {
  readonly radiusMm: (a: number, b: number) => number;
  /** The widest radius that a part has with any other. */
  readonly widestMm: (part: number) => number;
  /** The widest of them. */
  readonly reachMm: number;
}

/** A crease is filled out over this share of the thinner part's radius. */
const BLEND_SHARE = 0.5;

/** Runs of one sleeve go on into each other: there is no crease to fill. */
const isOneSleeve = (a: SkinPart, b: SkinPart): boolean =>
  a.kind === 'sleeve' && b.kind === 'sleeve' && a.sleeve === b.sleeve;

/** Blends for the pairs of parts, by their bones, that belong together. */
export function blendPairs(
  parts: readonly SkinPart[],
  together: (boneA: string, boneB: string) => boolean,
): Blends {
  const many = parts.length;
  const radii = new Float32Array(many * many);
  const inner = parts.map(innerRadiusMm);
  let reachMm = 0;
  parts.forEach((a, i) =>
    parts.forEach((b, j) => {
      if (i === j || !together(a.boneId, b.boneId) || isOneSleeve(a, b)) return;
      const radius = BLEND_SHARE * Math.min(inner[i]!, inner[j]!);
      radii[i * many + j] = radius;
      reachMm = Math.max(reachMm, radius / 4);
    }),
  );
  const widest = parts.map((_, i) =>
    Math.max(0, greatest(radii.subarray(i * many, (i + 1) * many))),
  );
  return { radiusMm: (a, b) => radii[a * many + b]!, widestMm: (part) => widest[part]!, reachMm };
}

/**
 * The least distance in every cell, with creases filled: where the two nearest parts differ by less
 * than k, the cell comes nearer by (k − difference)²/4k (the quadratic smooth minimum). k is the
 * pair's radius times how much the two surfaces turn away from each other there, so that parts that
 * run on smoothly do not swell.
 */
export function blended(
  grid: CellGrid,
  parts: readonly SkinPart[],
  { first, second, firstPart, secondPart }: Nearest,
  blends: Blends,
): Float32Array {
  const depth = first.slice();
  if (blends.reachMm === 0) return depth;
  const near = 2 * grid.cellMm;
  for (let at = 0; at < depth.length; at++) {
    const d = first[at]!;
    const more = second[at]! - d;
    if (!(d < blends.reachMm + near && d > -near - blends.reachMm && more < Infinity)) continue;
    const [a, b] = [firstPart[at]!, secondPart[at]!];
    const radius = blends.radiusMm(a, b);
    if (more >= radius) continue;
    const p = cellCentre(grid, at);
    const k = radius * awayness(parts[a]!, parts[b]!, p, grid.cellMm / 4);
    depth[at] = d - filledBy(k, more);
  }
  return depth;
}

/** How much nearer a crease comes of the radius k where the second part is further by `more` (quadratic smooth minimum). */
const filledBy = (k: number, more: number): number =>
  more < k ? ((k - more) * (k - more)) / (4 * k) : 0;

/**
 * The distance to all parts of a list with their creases filled: each further part in turn is joined to what
 * is nearer by the smooth minimum of {@link blended}, with the widest radius that it has with any of them.
 */
export function blendedDistance(
  parts: readonly SkinPart[],
  list: readonly number[],
  distances: Float64Array,
  first: number,
  blends: Blends,
  p: Vec3,
  cellMm: number,
): number {
  const least = distances[first]!;
  let depth = least;
  // Nearest first, so that what is joined does not hang on the order of the parts.
  const near = [...distances.keys()]
    .filter((m) => m !== first && distances[m]! - least < 4 * blends.reachMm)
    .sort((a, b) => distances[a]! - distances[b]!);
  const joined = [first];
  for (const m of near) {
    const more = distances[m]! - depth;
    const radius = Math.max(...joined.map((n) => blends.radiusMm(list[n]!, list[m]!)));
    joined.push(m);
    if (more >= radius) continue;
    const k = radius * awayness(parts[list[first]!]!, parts[list[m]!]!, p, cellMm / 4);
    depth -= filledBy(k, more);
  }
  return depth;
}

/** 0 where two surfaces look the same way, 1 where they stand square to each other or more. */
function awayness(a: SkinPart, b: SkinPart, p: Vec3, step: number): number {
  const [u, v] = [partNormal(a, p, step), partNormal(b, p, step)];
  return Math.min(1, Math.max(0, 1 - (u[0] * v[0] + u[1] * v[1] + u[2] * v[2])));
}
