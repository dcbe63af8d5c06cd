import { distanceTransform } from '../geometry/distanceTransform.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { cellCentre, slopeAt, type FleshField } from './cellGrid.ts';

/** Cells this near to the surface, in edges, know the nearest point of it themselves. */
const SEED_CELLS = 0.9;
/** A field steeper or flatter than a distance may be by this factor where a foot is set. */
const STEEP = 4;

/** A foot this many edges beside the straight way down belongs to another bit of the same surface. */
const BESIDE_CELLS = 1;
/** Steps along the surface towards the straight way down; each halves what is left, or more. */
const STEPS = 4;

/**
 * Turns a field that is right near the surface into true distances everywhere inside: each cell near
 * the surface is given the point of the surface below it, by one Newton step along the slope; every
 * other cell begins at the point of the cell that an exact distance transform finds for it, and goes
 * along the surface to the nearest. A point that lies a little beside the straight way down stands
 * for the plane through it, as the surface goes on there; one further beside is an edge, and
 * measured to itself.
 */
export function redistanced(field: FleshField): FleshField {
  const { depth, owner, cellMm: h, cells } = field;
  const feet = feetOf(field);
  const { seed } = distanceTransform(feet.f, cells, [h, h, h]);
  const exact = depth.slice();
  const nearest = owner.slice();
  const beside2 = (BESIDE_CELLS * h) ** 2;
  const seen: Seen = { cell: 0, far2: 0, down: 0 };
  for (let at = 0; at < depth.length; at++) {
    const d = depth[at]!;
    if (d > h || seed[at]! < 0) continue;
    const p = cellCentre(field, at);
    look(feet, p, seed[at]!, seen);
    for (let step = 0; step < STEPS && seen.far2 - seen.down * seen.down > beside2; step++)
      if (!goOn(field, feet, p, seen)) break;
    const beside = seen.far2 - seen.down * seen.down;
    const far = beside < beside2 ? Math.abs(seen.down) : Math.sqrt(seen.far2);
    exact[at] = d < 0 ? -far : far;
    nearest[at] = owner[seen.cell]!;
  }
  return { ...field, depth: exact, owner: nearest };
}

/** A foot as a cell sees it: whose it is, the squared distance, and the way straight down. */
interface Seen {
  cell: number;
  far2: number;
  down: number;
}

/** Points of the surface: three numbers each and the unit normal, and where a cell's begin. */
interface Feet {
  readonly f: Float32Array;
  readonly points: Float32Array;
  readonly of: Int32Array;
}

function look({ points, of }: Feet, p: Vec3, cell: number, seen: Seen): void {
  const i = of[cell]!;
  const [x, y, z] = [p[0] - points[i]!, p[1] - points[i + 1]!, p[2] - points[i + 2]!];
  seen.cell = cell;
  seen.far2 = x * x + y * y + z * z;
  seen.down = x * points[i + 3]! + y * points[i + 4]! + z * points[i + 5]!;
}

/**
 * Looks round the place straight up from the cell in the plane of the foot, and takes the nearest
 * foot there; false where none is nearer.
 */
function goOn(field: FleshField, feet: Feet, p: Vec3, seen: Seen): boolean {
  const { origin, cellMm: h, cells } = field;
  const { points, of } = feet;
  const i = of[seen.cell]!;
  const at = ([0, 1, 2] as const).map((k) =>
    Math.round((p[k] - seen.down * points[i + 3 + k]! - origin[k]) / h),
  ) as [number, number, number];
  let best = seen.far2;
  let cell = -1;
  for (let dz = -1; dz <= 1; dz++)
    for (let dy = -1; dy <= 1; dy++)
      for (let dx = -1; dx <= 1; dx++) {
        const [x, y, z] = [at[0] + dx, at[1] + dy, at[2] + dz];
        if (x < 0 || y < 0 || z < 0 || x >= cells[0] || y >= cells[1] || z >= cells[2]) continue;
        const next = x + cells[0] * (y + cells[1] * z);
        if (feet.f[next] !== 0) continue;
        const j = of[next]!;
        const [u, v, w] = [p[0] - points[j]!, p[1] - points[j + 1]!, p[2] - points[j + 2]!];
        const far2 = u * u + v * v + w * w;
        if (far2 < best) [best, cell] = [far2, next];
      }
  if (cell < 0) return false;
  look(feet, p, cell, seen);
  return true;
}

/** The cells near the surface as seeds of a transform, and the points of the surface they know. */
function feetOf(field: FleshField): Feet {
  const { depth, cellMm: h } = field;
  const f = new Float32Array(depth.length).fill(Infinity);
  const points: number[] = [];
  const of = new Int32Array(depth.length);
  for (let at = 0; at < depth.length; at++) {
    const d = depth[at]!;
    if (!(Math.abs(d) < 2 * h)) continue;
    const [u, v, w] = slopeAt(depth, field, at);
    const size = Math.sqrt(u * u + v * v + w * w);
    if (size < 1 / STEEP || size > STEEP || Math.abs(d) > SEED_CELLS * h * size) continue;
    const p = cellCentre(field, at);
    const [a, b, c] = [u / size, v / size, w / size];
    const k = d / size;
    of[at] = points.length;
    points.push(p[0] - k * a, p[1] - k * b, p[2] - k * c, a, b, c);
    f[at] = 0;
  }
  return { f, points: Float32Array.from(points), of };
}
