import { reckoningText, type Working } from '../piece/working.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import { formatQuantity } from '../units/quantity.ts';
import { csvText, type Cell } from './csv.ts';

/** Every number of the coat as CSV, as the ledger shows them: zone by zone, tubes, stamps, and hand work by limb. */
export function coatCsv(skin: SkinPlan): string {
  const row = ({ label, value, unit, digits, ...of }: Working): readonly Cell[] => {
    const shown = formatQuantity(value, unit, 'metric', digits);
    return [label, Number(shown.number), shown.unit, reckoningText(of)];
  };
  return csvText(['what', 'value', 'unit', 'worked_out_as'], skin.workings.map(row));
}
