import { extentsOf } from '../anatomy/extent.ts';
import { subjectOf } from '../anatomy/subject.ts';
import { describe, expect, it } from 'vitest';
import { bodyGrid, COARSE_CELLS } from '../body/bodyGrid.ts';
import { inWallMm, seenOnWall, wallOf } from '../body/wall.ts';
import { skinSurface } from '../surface/skinSurface.ts';
import { assertMesh } from '../geometry/triangleMesh.ts';
import { newPiece } from '../start/newPiece.ts';
import { withExtent } from '../start/withExtent.ts';
import { demoWorkpieces } from '../start/demoPieces.ts';
import { newWorkshop } from '../workshop/newWorkshop.ts';
import { inWorkshop } from '../workshop/workpiece.ts';
import { measuredSkeleton } from '../measure/measuredSkeleton.ts';
import { planPiece } from '../plan.ts';
import { changed, wholePlan } from '../testing/samples.ts';

const headOf = (animalId: string, extent: 'head' | 'relief') =>
  inWorkshop(newPiece('head', 'Head', animalId, undefined, extent), newWorkshop());

const value = (plan: ReturnType<typeof planPiece>, id: string): number =>
  plan.workings.find((working) => working.id === id)!.value;

describe('a head on a wall', () => {
  it('is cut by it: half of a mirrored head weighs half', () => {
    const volume = (extent: 'head' | 'relief'): number =>
      bodyGrid(measuredSkeleton(headOf('nile-crocodile', extent).measure), COARSE_CELLS).volumeMm3;
    // The head runs on behind its joint until the wall cuts it; a relief ends round there.
    expect(volume('relief') / volume('head')).toBeGreaterThan(0.48);
    expect(volume('relief') / volume('head')).toBeLessThan(0.64);
  });

  it.each(['head', 'relief'] as const)(
    'has a closed skin of which nothing lies in the wall: %s',
    (extent) => {
      const { posed } = planPiece(headOf('grey-wolf', extent)).stance;
      const wall = wallOf(posed)!;
      const { mesh } = skinSurface(posed, 30_000);
      const { positions } = mesh;
      for (let i = 0; i < positions.length; i += 3)
        expect(
          inWallMm(wall, [positions[i]!, positions[i + 1]!, positions[i + 2]!]),
        ).toBeLessThanOrEqual(1e-3);
      expect(() => assertMesh(mesh)).not.toThrow();
      expect(mesh.indices.length).toBeGreaterThan(0);
    },
  );

  it('hangs on a rod square through its plate, which a hole of its size takes', () => {
    const plan = planPiece(headOf('red-deer', 'head'));
    const { wall, feet } = plan.stance;
    expect(feet).toHaveLength(1);
    const rod = plan.wire.wires.find(({ key }) => key === 'rod:wall')!;
    const [peg, meets] = rod.route.points;
    expect(meets!.at).toEqual(feet[0]!.ball);
    expect(inWallMm(wall!, peg!.at)).toBeCloseTo(
      plan.piece.stance.base.thicknessMm + plan.piece.wire.allowancesMm.nutAndWashers,
      9,
    );
    expect([peg!.at[1], peg!.at[2]]).toEqual([meets!.at[1], meets!.at[2]]);
    const [hole] = plan.wire.base.holes;
    expect(plan.wire.base.on).toBe('wall');
    expect(hole!.slant.value).toBeCloseTo(0, 9);
    expect(hole!.diameter.value).toBeGreaterThan(rod.diameterMm);
    const [up, , right] = seenOnWall(wall!, peg!.at);
    expect(hole!.along.value).toBeCloseTo(plan.wire.base.frontX - up, 9);
    expect(hole!.across.value).toBeCloseTo(right - plan.wire.base.leftZ, 9);
  });

  it('pulls at its upper fixing by weight × lever ÷ height (statics)', () => {
    const plan = wholePlan(headOf('grey-wolf', 'head'));
    const lever = value(plan, 'balance.wall.out') / value(plan, 'balance.wall.apart');
    expect(value(plan, 'balance.wall.pull')).toBeCloseTo(
      (value(plan, 'balance.grams') / 1000) * 9.80665 * lever,
      6,
    );
    expect(value(plan, 'balance.wall.apart')).toBeCloseTo(plan.wire.base.length.value - 30, 9);
  });

  it('bends its rod by its weight times how far it stands out', () => {
    const plan = wholePlan(headOf('grey-wolf', 'head'));
    const held = value(plan, 'strength.held.wall.moment');
    const weightN = value(plan, 'strength.held.wall.force');
    const { ball } = plan.stance.feet[0]!;
    const [x, , z] = plan.balance.massCentre;
    // All its weight at its centre, from where the rod meets the column.
    expect(held / (weightN * Math.hypot(x - ball[0], z - ball[2]))).toBeCloseTo(1, 1);
  });

  it('lies in a relief on its plate, which carries what is on the midline', () => {
    const plan = planPiece(headOf('red-deer', 'relief'));
    const mid = plan.measure.skeleton.bones.filter(({ side }) => side === 'mid');
    expect(plan.balance.resting).toEqual(new Set(mid.map(({ id }) => id)));
    expect(plan.snags.filter(({ code }) => code === 'rod-too-weak')).toHaveLength(0);
  });

  // A spider's eyes lie on the body that its legs grow from: it has no head apart.
  const withHeads = demoWorkpieces().filter(({ measure }) =>
    extentsOf(subjectOf(measure).plan).includes('head'),
  );
  it.each(withHeads.map((piece) => [piece.id, piece] as const))(
    'comes of a piece that was whole, and goes back: %s',
    (_, piece) => {
      for (const extent of ['head', 'relief'] as const) {
        const plan = planPiece(withExtent(piece, extent));
        expect(plan.measure.skeleton.plan.contacts).toHaveLength(0);
        expect(plan.snags.filter(({ code }) => code === 'hook-below-mass')).toHaveLength(0);
        const back = withExtent(withExtent(piece, extent), 'whole');
        expect(back).toEqual(changed(piece, 'stance', { hold: 'base' }));
      }
    },
  );
});
