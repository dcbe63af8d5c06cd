import * as say from './words.ts';
import type { Working } from '../piece/working.ts';
import { hexDifference } from './hexDifference.ts';
import { hexToOklch, oklchToHex } from './colourSpaces.ts';
import type { Coloured } from './details.ts';

/** The colour opposite in hue, lightness and chroma kept. Throws where a text is no colour. */
export function oppositeHue(hex: string): string {
  const own = hexToOklch(hex);
  if (own === undefined) throw new Error(`not a colour: ${hex}`);
  const [l, c, h] = own;
  return oklchToHex([l, c, (h + 180) % 360]);
}

/** What sets off a colour by its hue alone, and how far the two stand apart. */
export interface Accent {
  readonly hex: string;
  readonly contrast: Working;
}

/** The accent to a zone's colour. */
export function accentOf({ id, name, target }: Coloured, hex: string): Accent {
  const opposite = oppositeHue(hex);
  return {
    hex: opposite,
    contrast: {
      ...{ id: `colour.zone.${id}.accent`, stage: 'colour', label: say.contrastOf(name) },
      ...{ value: hexDifference(hex, opposite), unit: 'ratio', digits: 1, inputs: [] },
      provenance: 'derived',
      reading: {
        method: say.differenceBetween(hex, opposite),
        resolution: say.stepsInEachOf,
        checkedBy: 'core/src/colour/colour.test.ts',
      },
      source: say.oppositeInOklab,
      target,
    },
  };
}
