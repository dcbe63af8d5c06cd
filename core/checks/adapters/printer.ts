import { corrected, errorPer100, printFactor } from '../../src/sheets/printer.ts';
import type { PagePoint } from '../../src/sheets/drawing.ts';
import { nums, type Adapter } from '../checkFile.ts';

/** Factors from what the bars measure, places corrected by them, and what is off without them. */
export const printer: Adapter = (entry) => {
  const given = nums(entry, 'barMm', 'measuredAcrossMm', 'measuredDownMm');
  const before = entry.input['printedWithFactors'] as PagePoint | undefined;
  const fixed = entry.input['fixedMm'] as PagePoint | undefined;
  const wanted = entry.input['wantedMm'] as readonly PagePoint[] | undefined;
  if (!given || !before || !fixed || !wanted) return {};
  const [bar, across, down] = given;
  const factors = [printFactor(across, before[0], bar), printFactor(down, before[1], bar)] as const;
  return {
    factors,
    correctedMm: wanted.map((at) => corrected(at, factors, fixed)),
    uncorrectedErrorMm: [errorPer100(across, before[0], bar), errorPer100(down, before[1], bar)],
  };
};
