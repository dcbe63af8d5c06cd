import type { Offer, Workpiece } from '@keen-sinew/core';

/** Keeps a length to a hundredth of a millimetre: no picture and no caliper knows it better. */
const rounded = (mm: number): number => Math.round(mm * 100) / 100;

/** The document with found lengths in place of the plan's, with where they are from and since when. */
export const takeOver = (piece: Workpiece, offers: readonly Offer[], on: string): Workpiece => ({
  ...piece,
  measure: {
    ...piece.measure,
    lifeLengths: {
      ...piece.measure.lifeLengths,
      ...Object.fromEntries(
        offers.map(({ found }) => [
          found.key,
          {
            mm: rounded(found.mm),
            provenance: found.provenance,
            plusMinusMm: rounded(found.plusMinusMm),
            on,
          },
        ]),
      ),
    },
  },
});

/** The document with the library's length of a bone again. */
export function revertLength(piece: Workpiece, key: string): Workpiece {
  const { [key]: _, ...lifeLengths } = piece.measure.lifeLengths;
  return { ...piece, measure: { ...piece.measure, lifeLengths } };
}
