/**
 * The first of some cases and `more` others, chosen by a seed so that they are the same in every run;
 * all of them in the long run (npm run test:long).
 */
export function sampled<T>(cases: readonly T[], more: number, seed: number): readonly T[] {
  if (__LONG__ || cases.length <= more + 1) return cases;
  const [first, ...rest] = cases as [T, ...T[]];
  const chosen = new Set<number>();
  let state = seed >>> 0;
  while (chosen.size < more) {
    // A linear congruential generator: D. Knuth, The Art of Computer Programming 2, 3.3.4.
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    chosen.add(Math.floor((state / 2 ** 32) * rest.length));
  }
  return [first, ...rest.filter((_, i) => chosen.has(i))];
}

/** How many random cases a property is tried on: few, or all of them in the long run. */
export const tries = (few: number, all: number): number => (__LONG__ ? all : few);
