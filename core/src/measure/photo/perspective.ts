/*
 * What a camera's distance does to lengths: the pinhole (similar triangles), lengths in mm. A part
 * that lies nearer to the camera than the scale is read too long.
 */

/** True length of a part that lies `nearerMm` nearer than the scale: W·(D − e)/D. */
export const trueFromApparent = (apparentMm: number, cameraMm: number, nearerMm: number): number =>
  (apparentMm * (cameraMm - nearerMm)) / cameraMm;

/** What the same part reads with the scale of the reference: the inverse of the above. */
export const apparentFromTrue = (trueMm: number, cameraMm: number, nearerMm: number): number =>
  (trueMm * cameraMm) / (cameraMm - nearerMm);

/** Error in per cent of a length that is left uncorrected: 100·e/(D − e). */
export const uncorrectedPercent = (cameraMm: number, nearerMm: number): number =>
  (100 * nearerMm) / (cameraMm - nearerMm);

/** Camera distance at which the error stays within a share: D ≥ e·(1 + 1/q). */
export const distanceForError = (nearerMm: number, share: number): number =>
  nearerMm * (1 + 1 / share);

/** A round body shows the outline of radius r/√(1 − (r/D)²): its edge lies before its middle. */
export const outlineRadius = (radiusMm: number, cameraMm: number): number =>
  radiusMm / Math.sqrt(1 - (radiusMm / cameraMm) ** 2);

/** The radius of a round body from its outline a: a/√(1 + (a/D)²). */
export const radiusFromOutline = (outlineMm: number, cameraMm: number): number =>
  outlineMm / Math.sqrt(1 + (outlineMm / cameraMm) ** 2);

/** Focal length in pixels: f·N/sensor width. */
export const focalPx = (focalMm: number, sensorMm: number, pixels: number): number =>
  (focalMm * pixels) / sensorMm;

/** Pixels that a width takes at a depth: f_px·W/Z. */
export const widthPx = (focalLengthPx: number, widthMm: number, depthMm: number): number =>
  (focalLengthPx * widthMm) / depthMm;
