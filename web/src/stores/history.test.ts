import { demoWorkpieces } from '@keen-sinew/core';
import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { historyReady, createHistory, stepBetween, stepped } from './history.ts';

const leaf = fc.oneof(fc.integer(), fc.string({ maxLength: 4 }), fc.constant(null));
const { doc } = fc.letrec<{ doc: Record<string, unknown>; value: unknown }>((tie) => ({
  value: fc.oneof(
    { maxDepth: 3 },
    leaf,
    fc.array(leaf, { maxLength: 3 }),
    tie('doc') as fc.Arbitrary<unknown>,
  ),
  doc: fc.dictionary(fc.constantFrom('a', 'b', 'c', 'd'), tie('value'), {
    maxKeys: 3,
    noNullPrototype: true,
  }),
}));

beforeAll(() => historyReady);

describe('a step', () => {
  it('leads from any document to any other, and back', () => {
    fc.assert(
      fc.property(doc, doc, (before, after) => {
        const step = stepBetween('x', before, after);
        if (step === undefined) expect(after).toEqual(before);
        else {
          expect(stepped(before, step.forth)).toEqual(after);
          expect(stepped(after, step.back)).toEqual(before);
          const kept = JSON.parse(JSON.stringify(step)) as typeof step;
          expect(stepped(stepped(before, kept.forth), kept.back)).toEqual(before);
        }
      }),
      { seed: 11, numRuns: 400 },
    );
  });

  it('leaves the document that it starts from as it was, and says nothing of what is equal', () => {
    const before = { a: { b: 1 }, c: [1] };
    stepBetween('x', before, { a: { b: 2 }, c: [1, 2] });
    expect(before).toEqual({ a: { b: 1 }, c: [1] });
    expect(stepBetween('x', before, { ...before, a: { b: 1 } })).toBeUndefined();
  });
});

describe('a history', () => {
  const [otter] = demoWorkpieces();
  const turned = (deg: number) => ({
    ...otter!,
    stance: { ...otter!.stance, anglesDeg: { skull: { flexion: deg } } },
  });

  it('goes back and forth, and forgets the way forth after a new change', () => {
    const history = createHistory<typeof otter & object>();
    history.note('One', otter!, turned(1));
    history.note('Two', turned(1), turned(2));
    expect(history.undoLabel.value).toBe('Two');
    const back = history.undo(turned(2))!;
    expect(back).toEqual(turned(1));
    expect(history.redo(back)).toEqual(turned(2));
    history.undo(turned(2));
    expect(history.note('Three', turned(1), turned(3))).toBe(true);
    expect(history.canRedo.value).toBe(false);
    expect(history.undo(history.undo(turned(3))!)).toEqual(otter);
    expect(history.undo(otter!)).toBeUndefined();
    expect(history.note('Nothing', otter!, { ...otter! })).toBe(false);
  });

  it('keeps a hundred steps in kilobytes, not in a hundred documents', () => {
    const history = createHistory<typeof otter & object>();
    for (let n = 0; n < 120; n++) history.note('Turn', turned(n), turned(n + 1));
    expect(history.past.value).toHaveLength(100);
    const kept = JSON.stringify(history.past.value).length;
    expect(kept).toBeLessThan(30_000);
    expect(kept).toBeLessThan((100 * JSON.stringify(otter).length) / 20);
  });
});
