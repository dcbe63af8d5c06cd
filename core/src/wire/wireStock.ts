import type { StockEntry } from '../workshop/workshopSchema.ts';
import type { WireChoice } from '../piece/pieceSchema.ts';
import { diameterMm } from '../units/gauges.ts';

/** Wires count as the same size within this: finer than any gauge step, coarser than a rounding. */
const SAME_SIZE_MM = 0.02;

/** Diameter in mm of a wire choice; the document was read, so its size exists. */
export function choiceDiameterMm(choice: Pick<WireChoice, 'size'>): number {
  const mm = diameterMm(choice.size);
  if (mm === undefined) throw new Error(`no size ${choice.size.value} ${choice.size.system}`);
  return mm;
}

/** Whether two entries are the same wire: metal and diameter; the gauge label does not matter. */
export function sameWire(
  a: Pick<StockEntry, 'metal' | 'size'>,
  b: Pick<StockEntry, 'metal' | 'size'>,
): boolean {
  return a.metal === b.metal && Math.abs(choiceDiameterMm(a) - choiceDiameterMm(b)) <= SAME_SIZE_MM;
}
