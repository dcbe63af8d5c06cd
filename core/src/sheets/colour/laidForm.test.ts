import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { boneEnds } from '../../anatomy/landmarks.ts';
import { placed, type Placing } from '../../colour/palette/laidOver.ts';
import { seeded } from '../../geometry/seeded.ts';
import type { Point2 } from '../../geometry/hull.ts';
import { alignPoints } from '../../measure/photo/alignment.ts';
import { onPage, VIEW_FRAMES } from '../../surface/reliefViews.ts';
import { stanceOf, wholePlan, wolfPiece } from '../../testing/samples.ts';
import { laidByLandmarks } from './laidByLandmarks.ts';
import { laidForm } from './laidForm.ts';

const { posed } = stanceOf(wolfPiece());
const MIDDLE: Point2 = [-30, 70];

/** Where landmarks of the wolf are seen, by id. */
const SEEN = posed.bones.flatMap(({ bone, end }): (readonly [string, Point2])[] => {
  const id = boneEnds(posed.skeleton).get(bone.id)!.end;
  return id === null || bone.side === 'right' ? [] : [[id, onPage(VIEW_FRAMES.side, end)]];
});
const PLACING = fc.record({
  at: fc.tuple(
    fc.double({ min: 0, max: 900, noNaN: true }),
    fc.double({ min: 0, max: 900, noNaN: true }),
  ),
  pxPerMm: fc.double({ min: 0.5, max: 20, noNaN: true }),
  turnDeg: fc.double({ min: -170, max: 170, noNaN: true }),
  mirrored: fc.boolean(),
});

describe('a piece laid over a picture by its landmarks', () => {
  it('lies as the picture was taken, turned, sized and in a mirror', () => {
    fc.assert(
      fc.property(PLACING, (placing: Placing) => {
        const onto = placed(placing, MIDDLE);
        const landmarks = Object.fromEntries(SEEN.map(([id, p]) => [id, [onto(p)]]));
        const found = laidByLandmarks(posed, { landmarks, facing: 'left' }, 'side', MIDDLE)!;
        expect(found.mirrored).toBe(placing.mirrored);
        expect(found.pxPerMm).toBeCloseTo(placing.pxPerMm, 6);
        expect(found.turnDeg).toBeCloseTo(placing.turnDeg, 6);
        expect(found.at[0]).toBeCloseTo(placing.at[0], 6);
        expect(found.at[1]).toBeCloseTo(placing.at[1], 6);
      }),
    );
  });

  it('misses no more than the similarity of Umeyama does, where clicks are off', () => {
    const random = seeded(8);
    const onto = placed({ at: [400, 300], pxPerMm: 4, turnDeg: 12, mirrored: false }, MIDDLE);
    const clicks = SEEN.map(([id, p]) => {
      const [u, v] = onto(p);
      return [id, p, [u + 20 * (random() - 0.5), v + 20 * (random() - 0.5)] as const] as const;
    });
    const landmarks = Object.fromEntries(clicks.map(([id, , at]) => [id, [at]]));
    const found = laidByLandmarks(posed, { landmarks, facing: 'left' }, 'side', MIDDLE)!;
    const best = alignPoints(
      clicks.map(([, p]) => p),
      clicks.map(([, , [u, v]]) => [u, -v]),
    );
    const again = placed(found, MIDDLE);
    const misses = clicks.map(([, p, [u, v]]) => Math.hypot(again(p)[0] - u, again(p)[1] - v));
    const meanSquare = misses.reduce((sum, miss) => sum + miss * miss, 0) / misses.length;
    expect(found.pxPerMm).toBeCloseTo(best.scale, 9);
    expect(meanSquare).toBeCloseTo(best.meanSquare, 6);
    expect(meanSquare).toBeGreaterThan(1);
  });

  it('asks for two landmarks that are apart, and knows only its own', () => {
    const [[one, p]] = SEEN as [readonly [string, Point2]];
    const at = (landmarks: Readonly<Record<string, readonly Point2[]>>) =>
      laidByLandmarks(posed, { landmarks, facing: 'left' }, 'side', MIDDLE);
    expect(at({})).toBeUndefined();
    expect(at({ [one]: [p] })).toBeUndefined();
    expect(at({ [one]: [p], 'no-such.end': [[4, 4]] })).toBeUndefined();
    expect(at({ [one]: [p], [SEEN[1]![0]]: [p] })).toBeUndefined();
  });

  it('looks where the picture does, where two landmarks leave that open', () => {
    const two = Object.fromEntries(SEEN.slice(0, 2).map(([id, p]) => [id, [p]]));
    for (const facing of ['left', 'right'] as const)
      expect(laidByLandmarks(posed, { landmarks: two, facing }, 'side', MIDDLE)!.mirrored).toBe(
        facing === 'right',
      );
  });
});

describe('a side of a piece to lay over a picture', () => {
  it('has its zones and its markings, within its outline, and waits for what is marked', () => {
    const plan = wholePlan(wolfPiece());
    const form = laidForm(plan, 'side')!;
    const wolf = new Set(plan.measure.skeleton.animal.coat.map(({ id }) => id));
    const ids = form.areas.flatMap(({ zoneId }) => zoneId ?? []);
    expect(ids).toContain('back');
    expect(ids).toContain('mark-saddle-1');
    expect(form.areas.some(({ zoneId }) => zoneId === null)).toBe(true);
    const reach = (points: readonly Point2[]) =>
      points.map(([x, y]) =>
        Math.max(
          Math.abs(x - form.middle[0]) - form.wide / 2,
          Math.abs(y - form.middle[1]) - form.high / 2,
        ),
      );
    expect(Math.max(...form.lines.slice(0, 1).flatMap(reach))).toBeLessThan(1e-9);
    // What is marked is of other cells here than the relief.
    const zones = form.areas.filter(({ zoneId }) => wolf.has(zoneId ?? ''));
    expect(zones.length).toBeGreaterThan(5);
    expect(Math.max(...zones.flatMap(({ loops }) => loops.flatMap(reach)))).toBeLessThan(1e-9);
    expect(laidForm({ ...plan, marked: null }, 'side')).toBeUndefined();
    expect(laidForm({ ...plan, surface: null }, 'side')).toBeUndefined();
  });
});
