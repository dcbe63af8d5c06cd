import { describe, expect, it } from 'vitest';
import { createMemory, withoutMemory } from './memory.ts';

describe('A memory of last inputs', () => {
  const doubled = ({ a }: { a: object; b?: number }): object => ({ of: a });

  it('gives the same object back for the same fields, in whatever order', () => {
    const recall = createMemory();
    const a = {};
    const first = recall(doubled, { a, b: 1 });
    expect(recall(doubled, { b: 1, a })).toBe(first);
    expect(recall(doubled, { a: {}, b: 1 })).not.toBe(first);
  });

  it('remembers one call of each function, and tells a missing field from an undefined one', () => {
    const recall = createMemory();
    const [a, other] = [{}, ({ a }: { a: object }): object => [a]];
    const first = recall(doubled, { a });
    const second = recall(other, { a });
    expect(recall(doubled, { a })).toBe(first);
    expect(recall(other, { a })).toBe(second);
    expect(recall(doubled, { a, b: 2 })).not.toBe(first);
    expect(recall(doubled, { a, b: undefined })).not.toBe(recall(doubled, { a }));
  });

  it('is not shared by two planners, and may be done without', () => {
    const a = {};
    const first = createMemory()(doubled, { a });
    expect(createMemory()(doubled, { a })).not.toBe(first);
    expect(withoutMemory(doubled, { a })).not.toBe(withoutMemory(doubled, { a }));
  });
});
