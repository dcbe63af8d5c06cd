import type { Vec3 } from '../geometry/vec3.ts';

/** One more coordinate of a corner of the lattice mixed in (after R. Jenkins' one-at-a-time hash, 1997). */
function mixed(h: number, part: number): number {
  let next = Math.imul(h + part, 0x9e3779b1);
  next ^= next >>> 15;
  next = Math.imul(next, 0x85ebca6b);
  return next ^ (next >>> 13);
}

/** A mixed corner as a number from 0 to below 1. */
const unit = (h: number): number => (h >>> 0) / 2 ** 32;

/** Slope 0 at both ends, so that no edge of the lattice is seen. */
const eased = (t: number): number => t * t * (3 - 2 * t);

/** Smooth irregularity in space, 0 to 1, one wave over about two units: value noise on a lattice of whole numbers. */
export const noise = ([x, y, z]: Vec3, seed: number): number => noiseAt(x, y, z, seed);

/** The same of three coordinates: asked for millions of points. */
export function noiseAt(x: number, y: number, z: number, seed: number): number {
  const i = Math.floor(x);
  const j = Math.floor(y);
  const k = Math.floor(z);
  const u = eased(x - i);
  const w = eased(z - k);
  const left = mixed(seed | 0, i);
  const right = mixed(seed | 0, i + 1);
  // Along x, on the edges of the cell.
  const edge = (y0: number, z0: number): number =>
    (1 - u) * unit(mixed(mixed(left, y0), z0)) + u * unit(mixed(mixed(right, y0), z0));
  const v = eased(y - j);
  const near = (1 - v) * edge(j, k) + v * edge(j + 1, k);
  if (w === 0) return near;
  return (1 - w) * near + w * ((1 - v) * edge(j, k + 1) + v * edge(j + 1, k + 1));
}

/** Places that the shares of noise are told from. */
const SAMPLES = 4096;
let sorted: Float64Array | undefined;

/** The height that so much of all noise lies below: at 0.3, three tenths of any field are lower. */
export function noiseBelow(share: number): number {
  sorted ??= Float64Array.from({ length: SAMPLES }, (_, i) =>
    // Steps that share no period with the lattice: golden ratio, √2 − 1, e − 2.
    noise([i * 0.6180339887, i * 0.4142135624, i * 0.7182818285], 7),
  ).sort();
  const at = Math.max(0, Math.min(1, share)) * (SAMPLES - 1);
  const low = Math.floor(at);
  const [a, b] = [sorted[low]!, sorted[Math.min(SAMPLES - 1, low + 1)]!];
  return a + (b - a) * (at - low);
}
