import { usualZone } from '../piece/skinSchema.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { describe, expect, it } from 'vitest';
import { CAUTIONS } from '../piece/cautions.ts';
import { changed, otterPiece, plainPiece, wholePlan, wolfPiece } from '../testing/samples.ts';
import { listText, sentenceText } from '../piece/step.ts';

const benchOf = (piece: Workpiece) => wholePlan(piece, true).bench!;
const done = (...ids: string[]): Workpiece['bench'] => ({
  ...otterPiece().bench,
  done: Object.fromEntries(ids.map((id) => [id, { on: '2026-05-30', minutes: 12, note: '' }])),
});
const solid = (piece: Workpiece): Workpiece =>
  changed(piece, 'mass', {
    shells: Object.fromEntries(
      wholePlan(piece).builds.map((build) => [build.region.id, { core: 'solid', shellMm: 5 }]),
    ),
  });
const fibre = (piece: Workpiece): Workpiece =>
  changed(piece, 'skin', { zones: { back: usualZone('fibre') } });
const CASES: readonly (readonly [string, Workpiece])[] = [
  ['otter', otterPiece()],
  ['wolf', wolfPiece()],
  ['plain', plainPiece()],
  ['all at once', changed(otterPiece(), 'cure', { method: 'all-at-once', partsFirst: false })],
  ['solid', solid(otterPiece())],
  ['with fibre', fibre(otterPiece())],
  [
    'with a pelt, baked bare',
    changed(changed(otterPiece(), 'skin', { zones: { back: usualZone('pelt') } }), 'cure', {
      method: 'body-first',
    }),
  ],
  [
    'epoxy',
    changed(otterPiece(), 'mass', { clay: { ...otterPiece().mass.clay, classId: 'epoxy' } }),
  ],
];

describe.each(CASES)('the steps: %s', (_, piece) => {
  const { steps, shopping } = benchOf(piece);

  it('stand after everything that they need, each need existing, no step twice', () => {
    const seen = new Set<string>();
    for (const step of steps) {
      for (const need of step.needs) expect(seen, `${step.id} needs ${need}`).toContain(need);
      seen.add(step.id);
    }
    expect(seen.size).toBe(steps.length);
  });

  it('are whole sentences with finite numbers', () => {
    for (const step of steps) {
      const text = sentenceText(step.sentence);
      expect(text).toMatch(/^[A-Z].*\.$/s);
      expect(text).not.toMatch(/NaN|undefined|none/);
    }
  });

  it('all lead to the last one', () => {
    const last = steps.at(-1)!;
    const needed = new Set([last.id]);
    for (const step of steps.toReversed())
      if (needed.has(step.id)) step.needs.forEach((need) => needed.add(need));
    expect(steps.filter((step) => !needed.has(step.id))).toEqual([]);
  });

  it('have a shopping list of positive quantities', () => {
    expect(shopping.length).toBeGreaterThan(5);
    for (const { quantity } of shopping) expect(quantity.value).toBeGreaterThan(0);
  });
});

describe('cautions', () => {
  const cautionsOf = (piece: Workpiece, match: RegExp) =>
    new Set(
      benchOf(piece)
        .steps.filter((step) => match.test(step.id))
        .flatMap((s) => s.cautions),
    );

  // Common practice of workshop safety; each stands at the step where the hand is at risk.
  it.each([
    [/^wire\..\.cut$/, 'cut-wire'],
    [/^wire\.drill$/, 'drill'],
    [/^wire\.mount$/, 'lead'],
    [/^cure\./, 'oven'],
    [/^cure\./, 'solvent'],
    [/^cure\./, 'qualified'],
    [/^parts\.eyes$/, 'small-parts'],
    [/^skin\./, 'sharp'],
    [/^colour\.clean$/, 'sanding'],
    [/^colour\.primer$/, 'spraying'],
    [/^colour\.sheen$/, 'label'],
  ] as const)('at %s say %s', (match, id) => {
    expect(cautionsOf(otterPiece(), match)).toContain(id);
  });

  it('of a heat gun stand where one is used, and only there', () => {
    const eyes = changed(otterPiece(), 'fittings', {
      made: { eyes: { material: 'clay', spare: 2 } },
    });
    expect(cautionsOf(eyes, /^cure\.parts$/)).not.toContain('heat-gun');
    const gunned = changed(eyes, 'cure', { gun: ['parts'] });
    expect(cautionsOf(gunned, /^cure\.parts$/)).toContain('heat-gun');
    const step = benchOf(gunned).steps.find(({ id }) => id === 'cure.parts')!;
    expect([step.occupies, step.duration?.id]).toEqual(['person', 'cure.gun.parts']);
  });

  it('of epoxy stand where epoxy is used, and only there', () => {
    expect(cautionsOf(otterPiece(), /./)).not.toContain('epoxy');
    const { clay } = otterPiece().mass;
    const epoxy = changed(otterPiece(), 'mass', { clay: { ...clay, classId: 'epoxy' } });
    expect(cautionsOf(epoxy, /^mass\.condition$/)).toContain('epoxy');
    expect(cautionsOf(epoxy, /^cure\./)).not.toContain('oven');
  });

  it('are all used somewhere', () => {
    const { clay } = otterPiece().mass;
    const epoxy = changed(otterPiece(), 'mass', { clay: { ...clay, classId: 'epoxy' } });
    const gunned = changed(otterPiece(), 'fittings', {
      made: { eyes: { material: 'clay', spare: 2 } },
    });
    const used = new Set(
      [otterPiece(), epoxy, changed(gunned, 'cure', { gun: ['parts'] })].flatMap((piece) => [
        ...cautionsOf(piece, /./),
      ]),
    );
    expect([...used].sort()).toEqual(Object.keys(CAUTIONS).sort());
  });
});

describe('the list', () => {
  it('follows a change of scale', () => {
    const text = (piece: Workpiece) =>
      sentenceText(benchOf(piece).steps.find((step) => step.id === 'wire.B.cut')!.sentence);
    const small = changed(otterPiece(), 'measure', { scale: { by: 'ratio', lifePerModel: 4 } });
    expect(text(small)).not.toBe(text(otterPiece()));
    expect(text(otterPiece())).toContain('301.4 mm');
  });

  it('carries the very workings of the stages', () => {
    const plan = wholePlan(otterPiece());
    const cut = plan.bench!.steps.find((step) => step.id === 'wire.B.cut')!;
    expect(cut.sentence).toContain(plan.wire.wires[1]!.cut);
    const known = new Set(plan.workings);
    for (const step of plan.bench!.steps)
      for (const part of step.sentence)
        if (typeof part !== 'string') expect(known.has(part), part.id).toBe(true);
  });

  it('says what is next, what may be done and what waits', () => {
    const fresh = benchOf(otterPiece());
    expect(fresh.next?.id).toBe('sheets.print');
    expect(fresh.steps.find((step) => step.id === 'wire.A.bend')?.state).toBe('waiting');
    const begun = benchOf({ ...otterPiece(), bench: done('sheets.print') });
    expect(begun.next?.id).toBe('wire.A.cut');
    expect(begun.steps.find((step) => step.id === 'wire.drill')?.state).toBe('ready');
    expect(begun.minutes.value).toBe(12);
    const all = benchOf({ ...otterPiece(), bench: done(...fresh.steps.map((step) => step.id)) });
    expect([all.next, all.progress.value]).toEqual([null, 0]);
  });

  it('tells a step that was ticked before one it depends on', () => {
    const hasty = wholePlan({ ...otterPiece(), bench: done('wire.A.bend') });
    expect(hasty.snags).toContainEqual(
      expect.objectContaining({
        code: 'step-out-of-order',
        facts: { step: 'Bend A, spine', needs: 'Cut A, spine' },
      }),
    );
  });

  it('buys only the wire that is not on hand', () => {
    const whats = (piece: Workpiece) =>
      benchOf(piece).shopping.map((line) => sentenceText(line.what));
    expect(whats(otterPiece()).join()).not.toContain('soft aluminium');
    const none = changed(otterPiece(), 'wire', { stock: [] });
    expect(whats(none).join()).toContain('soft aluminium');
  });
});

describe('words in a row', () => {
  it.each([
    [[], ''],
    [['a'], 'a'],
    [['a', 'b', 'c'], 'a, b and c'],
  ] as const)('%j', (words, text) => expect(listText(words)).toBe(text));
});
