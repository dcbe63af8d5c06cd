import { usualZone } from '../piece/skinSchema.ts';
import { quantityText } from '../units/quantity.ts';
import { describe, expect, it } from 'vitest';
import { loopLength } from '../geometry/contours.ts';
import {
  newWorkpiece,
  changed,
  otterPiece,
  plainPiece,
  wholePlan,
  wolfPiece,
} from '../testing/samples.ts';
import { drawingSize, itemExtent, type DrawingItem, type PagePoint } from './drawing.ts';
import { elevation } from './elevation.ts';
import { muscleSheet } from './muscleSheet.ts';
import { planSheets } from './planSheets.ts';
import { sectionCardSheets } from './sectionCards.ts';
import { sectionDrawing } from './sectionDrawing.ts';
import { cornerShare, squarenessAt, stationDrawing } from './stationDrawing.ts';

const plan = wholePlan(wolfPiece(), true);
const cards = plan.mass!.shape!.cards;
const texts = (items: readonly DrawingItem[]): readonly string[] =>
  items.flatMap((item) => (item.kind === 'text' ? [item.text] : []));
const within = (items: readonly DrawingItem[], layer: string) =>
  items.filter((item) => item.layer === layer);

describe('section cards on paper', () => {
  const sheets = sectionCardSheets(cards);
  const items = sheets.flatMap((sheet) => sheet.items);

  it('carry every card once, with its number, girth, width and depth', () => {
    const words = texts(items);
    for (const { number, name, girth, width, depth } of cards) {
      expect(words).toContain(`${number}  ${name}`);
      expect(words).toContain(`girth ${girth.value.toFixed(1)}`);
      expect(words).toContain(`${width.value.toFixed(1)} wide, ${depth.value.toFixed(1)} deep`);
    }
  });

  it('are at 1:1: the outline on the card is as long as the girth that is told', () => {
    for (const card of cards) {
      const outline = within(items, `section ${card.number}`).find(
        (item) => item.kind === 'line' && item.ink === 'ink' && item.closed === true,
      );
      const points = outline?.kind === 'line' ? outline.points : [];
      expect(loopLength(points)).toBeCloseTo(card.clayGirth.value, 6);
    }
  });

  it('fit a page between its margins, and lie beside each other', () => {
    for (const sheet of sheets) {
      const [wide, high] = drawingSize(sheet);
      expect(wide).toBeLessThanOrEqual(190);
      expect(high).toBeLessThanOrEqual(262);
      const frames = sheet.items.filter(
        (item) => item.kind === 'line' && item.ink === 'soft' && item.points.length === 4,
      );
      const boxes = frames.map((item) => {
        const points = itemExtent(item);
        const of = (k: 0 | 1, pick: (...v: number[]) => number) => pick(...points.map((p) => p[k]));
        return [of(0, Math.min), of(0, Math.max), of(1, Math.min), of(1, Math.max)] as const;
      });
      boxes.forEach((a, i) =>
        boxes.slice(i + 1).forEach((b) => {
          const apart = a[1] <= b[0] || b[1] <= a[0] || a[3] <= b[2] || b[3] <= a[2];
          expect(apart).toBe(true);
        }),
      );
    }
  });

  it('have a slot from the rim to every wire, as wide as the wire', () => {
    const card = cards.find(({ cut }) => cut.wires.length === 1)!;
    const [wire] = card.cut.wires;
    const slots = within(items, `section ${card.number}`).flatMap((item) =>
      item.kind === 'line' && item.points.length === 2 && item.dashed !== true
        ? [item.points[0]![0]]
        : [],
    );
    expect(Math.max(...slots) - Math.min(...slots)).toBeCloseTo(wire!.diameterMm, 6);
  });

  it('come with a map, the muscles and the core among the shop sheets', () => {
    const ids = planSheets(plan).map(({ id }) => id);
    for (const id of ['side-core', 'side-muscles', 'side-sections', 'section-cards-1'])
      expect(ids).toContain(id);
    expect(planSheets(wholePlan(wolfPiece())).map(({ id }) => id)).not.toContain('side-sections');
  });
});

describe('the list of muscles and pegs', () => {
  it('carries the numbers of the ledger, in the order of laying', () => {
    const { muscles, pegs } = plan.mass!.shape!;
    const words = texts(muscleSheet(plan.mass!.shape!).items);
    const at = muscles.map(({ name }) => words.indexOf(name));
    expect(at).toEqual([...at].sort((a, b) => a - b));
    for (const { grams } of muscles)
      expect(words).toContain(quantityText(grams.value, 'g', 'metric', 1));
    for (const { height } of pegs) expect(words).toContain(`${height.value.toFixed(1)} mm`);
  });
});

describe('one section by itself', () => {
  it('shows clay, core and wires, and the coat where fibre stands off', () => {
    const cored = cards.find(({ cut }) => cut.core.length > 0)!;
    const inks = sectionDrawing(cored).items.map(({ ink }) => ink);
    expect(inks).toEqual(expect.arrayContaining(['skin', 'ink', 'core', 'mid']));
    const zones = Object.fromEntries(
      plan.measure.skeleton.animal.coat.map(({ id }) => [
        id,
        { ...usualZone('fibre'), hairMm: 40 },
      ]),
    );
    const furred = wholePlan(changed(wolfPiece(), 'skin', { zones }), true).mass!.shape!.cards[3]!;
    expect(furred.clayGirth.value).toBeLessThan(furred.girth.value);
    expect(
      sectionDrawing(furred).items.some((item) => item.kind === 'line' && item.dashed === true),
    ).toBe(true);
  });

  it('draws a station that is shaped as wide, deep and square as it says', () => {
    const station = {
      at: 0.5,
      halfDepth: 30,
      halfWidth: 20,
      squareness: 3,
      squareBelow: 3,
      widest: 0,
      up: 5,
      side: 0,
    };
    const [union] = stationDrawing(station, 0.5, 'Section').items;
    const ring: readonly PagePoint[] = union?.kind === 'union' ? union.outlines[0]! : [];
    const of = (k: 0 | 1): readonly number[] => ring.map((p: PagePoint) => p[k]);
    expect(Math.max(...of(0))).toBeCloseTo(10, 6);
    expect(Math.max(...of(1))).toBeCloseTo(17.5, 6);
    expect(Math.min(...of(1))).toBeCloseTo(-12.5, 6);
  });

  // |y|ᵉ + |z|ᵉ = 1 with y = z: both are 2^(−1/e); for a circle that is √½.
  it('has its corner where the superellipse has it, and reads it back', () => {
    expect(cornerShare(2)).toBeCloseTo(Math.SQRT1_2, 12);
    for (const e of [1.4, 2, 2.7, 4, 6]) expect(squarenessAt(cornerShare(e))).toBeCloseTo(e, 9);
  });
});

describe('what Mass shows on the elevations', () => {
  it('numbers the sections at the places that it cuts', () => {
    const drawn = elevation(plan, 'side', { show: 'sections', dimensions: false });
    const numbers = texts(within(drawn.items, 'sections'));
    expect(numbers).toEqual(cards.map(({ number }) => String(number)));
  });

  it('numbers each muscle of the near side, marks pegs and bony landmarks', () => {
    const drawn = elevation(plan, 'side', { show: 'muscles', dimensions: false });
    const numbers = new Set(texts(within(drawn.items, 'muscles')));
    expect(numbers.size).toBe(plan.mass!.shape!.muscles.length);
    expect(within(drawn.items, 'pegs').length).toBeGreaterThan(5);
    expect(within(drawn.items, 'landmarks').length).toBe(
      2 * plan.measure.skeleton.plan.bonyLandmarks.length,
    );
    // An animal without landmarks of bone has none drawn.
    const adder = wholePlan(newWorkpiece('a', 'A', 'adder'), true);
    const plain = elevation(adder, 'side', { show: 'muscles', dimensions: false });
    expect(within(plain.items, 'landmarks')).toHaveLength(0);
  });

  it('rings the clay that is too thick, and crosses air that is closed in', () => {
    const core = (piece = otterPiece()) =>
      elevation(wholePlan(piece, true), 'side', { show: 'core', dimensions: false }).items;
    const rings = within(core(), 'thick clay').filter(({ kind }) => kind === 'line');
    const { thick } = wholePlan(otterPiece(), true).mass!.shape!.shape;
    expect(rings).toHaveLength(thick.filter(({ mm }) => mm > 12).length);
    expect(within(core(), 'hollows')).toHaveLength(0);
    const hollow = changed(plainPiece(), 'mass', {
      shells: { trunk: { core: 'hollow', shellMm: 5 } },
    });
    const { hollows } = wholePlan(hollow, true).mass!.shape!.shape;
    expect(hollows.length).toBeGreaterThan(0);
    expect(within(core(hollow), 'hollows')).toHaveLength(3 * hollows.length);
  });
});
