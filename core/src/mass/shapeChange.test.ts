import { describe, expect, it } from 'vitest';
import { LIBRARY_SHAPE, type Shape } from '../anatomy/shapeSchema.ts';
import { bodyGrid, COARSE_CELLS } from '../body/bodyGrid.ts';
import { adopt } from '../body/shapeEdits.ts';
import { elevation } from '../sheets/elevation.ts';
import { planPiece } from '../plan.ts';
import { newWorkpiece } from '../testing/samples.ts';
import { clayFigures } from './clayFigures.ts';
import { shapeChange } from './shapeChange.ts';

const bare = newWorkpiece('one', 'One', 'grey-wolf');
const shaped = (shape: Shape) => planPiece({ ...bare, measure: { ...bare.measure, shape } });
const { librarySkeleton } = planPiece(bare).measure;
const { density } = clayFigures(bare.mass.clay);
const trunk = adopt(librarySkeleton, LIBRARY_SHAPE, 'trunk');
const wider: Shape = {
  ...trunk,
  sections: Object.fromEntries(
    Object.entries(trunk.sections).map(([key, list]) => [
      key,
      list.map((section) => ({ ...section, halfWidth: 1.1 * section.halfWidth })),
    ]),
  ),
};

describe('what a shape of the user’s own changes', () => {
  it('is nothing where it is the library’s', () => {
    expect(shapeChange(shaped(LIBRARY_SHAPE).measure, density)).toEqual([]);
  });

  it('is what the cells of both bodies tell, within a tenth, and by the cube of the scale in clay', () => {
    const { measure } = shaped(wider);
    const [life, clay] = shapeChange(measure, density);
    const volume = (of: typeof librarySkeleton): number => bodyGrid(of, COARSE_CELLS).volumeMm3;
    const cells = (volume(measure.skeleton) - volume(librarySkeleton)) / 1e6;
    const gPerMl = measure.skeleton.animal.density?.gPerMl ?? 1;
    expect(life!.value / (cells * gPerMl)).toBeGreaterThan(0.9);
    expect(life!.value / (cells * gPerMl)).toBeLessThan(1.1);
    const grams = (1000 * life!.value) / gPerMl / measure.lifePerModel ** 3;
    expect(clay!.value).toBeCloseTo(grams * density.value, 6);
  });

  it('is drawn against the library’s shape, dashed, on the bones that have sections of their own', () => {
    const dashed = (shape: Shape): number =>
      elevation(shaped(shape), 'side', { show: 'shape', dimensions: false }).items.filter(
        ({ layer }) => layer === 'library',
      ).length;
    expect(dashed(LIBRARY_SHAPE)).toBe(0);
    expect(dashed(wider)).toBe(2 * Object.keys(trunk.sections).length);
  });
});
