import type { Vec3 } from '../geometry/vec3.ts';
import type { ViewFrame } from './reliefViews.ts';

/** What a view sees, pixel by pixel: x right, y up, the first pixel's centre at `low`. */
export interface DepthBuffer {
  readonly low: readonly [number, number];
  readonly pixelMm: number;
  readonly wide: number;
  readonly high: number;
  /** How near the nearest thing is, mm towards the viewer; −Infinity where nothing is. */
  readonly near: Float32Array;
  /** The triangle that is seen; −1 for nothing; below that, −2 − n for the flat outline n. */
  readonly seen: Int32Array;
}

/** Triangles, and flat outlines in space such as fins and feathers. */
export interface Scene {
  readonly positions: Float32Array;
  readonly indices: Uint32Array;
  readonly flats: readonly (readonly Vec3[])[];
}

/** Free pixels round what is seen. */
const FREE = 3;

/** Draws a scene into a depth buffer, seen from afar along a view. */
export function depthBuffer(scene: Scene, frame: ViewFrame, pixelMm: number): DepthBuffer {
  const page = projected(scene.positions, frame);
  const flats = scene.flats.map((outline) => projected(Float32Array.from(outline.flat()), frame));
  const [min, max] = extent([page, ...flats]);
  const low = [min[0] - FREE * pixelMm, min[1] - FREE * pixelMm] as const;
  const wide = Math.ceil((max[0] - low[0]) / pixelMm) + FREE + 1;
  const high = Math.ceil((max[1] - low[1]) / pixelMm) + FREE + 1;
  const buffer: DepthBuffer = {
    ...{ low, pixelMm, wide, high },
    near: new Float32Array(wide * high).fill(-Infinity),
    seen: new Int32Array(wide * high).fill(-1),
  };
  // Into pixels once, so that the triangles need no more than their own numbers.
  for (const points of [page, ...flats])
    for (let i = 0; i < points.length; i += 3) {
      points[i] = (points[i]! - low[0]) / pixelMm;
      points[i + 1] = (points[i + 1]! - low[1]) / pixelMm;
    }
  for (let t = 0; t < scene.indices.length; t += 3) drawTriangle(buffer, page, scene.indices, t);
  flats.forEach((outline, n) => drawFlat(buffer, outline, n));
  return buffer;
}

/** Points on the page with how near they are: three numbers each. */
function projected(positions: Float32Array, { right, up, towards }: ViewFrame): Float32Array {
  const page = new Float32Array(positions.length);
  for (let i = 0; i < positions.length; i += 3) {
    const [x, y, z] = [positions[i]!, positions[i + 1]!, positions[i + 2]!];
    page[i] = right[0] * x + right[1] * y + right[2] * z;
    page[i + 1] = up[0] * x + up[1] * y + up[2] * z;
    page[i + 2] = towards[0] * x + towards[1] * y + towards[2] * z;
  }
  return page;
}

function extent(
  all: readonly Float32Array[],
): readonly [min: readonly [number, number], max: readonly [number, number]] {
  let [x0, y0, x1, y1] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const points of all)
    for (let i = 0; i < points.length; i += 3) {
      x0 = Math.min(x0, points[i]!);
      x1 = Math.max(x1, points[i]!);
      y0 = Math.min(y0, points[i + 1]!);
      y1 = Math.max(y1, points[i + 1]!);
    }
  return x0 < Infinity
    ? [
        [x0, y0],
        [x1, y1],
      ]
    : [
        [0, 0],
        [0, 0],
      ];
}

/** A triangle that looks at the viewer, into the pixels whose centres it covers. */
function drawTriangle(
  { near, seen, wide }: DepthBuffer,
  page: Float32Array,
  indices: Uint32Array,
  t: number,
): void {
  const a = 3 * indices[t]!;
  const b = 3 * indices[t + 1]!;
  const c = 3 * indices[t + 2]!;
  const ax = page[a]!;
  const ay = page[a + 1]!;
  const bx = page[b]!;
  const by = page[b + 1]!;
  const cx = page[c]!;
  const cy = page[c + 1]!;
  const area = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
  if (!(area > 0)) return;
  const x0 = Math.ceil(Math.min(ax, bx, cx));
  const x1 = Math.floor(Math.max(ax, bx, cx));
  const y0 = Math.ceil(Math.min(ay, by, cy));
  const y1 = Math.floor(Math.max(ay, by, cy));
  if (x0 > x1 || y0 > y1) return;
  const az = page[a + 2]!;
  const bz = page[b + 2]!;
  const cz = page[c + 2]!;
  for (let y = y0; y <= y1; y++)
    for (let x = x0; x <= x1; x++) {
      const u = ((bx - x) * (cy - y) - (by - y) * (cx - x)) / area;
      const v = ((cx - x) * (ay - y) - (cy - y) * (ax - x)) / area;
      const w = 1 - u - v;
      if (u < -1e-9 || v < -1e-9 || w < -1e-9) continue;
      const z = u * az + v * bz + w * cz;
      const at = x + wide * y;
      if (z > near[at]!) {
        near[at] = z;
        seen[at] = t / 3;
      }
    }
}

/** A flat outline by the nonzero rule, as near as the plane that fits its points. */
function drawFlat({ near, seen, wide, high }: DepthBuffer, points: Float32Array, n: number): void {
  const many = points.length / 3;
  if (many < 3) return;
  const plane = fittedPlane(points);
  let [y0, y1] = [Infinity, -Infinity];
  for (let i = 0; i < many; i++) {
    y0 = Math.min(y0, points[3 * i + 1]!);
    y1 = Math.max(y1, points[3 * i + 1]!);
  }
  for (let y = Math.max(0, Math.ceil(y0)); y <= Math.min(high - 1, Math.floor(y1)); y++)
    for (const [from, to] of spansOf(points, y))
      for (let x = Math.max(0, Math.ceil(from)); x <= Math.min(wide - 1, Math.floor(to)); x++) {
        const z = plane[0] * x + plane[1] * y + plane[2];
        const at = x + wide * y;
        if (z > near[at]!) {
          near[at] = z;
          seen[at] = -2 - n;
        }
      }
}

/** From where to where a row is inside an outline. */
function spansOf(points: Float32Array, y: number): readonly (readonly [number, number])[] {
  const many = points.length / 3;
  const crossings: { readonly x: number; readonly way: number }[] = [];
  for (let i = 0; i < many; i++) {
    const [a, b] = [3 * i, 3 * ((i + 1) % many)];
    const [ay, by] = [points[a + 1]!, points[b + 1]!];
    if (ay <= y === by <= y) continue;
    const t = (y - ay) / (by - ay);
    crossings.push({ x: points[a]! + (points[b]! - points[a]!) * t, way: by > ay ? 1 : -1 });
  }
  crossings.sort((a, b) => a.x - b.x);
  const spans: [number, number][] = [];
  let winding = 0;
  for (const { x, way } of crossings) {
    if (winding === 0) spans.push([x, x]);
    winding += way;
    spans.at(-1)![1] = x;
  }
  return spans;
}

/** z = a·x + b·y + c through points, by least squares; level where they lie on a line. */
function fittedPlane(points: Float32Array): readonly [number, number, number] {
  const many = points.length / 3;
  const mean = [0, 0, 0];
  for (let i = 0; i < points.length; i++) mean[i % 3]! += points[i]! / many;
  let [xx, xy, yy, xz, yz] = [0, 0, 0, 0, 0];
  for (let i = 0; i < points.length; i += 3) {
    const [x, y, z] = [points[i]! - mean[0]!, points[i + 1]! - mean[1]!, points[i + 2]! - mean[2]!];
    xx += x * x;
    xy += x * y;
    yy += y * y;
    xz += x * z;
    yz += y * z;
  }
  const det = xx * yy - xy * xy;
  if (!(det > 1e-9 * xx * yy)) return [0, 0, mean[2]!];
  const [a, b] = [(xz * yy - yz * xy) / det, (yz * xx - xz * xy) / det];
  return [a, b, mean[2]! - a * mean[0]! - b * mean[1]!];
}
