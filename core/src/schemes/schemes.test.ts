import type { Workpiece } from '../workshop/workpiece.ts';
import { describe, expect, it } from 'vitest';
import { SCHEME_IDS } from '../piece/wireSchema.ts';
import { planPiece } from '../plan.ts';
import {
  newWorkpiece,
  changed,
  otterPiece,
  plainPiece,
  wholePlan,
  wolfPiece,
} from '../testing/samples.ts';
import { cutPieces } from '../wire/planStock.ts';
import { compareSchemes } from './compareSchemes.ts';
import { recommendScheme } from './recommendScheme.ts';
import { benchMinutes, workCounts } from './schemeMinutes.ts';
import { MINUTES } from '../wire/minutes.ts';

const advised = (piece: Workpiece) => {
  const plan = planPiece(piece);
  return recommendScheme(plan, compareSchemes(plan));
};

describe('compareSchemes', () => {
  const plan = wholePlan(wolfPiece());
  const costs = compareSchemes(plan);

  it('works out all six, the chosen one with the numbers of the plan itself', () => {
    expect(costs.map(({ scheme }) => scheme.id)).toEqual([...SCHEME_IDS]);
    const now = costs[0]!;
    const metres = cutPieces(plan.wire).reduce((sum, { mm }) => sum + mm, 0) / 1000;
    expect(now.metres.value).toBeCloseTo(metres, 9);
    const worst = Math.max(...plan.strength.joints.map(({ posedShare }) => 100 * posedShare));
    expect(now.worst!.value).toBeCloseTo(worst, 9);
  });

  it('is what choosing each of them would give', () => {
    for (const { scheme, metres, joints, worst } of costs) {
      const chosen = planPiece(changed(wolfPiece(), 'wire', { scheme: scheme.id }));
      const mm = cutPieces(chosen.wire).reduce((sum, cutPiece) => sum + cutPiece.mm, 0);
      expect(metres.value, scheme.id).toBeCloseTo(mm / 1000, 9);
      expect(joints.value).toBe(
        chosen.wire.bindings.bindings.reduce((sum, { count }) => sum + count, 0),
      );
      expect(worst === null).toBe(chosen.wire.wires.length === 0);
    }
  });

  it('reckons the time from what is done', () => {
    for (const { wire, minutes } of costs)
      expect(minutes.value).toBeCloseTo(benchMinutes(workCounts(wire)), 9);
    const entry = { pieces: 0, bends: 0, bindings: 1, holes: 0, twistedM: 0 };
    expect(benchMinutes(entry)).toBe(MINUTES.bind);
  });
});

describe('recommendScheme', () => {
  it('orders all six by their reasons, each told with its sign', () => {
    const advice = advised(otterPiece());
    expect(advice.map(({ id }) => id).toSorted()).toEqual([...SCHEME_IDS].toSorted());
    const scores = advice.map(({ score }) => score);
    expect(scores).toEqual(scores.toSorted((a, b) => b - a));
    for (const { score, reasons } of advice)
      expect(score).toBeCloseTo(
        reasons.reduce((sum, { weight }) => sum + weight, 0),
        9,
      );
  });

  // Common practice of the schools, by what each is held good for.
  it('gives a piece that is posed again its back iron', () => {
    expect(advised(changed(wolfPiece(), 'wire', { posable: true }))[0]!.id).toBe('back-iron');
  });

  it('leaves a tiny piece to the clay', () => {
    const tiny = changed(plainPiece(), 'measure', { scale: { by: 'ratio', lifePerModel: 40 } });
    expect(advised(tiny)[0]!.id).toBe('no-wire');
  });

  it('binds loops for a small animal on four feet', () => {
    expect(advised(wolfPiece())[0]!.id).toBe('bound-loops');
  });

  it('never advises no wire for anything with limbs to hold up', () => {
    for (const id of ['grey-heron', 'red-deer', 'baryonyx'])
      expect(advised(newWorkpiece('one', 'One', id))[0]!.id).not.toBe('no-wire');
  });
});
