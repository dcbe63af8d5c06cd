import { describe, expect, it } from 'vitest';
import { demoWorkpieces } from '../start/demoPieces.ts';
import { otterPiece, wholePlan } from '../testing/samples.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { Lesson, Supply } from '../workshop/workshopSchema.ts';
import { diaryOf, foundIn } from './diary.ts';
import { aboutsAt, lessonsAt } from './lessons.ts';

const otter = otterPiece();
const withBench = (part: Partial<Workpiece['bench']>): Workpiece => ({
  ...otter,
  bench: { ...otter.bench, ...part },
});
const ON = '2026-05-30';
const tick = (minutes: number | null) => ({ on: ON, minutes, note: '' });
const plan = wholePlan(otter);
const bench = plan.bench!;

describe('steps left out', () => {
  const left = wholePlan(
    withBench({ leftOut: { 'wire.drill': 'The board is drilled already.' } }),
  ).bench!;

  it('are done without: what needs them goes on', () => {
    const drill = left.steps.find(({ id }) => id === 'wire.drill')!;
    expect(drill.state).toBe('left');
    expect(left.progress.value).toBe(bench.progress.value - 1);
    expect(left.timed.value).toBeCloseTo(bench.timed.value - drill.duration!.value, 9);
    const bound = { 'wire.bind': tick(null) };
    const mount = (leftOut: Record<string, string>) =>
      wholePlan(withBench({ leftOut, done: bound })).bench!.steps.find(
        ({ id }) => id === 'wire.mount',
      )!.state;
    expect(mount({})).toBe('waiting');
    expect(mount({ 'wire.drill': 'Drilled.' })).not.toBe('waiting');
  });

  it('a bake that is left out is told, and other steps are not', () => {
    const codes = (id: string) =>
      wholePlan(withBench({ leftOut: { [id]: 'No.' } })).bench!.snags.map(({ code }) => code);
    const oven = bench.steps.find(({ occupies }) => occupies === 'oven')!;
    expect(codes(oven.id)).toContain('bake-left-out');
    expect(codes('wire.drill')).not.toContain('bake-left-out');
  });
});

describe('parts of steps', () => {
  it('are ticked by themselves: regions, holes, sides, wires', () => {
    const partsOf = (id: string) => bench.steps.find((step) => step.id === id)!.parts;
    expect(partsOf('wire.drill')).toHaveLength(
      plan.wire.base.holes.filter(({ into }) => into === 'board').length,
    );
    const zone = bench.steps.find(
      ({ id }) => id.startsWith('skin.') && !['skin.fibre', 'skin.folds'].includes(id),
    )!;
    expect(zone.parts.map(({ id }) => id)).toEqual(['left', 'right']);
    const done = wholePlan(withBench({ partsDone: { [zone.id]: ['left', 'gone'] } })).bench!;
    expect(done.steps.find(({ id }) => id === zone.id)!.parts.map(({ isDone }) => isDone)).toEqual([
      true,
      false,
    ]);
  });

  it('have names and ids of their own in every demonstration piece', () => {
    for (const piece of demoWorkpieces())
      for (const step of wholePlan(piece).bench!.steps) {
        const ids = step.parts.map(({ id }) => id);
        expect(new Set(ids).size, `${piece.id} ${step.id}`).toBe(ids.length);
        expect(step.parts.every(({ name, id }) => name !== '' && id.length <= 40)).toBe(true);
      }
  });
});

describe('lessons', () => {
  const lesson = (id: string, kind: Lesson['about']['kind'], about: string, on = ON): Lesson => ({
    ...{ id, on, piece: 'An earlier piece', words: `Lesson ${id}` },
    about: { kind, id: about },
  });
  const [wireA, wireB] = bench.steps.filter(({ id }) => /^wire\..\.bend$/.test(id)) as [
    (typeof bench.steps)[0],
    (typeof bench.steps)[0],
  ];

  it('of one wire come back at every wire, the nearest and newest first', () => {
    const lessons = [
      lesson('1', 'animal', 'eurasian-otter'),
      lesson('2', 'work', 'bend', '2026-01-01'),
      lesson('3', 'work', 'bend', '2026-04-01'),
      lesson('4', 'step', 'wire.bend'),
      lesson('5', 'step', 'wire.drill'),
      lesson('6', 'animal', 'grey-heron'),
    ];
    for (const step of [wireA, wireB])
      expect(
        lessonsAt(lessons, aboutsAt(step, bench.materials, otter)).map(({ id }) => id),
      ).toEqual(['4', '3', '2', '1']);
    const told = wholePlan({ ...otter, atHand: { ...otter.atHand, lessons } }).bench!;
    expect(told.steps.find(({ id }) => id === wireA.id)!.lessons[0]!.id).toBe('4');
  });

  it('of a clay come back where it is used, and only of that clay', () => {
    const ready = bench.steps.find(({ id }) => id === 'mass.condition')!;
    const abouts = aboutsAt(ready, bench.materials, otter);
    const of = (name: string) => lessonsAt([lesson('1', 'material', name)], abouts).length;
    expect(of(otter.mass.clay.name)).toBe(1);
    expect(of('Another clay')).toBe(0);
  });
});

describe('the diary', () => {
  const log = [
    {
      ...{ id: 'e1', at: `${ON}T14:05`, kind: 'attempt' as const, step: 'wire.bind' },
      ...{ words: 'Tape slipped, took wire.', minutes: null, picture: null },
    },
    {
      ...{ id: 'e2', at: '2026-05-29T09:00', kind: 'note' as const, step: null, words: 'Began.' },
      ...{ minutes: 30, picture: 'log-1' },
    },
  ];
  const piece = withBench({
    log,
    done: { 'wire.bind': { on: ON, minutes: 40, note: 'Held.' } },
  });
  const entries = diaryOf(piece, bench.steps);

  it('has steps, entries and bakes in the order of their days', () => {
    const own = entries.filter(({ kind }) => kind !== 'bake');
    expect(own.map(({ id }) => id)).toEqual(['e2', 'step.wire.bind', 'e1']);
    expect(entries.filter(({ kind }) => kind === 'bake')).toHaveLength(piece.cure.log.length);
    expect(own[1]).toMatchObject({ minutes: 40, words: 'Held.' });
    expect(own[1]!.title).toBe(bench.steps.find(({ id }) => id === 'wire.bind')!.title);
  });

  it('is searched by all words in any order', () => {
    const found = (search: string) => foundIn(entries, search).map(({ id }) => id);
    expect(found('WIRE slipped')).toEqual(['e1']);
    expect(found('')).toHaveLength(entries.length);
    expect(found('nothing like it')).toEqual([]);
  });
});

describe('planned against what came out', () => {
  it('weighs, measures and counts hours; what nobody measured stands open', () => {
    const { cameOut } = bench;
    expect(cameOut.map(({ id, came }) => [id, came])).toEqual([
      ['grams', null],
      ['height', null],
      ['length', null],
      ['hours', null],
    ]);
    const grams = plan.mass!.modelGrams.value;
    const after = wholePlan(
      withBench({
        cameOut: { grams: grams * 1.1, heightMm: null, lengthMm: 123 },
        done: { 'wire.bind': tick(60) },
      }),
    ).bench!.cameOut;
    expect(after[0]!.off!.value).toBeCloseTo(10, 9);
    expect(after[2]!.came).toBe(123);
    const bind = bench.steps.find(({ id }) => id === 'wire.bind')!;
    expect(after[3]!.came).toBe(1);
    expect(after[3]!.planned.value).toBeCloseTo(bind.estimateMin! / 60, 9);
  });
});

describe('what a piece costs', () => {
  it('is its material at the price of its packets, its hours, and what is put on top', () => {
    const priced: Workpiece = {
      ...otter,
      atHand: { ...otter.atHand, hourRate: 20, marginPercent: 25 },
    };
    const { cost, steps } = wholePlan(priced).bench!;
    const hours =
      steps
        .filter(({ occupies }) => occupies === 'person')
        .reduce((sum, { duration }) => sum + (duration?.value ?? 0), 0) / 60;
    expect(cost.work!.value).toBeCloseTo(20 * hours, 9);
    expect(cost.price!.value).toBeCloseTo(1.25 * (cost.material.value + 20 * hours), 9);
    expect(wholePlan(otter).bench!.cost.unpriced.length).toBeGreaterThan(0);
    const free = { ...priced, atHand: { ...priced.atHand, hourRate: null } };
    expect(wholePlan(free).bench!.cost).toMatchObject({ work: null, price: null });
  });

  it('a packet’s price is taken by the share that is used of it', () => {
    const supply: Supply = {
      ...{ id: 's', kind: 'foil', name: 'Foil', unit: 'm', amount: 0, pack: 10, price: 5 },
      ...{ where: '', opened: null },
    };
    const { materials } = wholePlan({
      ...otter,
      atHand: { ...otter.atHand, supplies: [supply] },
    }).bench!;
    const foil = materials.find(({ kind }) => kind === 'foil')!;
    expect(foil.worth!.value).toBeCloseTo(0.5 * foil.need.value, 9);
    expect(foil.quantity.value).toBe(Math.ceil(foil.need.value / 10));
    expect(foil.cost!.value).toBeCloseTo(5 * foil.quantity.value, 9);
  });
});

describe('how a finished piece is kept', () => {
  it('goes into a box with foam all round what is longest', () => {
    const [long, wide, high] = bench.keeping.box;
    const { base } = plan.wire;
    expect(long!.value).toBeCloseTo(
      Math.max(plan.stance.summary[1]!.value, base.length.value) + 80,
      9,
    );
    expect(wide!.value).toBeGreaterThanOrEqual(base.width.value + 80);
    expect(high!.value).toBeCloseTo(plan.stance.heightAsPosed.value + 80, 9);
  });

  it('says in every piece where it breaks, how it is carried, and what it is made of', () => {
    for (const piece of demoWorkpieces()) {
      const { keeping } = wholePlan(piece).bench!;
      for (const list of [keeping.weak, keeping.pack, keeping.care, keeping.madeOf])
        expect(list.length, piece.id).toBeGreaterThan(0);
    }
  });
});
