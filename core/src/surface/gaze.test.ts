import { describe, expect, it } from 'vitest';
import type { Gaze } from '../anatomy/pose.ts';
import { settledStance } from '../posing/settledStance.ts';
import { skeletonOf } from '../testing/skeletonOf.ts';
import { distance } from '../geometry/vec3.ts';
import { facePoint } from '../body/facePoint.ts';
import { faceShapes } from './faceShapes.ts';
import { EYE_TURNS_DEG, eyeTurns, gazePoint, pupilOff } from './gaze.ts';

const looking = (id: string, gaze: Gaze | null) => {
  const skeleton = skeletonOf(id);
  const stance = { presetId: skeleton.plan.stances[0]!.id, anglesDeg: {}, lifted: null, gaze };
  return settledStance(skeleton, stance, 1 / 6);
};
const AHEAD: Gaze = { aheadMm: 400, leftMm: 0, upMm: 0 };

describe('the gaze', () => {
  it('is one point, the same from either eye', () => {
    const posed = looking('grey-wolf', AHEAD);
    const point = gazePoint(posed, AHEAD)!;
    const [eye] = posed.skeleton.animal.face!.eyes;
    const [left, right] = ([1, -1] as const).map((side) => facePoint(posed, eye!.at, side)!.at);
    expect(distance(point, left!)).toBeCloseTo(distance(point, right!), 6);
    // Ahead, and on the line of the head.
    expect(point[0]).toBeGreaterThan(left![0] + 300);
    expect(point[2]).toBeCloseTo(0, 6);
  });

  it('turns both eyes alike ahead, and the near one less to its own side', () => {
    const [left, right] = eyeTurns(looking('grey-wolf', AHEAD));
    expect(left!.deg).toBeCloseTo(right!.deg, 6);
    const [near, far] = eyeTurns(looking('grey-wolf', { ...AHEAD, leftMm: 200 }));
    expect(near!.deg).toBeLessThan(far!.deg);
    expect(far!.deg).toBeGreaterThan(right!.deg);
    expect(eyeTurns(looking('grey-wolf', null))).toEqual([]);
    // As long as the way to the point.
    const { alongMm, besideMm } = near!;
    expect(Math.hypot(alongMm, besideMm)).toBeGreaterThan(400);
  });

  // An owl's eyes look forward, a deer's to the sides (general knowledge).
  it('asks far more of the eyes of a deer than of an owl', () => {
    const most = (id: string): number =>
      Math.max(...eyeTurns(looking(id, AHEAD)).map(({ deg }) => deg));
    expect(most('red-deer')).toBeGreaterThan(EYE_TURNS_DEG);
    expect(most('barn-owl')).toBeLessThan(most('red-deer') - 10);
  });

  it('moves a pupil across the ball by the sine of its turn, and no further than an eye goes', () => {
    const off = pupilOff([10, 0, 100], [0, 0, 10], [0, 0, 1], 20);
    // From the middle of the ball at the origin, 10 to 100.
    expect(off[0]).toBeCloseTo(10 * Math.sin(Math.atan2(10, 100)), 9);
    expect(off[1]).toBeCloseTo(0, 12);
    const most = 10 * Math.sin((EYE_TURNS_DEG * Math.PI) / 180);
    expect(pupilOff([100, 0, 10], [0, 0, 10], [0, 0, 1], 20)[0]).toBeCloseTo(most, 9);
    expect(pupilOff([5, 0, -100], [0, 0, 10], [0, 0, 1], 20)[0]).toBeCloseTo(most, 9);
    expect(pupilOff([0, 0, 99], [0, 0, 10], [0, 0, 1], 20)).toEqual([0, 0, 0]);
  });

  it('is drawn: the pupils move and the lids stay', () => {
    const [still, turned] = [null, { ...AHEAD, leftMm: 300 }].map((gaze) =>
      faceShapes(looking('grey-wolf', gaze)).filter(({ closed }) => closed),
    );
    const moved = still!.filter(
      ({ points }, i) => distance(points[0]!, turned![i]!.points[0]!) > 1e-6,
    );
    expect(moved).toHaveLength(2);
    expect(new Set(moved.map(({ hex }) => hex)).size).toBe(1);
  });
});
