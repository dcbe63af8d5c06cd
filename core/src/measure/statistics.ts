/** Arithmetic mean; throws on an empty list, which has none. */
export function mean(values: readonly number[]): number {
  if (values.length === 0) throw new Error('an empty list has no mean');
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}

/** Median: the middle value, or the mean of the two in the middle. Throws on an empty list. */
export function median(values: readonly number[]): number {
  if (values.length === 0) throw new Error('an empty list has no median');
  const sorted = values.toSorted((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  return sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
}

/** A straight line y = intercept + slope·x. */
export interface Line {
  readonly slope: number;
  readonly intercept: number;
}

/**
 * Ordinary least squares (Legendre 1805): the line of least summed squares in y. Throws where fewer
 * than two different x are given, as no line is least then.
 */
export function fittedLine(points: readonly (readonly [x: number, y: number])[]): Line {
  const mx = mean(points.map(([x]) => x));
  const my = mean(points.map(([, y]) => y));
  const sxx = points.reduce((sum, [x]) => sum + (x - mx) ** 2, 0);
  const sxy = points.reduce((sum, [x, y]) => sum + (x - mx) * (y - my), 0);
  if (!(sxx > 0)) throw new Error('a line needs two different x');
  const slope = sxy / sxx;
  return { slope, intercept: my - slope * mx };
}

/** An allometry y = a·x^b, fitted as a line through the decimal logarithms (J. Huxley 1932). */
export interface Allometry {
  readonly exponent: number;
  /** log10 of a. */
  readonly logFactor: number;
}

/** Least squares on log10 of both; all values must be above zero. */
export function allometry(points: readonly (readonly [x: number, y: number])[]): Allometry {
  const bad = points.find(([x, y]) => !(x > 0 && y > 0));
  if (bad !== undefined) throw new Error(`an allometry takes values above zero, not ${bad.join()}`);
  const line = fittedLine(points.map(([x, y]) => [Math.log10(x), Math.log10(y)]));
  return { exponent: line.slope, logFactor: line.intercept };
}

/** y at an x of an allometry. */
export const allometric = ({ exponent, logFactor }: Allometry, x: number): number =>
  10 ** (logFactor + exponent * Math.log10(x));
