import { describe, expect, it } from 'vitest';
import { skinBox, skinParts } from '../body/skin.ts';
import { skeletonOf } from '../testing/skeletonOf.ts';
import { fannedTail } from './fannedTail.ts';
import { settledStance } from './settledStance.ts';

const heron = skeletonOf('grey-heron');
const tailBox = (fan: number) => {
  const posed = settledStance(heron, { presetId: 'standing', anglesDeg: {}, lifted: null, fan });
  return skinBox(skinParts(posed).filter(({ boneId }) => boneId === 'tail'));
};
const wide = (fan: number): number => {
  const { min, max } = tailBox(fan);
  return max[2] - min[2];
};

describe('a tail fan', () => {
  it('is so many times as wide at its tip, and alike on both sides', () => {
    expect(wide(2) / wide(1)).toBeGreaterThan(1.5);
    expect(wide(2) / wide(1)).toBeLessThanOrEqual(2);
    const { min, max } = tailBox(2);
    expect(max[2]).toBeCloseTo(-min[2], 6);
  });

  it('grows steadily, and leaves the rest of the bird as it is', () => {
    const widths = [1, 1.5, 2, 2.5, 3].map(wide);
    for (const [i, mm] of widths.slice(1).entries()) expect(mm).toBeGreaterThan(widths[i]!);
    const fanned = fannedTail(heron, 2);
    for (const bone of fanned.bones)
      if (bone.key !== 'tail') expect(bone).toBe(heron.byId.get(bone.id));
  });

  it('is remembered, and is nothing where the plan has none', () => {
    expect(fannedTail(heron, 2)).toBe(fannedTail(heron, 2));
    expect(fannedTail(heron, 1)).toBe(heron);
    const wolf = skeletonOf('grey-wolf');
    expect(fannedTail(wolf, 2)).toBe(wolf);
  });
});
