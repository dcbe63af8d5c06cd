import type { PagePoint } from './drawing.ts';

/** Pseudo-random numbers 0 to 1 from a seed (mulberry32): the same seed, the same coat. */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** Irregularity of strokes: share of the length, and degrees, either way. Common practice. */
export const VARY_LENGTH = 0.33;
const VARY_DEG = 12;

/**
 * One stroke of hair as a closed outline at true length and width, mm: widest near its root, a
 * point at its tip. It starts at `root` and runs along `headingRad`, varied by `random`.
 */
export function strokeOutline(
  root: PagePoint,
  headingRad: number,
  lengthMm: number,
  widthMm: number,
  random: () => number,
): readonly PagePoint[] {
  const long = lengthMm * (1 + VARY_LENGTH * (2 * random() - 1));
  const heading = headingRad + ((VARY_DEG * Math.PI) / 180) * (2 * random() - 1);
  const [c, s] = [Math.cos(heading), Math.sin(heading)];
  const at = (along: number, across: number): PagePoint => [
    root[0] + along * c - across * s,
    root[1] + along * s + across * c,
  ];
  const half = widthMm / 2;
  return [at(0, 0), at(0.3 * long, half), at(long, 0), at(0.3 * long, -half)];
}

/** A seed from a name, so that each zone has its own irregularity and keeps it. */
export const seedOf = (name: string): number =>
  [...name].reduce((hash, letter) => Math.imul(hash ^ letter.charCodeAt(0), 16777619), 2166136261);
