import { describe, expect, it } from 'vitest';
import { subjectOf } from '../anatomy/subject.ts';
import { firstWires } from './firstWires.ts';

const wolf = subjectOf({ animalId: 'grey-wolf', creature: null });

describe('the wires that a new piece begins with', () => {
  it('get thinner with the scale, and the clay over them with them', () => {
    const [large, small, tiny] = [5, 20, 60].map((n) => firstWires(wolf, n)) as [
      ReturnType<typeof firstWires>,
      ReturnType<typeof firstWires>,
      ReturnType<typeof firstWires>,
    ];
    expect(large).toMatchObject({ coverMm: 1, limbsMm: { 'hind-legs': 1.6, 'fore-legs': 1.6 } });
    expect(small.coverMm).toBeLessThan(large.coverMm);
    expect(small.limbsMm['hind-legs']).toBeLessThan(1.6);
    // The hind foot of a wolf is 19 mm thick either way: at 1:60 it hides the finest wire at most.
    expect(tiny).toMatchObject({ coverMm: 0.3, limbsMm: { 'hind-legs': 0.3 } });
  });

  it('are one for each pair of limbs, and none for a body without', () => {
    expect(Object.keys(firstWires(wolf, 5).limbsMm)).toEqual(['hind-legs', 'fore-legs']);
    const adder = subjectOf({ animalId: 'adder', creature: null });
    expect(firstWires(adder, 2).limbsMm).toEqual({});
  });
});
