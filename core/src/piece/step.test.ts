import { describe, expect, it } from 'vitest';
import { otterPiece, wholePlan } from '../testing/samples.ts';
import { isStraight } from '../wire/plannedWire.ts';
import { durationSentence, inOrder, sentenceText, UNTOLD, type Step } from './step.ts';

const step = (id: string, ...needs: readonly string[]): Step => ({
  ...{ id, stage: 'bench', title: id, sentence: [], cautions: [], needs, work: 'look' },
  ...UNTOLD,
});
const idsOf = (steps: readonly Step[]): string => steps.map(({ id }) => id).join(' ');

describe('steps in order', () => {
  it('come as they were given, but none before what it needs', () => {
    expect(idsOf(inOrder([step('a'), step('b'), step('c')]))).toBe('a b c');
    expect(idsOf(inOrder([step('a', 'c'), step('b'), step('c')]))).toBe('b c a');
    expect(idsOf(inOrder([step('a', 'gone'), step('b', 'a')]))).toBe('a b');
  });

  it('are refused where they need each other', () => {
    expect(() => inOrder([step('a', 'b'), step('b', 'a')])).toThrow('a, b');
  });
});

describe('the steps of a piece', () => {
  const { bench, wire, cure } = wholePlan(otterPiece(), true);
  const steps = bench!.steps;
  const of = (id: string) => steps.find((each) => each.id === id)!;

  it('are put in by the stages, each after what it needs', () => {
    const ids = steps.map(({ id }) => id);
    for (const each of wire.steps!) expect(ids).toContain(each.id);
    for (const [i, { needs }] of steps.entries())
      for (const need of needs) expect(ids.indexOf(need), need).toBeLessThan(i);
  });

  it('say how long they take, what they take up, and what kind of work they are', () => {
    expect(of('wire.A.bend')).toMatchObject({ work: 'bend', occupies: 'person' });
    expect(sentenceText(durationSentence(of('wire.A.bend')))).toMatch(/^about \d+ min of work$/);
    const bake = cure.stages.find(({ id }) => id === 'finish')!.bake!;
    expect(of('cure.finish')).toMatchObject({ work: 'bake', occupies: 'oven' });
    expect(of('cure.finish').duration).toBe(bake);
    expect(sentenceText(durationSentence(of('cure.finish')))).toMatch(/^\d+ min in the oven$/);
    expect(durationSentence({ ...of('mass.core'), duration: null })).toEqual([]);
  });

  it('take as long as the bends, cuts and holes of the armature at the usual pace', () => {
    // Half a minute to mark and one and a half to make a bend, three to check a wire (common practice).
    const a = wire.wires.find(({ id }) => id === 'A')!;
    const bends = a.bends.filter((bend) => !isStraight(bend)).length;
    const twisted =
      a.moreStrands.reduce((sum, { count, cut }) => sum + count * cut.value, 0) / 1000;
    expect(of('wire.A.bend').duration!.value).toBeCloseTo(2 * bends + 12 * twisted + 3, 9);
    expect(of('wire.drill').duration!.value).toBe(4 * wire.base.holes.length);
  });
});
