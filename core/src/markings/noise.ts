import type { Vec3 } from '../geometry/vec3.ts';

/** A number from 0 to below 1 for a corner of the lattice (mixing after R. Jenkins' one-at-a-time hash, 1997). */
function corner(x: number, y: number, z: number, seed: number): number {
  let h = seed | 0;
  for (const part of [x, y, z]) {
    h = Math.imul(h + part, 0x9e3779b1);
    h ^= h >>> 15;
    h = Math.imul(h, 0x85ebca6b);
    h ^= h >>> 13;
  }
  return (h >>> 0) / 2 ** 32;
}

/** Slope 0 at both ends, so that no edge of the lattice is seen. */
const eased = (t: number): number => t * t * (3 - 2 * t);

/** Smooth irregularity in space, 0 to 1, one wave over about two units: value noise on a lattice of whole numbers. */
export function noise([x, y, z]: Vec3, seed: number): number {
  const [i, j, k] = [Math.floor(x), Math.floor(y), Math.floor(z)];
  const [u, v, w] = [eased(x - i), eased(y - j), eased(z - k)];
  let sum = 0;
  for (let n = 0; n < 8; n++) {
    const [a, b, c] = [n & 1, (n >> 1) & 1, n >> 2];
    const weight = (a ? u : 1 - u) * (b ? v : 1 - v) * (c ? w : 1 - w);
    if (weight > 0) sum += weight * corner(i + a, j + b, k + c, seed);
  }
  return sum;
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
