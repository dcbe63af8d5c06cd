import type { RoughSize } from '../coat.ts';

/** A life size from general knowledge, mm, with its usual range: to be checked where it matters. */
export const memory = (mm: number, low: number, high: number): RoughSize => ({
  mm,
  range: [low, high],
  provenance: 'memory',
});
