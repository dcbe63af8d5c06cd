import { sentenceText } from '../piece/step.ts';
import { reckoningText, type Working } from '../piece/working.ts';
import type { BenchPlan } from '../bench/planBench.ts';
import { CAUTIONS } from '../piece/cautions.ts';
import { formatQuantity } from '../units/quantity.ts';
import { csvText, type Cell } from './csv.ts';

/**
 * The shopping list as CSV, one row for each thing and for what is known beside it, as the ledger
 * shows them.
 */
export function shoppingCsv(bench: BenchPlan): string {
  const row = (what: string, working: Working): readonly Cell[] => {
    const shown = formatQuantity(working.value, working.unit, 'metric', working.digits);
    return [what, Number(shown.number), shown.unit, reckoningText(working)];
  };
  const rows = bench.shopping.flatMap(({ what, quantity, beside }) => [
    row(sentenceText(what), quantity),
    ...beside.map((working) => row(working.label, working)),
  ]);
  return csvText(['what', 'quantity', 'unit', 'worked_out_as'], rows);
}

/** The steps as CSV with what was logged of them. */
export function stepsCsv(bench: BenchPlan): string {
  const rows = bench.steps.map((step): readonly Cell[] => [
    step.number,
    step.stage,
    step.title,
    sentenceText(step.sentence),
    step.cautions.map((id) => CAUTIONS[id]).join(' '),
    step.work,
    step.occupies,
    step.duration === null ? undefined : durationMin(step.duration),
    step.done?.on ?? '',
    step.done?.minutes ?? undefined,
    step.done?.note ?? '',
  ]);
  return csvText(
    [
      'step',
      'stage',
      'title',
      'what',
      'caution',
      'work',
      'occupies',
      'about_min',
      'done_on',
      'minutes',
      'note',
    ],
    rows,
  );
}

/** A duration in whole minutes, whatever its unit. */
const durationMin = ({ value, unit }: Working): number =>
  Math.round(unit === 'h' ? 60 * value : value);
