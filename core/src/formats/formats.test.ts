import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { beforeAll, describe, expect, it } from 'vitest';
import { A4 } from '../sheets/paper.ts';
import { planSheets } from '../sheets/planSheets.ts';
import { tiles } from '../sheets/tiling.ts';
import { otterPiece, wholePlan } from '../testing/samples.ts';
import { csvText } from './csv.ts';
import { CHECK_BAR_MM } from '../sheets/printer.ts';
import { sheetsPdf, type SheetFonts } from './pdf.ts';
import { planJson } from './planJson.ts';
import { bendsCsv, cutListCsv } from './wireTables.ts';

const piece = otterPiece();
const plan = wholePlan(piece);

function fonts(): SheetFonts {
  const require = createRequire(new URL('../../../web/package.json', import.meta.url));
  const load = (name: string) => new Uint8Array(readFileSync(require.resolve(name)));
  return {
    label: load(
      '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
    ),
    number: load(
      '@fontsource/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-400-normal.woff',
    ),
    title: load('@fontsource/alegreya/files/alegreya-latin-700-normal.woff'),
    others: async () => {
      const scripts = ['latin-ext', 'greek', 'cyrillic', 'cyrillic-ext'];
      const all = scripts.map((script) =>
        load(`@fontsource/alegreya/files/alegreya-${script}-700-normal.woff`),
      );
      return { label: all, number: all, title: all };
    },
  };
}

describe('csv', () => {
  it('quotes after RFC 4180 and defuses formulas', () => {
    expect(
      csvText(
        ['a', 'b'],
        [
          ['x, y', 'say "so"'],
          [1.5, undefined],
          ['=1+1', '-x'],
        ],
      ),
    ).toBe('a,b\r\n"x, y","say ""so"""\r\n1.5,\r\n\'=1+1,\'-x\r\n');
  });

  const rowsOf = (text: string) =>
    text
      .trim()
      .split('\r\n')
      .slice(1)
      .map((row) => row.match(/("([^"]|"")*"|[^,]*)(,|$)/g)!.map((cell) => cell.replace(/,$/, '')));

  it('has cut lists whose lines add up to the ledger’s cut', () => {
    const rows = rowsOf(cutListCsv(plan.wire));
    for (const wire of plan.wire.wires) {
      const own = rows.filter((row) => row[0] === wire.id);
      const lines = own.filter((row) => row[5] !== 'cut').map((row) => Number(row[6]));
      const cut = Number(own.find((row) => row[5] === 'cut')?.[6]);
      expect(lines.reduce((a, b) => a + b, 0)).toBeCloseTo(cut, 2);
      expect(cut).toBeCloseTo(wire.cut.value, 2);
    }
  });

  it('has a row per bend with the ledger’s numbers', () => {
    const rows = rowsOf(bendsCsv(plan.wire));
    const bends = plan.wire.wires.flatMap((wire) => wire.bends);
    expect(rows).toHaveLength(bends.length);
    rows.forEach((row, i) => {
      expect(Number(row[5])).toBeCloseTo(bends[i]!.mark.value, 2);
      expect(Number(row[6])).toBeCloseTo(bends[i]!.middle.value, 2);
      expect(Number(row[9])).toBeCloseTo(bends[i]!.bendTo!.value, 2);
    });
  });
});

describe('plan.json', () => {
  it('has every working with label, value, unit and provenance, and every snag as a sentence', () => {
    const file = JSON.parse(planJson(piece, plan));
    expect(file.workings).toHaveLength(plan.workings.length);
    for (const working of file.workings)
      expect(working).toMatchObject({
        label: expect.any(String),
        value: expect.any(Number),
        unit: expect.any(String),
        provenance: expect.any(String),
      });
    expect(new Set(file.workings.map((working: { id: string }) => working.id)).size).toBe(
      file.workings.length,
    );
    expect(file.snags.every((snag: { sentence: string }) => snag.sentence.endsWith('.'))).toBe(
      true,
    );
  });
});

describe('the PDF, read back by a PDF reader', () => {
  interface Page {
    readonly size: readonly [number, number];
    readonly segments: readonly (readonly [number, number, number, number])[];
    /** Width and height of every path of straight lines, points. */
    readonly boxes: readonly (readonly [number, number])[];
    readonly text: string;
  }
  let pages: readonly Page[] = [];

  beforeAll(async () => {
    const made = await sheetsPdf(piece.name, planSheets(plan), A4, fonts());
    expect(made.leftOut).toEqual([]);
    pages = await pagesOf(made.bytes);
  });

  async function pagesOf(bytes: Uint8Array): Promise<readonly Page[]> {
    const document = await getDocument({ data: bytes, verbosity: 0 }).promise;
    return Promise.all(
      Array.from({ length: document.numPages }, async (_, i): Promise<Page> => {
        const page = await document.getPage(i + 1);
        const view = page.view as [number, number, number, number];
        const list = await page.getOperatorList();
        const content = await page.getTextContent();
        return {
          size: [view[2], view[3]],
          ...pathsOf(list),
          text: content.items.map((item) => ('str' in item ? item.str : '')).join(' '),
        };
      }),
    );
  }

  /** Straight two-point paths, and boxes of all straight paths, with the transformations applied. */
  function pathsOf(list: {
    fnArray: number[];
    argsArray: unknown[][];
  }): Pick<Page, 'segments' | 'boxes'> {
    const out: [number, number, number, number][] = [];
    const boxes: [number, number][] = [];
    let matrix = [1, 0, 0, 1, 0, 0];
    const stack: number[][] = [];
    list.fnArray.forEach((fn, i) => {
      const args = list.argsArray[i] as never[];
      if (fn === OPS.save) stack.push(matrix);
      else if (fn === OPS.restore) matrix = stack.pop() ?? matrix;
      else if (fn === OPS.transform) matrix = times(matrix, args as unknown as number[]);
      else if (fn === OPS.constructPath) {
        const data = (args[1] as unknown as [Float32Array | undefined])[0];
        const corners: [number, number][] = [];
        for (let at = 0; data && at + 2 < data.length && data[at]! <= 1; at += 3)
          corners.push(apply(matrix, data[at + 1]!, data[at + 2]!));
        const span = (k: 0 | 1): number =>
          Math.max(...corners.map((p) => p[k])) - Math.min(...corners.map((p) => p[k]));
        if (corners.length >= 4) boxes.push([span(0), span(1)]);
        // [moveTo 0, x, y, lineTo 1, x, y] is a single straight stroke.
        if (data?.length === 6 && data[0] === 0 && data[3] === 1) {
          const a = apply(matrix, data[1]!, data[2]!);
          const b = apply(matrix, data[4]!, data[5]!);
          out.push([...a, ...b]);
        }
      }
    });
    return { segments: out, boxes };
  }
  const times = (m: number[], n: number[]): number[] => [
    m[0]! * n[0]! + m[2]! * n[1]!,
    m[1]! * n[0]! + m[3]! * n[1]!,
    m[0]! * n[2]! + m[2]! * n[3]!,
    m[1]! * n[2]! + m[3]! * n[3]!,
    m[0]! * n[4]! + m[2]! * n[5]! + m[4]!,
    m[1]! * n[4]! + m[3]! * n[5]! + m[5]!,
  ];
  const apply = (m: number[], x: number, y: number): [number, number] => [
    m[0]! * x + m[2]! * y + m[4]!,
    m[1]! * x + m[3]! * y + m[5]!,
  ];
  const size = ([x1, y1, x2, y2]: Page['segments'][number]) => Math.hypot(x2 - x1, y2 - y1);
  const points = (mm: number) => (mm * 72) / 25.4;

  it('has as many pages as tiles, all of them A4', () => {
    const expected = planSheets(plan).flatMap((drawing) => tiles(drawing, A4));
    expect(pages).toHaveLength(expected.length);
    for (const {
      size: [w, h],
    } of pages) {
      expect([w, h].sort((a, b) => a - b)).toEqual([
        expect.closeTo(595.2756, 2),
        expect.closeTo(841.8898, 2),
      ]);
    }
  });

  it('has a bar of 283.46 points on every page: 100 mm', () => {
    expect(points(CHECK_BAR_MM)).toBeCloseTo(283.46, 2);
    for (const page of pages) {
      // One across and one down, filled: their ends are butt, and no pen makes them longer.
      expect(barsOf(page)).toEqual([expect.closeTo(283.4646, 2), expect.closeTo(283.4646, 2)]);
      expect(page.text).toContain('Both bars are 100 mm');
    }
  });

  const thick = points(1.2);
  /** Lengths of the two check bars, across and down: what is 1.2 mm thick, and long. */
  function barsOf({ boxes }: Page): readonly (number | undefined)[] {
    const near = (v: number): boolean => Math.abs(v - thick) < 0.06;
    const long = (v: number): boolean => v > points(90);
    return [
      boxes.find(([w, h]) => near(h) && long(w))?.[0],
      boxes.find(([w, h]) => near(w) && long(h))?.[1],
    ];
  }

  it('makes up for the printer, each direction by its own factor', async () => {
    const [first] = planSheets(plan);
    const { bytes } = await sheetsPdf(piece.name, [first!], A4, fonts(), [1.008, 0.996]);
    for (const page of await pagesOf(bytes)) {
      expect(barsOf(page)).toEqual([
        expect.closeTo(points(100.8), 1),
        expect.closeTo(points(99.6), 1),
      ]);
      expect(page.text).toContain('100.80 % across, 99.60 % down');
    }
  });

  it.each(['Žluťoučký kůň ą ő', 'Βίδρα στο κούτσουρο', 'Выдра на бревне, їжак'])(
    'says “%s” as its title, in a font that has its signs',
    async (name) => {
      const { bytes, leftOut } = await sheetsPdf(name, [planSheets(plan)[0]!], A4, fonts());
      expect(leftOut).toEqual([]);
      const [page] = await pagesOf(bytes);
      // A reader puts spaces where the font changes.
      expect(page!.text.replace(/\s+/g, '')).toContain(name.replace(/\s+/g, ''));
    },
  );

  it('tells signs that no font has, and leaves out nothing else', async () => {
    const { bytes, leftOut } = await sheetsPdf('獭 Otter 🦦', [planSheets(plan)[0]!], A4, fonts());
    expect(leftOut).toEqual(['獭', '🦦']);
    expect((await pagesOf(bytes))[0]!.text).toContain('Otter');
  });

  it('cuts no word at the edge of a page', () => {
    const shown = pages
      .map(({ text }) => text)
      .join(' ')
      .replace(/\s+/g, ' ');
    for (const { mark, middle, number } of plan.wire.wires.flatMap(({ bends }) => bends))
      expect(shown).toContain(`${number}: ${mark.value.toFixed(1)} (${middle.value.toFixed(1)})`);
  });

  it('shows the skull, which lies in the midplane, at its model length', () => {
    const wanted = points(115 / 3);
    const found = pages.some((page) =>
      page.segments.some((segment) => Math.abs(size(segment) - wanted) < 0.01),
    );
    expect(found).toBe(true);
  });

  it('shows the whole cut length of a leg wire', () => {
    const hind = plan.wire.wires[1]!;
    const wanted = points(hind.cut.value);
    expect(
      pages.some((page) =>
        page.segments.some((segment) => Math.abs(size(segment) - wanted) < 0.01),
      ),
    ).toBe(true);
    expect(pages.map((page) => page.text.replace(/\s+/g, ' ')).join(' ')).toContain(
      `1: ${hind.bends[0]!.mark.value.toFixed(1)}`,
    );
  });
});
