import type { StockEntry } from '../workshop/workshopSchema.ts';
import type { WireDecisions } from '../workshop/workpiece.ts';
import type { StockPlan } from './planStock.ts';

/**
 * The wire on hand once the plan's pieces are cut from it: each length becomes what is left of it, and
 * offcuts shorter than the user keeps are gone. Entries without a length left stay, empty.
 */
export function afterCutting(
  { stock, keepMm }: Pick<WireDecisions, 'stock' | 'keepMm'>,
  { groups }: Pick<StockPlan, 'groups'>,
): readonly StockEntry[] {
  const left = new Map<string, number>(
    groups.flatMap(({ cutting }) =>
      cutting.sticks
        .filter(({ pieces }) => pieces.length > 0)
        .map(({ stick, leftMm }) => [stick.id, leftMm] as const),
    ),
  );
  return stock.map((entry) => ({
    ...entry,
    lengthsMm: entry.lengthsMm.flatMap((mm, n) => {
      const rest = left.get(`${entry.id} no. ${n + 1}`);
      if (rest === undefined) return [mm];
      return rest >= Math.max(keepMm, LEAST_KEPT_MM) ? [rest] : [];
    }),
  }));
}

/** The document keeps no length below this, mm. */
const LEAST_KEPT_MM = 10;
