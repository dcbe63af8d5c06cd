import { inverse3, times, type Matrix3, type Triple } from '../geometry/matrix3.ts';

/** Linear-light red, green and blue of sRGB, 0 to 1. */
export type Rgb = Triple;
/** CIE XYZ for D65, Y of white = 1. */
export type Xyz = Triple;

/** Chromaticities of the primaries and of D65 (IEC 61966-2-1:1999). */
const PRIMARIES = [
  [0.64, 0.33],
  [0.3, 0.6],
  [0.15, 0.06],
] as const;
const WHITE = [0.3127, 0.329] as const;

/** White of D65 from its chromaticity, Y = 1. */
export const WHITE_XYZ: Xyz = [WHITE[0] / WHITE[1], 1, (1 - WHITE[0] - WHITE[1]) / WHITE[1]];

/** From linear sRGB to XYZ: the primaries scaled so that they add up to white. */
export const RGB_TO_XYZ: Matrix3 = primaryMatrix();

function primaryMatrix(): Matrix3 {
  const column = ([x, y]: readonly [number, number]): Xyz => [x / y, 1, (1 - x - y) / y];
  const [r, g, b] = PRIMARIES.map(column) as [Xyz, Xyz, Xyz];
  const plain: Matrix3 = [
    [r[0], g[0], b[0]],
    [r[1], g[1], b[1]],
    [r[2], g[2], b[2]],
  ];
  const share = times(inverse3(plain), WHITE_XYZ);
  return plain.map((row) => row.map((v, i) => v * share[i as 0])) as unknown as Matrix3;
}

/** Where the straight part of the transfer ends: encoded, and linear (IEC 61966-2-1). */
export const KNEE = { encoded: 0.04045, linear: 0.0031308 } as const;

/** Linear light from an encoded value 0 to 1. */
export const toLinear = (c: number): number =>
  c <= KNEE.encoded ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;

/** Encoded value from linear light. */
export const toEncoded = (c: number): number =>
  c <= KNEE.linear ? 12.92 * c : 1.055 * c ** (1 / 2.4) - 0.055;

/** Linear light of "#rrggbb"; undefined where the text is none. */
export function hexToRgb(hex: string): Rgb | undefined {
  const match = /^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i.exec(hex);
  if (match === null) return undefined;
  const part = (i: 1 | 2 | 3): number => toLinear(Number.parseInt(match[i] ?? '0', 16) / 255);
  return [part(1), part(2), part(3)];
}

/** "#rrggbb" of linear light; what lies outside 0 to 1 is cut off. */
export function rgbToHex(rgb: Rgb): string {
  const part = (c: number): string =>
    Math.round(Math.min(1, Math.max(0, toEncoded(Math.max(0, c)))) * 255)
      .toString(16)
      .padStart(2, '0');
  return `#${rgb.map(part).join('')}`;
}

/** Whether a colour can be shown as it is, within a rounding. */
export const inGamut = (rgb: Rgb): boolean => rgb.every((c) => c >= -1e-6 && c <= 1 + 1e-6);
