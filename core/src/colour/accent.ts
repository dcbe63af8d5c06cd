import { hexToOklch, oklchToHex } from './colourSpaces.ts';

/** The colour opposite in hue, lightness and chroma kept. Throws where a text is no colour. */
export function oppositeHue(hex: string): string {
  const own = hexToOklch(hex);
  if (own === undefined) throw new Error(`not a colour: ${hex}`);
  const [l, c, h] = own;
  return oklchToHex([l, c, (h + 180) % 360]);
}
