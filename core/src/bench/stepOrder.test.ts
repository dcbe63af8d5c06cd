import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { OwnStep } from '../piece/benchSchema.ts';
import type { Step } from '../piece/step.ts';
import { otterPiece, wholePlan } from '../testing/samples.ts';
import { ownStep, placesFor, reordered } from './stepOrder.ts';

const step = (id: string, needs: readonly string[] = []): Step => ({
  ...{ id, needs, title: id, stage: 'bench', sentence: [], cautions: [], work: 'look' },
  ...{ occupies: 'person', duration: null },
});
const ids = (steps: readonly Step[]): string => steps.map(({ id }) => id).join('');
const all = [step('a'), step('b', ['a']), step('c', ['b']), step('d'), step('e', ['a'])];

describe('the order of steps', () => {
  it('follows moves one after the other', () => {
    expect(ids(reordered(all, [{ step: 'd', after: null }]))).toBe('dabce');
    expect(ids(reordered(all, [{ step: 'e', after: 'a' }]))).toBe('aebcd');
    const twice = [
      { step: 'e', after: 'a' },
      { step: 'd', after: 'e' },
    ];
    expect(ids(reordered(all, twice))).toBe('aedbc');
  });

  it('lets what is put before its needs wait for them', () => {
    expect(ids(reordered(all, [{ step: 'c', after: null }]))).toBe('abcde');
    expect(ids(reordered(all, [{ step: 'a', after: 'd' }]))).toBe('dabce');
  });

  it('passes over moves of steps that there are not', () => {
    const moved = [
      { step: 'x', after: 'a' },
      { step: 'd', after: 'x' },
    ];
    expect(ids(reordered(all, moved))).toBe('abcde');
  });

  it('no moves of any kind put a step before what it needs, lose one, or make one', () => {
    const steps = wholePlan(otterPiece()).bench!.steps;
    const id = fc.constantFrom(...steps.map((of) => of.id));
    fc.assert(
      fc.property(
        fc.array(fc.record({ step: id, after: fc.option(id) }), { maxLength: 8 }),
        (moved) => {
          const after = reordered(steps, moved);
          expect(after.map((of) => of.id).sort()).toEqual(steps.map((of) => of.id).sort());
          const at = new Map(after.map((of, i) => [of.id, i]));
          for (const of of after)
            for (const need of of.needs)
              if (at.has(need)) expect(at.get(need)!).toBeLessThan(at.get(of.id)!);
        },
      ),
      { numRuns: 50 },
    );
  });

  it('tells between which places a step may stand, and every one of them is kept', () => {
    expect(placesFor(all, 'd')).toEqual({ first: 0, last: 4 });
    expect(placesFor(all, 'b')).toEqual({ first: 1, last: 1 });
    expect(placesFor(all, 'e')).toEqual({ first: 1, last: 4 });
    const steps = wholePlan(otterPiece()).bench!.steps;
    for (const { id } of steps) {
      const rest = steps.filter((of) => of.id !== id);
      const { first, last } = placesFor(steps, id);
      for (const at of [first, last]) {
        const after = reordered(steps, [{ step: id, after: rest[at - 1]?.id ?? null }]);
        expect(
          after.findIndex((of) => of.id === id),
          id,
        ).toBe(at);
      }
    }
  });

  it('a step of the maker’s own waits for what it was put behind, and takes what was said', () => {
    const own: OwnStep = {
      ...{ id: 'own.1', title: 'Photograph it', sentence: 'From both sides.', work: 'look' },
      ...{ minutes: 12, after: 'wire.bind' },
    };
    expect(ownStep(own)).toMatchObject({ needs: ['wire.bind'], duration: { value: 12 } });
    expect(ownStep({ ...own, minutes: null, after: null })).toMatchObject({
      ...{ needs: [], duration: null },
    });
    const piece = otterPiece();
    const bench = wholePlan({ ...piece, bench: { ...piece.bench, own: [own] } }).bench!;
    const at = bench.steps.findIndex(({ id }) => id === 'own.1');
    expect(at).toBeGreaterThan(bench.steps.findIndex(({ id }) => id === 'wire.bind'));
    expect(bench.steps[at]!.duration!.value).toBe(12);
  });

  it('own steps that would wait for each other wait for nothing', () => {
    const piece = otterPiece();
    const own = (id: string, after: string) =>
      ({ id, title: id, sentence: '', work: 'look', minutes: null, after }) as const;
    const bench = { ...piece.bench, own: [own('own.1', 'own.2'), own('own.2', 'own.1')] };
    const { steps } = wholePlan({ ...piece, bench }).bench!;
    expect(steps.find(({ id }) => id === 'own.1')!.needs).toEqual([]);
    expect(steps.find(({ id }) => id === 'own.2')!.needs).toEqual(['own.1']);
  });
});
