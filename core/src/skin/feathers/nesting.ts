import { MaxRectsPacker } from 'maxrects-packer';
import type { FeatherSheet } from '../../piece/featherSchema.ts';
import {
  fitsOn,
  type NestQuestion,
  type NestedFeather,
  type NestedSheet,
  type Nesting,
  type ToNest,
} from './nestQuestion.ts';

/**
 * Lays feathers on sheets by their rectangles, the longest first (maximal rectangles, J. Jylänki, 2010). On a sheet
 * with a grain every shaft lies along it; on others a feather may lie across. The sheets at hand are filled one kind
 * after the other; what is left lies on more of the first kind, which are to buy.
 */
export function nested({ feathers, sheets, gapMm }: NestQuestion): Nesting {
  let left: readonly ToNest[] = feathers;
  const laid: NestedSheet[] = [];
  for (const sheet of sheets.filter(({ many }) => many > 0)) {
    const full = filled(sheet, left, gapMm).slice(0, sheet.many);
    laid.push(...full.map((its) => ({ sheet, isBought: false, feathers: its })));
    const on = new Set(full.flat().map(({ id }) => id));
    left = left.filter(({ id }) => !on.has(id));
  }
  const [usual] = sheets;
  const more = usual === undefined ? [] : filled(usual, left, gapMm);
  const bought = new Set(more.flat().map(({ id }) => id));
  return {
    sheets: [...laid, ...more.map((its) => ({ sheet: usual!, isBought: true, feathers: its }))],
    tooLarge: left.filter(({ id }) => !bought.has(id)).map(({ id }) => id),
  };
}

/** As many sheets of a kind as some feathers take; those that are too large for it are left out. */
function filled(
  sheet: FeatherSheet,
  feathers: readonly ToNest[],
  gapMm: number,
): readonly (readonly NestedFeather[])[] {
  const { longMm, wideMm, grained } = sheet;
  const [long, wide] = [longMm - 2 * gapMm, wideMm - 2 * gapMm];
  const fits = feathers.filter((of) => fitsOn(sheet, [of.longMm, of.wideMm], gapMm));
  const packer = new MaxRectsPacker<Laid>(longMm, wideMm, gapMm, {
    ...{ smart: false, pot: false, square: false, tag: false },
    ...{ allowRotation: !grained, border: gapMm },
  });
  packer.addArray(
    fits.map((of) => {
      // What is longer than the sheet, or wider than it is wide, is handed over lying across.
      const across = of.longMm > long || of.wideMm > wide;
      const [width, height] = across ? [of.wideMm, of.longMm] : [of.longMm, of.wideMm];
      return { x: 0, y: 0, width, height, rot: false, data: { ...of, across } };
    }),
  );
  return packer.bins.map(({ rects }) =>
    rects.map(({ x, y, rot, data: { across, ...of } }): NestedFeather => {
      const isTurned = rot !== across;
      const [width, height] = isTurned ? [of.wideMm, of.longMm] : [of.longMm, of.wideMm];
      return { ...of, x, y, width, height, isTurned };
    }),
  );
}

/** A feather's rectangle as the packer moves and turns it. */
interface Laid {
  x: number;
  y: number;
  width: number;
  height: number;
  rot: boolean;
  data: ToNest & { readonly across: boolean };
}
