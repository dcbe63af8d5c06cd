import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { animalById, planById } from '../../anatomy/registry.ts';
import { individual } from '../../anatomy/individual.ts';
import { planPiece } from '../../plan.ts';
import { NEW_FEATHERS, SHAPE_STATIONS, type FeatherChoice } from '../../piece/featherSchema.ts';
import { snagSentence } from '../../piece/snag.ts';
import { barbSheets } from '../../sheets/skin/featherDrawings.ts';
import { shapedTo, vaneGrips, VANE_SIDES, widthPulled } from '../../sheets/skin/featherOutline.ts';
import { evaluated } from '../../testing/formula.ts';
import { changed, newWorkpiece } from '../../testing/samples.ts';
import type { Workpiece } from '../../workshop/workpiece.ts';
import { rectangleOf } from './featherPlan.ts';
import {
  barbsOf,
  grownVane,
  mirroredVane,
  PIN,
  QUILL,
  shapedBy,
  vaneOf,
  vaneWidths,
  type VaneShape,
} from './vane.ts';

const birdOf = (animal: string, more: Partial<FeatherChoice> = {}): Workpiece =>
  changed(newWorkpiece('bird', 'Bird', animal), 'skin', {
    feathers: { ...NEW_FEATHERS, ...more },
  });
const planOf = (animal: string, more: Partial<FeatherChoice> = {}) =>
  planPiece(birdOf(animal, more));
const rowsOf = (animal: string, more: Partial<FeatherChoice> = {}) =>
  planOf(animal, more).skin.feathers!.rows;

const factors = fc.array(fc.double({ min: 0.1, max: 2.5, noNaN: true }), {
  minLength: SHAPE_STATIONS.length,
  maxLength: SHAPE_STATIONS.length,
});
const plain: VaneShape = {
  ...{ longMm: 80, wideMm: 14, leading: 0.3, tip: 'round', isNotched: false },
  ...{ turnDeg: 12, shaped: null },
};

describe('an outline shaped by hand', () => {
  it('is as wide at its places as it was set, as it comes at quill and tip, and between them in between', () => {
    fc.assert(
      fc.property(factors, factors, (before, behind) => {
        const shape = { ...plain, shaped: { before, behind } };
        SHAPE_STATIONS.forEach((share, n) => {
          const [usual, own] = [vaneWidths(plain, share), vaneWidths(shape, share)];
          expect(own[0]).toBeCloseTo(usual[0] * before[n]!, 9);
          expect(own[1]).toBeCloseTo(usual[1] * behind[n]!, 9);
        });
        expect([shapedBy(before, QUILL), shapedBy(before, 1), shapedBy(undefined, 0.5)]).toEqual([
          1, 1, 1,
        ]);
        const between = shapedBy(before, (SHAPE_STATIONS[1] + SHAPE_STATIONS[2]) / 2);
        expect(between).toBeCloseTo((before[1]! + before[2]!) / 2, 9);
      }),
    );
  });

  it('goes where it is pulled, held to what a vane may be, and leaves all other places', () => {
    const [row] = rowsOf('grey-heron');
    const feather = row!.feathers[3]!;
    for (const grip of vaneGrips(feather)) {
      expect(widthPulled(feather, grip, grip.at)).toBeCloseTo(grip.wideMm, 9);
      const shape = shapedTo(feather, grip, 1.4 * grip.wideMm);
      const other = VANE_SIDES.find((side) => side !== grip.side)!;
      expect(shape[grip.side][grip.station]).toBeCloseTo(1.4, 9);
      expect(shape[other]).toEqual(SHAPE_STATIONS.map(() => 1));
      expect(shapedTo(feather, grip, 1e4)[grip.side][grip.station]).toBe(2.5);
      expect(shapedTo(feather, grip, 0)[grip.side][grip.station]).toBe(0.1);
      // Across the shaft to the other side there is no vane left.
      const far = [grip.at[0], grip.side === 'before' ? -1e3 : 1e3] as const;
      expect(widthPulled(feather, grip, far)).toBe(0);
    }
  });

  it('is taken by a feather alone or by its row, and by left and right alike', () => {
    const wide = { before: [1, 1.5, 1.5, 1.5, 1, 1], behind: [1, 1, 1, 1, 1, 1] };
    const all = rowsOf('barn-owl', { shapes: { primaries: wide } })[0]!.feathers;
    const one = rowsOf('barn-owl', { shapes: { P2: wide } })[0]!.feathers;
    expect(all.every(({ shape }) => shape.shaped === wide)).toBe(true);
    expect(one.map(({ shape }) => shape.shaped !== null)).toEqual(one.map(({ id }) => id === 'P2'));
    for (const { sides } of all) expect(sides[0]).toEqual(mirroredVane(sides[1]!));
  });

  it('that leaves the next one bare is told', () => {
    const thin = { before: [1, 0.1, 0.1, 0.1, 1, 1], behind: [1, 0.1, 0.1, 0.1, 1, 1] };
    expect(planOf('grey-heron').snags.map(({ code }) => code)).not.toContain('feather-gap');
    const { snags } = planOf('grey-heron', { shapes: { P4: thin } });
    const snag = snags.find(({ code }) => code === 'feather-gap')!;
    expect(snagSentence(snag, 'metric')).toContain('P4: shaped so narrow');
  });
});

describe('a growing feather', () => {
  it('is small, below two fifths a pin in its sheath, and missing where nothing has grown', () => {
    const [long, wide] = rectangleOf(vaneOf(plain));
    const [half, pin] = [grownVane(plain, 0.5)!, grownVane(plain, 0.3)!];
    expect(rectangleOf(half)[0]).toBeCloseTo(long / 2, 1);
    expect(rectangleOf(half)[1]).toBeCloseTo(wide / 2, 1);
    expect(rectangleOf(pin)[0]).toBeLessThan(PIN * long);
    expect(vaneWidthsOf(pin)).toBeLessThan(0.3 * 0.5 * wide);
    expect(grownVane(plain, 0)).toBeNull();
    expect(grownVane(plain, 1)).toEqual(vaneOf(plain));
  });

  /** What stands off the shaft at most, mm. */
  const vaneWidthsOf = ({ outline, shaft }: ReturnType<typeof vaneOf>): number =>
    Math.max(
      ...outline.map(([x, y]) => Math.min(...shaft.map(([sx, sy]) => Math.hypot(x - sx, y - sy)))),
    );

  it('of a nestling is a pin, and its body is in down; the grown bird has neither', () => {
    const owl = animalById('barn-owl')!;
    const young = individual(planById('bird')!, owl, { sex: null, juvenility: 0.8 });
    expect(young.coat.filter(({ covering }) => covering === 'down').length).toBe(
      owl.coat.filter(({ covering }) => covering === 'feather').length,
    );
    for (const zone of young.coat.filter(({ covering }) => covering === 'down')) {
      expect(zone.hex).toBe(owl.downHex);
      expect(zone.hair!.mm).toBeLessThan(owl.coat.find(({ id }) => id === zone.id)!.hair!.mm);
    }
    expect(young.plumage!.every(({ grown }) => grown! < PIN)).toBe(true);
    const fledged = individual(planById('bird')!, owl, { sex: null, juvenility: 0.3 });
    expect(fledged.coat.map(({ covering }) => covering)).not.toContain('down');
    expect(fledged.plumage!.every(({ grown }) => grown! > PIN && grown! < 1)).toBe(true);
    expect(owl.plumage!.every(({ grown }) => grown === undefined)).toBe(true);
  });

  it('of one’s own choice goes before what its youth has', () => {
    const piece = changed(birdOf('barn-owl', { grown: { 'L.P1': 1 } }), 'measure', {
      individual: { sex: null, juvenility: 0.8 },
    });
    const [first, second] = planPiece(piece).skin.feathers!.rows[0]!.feathers;
    expect(first!.grown[0]).toBe(1);
    expect(first!.grown[1]).toBeLessThan(PIN);
    expect(second!.grown[0]).toBeLessThan(PIN);
  });
});

describe('barbs', () => {
  it('lie within their vane, slant to its tip, and leave the shaft free', () => {
    const [low, high] = [0.12, 1].map((share) => share * plain.longMm) as [number, number];
    const straight = { ...plain, turnDeg: 0 };
    const barbs = barbsOf(straight, 1.5);
    expect(barbs.length).toBeGreaterThan(60);
    for (const [from, to] of barbs) {
      expect(from[0]).toBeGreaterThan(low);
      expect(to[0]).toBeLessThanOrEqual(high + 1e-9);
      expect(to[0]).toBeGreaterThan(from[0]);
      expect(Math.abs(from[1])).toBeGreaterThan(0);
      expect(Math.sign(from[1])).toBe(Math.sign(to[1]));
      const edge = vaneWidths(straight, to[0] / plain.longMm)[to[1] > 0 ? 0 : 1];
      expect(Math.abs(to[1])).toBeLessThanOrEqual(edge + 1e-9);
    }
  });

  it('are drawn into what is pressed, counted in its minutes, and left out where none are wanted', () => {
    const [row] = rowsOf('grey-heron');
    const none = rowsOf('grey-heron', { barbMm: 0 })[0]!;
    const wide = rowsOf('grey-heron', { barbMm: 4 })[0]!;
    for (const working of [row!.barb!, row!.minutes, none.minutes, wide.barb!, wide.minutes])
      expect(evaluated(working), working.id).toBeCloseTo(working.value, 9);
    expect(none.barb).toBeNull();
    expect(row!.minutes.value).toBeGreaterThan(wide.minutes.value);
    expect(wide.minutes.value).toBeGreaterThan(none.minutes.value);
    const drawn = (more: Partial<FeatherChoice>): number =>
      barbSheets(planOf('grey-heron', more))
        .flatMap(({ items }) => items)
        .filter(({ layer }) => layer === 'barbs').length;
    expect(barbSheets(planOf('grey-heron'))).toHaveLength(3);
    expect(barbSheets(planOf('grey-heron', { barbMm: 0 }))).toEqual([]);
    expect(drawn({})).toBeGreaterThan(drawn({ barbMm: 4 }));
  });
});

describe('feathers to cut', () => {
  const cut = { way: 'cut', many: null, longestMm: null, overlap: null } as const;

  it('have a strip of glue and a slanted edge with their working, and pressed ones neither', () => {
    const plan = planOf('grey-heron', { rows: { primaries: cut } }).skin.feathers!;
    for (const working of [plan.glue!, plan.bevel!])
      expect(evaluated(working), working.id).toBeCloseTo(working.value, 9);
    // Cotangent of 30 degrees: the square root of three.
    expect(plan.bevel!.value).toBeCloseTo(Math.sqrt(3) * NEW_FEATHERS.sheets[0]!.thickMm, 9);
    const pressed = planOf('grey-heron').skin.feathers!;
    expect([pressed.glue, pressed.bevel]).toEqual([null, null]);
  });

  it('too long for every sheet, or too narrow to cut, are told by their numbers', () => {
    const short = [{ ...NEW_FEATHERS.sheets[0]!, longMm: 60, wideMm: 60 }];
    const snags = planOf('grey-heron', { rows: { primaries: cut }, sheets: short }).snags;
    const long = snags.find(({ code }) => code === 'sheet-too-short')!;
    expect(snagSentence(long, 'metric')).toMatch(/P10: up to .* no sheet at hand takes them/);
    const small = changed(birdOf('grey-heron', { rows: { primaries: cut } }), 'measure', {
      scale: { by: 'ratio', lifePerModel: 20 },
    });
    const found = planPiece(small).snags.find(({ code }) => code === 'feather-too-narrow')!;
    expect(snagSentence(found, 'metric')).toContain('curls and tears');
    const told = planOf('grey-heron', { rows: { primaries: cut } }).snags.map(({ code }) => code);
    expect(told).not.toContain('sheet-too-short');
    expect(told).not.toContain('feather-too-narrow');
  });
});
