/** Standard gravity, m/s² (CGPM, 1901). */
export const GRAVITY = 9.80665;

/** Weight in N of some grams. */
export const newtons = (grams: number): number => (grams / 1000) * GRAVITY;
