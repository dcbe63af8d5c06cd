import { differenceCiede2000, modeLab65, parseHex, useMode } from 'culori/fn';
import type { Triple } from '../geometry/matrix3.ts';

useMode(modeLab65);
const ciede2000 = differenceCiede2000();

/**
 * Difference of two colours by CIEDE2000 (ISO/CIE 11664-6:2014) of their CIELAB against D65: 1 is
 * just seen side by side by a trained eye, 5 by anybody.
 */
export const differenceOfLab = ([l1, a1, b1]: Triple, [l2, a2, b2]: Triple): number =>
  ciede2000({ mode: 'lab65', l: l1, a: a1, b: b1 }, { mode: 'lab65', l: l2, a: a2, b: b2 });

/** The same of two colours "#rrggbb". Throws where a text is none: the documents were read. */
export function differenceOf(hex: string, other: string): number {
  const [one, two] = [parseHex(hex), parseHex(other)];
  if (one === undefined || two === undefined) throw new Error(`not a colour: ${hex}, ${other}`);
  return ciede2000(one, two);
}
