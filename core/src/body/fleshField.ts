import { cellCentre, type CellGrid, type FleshField, type Nearest } from './cellGrid.ts';
import { boxSize } from '../geometry/box.ts';
import { lerp } from '../geometry/vec3.ts';
import { blendPairs, blended, type Blends } from './blend.ts';
import { redistanced } from './redistance.ts';
import { thinned, type Thinning } from './thinned.ts';
import { fieldOf, partArea, partBox, skinBox, type SkinPart } from './skin.ts';
import { inWallMm, type Wall } from './wall.ts';

/** Parts that reach a cell equally, within this, leave it to the first: left and right alike. */
const TIE_MM = 1e-6;

/** Cells on either side of a surface in which a part is worked out exactly. */
export const BAND_CELLS = 2.5;
/** Free cells round the body, so that every surface is closed inside the grid. */
const FREE_CELLS = 4;
/** Edge of a block of cells that is passed over whole where no surface comes near. */
const BLOCK = 4;

/** Cells beyond the midplane that a half body keeps, so that its slopes and creases are right there. */
const GHOST_CELLS = 3;
/** At most this share of the cells of a grid may lie on the surfaces of parts: a body that fills its
 * box would take long otherwise. */
const SURFACE_SHARE = 1 / 25;

/**
 * A grid over the flesh with about `total` cells, fewer where it fills its box. It is even in number
 * and centred; or, for a half body, cut at the midplane z = 0 with a few cells beyond.
 */
export function gridOver(parts: readonly SkinPart[], total: number, half = false): CellGrid {
  const box = skinBox(parts);
  const size = boxSize(box);
  const share = half ? 2 : 1;
  const surface = parts.reduce((sum, part) => sum + partArea(part), 0) / share;
  const cellMm = Math.max(
    Math.cbrt((size[0] * size[1] * size[2]) / share / total),
    Math.sqrt(surface / (total * SURFACE_SHARE)),
  );
  const evenly = (side: number): number => 2 * (Math.ceil(side / cellMm / 2) + FREE_CELLS);
  const centre = lerp(box.min, box.max, 0.5);
  const from = (i: 0 | 1 | 2, many: number): number => centre[i] - ((many - 1) / 2) * cellMm;
  const [nx, ny] = [evenly(size[0]), evenly(size[1])];
  if (!half) {
    const nz = evenly(size[2]);
    return { origin: [from(0, nx), from(1, ny), from(2, nz)], cellMm, cells: [nx, ny, nz] };
  }
  const left = Math.ceil(-box.min[2] / cellMm) + FREE_CELLS;
  const cells = [nx, ny, left + GHOST_CELLS] as const;
  return { origin: [from(0, nx), from(1, ny), (0.5 - left) * cellMm], cellMm, cells };
}

/**
 * The flesh of a body as a field of true distances. Each part is evaluated only near its own
 * surface; where parts of neighbouring bones meet in a crease, it is filled out; and the depth of
 * every cell is then measured to the nearest point of the surface that is left; over the muscles of
 * `thin` the skin sinks in, and in the wall there is none. `onProgress` is told 0 to 1. Pure and deterministic.
 */
export function fleshField(
  parts: readonly SkinPart[],
  grid: CellGrid,
  blends: Blends = blendPairs(parts, () => false),
  thin: readonly Thinning[] = [],
  onProgress: (done: number) => void = () => undefined,
  wall?: Wall,
): FleshField {
  const full = redistanced(
    firstField(parts, grid, blends, (done) => {
      onProgress(0.7 * done);
    }),
  );
  const field = thinned(full, thin);
  if (wall !== undefined) cutAt(wall, field);
  onProgress(1);
  return field;
}

/** What lies in the wall is no flesh; before it every depth stays that from the skin, and not from the cut. */
function cutAt(wall: Wall, field: FleshField): void {
  const { depth } = field;
  for (let at = 0; at < depth.length; at++) {
    const inMm = inWallMm(wall, cellCentre(field, at));
    if (inMm > 0) depth[at] = Math.max(depth[at]!, inMm);
  }
}

/**
 * The flesh of a body as a field that is right at the surface of each part and in its creases, and by its
 * sign everywhere: enough to tell volumes. Within a body that parts share it is no distance.
 */
export function firstField(
  parts: readonly SkinPart[],
  grid: CellGrid,
  blends: Blends,
  onProgress: (done: number) => void = () => undefined,
): FleshField {
  const many = grid.cells[0] * grid.cells[1] * grid.cells[2];
  const nearest: Nearest = {
    first: new Float32Array(many).fill(Infinity),
    second: new Float32Array(many).fill(Infinity),
    firstPart: new Int16Array(many).fill(-1),
    secondPart: new Int16Array(many).fill(-1),
  };
  const reach = BAND_CELLS * grid.cellMm + blends.reachMm;
  parts.forEach((part, index) => {
    stamp(grid, nearest, part, index, reach);
    onProgress((index + 1) / parts.length);
  });
  const depth = blended(grid, parts, nearest, blends);
  return { ...grid, parts, depth, owner: nearest.firstPart };
}

/** Keeps a part in the cells near its surface, and its inside by blocks. */
function stamp(
  { origin, cellMm: h, cells }: CellGrid,
  nearest: Nearest,
  part: SkinPart,
  index: number,
  reach: number,
): void {
  const field = fieldOf(part);
  const box = partBox(part);
  const low = box.min.map((v, i) =>
    Math.max(0, BLOCK * Math.floor((v - reach - origin[i as 0]) / h / BLOCK)),
  ) as [number, number, number];
  const high = box.max.map((v, i) =>
    Math.min(cells[i as 0] - 1, Math.ceil((v + reach - origin[i as 0]) / h)),
  ) as [number, number, number];
  const half = ((BLOCK - 1) / 2) * h;
  const toCorner = Math.sqrt(3) * half;
  const [nx, ny] = cells;
  for (let k0 = low[2]; k0 <= high[2]; k0 += BLOCK)
    for (let j0 = low[1]; j0 <= high[1]; j0 += BLOCK)
      for (let i0 = low[0]; i0 <= high[0]; i0 += BLOCK) {
        const middle = field(
          origin[0] + i0 * h + half,
          origin[1] + j0 * h + half,
          origin[2] + k0 * h + half,
        );
        if (middle > reach + toCorner) continue;
        // Deep inside, a depth that is certain is enough: the true one is measured later.
        const deep = middle < -reach - 2 * toCorner ? middle + toCorner : null;
        const [iEnd, jEnd, kEnd] = [
          Math.min(i0 + BLOCK, cells[0]),
          Math.min(j0 + BLOCK, cells[1]),
          Math.min(k0 + BLOCK, cells[2]),
        ];
        for (let k = k0; k < kEnd; k++)
          for (let j = j0; j < jEnd; j++) {
            const row = nx * (j + ny * k);
            const [y, z] = [origin[1] + j * h, origin[2] + k * h];
            for (let i = i0; i < iEnd; i++) {
              put(nearest, row + i, deep ?? field(origin[0] + i * h, y, z), index);
            }
          }
      }
}

function put(nearest: Nearest, at: number, d: number, index: number): void {
  const { first, second, firstPart, secondPart } = nearest;
  if (d < first[at]! - TIE_MM) {
    second[at] = first[at]!;
    secondPart[at] = firstPart[at]!;
    first[at] = d;
    firstPart[at] = index;
  } else if (d < second[at]! - TIE_MM) {
    second[at] = d;
    secondPart[at] = index;
  }
}
