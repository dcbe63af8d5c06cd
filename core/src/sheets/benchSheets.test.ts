import { describe, expect, it } from 'vitest';
import type { Booking } from '../bench/schedulePlan.ts';
import { diaryMarkdown } from '../formats/diaryMarkdown.ts';
import { stepPackHtml } from '../formats/stepPack.ts';
import { readSuppliesCsv, suppliesCsv } from '../formats/suppliesCsv.ts';
import { sentenceText } from '../piece/step.ts';
import { demoWorkpieces, demoWorkshop } from '../start/demoPieces.ts';
import { otterPiece, wholePlan } from '../testing/samples.ts';
import { careSheet, diarySheet, weekSheet } from './benchSheets.ts';
import { drawingSize, itemExtent, type Drawing } from './drawing.ts';
import { framedItems } from './framed.ts';
import { stepCards } from './stepCards.ts';
import { stepDrawings } from './stepDrawing.ts';

const ON = '2026-05-30';
const otter = otterPiece();
const plan = wholePlan({
  ...otter,
  bench: {
    ...otter.bench,
    done: { 'wire.bind': { on: ON, minutes: 40, note: 'Tape *slipped* once' } },
    log: [
      {
        ...{ id: 'e1', at: `${ON}T14:05`, kind: 'note', step: null, words: 'Seen [from] above' },
        ...{ minutes: null, picture: 'log-1' },
      },
    ],
  },
});
const bench = plan.bench!;
const textsOf = ({ items }: Drawing): readonly string[] =>
  items.flatMap((item) => (item.kind === 'text' ? [item.text] : []));
/** The widest that a page of A4 or Letter holds between its margins, mm. */
const PAGE = { wide: 190, high: 240 };

describe('drawings of steps', () => {
  it('show nearly every step of every demonstration piece, and none twice', () => {
    for (const piece of demoWorkpieces()) {
      const its = wholePlan(piece);
      const steps = its.bench!.steps;
      const drawn = steps.filter((step) => stepDrawings(its, step).length > 0);
      expect(drawn.length / steps.length, piece.id).toBeGreaterThan(0.5);
      for (const step of drawn) {
        const ids = stepDrawings(its, step).map(({ id }) => id);
        expect(new Set(ids).size, `${piece.id} ${step.id}`).toBe(ids.length);
      }
    }
  });

  it('show the wire that is cut, and the layers before and after', () => {
    const [cut] = stepDrawings(plan, { id: 'wire.A.cut' });
    expect(textsOf(cut!).join(' ')).toContain('A');
    const layer = bench.steps.find(({ id }) => /^colour\.base$/.test(id))!;
    expect(stepDrawings(plan, layer)).toHaveLength(2);
    expect(stepDrawings(plan, { id: 'no.such.step' })).toEqual([]);
  });
});

describe('a drawing in a frame', () => {
  it('lies wholly inside it, whatever its size', () => {
    for (const step of bench.steps)
      for (const drawing of stepDrawings(plan, step)) {
        const { items, heightMm } = framedItems(drawing, [10, -20], [80, 44]);
        expect(heightMm).toBeLessThanOrEqual(44 + 1e-9);
        const points = items.filter(({ kind }) => kind !== 'text').flatMap(itemExtent);
        for (const [x, y] of points) {
          expect(x).toBeGreaterThanOrEqual(10 - 0.5);
          expect(x).toBeLessThanOrEqual(90 + 0.5);
          expect(y).toBeLessThanOrEqual(-20 + 0.5);
          expect(y).toBeGreaterThanOrEqual(-64 - 0.5);
        }
      }
  });
});

describe('step cards', () => {
  for (const aPage of [1, 4] as const)
    it(`have every step with all its words, ${aPage} to a page that it fits`, () => {
      const pages = stepCards(plan, aPage);
      for (const page of pages) {
        const [wide, high] = drawingSize(page);
        expect(wide).toBeLessThanOrEqual(PAGE.wide);
        expect(high).toBeLessThanOrEqual(PAGE.high);
      }
      const texts = pages.flatMap(textsOf).join(' ');
      for (const { number, title, parts, guide } of bench.steps) {
        expect(texts).toContain(`${number}. ${title.split(' ')[0]!}`);
        for (const { name } of parts) expect(texts).toContain(name);
        expect(texts).toContain(guide.wrong.split(' ').at(-1)!);
      }
    });
});

describe('the step pack', () => {
  const html = stepPackHtml(plan, 'metric');

  it('asks for nothing from anywhere, and has a box for each step and part', () => {
    expect(html).not.toMatch(/(src|href)\s*=|url\(|@import|fetch\(|https?:\/\/(?!www\.w3\.org)/);
    const boxes = html.match(/<input type="checkbox"/g) ?? [];
    const parts = bench.steps.reduce((sum, step) => sum + step.parts.length, 0);
    expect(boxes).toHaveLength(bench.steps.length + parts);
    expect(html.match(/ checked>/g)).toHaveLength(1);
  });

  it('takes what was typed for words and never for markup', () => {
    const own = { id: 'own.1', title: '<script>alert(1)</script>', sentence: '<b>&' };
    const its = wholePlan({
      ...otter,
      name: '</title><script>',
      bench: {
        ...otter.bench,
        own: [{ ...own, work: 'look', minutes: null, after: null }],
      },
    });
    const text = stepPackHtml(its, 'imperial');
    expect(text.match(/<script>/g)).toHaveLength(1);
    expect(text).toContain('&#60;b&#62;&#38;');
  });
});

describe('the diary on paper and as Markdown', () => {
  it('has days, minutes, notes, and what was planned', () => {
    const texts = textsOf(diarySheet(plan, bench));
    expect(texts).toContain(ON);
    expect(texts).toContain('40 min');
    expect(texts.join(' ')).toContain('14:05 · Note · Seen [from] above');
  });

  it('escapes what Markdown would take for its own, and names pictures that are there', () => {
    const text = diaryMarkdown(plan.piece, bench, [], (id) => `pictures/${id}.jpg`);
    expect(text).toContain('Tape \\*slipped\\* once');
    expect(text).toContain('Seen \\[from\\] above');
    expect(text).toContain('](pictures/log-1.jpg)');
    expect(diaryMarkdown(plan.piece, bench, [], () => null)).not.toContain('pictures/');
  });

  it('the care card names what breaks first and the box', () => {
    const texts = textsOf(careSheet(plan, bench)).join(' ');
    for (const line of bench.keeping.weak)
      expect(texts).toContain(sentenceText(line).split(' ')[0]!);
    expect(texts).toContain(bench.keeping.box[0]!.label);
  });

  it('the plan of the week has so many days, each step with its piece', () => {
    const booking = (day: string, title: string): Booking => ({
      ...{ piece: 'p', step: 's', title, part: 1, parts: 2, occupies: 'person' },
      ...{ start: `${day}T09:00`, end: `${day}T10:00`, critical: false },
    });
    const days = ['2026-06-01', '2026-06-02', '2026-06-03'];
    const sheet = weekSheet(
      days.map((day) => booking(day, `Work of ${day}`)),
      () => 'Otter',
      2,
    );
    const texts = textsOf(sheet);
    expect(texts).toContain('09:00–10:00 Work of 2026-06-01 (1/2)');
    expect(texts).not.toContain('2026-06-03');
    expect(texts.filter((text) => text === 'Otter')).toHaveLength(2);
  });
});

describe('lots as a table', () => {
  const { supplies } = demoWorkshop();
  const bare = supplies.map(({ id: _id, ...rest }) => rest);

  it('come back as they were', () => {
    expect(readSuppliesCsv(suppliesCsv(supplies))).toEqual({ ok: true, value: bare });
    expect(readSuppliesCsv('kind,name,unit,amount\r\n')).toEqual({ ok: true, value: [] });
  });

  it.each([
    ['nothing', '', 'Columns'],
    ['a missing column', 'kind,name,amount\nfoil,Foil,2', 'Columns'],
    ['a kind that there is not', 'kind,name,unit,amount\nsilver,Foil,m,2', '“kind” in row 2'],
    ['a unit that there is not', 'kind,name,unit,amount\nfoil,Foil,miles,2', '“unit” in row 2'],
    ['no number', 'kind,name,unit,amount\nfoil,Foil,m,many', '“amount” in row 2'],
    ['less than nothing', 'kind,name,unit,amount\nfoil,A,m,1\nfoil,B,m,-1', '“amount” in row 3'],
    ['no day', 'kind,name,unit,amount,opened\nfoil,A,m,1,soon', '“opened” in row 2'],
    ['no name', 'kind,name,unit,amount\nfoil,,m,1', '“name” in row 2'],
    ['an empty packet', 'kind,name,unit,amount,pack\nfoil,A,m,1,0', '“pack” in row 2'],
    ['no price', 'kind,name,unit,amount,price\nfoil,A,m,1,free', '“price” in row 2'],
  ])('with %s are refused by name', (_, text, where) => {
    const read = readSuppliesCsv(text);
    expect(read.ok).toBe(false);
    if (!read.ok) expect(read.problem.where).toContain(where);
  });
});
