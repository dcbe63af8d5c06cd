/** Terms beyond this share of the sum change nothing in double precision. */
const NEGLIGIBLE = 1e-17;

/**
 * Bessel function of the first kind J of order 0 or 1, by its power series: good to about 1e-13 for
 * |x| up to 8, far beyond the first roots that heat conduction asks for. Abramowitz & Stegun 9.1.10.
 */
export function besselJ(order: 0 | 1, x: number): number {
  const square = (-x * x) / 4;
  let term = order === 0 ? 1 : x / 2;
  let sum = term;
  for (let k = 1; k < 200; k++) {
    term *= square / (k * (k + order));
    sum += term;
    if (Math.abs(term) < NEGLIGIBLE * Math.abs(sum)) break;
  }
  return sum;
}

/** Below this the series of erf is used, above it the continued fraction of erfc. */
const SERIES_UP_TO = 2.5;

/** Error function, by its series or as 1 − erfc. Abramowitz & Stegun 7.1.6 and 7.1.14. */
export function erf(x: number): number {
  const at = Math.abs(x);
  const value = at <= SERIES_UP_TO ? erfSeries(at) : 1 - erfcTail(at) * Math.exp(-at * at);
  return Math.sign(x) * value;
}

/**
 * exp(x²)·erfc(x) for x ≥ 0: what the solutions with a convecting surface need, where erfc alone
 * would vanish beside its huge factor.
 */
export const scaledErfc = (x: number): number =>
  x <= SERIES_UP_TO ? (1 - erfSeries(x)) * Math.exp(x * x) : erfcTail(x);

function erfSeries(x: number): number {
  let term = x;
  let sum = x;
  for (let n = 1; n < 200; n++) {
    term *= (2 * x * x) / (2 * n + 1);
    sum += term;
    if (term < NEGLIGIBLE * sum) break;
  }
  return (2 / Math.sqrt(Math.PI)) * Math.exp(-x * x) * sum;
}

/** exp(x²)·erfc(x) by the continued fraction, from far inside outwards. */
function erfcTail(x: number): number {
  let fraction = x;
  for (let n = 120; n >= 1; n--) fraction = x + n / 2 / fraction;
  return 1 / (Math.sqrt(Math.PI) * fraction);
}
