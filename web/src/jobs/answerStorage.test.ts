import type { Job } from '@keen-sinew/core';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { keepAnswer, keptAnswer, forgetAnswers, roughBytes } from './answerStorage.ts';

const shelf = vi.hoisted(() => new Map<string, unknown>());
vi.mock('localforage', () => ({
  default: {
    createInstance: () => ({
      getItem: async (key: string) => shelf.get(key) ?? null,
      setItem: async (key: string, value: unknown) => void shelf.set(key, value),
      removeItem: async (key: string) => void shelf.delete(key),
      keys: async () => [...shelf.keys()],
      clear: async () => shelf.clear(),
    }),
  },
}));

const job = (key: string): Job<null, Float32Array> => ({
  ...{ name: 'body', key, input: null, twoSteps: true },
});
const hundred = (): Float32Array => new Float32Array(25).fill(1);

describe('kept answers', () => {
  beforeEach(() => shelf.clear());

  it('come back for the same question of the same kind, and for no other', async () => {
    await keepAnswer(job('a'), hundred(), 1);
    expect(await keptAnswer(job('a'))).toEqual(hundred());
    expect(await keptAnswer(job('b'))).toBeUndefined();
    expect(await keptAnswer({ ...job('a'), name: 'shape' })).toBeUndefined();
  });

  it('of another build, and the longest unused, make room', async () => {
    shelf.set('older-build/body/00', { key: 'x', value: 1, bytes: 8, usedAt: 9 });
    for (const [n, key] of ['a', 'b', 'c'].entries()) await keepAnswer(job(key), hundred(), n, 250);
    expect(await keptAnswer(job('a'))).toBeUndefined();
    expect([...shelf.keys()].some((name) => name.startsWith('older-build'))).toBe(false);
    // Used again, b stays, and c is the longest unused.
    expect(await keptAnswer(job('b'), 7)).toEqual(hundred());
    await keepAnswer(job('d'), hundred(), 8, 250);
    expect(await keptAnswer(job('b'))).toEqual(hundred());
    expect(await keptAnswer(job('c'))).toBeUndefined();
    expect(shelf.size).toBe(4);
  });

  it('are not kept where one alone would fill the half, and can be let go of', async () => {
    await keepAnswer(job('a'), hundred(), 1, 150);
    expect(shelf.size).toBe(0);
    await keepAnswer(job('a'), hundred(), 1, 250);
    await forgetAnswers();
    expect(await keptAnswer(job('a'))).toBeUndefined();
  });

  it('are weighed by their arrays, numbers and words', () => {
    expect(roughBytes(hundred())).toBe(100);
    expect(roughBytes('four')).toBe(8);
    expect(roughBytes([1, 2])).toBe(32);
    expect(roughBytes(null)).toBe(8);
  });
});
