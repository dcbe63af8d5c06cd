/** The greatest whole number that divides both; of nought and another that other. */
export const greatestDivisor = (a: number, b: number): number =>
  b === 0 ? a : greatestDivisor(b, a % b);
