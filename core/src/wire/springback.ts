/** Beyond x = 1/2 the outer fibre never yields and the wire returns wholly. */
const ELASTIC_LIMIT_X = 0.5;

/**
 * x = Rᵢ·Y/(E·T): radius under load, yield (flow stress at the bend's strain), modulus, thickness
 * (sheet) or diameter (wire). Plain number.
 */
export const springbackX = (radiusMm: number, yieldOverE: number, thicknessMm: number): number =>
  (radiusMm * yieldOverE) / thicknessMm;

/** The published polynomial 4x³ − 3x + 1, meaningless beyond x = 1/2, where it rises again. */
export const sheetPolynomial = (x: number): number => 4 * x ** 3 - 3 * x + 1;

/**
 * Rᵢ/R_f of sheet or strip: the polynomial for 0 ≤ x ≤ 1/2, and 0 beyond (full return).
 * Source: Kalpakjian & Schmid, Manufacturing Engineering and Technology, ch. 16.
 */
export function sheetRatio(x: number): number {
  return x >= ELASTIC_LIMIT_X ? 0 : sheetPolynomial(x);
}

/**
 * Rᵢ/R_f of round wire, elastic–perfectly plastic: with c = 2x ≤ 1,
 * 1 − (2/π)(asin c − c(1−2c²)√(1−c²)) − (32/3π)·x·(1−c²)^{3/2}; 0 beyond.
 * Derived from M/(EI) over a circular section; about 13 % more return than sheet at small x.
 */
export function roundWireRatio(x: number): number {
  if (x >= ELASTIC_LIMIT_X) return 0;
  const c = 2 * x;
  const s = Math.sqrt(1 - c * c);
  const elastic = (2 / Math.PI) * (Math.asin(c) - c * (1 - 2 * c * c) * s);
  return 1 - elastic - (32 / (3 * Math.PI)) * x * s ** 3;
}

/** Radius in mm after release of a bend made at `formingMm`; Infinity where nothing stays. */
export function releasedRadiusMm(
  formingMm: number,
  yieldOverE: number,
  thicknessMm: number,
  ratio: (x: number) => number = roundWireRatio,
): number {
  return formingMm / ratio(springbackX(formingMm, yieldOverE, thicknessMm));
}

/**
 * The forming radius in mm that releases to the wanted one, by bisection (the released radius grows
 * with the forming one). Undefined where the formed radius would pass the elastic limit.
 */
export function formingRadiusMm(
  wantedMm: number,
  yieldOverE: number,
  thicknessMm: number,
  ratio: (x: number) => number = roundWireRatio,
): number | undefined {
  if (yieldOverE === 0) return wantedMm;
  let low = 0;
  let high = Math.min(wantedMm, (ELASTIC_LIMIT_X * thicknessMm) / yieldOverE);
  for (let i = 0; i < 200 && high - low > 1e-13 * wantedMm; i++) {
    const mid = (low + high) / 2;
    if (releasedRadiusMm(mid, yieldOverE, thicknessMm, ratio) < wantedMm) low = mid;
    else high = mid;
  }
  const found = (low + high) / 2;
  const got = releasedRadiusMm(found, yieldOverE, thicknessMm, ratio);
  return Math.abs(got - wantedMm) < 1e-6 * wantedMm ? found : undefined;
}

/** Angle to bend to, in the unit of the wanted one: the arc's length stays, so θᵢ = θ_f·R_f/Rᵢ. */
export const angleToBendTo = (wanted: number, finishedMm: number, formingMm: number): number =>
  (wanted * finishedMm) / formingMm;

/**
 * Y/E of a wire from the user's own test bend: bent to 90° round a former of centreline radius
 * `radiusMm`, it relaxed to `relaxedDeg`. Solves Rᵢ/R_f = relaxed/90 for x by bisection.
 */
export function yieldOverEFromTest(
  relaxedDeg: number,
  radiusMm: number,
  diameterMm: number,
): number {
  const ratio = relaxedDeg / 90;
  let low = 0;
  let high = ELASTIC_LIMIT_X;
  for (let i = 0; i < 100; i++) {
    const mid = (low + high) / 2;
    if (roundWireRatio(mid) > ratio) low = mid;
    else high = mid;
  }
  return (((low + high) / 2) * diameterMm) / radiusMm;
}
