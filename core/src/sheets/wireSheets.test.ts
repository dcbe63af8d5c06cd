// @vitest-environment happy-dom
import type { Workpiece } from '../workshop/workpiece.ts';
import { describe, expect, it } from 'vitest';
import { drawingSvg } from '../formats/svg.ts';
import { demoWorkpieces } from '../start/demoPieces.ts';
import { SCHEME_IDS, type SchemeId } from '../piece/wireSchema.ts';
import { planPiece } from '../plan.ts';
import type { Plan } from '../planTypes.ts';
import { changed, otterPiece, wholePlan, wolfPiece } from '../testing/samples.ts';
import { basePlanDrawing } from './basePlan.ts';
import { bendingCards } from './bendingCards.ts';
import { cutListSheet } from './cutListSheet.ts';
import { drawingSize, itemExtent, type Drawing } from './drawing.ts';
import { elevation } from './elevation.ts';
import { PAPERS } from './paper.ts';
import { cardSheets, planSheets } from './planSheets.ts';
import { tiles } from './tiling.ts';
import { labelPlaces, wireStrips } from './wireStrips.ts';

const inScheme = (scheme: SchemeId, piece: Workpiece = otterPiece()): Plan =>
  planPiece(changed(piece, 'wire', { scheme }));
const textsOf = ({ items }: Drawing): readonly string[] =>
  items.flatMap((item) => (item.kind === 'text' ? [item.text] : []));
const otter = planPiece(otterPiece());

describe('the cut list', () => {
  it('has a box to tick for every length, with the number of the ledger', () => {
    const sheet = cutListSheet(otter.wire);
    const texts = textsOf(sheet);
    for (const wire of otter.wire.wires) {
      expect(texts).toContain(`${wire.cut.value.toFixed(1)} mm`);
      expect(texts).toContain(`${wire.count} ×`);
      for (const { id, cut } of wire.moreStrands) {
        expect(texts).toContain(id);
        expect(texts).toContain(`${cut.value.toFixed(1)} mm`);
      }
    }
    const boxes = sheet.items.filter((item) => item.kind === 'line' && item.closed);
    const rows = otter.wire.wires.length + 1;
    // Tie wire has a row too.
    expect(boxes).toHaveLength(rows + 1);
  });

  it.each(SCHEME_IDS.map((id) => [id] as const))(
    '%s: fits the width of A4 and Letter',
    (scheme) => {
      const sheet = cutListSheet(inScheme(scheme).wire);
      for (const paper of [PAPERS.A4, PAPERS.Letter])
        expect(tiles(sheet, paper)[0]!.columns).toBe(1);
      if (scheme === 'no-wire') expect(textsOf(sheet).join(' ')).toMatch(/No wire/);
    },
  );
});

describe('bending cards', () => {
  it('have every bend in order, six to a page that A4 and Letter hold whole', () => {
    for (const wire of otter.wire.wires) {
      const pages = bendingCards(wire);
      expect(pages).toHaveLength(Math.ceil(wire.bends.length / 6));
      for (const page of pages)
        for (const paper of [PAPERS.A4, PAPERS.Letter]) expect(tiles(page, paper)).toHaveLength(1);
      const texts = pages.flatMap(textsOf);
      for (const bend of wire.bends) {
        expect(texts).toContain(`${wire.id}   bend ${bend.number} of ${wire.bends.length}`);
        expect(texts).toContain(`${bend.mark.value.toFixed(1)} mm`);
        // What is no bend for a hand is left straight.
        const small = bend.angle.value < 2;
        expect(texts).toContain(small ? 'straight' : `${bend.bendTo!.value.toFixed(1)}°`);
        const angle = `${bend.angle.value.toFixed(1)}°`;
        expect(texts).toContain(small ? `only ${angle}: leave it` : `relaxes to ${angle}`);
      }
    }
  });

  it('tell a wire’s turns round the spine before the bend that they shift', () => {
    const hind = otter.wire.wires[1]!;
    const { afterBend } = hind.features[0]!;
    const card = bendingCards(hind)
      .flatMap(textsOf)
      .filter((text) => /^first wind twice|bend \d+ of/.test(text));
    const at = card.findIndex((text) => text.startsWith('first'));
    expect(card[at - 1]).toContain(`bend ${afterBend + 1} of`);
  });

  it('show each bend at its true angle, whatever the picture’s scale', () => {
    const hind = otter.wire.wires[1]!;
    for (const page of bendingCards(hind)) {
      const pictures = page.items.filter(
        (item) => item.kind === 'line' && item.ink === 'mid' && item.dashed !== true,
      );
      const rests = page.items.filter(
        (item) => item.kind === 'line' && item.ink === 'near' && item.dashed === true,
      );
      pictures.forEach((picture, i) => {
        const rest = rests[i]!;
        if (picture.kind !== 'line' || rest.kind !== 'line') throw new Error('no line');
        const [p, q] = picture.points.slice(-2) as [
          readonly [number, number],
          readonly [number, number],
        ];
        const [a, b] = rest.points as [readonly [number, number], readonly [number, number]];
        const turn = Math.atan2(q[1] - p[1], q[0] - p[0]) - Math.atan2(b[1] - a[1], b[0] - a[0]);
        const seen = Math.abs((((turn * 180) / Math.PI + 540) % 360) - 180);
        const told = textsOf(page).filter((text) => text.startsWith('relaxes'));
        const bend = Number(/[\d.]+/.exec(told[i]!)![0]);
        expect(seen).toBeCloseTo(bend, 1);
      });
    }
  });

  it('say that they are no measure, and the 1:1 sheets do not', () => {
    for (const card of cardSheets(otter)) expect(card.notToScale).toBe(true);
    expect(wireStrips(otter.wire.wires).notToScale).toBeUndefined();
  });
});

describe('wires laid straight', () => {
  // The platform's own XML reader stands in for whatever opens the file.
  it.each(SCHEME_IDS.map((id) => [id] as const))(
    '%s: the SVG gives every cut length back',
    (scheme) => {
      const { wires } = inScheme(scheme).wire;
      const file = new DOMParser().parseFromString(drawingSvg(wireStrips(wires)), 'image/svg+xml');
      expect(file.querySelector('parsererror')).toBeNull();
      const lengths = [...file.querySelectorAll('path')].flatMap((path) => {
        const numbers = (path.getAttribute('d') ?? '').match(/-?[\d.]+/g)?.map(Number) ?? [];
        if (numbers.length !== 4) return [];
        return [Math.hypot(numbers[2]! - numbers[0]!, numbers[3]! - numbers[1]!)];
      });
      for (const { cut, id } of wires)
        expect(
          lengths.some((mm) => Math.abs(mm - cut.value) < 0.01),
          id,
        ).toBe(true);
    },
  );

  it('carry start and middle of each bend, and a rule every 10 mm', () => {
    const strip = wireStrips([otter.wire.wires[1]!]);
    const bend = otter.wire.wires[1]!.bends[2]!;
    expect(textsOf(strip)).toContain(
      `3: ${bend.mark.value.toFixed(1)} (${bend.middle.value.toFixed(1)})`,
    );
    const ticks = strip.items.filter((item) => item.kind === 'line' && item.ink === 'soft');
    expect(ticks).toHaveLength(Math.floor(otter.wire.wires[1]!.cut.value / 10));
  });
});

describe('the armature in its schemes', () => {
  it('marks every binding: a cross on the diagonal, two strokes side by side', () => {
    const drawing = elevation(otter, 'side', { show: 'wires', dimensions: false, bindings: true });
    const strokes = drawing.items.filter((item) => item.layer === 'bindings');
    expect(strokes).toHaveLength(2 * otter.wire.bindings.bindings.length);
  });

  it('draws a coil inside the body, a ring from the front', () => {
    const plan = inScheme('coiled-trunk');
    const ring = elevation(plan, 'front', { show: 'wires', dimensions: false }).items.find(
      (item) => item.kind === 'line' && item.closed === true && item.layer === 'wire A',
    );
    if (ring?.kind !== 'line') throw new Error('no ring');
    const xs = ring.points.map(([x]) => x);
    const spine = plan.wire.wires[0]!.diameterMm;
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(plan.wire.coil!.formerMm + spine, 6);
  });

  it('shows rods above the board whole, and where their holes lean', () => {
    const plan = inScheme('base-rods', wolfPiece());
    const texts = textsOf(basePlanDrawing(plan.wire.base));
    for (const { number, diameter, slant } of plan.wire.base.holes)
      expect(texts).toContain(
        `${number}: ${diameter.value.toFixed(1)}${slant.value < 1 ? '' : `, ${slant.value.toFixed(0)}°`}`,
      );
    const side = elevation(plan, 'side', { show: 'wires', dimensions: false });
    const rod = plan.wire.wires.find(({ kind }) => kind === 'rod')!;
    const parts = side.items.filter(
      (item) => item.kind === 'line' && item.layer === `wire ${rod.id}`,
    );
    // In the board dashed; from the board to the foot, and on to its end, drawn out.
    expect(parts.map((part) => part.kind === 'line' && part.dashed === true)).toEqual([
      true,
      false,
      false,
    ]);
  });
});

describe('papers', () => {
  // ISO 216: A3 is 297 by 420 mm; Letter is 8.5 by 11 in.
  it('are tiled larger on A3, and fewer', () => {
    expect(PAPERS.A3).toEqual([297, 420]);
    expect(PAPERS.Letter[0]).toBeCloseTo(215.9, 9);
    const sheets = planSheets(wholePlan(otterPiece()));
    const pages = (paper: keyof typeof PAPERS): number =>
      sheets.reduce((sum, sheet) => sum + tiles(sheet, PAPERS[paper]).length, 0);
    expect(pages('A3')).toBeLessThan(pages('A4'));
    for (const sheet of sheets)
      for (const { window } of tiles(sheet, PAPERS.Letter)) {
        const [w, h] = drawingSize(sheet);
        expect(w * h).toBeGreaterThan(0);
        expect(window.w).toBeLessThan(280);
      }
  });
});

describe('labels of marks', () => {
  const overlapping = (wire: Plan['wire']['wires'][number]): number => {
    const boxes = wireStrips([wire], 'full')
      .items.filter((item) => item.kind === 'text' && item.ink === 'dimension')
      .map((item) => {
        const points = itemExtent(item);
        const of = (k: 0 | 1): readonly number[] => points.map((p) => p[k]);
        return [Math.min(...of(0)), Math.min(...of(1)), Math.max(...of(0)), Math.max(...of(1))];
      });
    expect(boxes).toHaveLength(wire.bends.length);
    return boxes.flatMap((a, i) =>
      boxes
        .slice(i + 1)
        .filter((b) => a[0]! < b[2]! && b[0]! < a[2]! && a[1]! < b[3]! && b[1]! < a[3]!),
    ).length;
  };

  it.each(demoWorkpieces().map((piece) => [piece.name, piece] as const))(
    '%s: none lies on another',
    (_, piece) => {
      for (const wire of wholePlan(piece).wire.wires) expect(overlapping(wire), wire.id).toBe(0);
    },
  );

  it('stand upright where rows would pile up, as on a coiled spine', () => {
    const adder = demoWorkpieces().find(({ id }) => id === 'adder-in-a-coil')!;
    const [spine] = wholePlan(adder).wire.wires;
    expect(labelPlaces(spine!).upright).toBe(true);
    expect(labelPlaces(wholePlan(otterPiece()).wire.wires[0]!).upright).toBe(false);
  });
});
