import { widestUp, type SleeveSection } from '../../body/sleeveSection.ts';

/** Nodes and weights of the five-point rule of C. F. Gauss on −1 to 1 (1814). */
const GAUSS = [
  [0, 128 / 225],
  [Math.sqrt(5 - 2 * Math.sqrt(10 / 7)) / 3, (322 + 13 * Math.sqrt(70)) / 900],
  [Math.sqrt(5 + 2 * Math.sqrt(10 / 7)) / 3, (322 - 13 * Math.sqrt(70)) / 900],
] as const;
const OFF_MIDDLE = GAUSS.slice(1);
/** Steps that each half of a quarter is cut into: five millionths at worst for exponents from 1.2 on. */
const STEPS = 8;

/**
 * Length of a quarter of |x/a|ⁿ + |y/b|ⁿ = 1 (G. Lamé, 1818), mm: its two halves meet on the diagonal, and each is
 * the integral of √(1 + y′²) over the axis that it is flat to.
 */
export function quarterGirth(a: number, b: number, n: number): number {
  const half = (p: number, q: number): number => {
    const end = 2 ** (-1 / n);
    let sum = 0;
    // √(1 + y′²) at a share of the axis.
    const rate = (share: number): number => {
      const power = share ** (n - 1);
      const slope = (q / p) * power * (1 - power * share) ** (1 / n - 1);
      return Math.sqrt(1 + slope * slope);
    };
    for (let i = 0; i < STEPS; i++) {
      // Shorter steps towards the axis, where a power that is not whole is rough.
      const from = end * (i / STEPS) ** 2;
      const to = end * ((i + 1) / STEPS) ** 2;
      const middle = (from + to) / 2;
      const reach = (to - from) / 2;
      sum += reach * GAUSS[0][1] * rate(middle);
      for (const [node, weight] of OFF_MIDDLE)
        sum += reach * weight * (rate(middle - reach * node) + rate(middle + reach * node));
    }
    return p * sum;
  };
  return half(a, b) + half(b, a);
}

/** Girth of a superellipse with these half axes, mm. */
export const superellipseGirth = (a: number, b: number, n: number): number =>
  4 * quarterGirth(a, b, n);

/** Girth of a section of a sleeve, mm: two quarters over its widest line and two under it. */
export function sectionGirth(section: SleeveSection): number {
  const line = widestUp(section);
  const over = quarterGirth(section.half, section.above - line, section.squareAbove);
  const under = quarterGirth(section.half, section.below + line, section.squareBelow);
  return 2 * (over + under);
}
