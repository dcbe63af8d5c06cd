import { toDeg, toRad } from '../units/angles.ts';

const POWER = 25 ** 7;

/**
 * CIEDE2000 of two CIELAB colours in plain numbers, for searches that ask it a million times (ISO/CIE 11664-6;
 * G. Sharma and others, 2005): lightness, a, b of one and of the other; all weights are 1.
 */
export function quickDifference(
  l1: number,
  a1: number,
  b1: number,
  l2: number,
  a2: number,
  b2: number,
): number {
  const mean7 = ((Math.sqrt(a1 * a1 + b1 * b1) + Math.sqrt(a2 * a2 + b2 * b2)) / 2) ** 7;
  const g = 1.5 - 0.5 * Math.sqrt(mean7 / (mean7 + POWER));
  const c1 = Math.sqrt(g * g * a1 * a1 + b1 * b1);
  const c2 = Math.sqrt(g * g * a2 * a2 + b2 * b2);
  const h1 = hueOf(g * a1, b1);
  const h2 = hueOf(g * a2, b2);
  const isGrey = c1 * c2 === 0;
  let turn = h2 - h1;
  if (isGrey) turn = 0;
  else if (turn > 180) turn -= 360;
  else if (turn < -180) turn += 360;
  const dl = l2 - l1;
  const dc = c2 - c1;
  const dh = 2 * Math.sqrt(c1 * c2) * Math.sin(toRad(turn / 2));
  let hue = h1 + h2;
  if (!isGrey)
    hue = Math.abs(h1 - h2) <= 180 ? hue / 2 : hue < 360 ? (hue + 360) / 2 : (hue - 360) / 2;
  const off = ((l1 + l2) / 2 - 50) ** 2;
  const c = (c1 + c2) / 2;
  const c7 = c ** 7;
  const t =
    1 -
    0.17 * Math.cos(toRad(hue - 30)) +
    0.24 * Math.cos(toRad(2 * hue)) +
    0.32 * Math.cos(toRad(3 * hue + 6)) -
    0.2 * Math.cos(toRad(4 * hue - 63));
  const sl = dl / (1 + (0.015 * off) / Math.sqrt(20 + off));
  const sc = dc / (1 + 0.045 * c);
  const sh = dh / (1 + 0.015 * c * t);
  const turned = 60 * Math.exp(-(((hue - 275) / 25) ** 2));
  const rt = -2 * Math.sqrt(c7 / (c7 + POWER)) * Math.sin(toRad(turned));
  return Math.sqrt(Math.max(0, sl * sl + sc * sc + sh * sh + rt * sc * sh));
}

/** A hue in degrees from 0 up; 0 of a grey. */
function hueOf(a: number, b: number): number {
  if (a === 0 && b === 0) return 0;
  const deg = toDeg(Math.atan2(b, a));
  return deg < 0 ? deg + 360 : deg;
}
