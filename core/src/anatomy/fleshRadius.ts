import type { Flesh } from './animal.ts';

/** Half of what flesh is thick at each of its sections, the lesser of height and width, life mm, with their places. */
export const radiiOf = (
  flesh: Flesh,
): readonly { readonly at: number; readonly radius: number }[] =>
  'curve' in flesh
    ? flesh.points
    : flesh.stations.map(({ at, above, below, halfWidth }) => ({
        at,
        radius: Math.min((above + below) / 2, halfWidth),
      }));

/** How round flesh is where its bone ends, life mm: its section that is furthest along. */
export const endRadius = (flesh: Flesh): number =>
  radiiOf(flesh).reduce((last, next) => (next.at >= last.at ? next : last)).radius;
