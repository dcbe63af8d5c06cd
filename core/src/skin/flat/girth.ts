import { widestUp, type SleeveSection } from '../../body/sleeveSection.ts';

/** Nodes and weights of the five-point rule of C. F. Gauss on −1 to 1 (1814). */
const GAUSS = [
  [0, 128 / 225],
  [Math.sqrt(5 - 2 * Math.sqrt(10 / 7)) / 3, (322 + 13 * Math.sqrt(70)) / 900],
  [Math.sqrt(5 + 2 * Math.sqrt(10 / 7)) / 3, (322 - 13 * Math.sqrt(70)) / 900],
] as const;
/** Steps that each half of a quarter is cut into. */
const STEPS = 24;

/**
 * Length of a quarter of |x/a|ⁿ + |y/b|ⁿ = 1 (G. Lamé, 1818), mm: its two halves meet on the diagonal, and each is
 * the integral of √(1 + y′²) over the axis that it is flat to.
 */
export function quarterGirth(a: number, b: number, n: number): number {
  const half = (p: number, q: number): number => {
    const end = p * 2 ** (-1 / n);
    const slope = (x: number): number => {
      const t = (x / p) ** n;
      return (q / p) * (x / p) ** (n - 1) * (1 - t) ** (1 / n - 1);
    };
    let sum = 0;
    for (let i = 0; i < STEPS; i++) {
      // Shorter steps towards the axis, where a power that is not whole is rough.
      const [from, to] = [end * (i / STEPS) ** 2, end * ((i + 1) / STEPS) ** 2];
      const [middle, reach] = [(from + to) / 2, (to - from) / 2];
      for (const [node, weight] of GAUSS)
        for (const x of node === 0 ? [middle] : [middle - reach * node, middle + reach * node])
          sum += reach * weight * Math.hypot(1, slope(x));
    }
    return sum;
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
