import { lerp, sub, type Vec3 } from '../geometry/vec3.ts';
import { partDistance, skinBox, type SkinPart } from './skin.ts';

/** Signed distances to the skin on a regular grid, and whose flesh is nearest. x runs fastest. */
export interface SkinField {
  readonly parts: readonly SkinPart[];
  readonly origin: Vec3;
  readonly cellMm: number;
  readonly n: readonly [number, number, number];
  /** mm, negative inside; Infinity far outside. */
  readonly nearest: Float64Array;
  /** Index of the part, −1 far outside. */
  readonly owner: Int16Array;
}

/** Parts that reach a cell equally, within this, leave it to the first: left and right alike. */
const TIE_MM = 1e-6;

/** Cells round a part in which it is still evaluated: its area and slope need them. */
const MARGIN_CELLS = 3;

/**
 * The flesh as a field: least distance and its part in every cell that a part can reach. Each part
 * is evaluated only near itself. `cells` lie along the longest side of the body's box.
 */
export function skinField(
  parts: readonly SkinPart[],
  cells: number,
  onProgress: (done: number) => void = () => undefined,
): SkinField {
  const box = skinBox(parts);
  const size = sub(box.max, box.min);
  const h = Math.max(...size) / cells;
  // An even number of cells, centred on the body: left and right are then cut up alike.
  const n = size.map((side) => 2 * (Math.ceil(side / h / 2) + MARGIN_CELLS)) as [
    number,
    number,
    number,
  ];
  const origin = lerp(box.min, box.max, 0.5).map(
    (centre, i) => centre - ((n[i as 0] - 1) / 2) * h,
  ) as unknown as Vec3;
  const total = n[0] * n[1] * n[2];
  const field: SkinField = {
    parts,
    origin,
    cellMm: h,
    n,
    nearest: new Float64Array(total).fill(Infinity),
    owner: new Int16Array(total).fill(-1),
  };
  parts.forEach((part, index) => {
    stampPart(field, part, index);
    onProgress((index + 1) / parts.length);
  });
  return field;
}

/** Keeps the least distance and its part in every cell the part can reach. */
function stampPart(
  { origin, cellMm: h, n, nearest, owner }: SkinField,
  part: SkinPart,
  index: number,
) {
  const box = skinBox([part]);
  const low = box.min.map((v, i) =>
    Math.max(0, Math.floor((v - origin[i as 0]) / h) - MARGIN_CELLS + 1),
  );
  const high = box.max.map((v, i) =>
    Math.min(n[i as 0] - 1, Math.ceil((v - origin[i as 0]) / h) + MARGIN_CELLS - 1),
  );
  for (let k = low[2]!; k <= high[2]!; k++) {
    for (let j = low[1]!; j <= high[1]!; j++) {
      for (let i = low[0]!; i <= high[0]!; i++) {
        const at = i + n[0] * (j + n[1] * k);
        const p: Vec3 = [origin[0] + i * h, origin[1] + j * h, origin[2] + k * h];
        const d = partDistance(part, p);
        if (d < nearest[at]! - TIE_MM) {
          nearest[at] = d;
          owner[at] = index;
        }
      }
    }
  }
}

/** Slope of the field at a cell, unscaled: it points away from the body. Ends are one-sided. */
export function fieldGradient({ n, nearest }: SkinField, at: number): Vec3 {
  const slope = (step: number): number => {
    const [before, after] = [nearest[at - step] ?? Infinity, nearest[at + step] ?? Infinity];
    const here = nearest[at]!;
    const [from, to] = [Number.isFinite(before), Number.isFinite(after)];
    if (from && to) return after - before;
    return to ? 2 * (after - here) : from ? 2 * (here - before) : 0;
  };
  return [slope(1), slope(n[0]), slope(n[0] * n[1])];
}
