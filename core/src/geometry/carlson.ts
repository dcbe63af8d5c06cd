/** Relative spread of the arguments at which the series is good to about 1e-15. */
const SPREAD = 1e-3;

/**
 * Carlson's symmetric elliptic integrals by duplication. All arguments ≥ 0, at most one of them 0.
 * Source: B. C. Carlson, Computing elliptic integrals by duplication, Numer. Math. 33 (1979).
 */
export function carlsonRF(x: number, y: number, z: number): number {
  let [a, b, c] = [x, y, z];
  for (;;) {
    const mean = (a + b + c) / 3;
    const [dx, dy, dz] = [1 - a / mean, 1 - b / mean, 1 - c / mean];
    if (Math.max(Math.abs(dx), Math.abs(dy), Math.abs(dz)) < SPREAD) {
      const e2 = dx * dy - dz * dz;
      const e3 = dx * dy * dz;
      return (1 - e2 / 10 + e3 / 14 + (e2 * e2) / 24 - (3 * e2 * e3) / 44) / Math.sqrt(mean);
    }
    const shift = Math.sqrt(a * b) + Math.sqrt(b * c) + Math.sqrt(c * a);
    [a, b, c] = [(a + shift) / 4, (b + shift) / 4, (c + shift) / 4];
  }
}

/** The integral of the second kind R_D; z must be greater than 0. */
export function carlsonRD(x: number, y: number, z: number): number {
  let [a, b, c] = [x, y, z];
  let [sum, power] = [0, 1];
  for (;;) {
    const mean = (a + b + 3 * c) / 5;
    const [dx, dy, dz] = [1 - a / mean, 1 - b / mean, 1 - c / mean];
    if (Math.max(Math.abs(dx), Math.abs(dy), Math.abs(dz)) < SPREAD) {
      const ea = dx * dy;
      const eb = dz * dz;
      const ec = ea - eb;
      const ed = ea - 6 * eb;
      const ee = ed + 2 * ec;
      const series =
        1 +
        ed * (-3 / 14 + (9 / 88) * ed - (9 / 52) * dz * ee) +
        dz * (ee / 6 + dz * ((-9 / 22) * ec + (3 / 26) * dz * ea));
      return 3 * sum + (power * series) / (mean * Math.sqrt(mean));
    }
    const shift = Math.sqrt(a * b) + Math.sqrt(b * c) + Math.sqrt(c * a);
    sum += power / (Math.sqrt(c) * (c + shift));
    power /= 4;
    [a, b, c] = [(a + shift) / 4, (b + shift) / 4, (c + shift) / 4];
  }
}

/**
 * The complete symmetric integral R_G: the mean of √(x u₁² + y u₂² + z u₃²) over the unit sphere.
 * 2R_G = z R_F − (x − z)(y − z) R_D/3 + √(xy/z), with z the middle argument.
 */
export function carlsonRG(x: number, y: number, z: number): number {
  const [low, middle, high] = [x, y, z].sort((p, q) => p - q) as [number, number, number];
  if (middle === 0) return Math.sqrt(high) / 2;
  return (
    (middle * carlsonRF(low, high, middle) -
      ((low - middle) * (high - middle) * carlsonRD(low, high, middle)) / 3 +
      Math.sqrt((low * high) / middle)) /
    2
  );
}
