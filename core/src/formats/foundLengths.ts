import type { ReferencesPlan } from '../measure/pictures/planReferences.ts';
import { csvText } from './csv.ts';

const hundredth = (mm: number): number => Math.round(mm * 100) / 100;

/** Lengths found on pictures and by tape, life mm, beside those of the plan, as a table. */
export const foundCsv = ({ offers }: ReferencesPlan): string =>
  csvText(
    ['bone', 'name', 'found_mm', 'plus_minus_mm', 'from', 'plan_mm', 'plan_from', 'change_percent'],
    offers.map(({ found, changePercent }) => [
      found.key,
      found.name,
      hundredth(found.mm),
      hundredth(found.plusMinusMm),
      found.provenance,
      hundredth(found.nowMm),
      found.nowFrom,
      hundredth(changePercent),
    ]),
  );
