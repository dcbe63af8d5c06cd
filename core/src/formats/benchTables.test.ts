import { describe, expect, it } from 'vitest';
import { otterPiece, wholePlan } from '../testing/samples.ts';
import { shoppingCsv, stepsCsv } from './benchTables.ts';
import { reckoningText } from '../piece/working.ts';

const otter = otterPiece();
const piece = {
  ...otter,
  // With an empty shelf every tube is to buy, beside how much of it the piece takes.
  atHand: { ...otter.atHand, paints: [] },
  bench: {
    ...otterPiece().bench,
    done: { 'sheets.print': { on: '2026-05-30', minutes: 9, note: 'ink "low", again' } },
  },
};
const bench = wholePlan(piece).bench!;

/** Cells of a CSV text after RFC 4180, quotes undone. */
const cells = (text: string): readonly (readonly string[])[] =>
  text
    .trimEnd()
    .split('\r\n')
    .map((row) =>
      row
        .split(/,(?=(?:[^"]*"[^"]*")*[^"]*$)/)
        .map((cell) => cell.replace(/^"|"$/g, '').replaceAll('""', '"')),
    );

describe('the shopping list as a file', () => {
  const rows = cells(shoppingCsv(bench));

  it('has a row for every line of the ledger, with its quantity and unit', () => {
    expect(rows[0]).toEqual(['what', 'quantity', 'unit', 'worked_out_as']);
    const shown = bench.shopping.flatMap(({ quantity, beside }) => [quantity, ...beside]);
    expect(shown.length).toBeGreaterThan(bench.shopping.length);
    expect(rows).toHaveLength(shown.length + 1);
    shown.forEach((quantity, i) => {
      const row = rows[i + 1]!;
      expect(Number(row[1])).toBeCloseTo(quantity.value, quantity.digits ?? 1);
      expect(row[3]).toBe(reckoningText(quantity));
    });
  });
});

describe('the steps as a file', () => {
  const rows = cells(stepsCsv(bench));

  it('have number, stage, sentence and cautions, and what was logged, quotes and all', () => {
    expect(rows).toHaveLength(bench.steps.length + 1);
    expect(rows[1]!.slice(0, 3)).toEqual(['1', 'measure', 'Print the shop sheets']);
    expect(rows[1]!.slice(-3)).toEqual(['2026-05-30', '9', 'ink "low", again']);
    const cut = rows.find((row) => row[2] === 'Cut B, hind legs')!;
    expect(cut[3]).toContain('301.4 mm');
    expect(cut[4]).toContain('eye protection');
    expect(cut.slice(-3)).toEqual(['', '', '']);
  });
});
