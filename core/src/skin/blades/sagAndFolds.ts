import * as say from './words.ts';
import type { BladePattern } from '../../body/bladePattern.ts';
import type { Point2 } from '../../geometry/hull.ts';
import { greatest, least } from '../../geometry/extremes.ts';
import { asInput, input, type Working } from '../../piece/working.ts';

/** Stiffness of soft clay as it warms in the oven, and its density: from memory; clays differ. */
const SOFT_MPA = 0.3;
const CLAY_G_PER_ML = 1.8;
/** So much sag between two props is not seen, mm: common practice. */
const SAG_MM = 0.5;
const GRAVITY = 9.80665;
/** A fold stands up by so many times the thickness: common practice. */
const FOLD_HIGH = 4;

/**
 * How far apart props may stand under a blade of soft clay, mm: a strip on two supports sags by 5·ρ·g·L⁴ / (32·E·t²)
 * (Euler and Bernoulli), solved for L.
 */
export function propWorking({ blade }: BladePattern, made: Working): Working {
  const [e, rho, t] = [SOFT_MPA * 1e6, CLAY_G_PER_ML * 1000, made.value / 1000];
  const metres = ((32 * e * t * t * (SAG_MM / 1000)) / (5 * rho * GRAVITY)) ** 0.25;
  return {
    ...{ id: `skin.blade.${blade.id}.prop`, stage: 'skin', unit: 'mm', digits: 0 },
    ...{ label: say.propOf(blade.name), value: 1000 * metres, provenance: 'derived' },
    formula: 'L = √(√(32 · E · t^2 · s / (5 · ρ · g)))',
    inputs: [
      input('E', say.softStiffness, SOFT_MPA, 'MPa', 'memory'),
      asInput('t', made),
      input('s', say.sagUnseen, SAG_MM, 'mm', 'memory'),
      input('ρ', say.clayDensity, CLAY_G_PER_ML, 'g/ml', 'memory'),
      input('g', say.gravity, GRAVITY, 'm/s2', 'published'),
    ],
    source: say.stripOnTwo,
  };
}

/** How many folds take up what of a blade this stance does not spread; 0 where it is all spread. */
export function foldsWorking(pattern: BladePattern, slack: Working, made: Working): Working {
  const { blade, wideMm } = pattern;
  const share = slack.value / 100;
  return {
    ...{ id: `skin.blade.${blade.id}.folds`, stage: 'skin', unit: 'count', digits: 0 },
    ...{ label: say.foldsOf(blade.name), provenance: 'derived', source: say.eachTakesTwice },
    value: Math.max(0, Math.ceil((share * wideMm) / (2 * FOLD_HIGH * made.value) - 1e-9)),
    formula: 'n = ⌈ f · b / (2 · k · t) ⌉',
    inputs: [
      asInput('f', slack),
      input('b', say.acrossBlade, wideMm, 'mm', 'derived'),
      input('k', say.foldHigh, FOLD_HIGH, 'ratio', 'memory'),
      asInput('t', made),
    ],
  };
}

/** Where the crests of so many folds run on the flat pattern: along it, evenly across, each within the outline. */
export function foldLines(
  { outline }: Pick<BladePattern, 'outline'>,
  many: number,
): readonly (readonly [Point2, Point2])[] {
  const ys = outline.map(([, y]) => y);
  const [low, high] = [least(ys), greatest(ys)];
  return Array.from({ length: many }, (_, i) => low + ((i + 0.5) / many) * (high - low)).flatMap(
    (y) => {
      const xs = outline
        .flatMap(([x0, y0], i): number[] => {
          const [x1, y1] = outline[(i + 1) % outline.length]!;
          return y0 < y === y1 < y ? [] : [x0 + ((y - y0) / (y1 - y0)) * (x1 - x0)];
        })
        .toSorted((a, b) => a - b);
      return xs.flatMap((x, i): (readonly [Point2, Point2])[] =>
        i % 2 === 0 && xs[i + 1] !== undefined
          ? [
              [
                [x, y],
                [xs[i + 1]!, y],
              ],
            ]
          : [],
      );
    },
  );
}
