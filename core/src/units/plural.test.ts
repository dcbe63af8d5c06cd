import { describe, expect, it } from 'vitest';
import { plural } from './plural.ts';

describe('the form of a word', () => {
  // English by CLDR: one for 1, other for all else, nought and fractions included.
  it.each([
    [0, 'feet'],
    [1, 'foot'],
    [1.5, 'feet'],
    [2, 'feet'],
    [101, 'feet'],
  ])('that goes with %d is “%s”', (n, word) => {
    expect(plural(n, { one: 'foot', other: 'feet' })).toBe(word);
  });
});
