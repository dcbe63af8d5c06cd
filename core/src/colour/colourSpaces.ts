import {
  converter,
  formatHex,
  modeLab65,
  modeLrgb,
  modeOklab,
  modeOklch,
  modeRgb,
  modeXyz65,
  parseHex,
  toGamut,
  useMode,
  type Oklch as OklchColour,
} from 'culori/fn';
import type { Triple } from '../geometry/matrix3.ts';

for (const mode of [modeRgb, modeLrgb, modeXyz65, modeLab65, modeOklab, modeOklch]) useMode(mode);

/** Lightness 0 to 1, chroma, and hue in degrees of OKLab (B. Ottosson, 2020). */
export type Oklch = Triple;

const lrgbOf = converter('lrgb');
const rgbOf = converter('rgb');
const xyzOf = converter('xyz65');
const labOf = converter('lab65');
const oklabOf = converter('oklab');
const oklchOf = converter('oklch');
/** Draws the chroma in until a screen shows the colour, lightness and hue kept. */
const shown = toGamut('rgb', 'oklch', null);

/** Linear light of sRGB (IEC 61966-2-1), 0 to 1, from encoded values. */
export const linearRgb = ([r, g, b]: Triple): Triple => {
  const linear = lrgbOf({ mode: 'rgb', r, g, b });
  return [linear.r, linear.g, linear.b];
};

/** Encoded sRGB from linear light; both 0 to 1. */
export const encodedRgb = ([r, g, b]: Triple): Triple => {
  const encoded = rgbOf({ mode: 'lrgb', r, g, b });
  return [encoded.r, encoded.g, encoded.b];
};

/** CIE XYZ for D65, Y of white 1, of linear sRGB. */
export const rgbToXyz = ([r, g, b]: Triple): Triple => {
  const { x, y, z } = xyzOf({ mode: 'lrgb', r, g, b });
  return [x, y, z];
};

/** Linear sRGB of CIE XYZ for D65; may lie outside what a screen shows. */
export const xyzToRgb = ([x, y, z]: Triple): Triple => {
  const { r, g, b } = lrgbOf({ mode: 'xyz65', x, y, z });
  return [r, g, b];
};

/** CIE 1976 L*a*b* against D65 (CIE 15:2004), of linear sRGB. */
export const rgbToLab = ([r, g, b]: Triple): Triple => {
  const { l, a, b: yellow } = labOf({ mode: 'lrgb', r, g, b });
  return [l, a, yellow];
};

/** OKLab of linear sRGB. */
export const rgbToOklab = ([r, g, b]: Triple): Triple => {
  const { l, a, b: yellow } = oklabOf({ mode: 'lrgb', r, g, b });
  return [l, a, yellow];
};

/** A grey has no hue: nought stands for it. */
const triple = ({ l, c, h = 0 }: OklchColour): Oklch => [l, c, h];

/** OKLCh of "#rrggbb"; undefined where the text is none. */
export function hexToOklch(hex: string): Oklch | undefined {
  const rgb = /^#[0-9a-f]{6}$/i.test(hex) ? parseHex(hex) : undefined;
  return rgb && triple(oklchOf(rgb));
}

/** CIELAB against D65 of "#rrggbb"; undefined where the text is none. */
export function hexToLab(hex: string): Triple | undefined {
  const rgb = /^#[0-9a-f]{6}$/i.test(hex) ? parseHex(hex) : undefined;
  if (rgb === undefined) return undefined;
  const { l, a, b } = labOf(rgb);
  return [l, a, b];
}

/** Outside by less than this, encoded, a colour is on the edge: far less than a step of a screen. */
const EDGE = 1e-4;

/**
 * "#rrggbb" of a colour in OKLCh. Where no screen shows it, its chroma is drawn in until one does,
 * with lightness and hue kept.
 */
export function oklchToHex([l, c, h]: Oklch): string {
  const colour: OklchColour = { mode: 'oklch', l: Math.min(1, Math.max(0, l)), c, h };
  const { r, g, b } = rgbOf(colour);
  const inside = [r, g, b].every((v) => v >= -EDGE && v <= 1 + EDGE);
  return formatHex(inside ? colour : shown(colour));
}

/** "#rrggbb" between two others, straight in OKLab: 0 the first, 1 the second. An unreadable one is a defect. */
export function mixedHex(from: string, to: string, share: number): string {
  const [a, b] = [hexToOklch(from), hexToOklch(to)];
  if (a === undefined || b === undefined) throw new Error(`not two colours: ${from}, ${to}`);
  const onPlane = ([l, c, h]: Oklch): Triple => [
    l,
    c * Math.cos((h * Math.PI) / 180),
    c * Math.sin((h * Math.PI) / 180),
  ];
  const [p, q] = [onPlane(a), onPlane(b)];
  const [l, u, v] = p.map((value, k) => value + (q[k]! - value) * share) as [
    number,
    number,
    number,
  ];
  return oklchToHex([l, Math.hypot(u, v), (Math.atan2(v, u) * 180) / Math.PI]);
}
