import * as say from './words.ts';
import type { Working } from '../piece/working.ts';
import type { PaintKind } from '../piece/colourSchema.ts';
import type { PaintOnHand } from '../workshop/workshopSchema.ts';
import { hexDifference } from './hexDifference.ts';
import { hexToOklch, oklchToHex } from './colourSpaces.ts';

/** What a bake does to a colour that goes through it: lightness in OKLab, and chroma. Memory; a test tile tells better. */
const IN_OVEN: Readonly<
  Partial<Record<PaintKind, { readonly light: number; readonly chroma: number }>>
> = {
  pastel: { light: -0.03, chroma: 0.97 },
  clay: { light: -0.02, chroma: 0.98 },
};

type Told = Pick<PaintOnHand, 'kind' | 'hex' | 'tile'>;

/** The colour of a paint as it is when the piece is done: its test tile, else what the oven usually makes of it. */
export function asItComesOut({ kind, hex, tile }: Told): string {
  if (tile !== null) return tile;
  const shift = IN_OVEN[kind];
  const own = hexToOklch(hex);
  if (shift === undefined || own === undefined) return hex;
  const [l, c, h] = own;
  return oklchToHex([Math.max(0, l + shift.light), c * shift.chroma, h]);
}

/** How far a paint of the shelf comes out from the colour it is known by; null where it does not change. */
export function shiftWorking(paint: PaintOnHand): Working | null {
  const [before, after] = [paint.hex, asItComesOut(paint)];
  if (before === after) return null;
  return {
    ...{ id: `colour.tube.${paint.kind}.${paint.id}.shift`, stage: 'colour', unit: 'ratio' },
    ...{ label: say.shiftOf(paint.name), value: hexDifference(before, after), digits: 1 },
    provenance: paint.tile === null ? 'memory' : 'own',
    reading: {
      method: say.differenceBetween(before, after),
      resolution: say.stepsInEachOf,
      checkedBy: 'core/src/colour/pigments.test.ts',
    },
    inputs: [],
    source: paint.tile === null ? say.ovensUsual : say.ownTile,
  };
}
