import { describe, expect, it } from 'vitest';
import { poseSkeleton } from '../anatomy/pose.ts';
import { planPiece } from '../plan.ts';
import { changed, newWorkpiece } from '../testing/samples.ts';
import { bodyGrid } from './bodyGrid.ts';
import { fleshField } from './fleshField.ts';
import { restMuscles } from './muscles.ts';
import type { SkinPart } from './skin.ts';
import { thinned, thinnings, type Thinning } from './thinned.ts';

const CELLS = 300_000;
const skeletonWith = (bulk: Readonly<Record<string, number>>) => {
  const piece = newWorkpiece('one', 'One', 'grey-wolf');
  const shape = { ...piece.measure.shape, bulk };
  return planPiece(changed(piece, 'measure', { shape })).measure.skeleton;
};
const volumeOf = (field: ReturnType<typeof fleshField>): number => {
  const h = field.cellMm;
  let cells = 0;
  for (const d of field.depth) cells += Math.min(1, Math.max(0, 0.5 - d / h));
  return cells * h ** 3;
};

/** A block of flesh with a flat top at y = 50, and a belly of 40 × 10 × 15 mm right under it. */
const block: SkinPart = {
  kind: 'ellipsoid',
  boneId: 'block',
  centre: [0, -450, 0],
  axes: [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ],
  radii: [500, 500, 500],
};
const over = (dropMm: number): Thinning => ({
  centre: [0, 40, 0],
  along: [1, 0, 0],
  out: [0, 1, 0],
  half: [40, 10, 15],
  dropMm,
  bones: new Set(['block']),
});

describe('skin over a leaner muscle', () => {
  it('is the same skin where none is leaner', () => {
    const posed = poseSkeleton(skeletonWith({ triceps: 1.5 }), {});
    expect(thinnings(posed)).toEqual([]);
    expect(bodyGrid(skeletonWith({ triceps: 1 }), CELLS).volumeMm3).toBe(
      bodyGrid(skeletonWith({}), CELLS).volumeMm3,
    );
  });

  // 1/3·π·40·15·8 = 5 027 mm³ by the integral of (1 − ρ²)² over an ellipse.
  it('takes 1/3·π·a·b·drop off a flat of flesh', () => {
    const grid = { origin: [-60, 0, -30], cellMm: 1, cells: [120, 60, 60] } as const;
    const full = fleshField([block], grid);
    const taken = volumeOf(full) - volumeOf(thinned(full, [over(8)]));
    expect(taken / ((1 / 3) * Math.PI * 40 * 15 * 8)).toBeCloseTo(1, 1);
  });

  it('lets the flesh of other bones come to light under it', () => {
    const grid = { origin: [-60, 0, -30], cellMm: 1, cells: [120, 60, 60] } as const;
    // The same block of another bone, its top three lower.
    const under: SkinPart = { ...block, boneId: 'other', centre: [0, -453, 0] };
    const full = fleshField([block, under], grid);
    const thin = thinned(full, [over(8)]);
    const middle = (y: number): number => thin.depth[60 + 120 * (y + 60 * 30)]!;
    expect(middle(46)).toBeLessThan(0);
    expect(middle(48)).toBeGreaterThan(0);
  });

  it('sinks in by the drop over the middle, and not at all at the rim', () => {
    const grid = { origin: [-60, 0, -30], cellMm: 1, cells: [120, 60, 60] } as const;
    const full = fleshField([block], grid);
    const thin = thinned(full, [over(8)]);
    const topAt = (field: typeof full, x: number): number => {
      for (let j = 59; j >= 0; j--) {
        const d = field.depth[60 + x + 120 * (j + 60 * 30)]!;
        if (d < 0) return j - d;
      }
      return Number.NaN;
    };
    expect(topAt(full, 0) - topAt(thin, 0)).toBeCloseTo(8, 0);
    expect(topAt(full, 45)).toBeCloseTo(topAt(thin, 45), 1);
  });

  it('is gone by about what the muscle lost, on both sides alike', () => {
    const muscle = (bulk: number): number =>
      restMuscles(skeletonWith({ triceps: bulk }))
        .filter(({ spec }) => spec.id === 'triceps')
        .reduce((sum, { volumeMm3 }) => sum + volumeMm3, 0);
    expect(muscle(0.5) / muscle(1)).toBeCloseTo(0.5, 9);
    const of = (bulk: number) => bodyGrid(skeletonWith({ triceps: bulk }), 600_000);
    const [full, lean] = [of(1), of(0.5)];
    const lost = full.volumeMm3 - lean.volumeMm3;
    // Less, where the chest comes to light under it.
    expect(lost).toBeGreaterThan(0.25 * (muscle(1) - muscle(0.5)));
    expect(lost).toBeLessThan(1.6 * (muscle(1) - muscle(0.5)));
    const volume = (grid: typeof full, id: string): number =>
      grid.bones.find(({ boneId }) => boneId === id)!.volumeMm3;
    expect(volume(lean, 'humerus.L')).toBeCloseTo(volume(lean, 'humerus.R'), 6);
    expect(volume(lean, 'tibia.L') / volume(full, 'tibia.L')).toBeCloseTo(1, 1);
  });

  it('takes more the leaner the muscle is', () => {
    // Until the chest comes to light under the triceps.
    const volumes = [1, 0.9, 0.8, 0.7].map(
      (bulk) => bodyGrid(skeletonWith({ triceps: bulk, glutei: bulk }), CELLS).volumeMm3,
    );
    expect(volumes).toEqual([...volumes].sort((a, b) => b - a));
    expect(new Set(volumes).size).toBe(4);
  });
});
