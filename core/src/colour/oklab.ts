import { inverse3, times, type Matrix3 } from '../geometry/matrix3.ts';
import { hexToRgb, inGamut, rgbToHex, WHITE_XYZ, type Rgb, type Xyz } from './srgb.ts';

/** Lightness 0 to 1, and the two opponent axes. B. Ottosson, 2020. */
export type Oklab = readonly [number, number, number];
/** Lightness, chroma, and hue in degrees. */
export type Oklch = readonly [number, number, number];

/** Matrices of B. Ottosson, A perceptual color space for image processing, 2020. */
const TO_LMS: Matrix3 = [
  [0.8189330101, 0.3618667424, -0.1288597137],
  [0.0329845436, 0.9293118715, 0.0361456387],
  [0.0482003018, 0.2643662691, 0.633851707],
];
/** From linear sRGB straight to the cone responses, as the source gives it. */
const RGB_TO_LMS: Matrix3 = [
  [0.4122214708, 0.5363325363, 0.0514459929],
  [0.2119034982, 0.6806995451, 0.1073969566],
  [0.0883024619, 0.2817188376, 0.6299787005],
];
const LMS_TO_RGB = inverse3(RGB_TO_LMS);
const TO_LAB: Matrix3 = [
  [0.2104542553, 0.793617785, -0.0040720468],
  [1.9779984951, -2.428592205, 0.4505937099],
  [0.0259040371, 0.7827717662, -0.808675766],
];
const FROM_LAB = inverse3(TO_LAB);

/** OKLab of XYZ (D65, Y of white 1). */
export const xyzToOklab = (xyz: Xyz): Oklab =>
  times(TO_LAB, times(TO_LMS, xyz).map(Math.cbrt) as unknown as Rgb);

/** OKLab of linear sRGB. */
export const rgbToOklab = (rgb: Rgb): Oklab =>
  times(TO_LAB, times(RGB_TO_LMS, rgb).map(Math.cbrt) as unknown as Rgb);

/** Linear sRGB of OKLab; may lie outside what a screen shows. */
export const oklabToRgb = (lab: Oklab): Rgb =>
  times(LMS_TO_RGB, times(FROM_LAB, lab).map((v) => v ** 3) as unknown as Rgb);

/** Lightness, chroma and hue; the hue of a grey means nothing. */
export function oklabToOklch([l, a, b]: Oklab): Oklch {
  const hue = (Math.atan2(b, a) * 180) / Math.PI;
  return [l, Math.hypot(a, b), hue < 0 ? hue + 360 : hue];
}

/** The opponent axes from chroma and hue. */
export const oklchToOklab = ([l, c, h]: Oklch): Oklab => [
  l,
  c * Math.cos((h * Math.PI) / 180),
  c * Math.sin((h * Math.PI) / 180),
];

/** OKLCh of "#rrggbb"; undefined where the text is none. */
export function hexToOklch(hex: string): Oklch | undefined {
  const rgb = hexToRgb(hex);
  return rgb && oklabToOklch(rgbToOklab(rgb));
}

/**
 * "#rrggbb" of a colour in OKLCh. Where no screen shows it, its chroma is drawn in until one does,
 * with lightness and hue kept.
 */
export function oklchToHex([l, c, h]: Oklch): string {
  const light = Math.min(1, Math.max(0, l));
  const rgbOf = (chroma: number): Rgb => oklabToRgb(oklchToOklab([light, chroma, h]));
  if (inGamut(rgbOf(c))) return rgbToHex(rgbOf(c));
  let [low, high] = [0, c];
  for (let i = 0; i < 30; i++) {
    const mid = (low + high) / 2;
    if (inGamut(rgbOf(mid))) low = mid;
    else high = mid;
  }
  return rgbToHex(rgbOf(low));
}

/** CIE 1976 L*a*b* of XYZ against D65 (CIE 15:2004). */
export function xyzToLab(xyz: Xyz): Rgb {
  const f = (t: number): number =>
    t > (6 / 29) ** 3 ? Math.cbrt(t) : t / (3 * (6 / 29) ** 2) + 4 / 29;
  const [x, y, z] = xyz.map((v, i) => f(v / WHITE_XYZ[i as 0])) as [number, number, number];
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)];
}
