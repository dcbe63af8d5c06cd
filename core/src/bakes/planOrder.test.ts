import { describe, expect, it } from 'vitest';
import { planPiece } from '../plan.ts';
import { snagSentence } from '../piece/snag.ts';
import { demoWorkpieces } from '../start/demoPieces.ts';
import { everySnag } from '../piece/snagGroups.ts';
import { changed, otterPiece } from '../testing/samples.ts';
import { sentenceText } from '../piece/step.ts';
import { wholePlan } from '../testing/samples.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { keepsRules } from '../testing/bakesByTrial.ts';
import { STUFFS, standing } from './stuffs.ts';

const cureOf = (piece: Workpiece) => planPiece(piece).cure;
const made = (piece: Workpiece, of: Workpiece['fittings']['made']): Workpiece =>
  changed(piece, 'fittings', { made: { ...piece.fittings.made, ...of } });
const itemsOf = (piece: Workpiece) =>
  cureOf(piece).stages.map(({ id, items }) => [id, ...items.map((item) => item.id)]);
const contradictions = (piece: Workpiece): readonly string[] =>
  everySnag(planPiece(piece).snags)
    .filter(({ code }) => code === 'bakes-contradict')
    .map((snag) => snagSentence(snag));
const [clayEyes, resin] = [
  { material: 'clay', spare: 2 },
  { material: 'resin', spare: 0 },
] as const;
const SOFT = {
  ...{ id: 'stuff-2', name: 'Soft clay', gPerMl: 1.6, standsC: 110 },
  cures: { temperatureC: 100, minutes: 20, perMm: 5 },
};

describe('the bakes of a piece', () => {
  it.each(demoWorkpieces().map((piece) => [piece.name, piece] as const))(
    'of %s keep every rule of its things, and none could be left out',
    (_, piece) => {
      const { order, stages } = cureOf(piece);
      const numbers = new Map(
        stages.flatMap(({ items, number }) => items.map(({ id }) => [id, number] as const)),
      );
      expect(order.conflicts).toEqual([]);
      expect(keepsRules(order.items, numbers)).toBe(true);
      expect(order.atLeast).toBe(stages.length);
      expect([...numbers.keys()].toSorted()).toEqual(
        order.items.flatMap(({ id, curesC }) => (curesC === null ? [] : [id])).toSorted(),
      );
    },
  );

  it('of a legend are five, its arms joined after the third', () => {
    const hob = demoWorkpieces().find(({ id }) => id === 'sluice-hob')!;
    expect(cureOf(hob).stages.map(({ id }) => id)).toEqual([
      'parts',
      'shell',
      'apart',
      'finish',
      'late',
    ]);
    const { steps } = wholePlan(hob).bench!;
    const at = (id: string): number => steps.findIndex((step) => step.id === id);
    const join = at('parts.join.humerus.L');
    expect(join).toBeGreaterThan(at('cure.apart'));
    expect(join).toBeLessThan(at('cure.finish'));
    // The mane is laid on the baked surface, and baked on it.
    expect(at('parts.set.own-mane')).toBeGreaterThan(at('cure.finish'));
    expect(at('cure.late')).toBeGreaterThan(at('parts.set.own-mane'));
    expect(at('colour.clean')).toBeGreaterThan(at('cure.late'));
    const finish = sentenceText(steps[at('cure.finish')]!.sentence);
    expect(finish).toMatch(
      /^Look once more: eyes, .* all in\? Not yet: snail shells in the ruff, mane and ruff\./,
    );
  });

  it('change when an eye is of clay, and when the clay of a part bears less', () => {
    expect(itemsOf(otterPiece())[0]![0]).toBe('shell');
    const eyes = itemsOf(made(otterPiece(), { eyes: clayEyes }));
    expect(eyes.map(([id]) => id)).toEqual(['parts', 'shell', 'finish']);
    expect(eyes[0]).toContain('part:eyes');
    const soft = changed(otterPiece(), 'cure', { stuffs: [SOFT] });
    const late = itemsOf(made(soft, { claws: { material: 'stuff-2', spare: 0 } }));
    expect(late.at(-1)).toEqual(['late', 'part:claws']);
  });

  it('set putty and air-drying clay in rounds of their own, in hours', () => {
    const putty = cureOf(made(otterPiece(), { claws: { material: 'putty', spare: 0 } }));
    const round = putty.stages.find(({ kind }) => kind === 'setting')!;
    expect([round.inOven, round.dial, round.bake, round.rule.unit]).toEqual([
      false,
      null,
      null,
      'h',
    ]);
    expect(putty.stages.at(-1)!.id).toBe('setting');
    expect(round.supports.join(' ')).toContain('pot life');
    const { clay } = otterPiece().mass;
    const air = cureOf(changed(otterPiece(), 'mass', { clay: { ...clay, classId: 'air-dry' } }));
    for (const stage of air.stages) {
      expect([stage.inOven, stage.rule.unit]).toEqual([false, 'h']);
      expect(stage.supports.join(' ')).toContain('In layers of about 6 mm');
    }
  });
});

describe('a contradiction', () => {
  it('names a part that does not stand the bake it was put into, and the remedy', () => {
    const piece = changed(made(otterPiece(), { claws: resin }), 'cure', {
      pins: { 'part:claws': 1 },
    });
    const [told, ...more] = contradictions(piece);
    expect(more).toEqual([]);
    expect(told).toMatch(
      /^Claws, .*: no order of bakes does for them\. Claws bears 60 °C at most, and .* needs at least 124 °C.*follow again/,
    );
    // What is left is still an order.
    expect(cureOf(piece).stages.length).toBeGreaterThan(1);
  });

  it('names two that want each other first', () => {
    const eyes = made(otterPiece(), { eyes: clayEyes });
    const piece = changed(eyes, 'cure', { pins: { 'part:eyes': 2, shell: 1 } });
    const [told] = contradictions(piece);
    expect(told).toMatch(/^Eyes, Shell: .*the other way round.*follow again/);
    const far = changed(eyes, 'cure', { pins: { 'part:eyes': 3 } });
    expect(contradictions(far)[0]).toMatch(/^Eyes: .*so it is baked earlier.*something else/);
  });

  it('names a found thing that is there too early', () => {
    const piece = changed(otterPiece(), 'cure', {
      things: [{ id: 'a', name: 'Foam ball', stuff: 'foam', when: 'first' }],
    });
    expect(contradictions(piece)[0]).toMatch(/Foam ball bears 80 °C at most.*last bake is done/);
    const last = changed(otterPiece(), 'cure', {
      things: [{ id: 'a', name: 'Foam ball', stuff: 'foam', when: 'last' }],
    });
    expect(contradictions(last)).toEqual([]);
    expect(cureOf(last).stages[0]!.out).toContain('Foam ball');
  });

  it('of a clay for shells that dries in the air is told as that', () => {
    const { clay } = otterPiece().mass;
    const air = { ...clay, classId: 'air-dry', name: 'Air clay' } as const;
    const piece = changed(otterPiece(), 'mass', { shellClay: air });
    expect(everySnag(planPiece(piece).snags).map(({ code }) => code)).toContain('clays-set-unlike');
    expect(contradictions(piece)).toEqual([]);
  });
});

describe('what the user puts where', () => {
  it('is kept: a bake of its own, and a part in the last bake', () => {
    const alone = changed(otterPiece(), 'cure', { pins: { 'part:claws': 'alone' } });
    expect(itemsOf(alone)).toContainEqual(['parts', 'part:claws']);
    expect(cureOf(alone).stages).toHaveLength(cureOf(otterPiece()).stages.length + 1);
  });
});

describe('may this go in?', () => {
  const answers = (piece: Workpiece, id: string) =>
    cureOf(piece).mayGoIn.find(({ item }) => item.id === id)!.answers;

  it('is answered for bindings, boards, glass and found things in every bake', () => {
    const binder = (kind: Workpiece['wire']['binder']['kind']): Workpiece =>
      changed(otterPiece(), 'wire', { binder: { ...otterPiece().wire.binder, kind } });
    expect(answers(binder('tie-wire'), 'binding')).toEqual(['yes', 'yes']);
    expect(answers(binder('hot-glue'), 'binding')).toEqual(['no', 'no']);
    expect(answers(binder('putty'), 'binding')).toEqual(['label', 'label']);
    expect(answers(otterPiece(), 'part:eyes')).toEqual(['not-yet', 'yes']);
    expect(answers(otterPiece(), 'part:claws')).toEqual(['cures', 'yes']);
    expect(answers(changed(otterPiece(), 'measure', { onBoard: true }), 'board')).toEqual([
      'yes',
      'yes',
    ]);
  });

  it('is told once where the user sets the dial too high for what is there', () => {
    const hot = changed(otterPiece(), 'measure', { onBoard: true });
    const told = everySnag(planPiece(changed(hot, 'cure', { setC: 160 })).snags).filter(
      ({ code }) => code === 'not-in-oven',
    );
    expect(told.map((snag) => snagSentence(snag))[0]).toMatch(/^Board is on the piece.*150/);
  });
});

describe('stuffs', () => {
  it('have ranges the right way round, notes, and ids of their own', () => {
    expect(new Set(STUFFS.map(({ id }) => id)).size).toBe(STUFFS.length);
    for (const { givesWayC, note } of STUFFS) {
      expect(givesWayC[0]).toBeLessThanOrEqual(givesWayC[1]);
      expect(note.length).toBeGreaterThan(10);
      expect(standing({ givesWayC }, givesWayC[0])).toBe('stands');
      expect(standing({ givesWayC }, givesWayC[1] + 1)).toBe('never');
    }
  });
});
