import type { Workpiece } from '../workshop/workpiece.ts';
import { describe, expect, it } from 'vitest';
import { assertPosed, posedBone } from '../anatomy/pose.ts';
import { settledStance } from '../posing/settledStance.ts';
import { changed, otterPiece, plainPiece, wholePlan } from '../testing/samples.ts';
import { scale, sub, unit } from '../geometry/vec3.ts';
import { dragInSpace, dragJoint } from './dragJoint.ts';
import { plantedAngles } from './plantedAngles.ts';
import { measuredSkeleton } from '../measure/measuredSkeleton.ts';

const codes = (piece: Workpiece): readonly string[] =>
  wholePlan(piece).snags.map((snag) => snag.code);
const turned = (anglesDeg: Workpiece['stance']['anglesDeg']): Workpiece =>
  changed(plainPiece(), 'stance', { anglesDeg });

describe('planStance', () => {
  it('keeps every bone length and lets the lowest foot touch the ground', () => {
    const plan = wholePlan(turned({ 'femur.L': { flexion: 35 }, 'radius.R': { flexion: 60 } }));
    expect(() => assertPosed(plan.stance.posed)).not.toThrow();
    expect(Math.min(...plan.stance.feet.map((foot) => foot.gapMm))).toBeCloseTo(0, 9);
  });

  it('tells a foot that hangs, and planting the feet mends it', () => {
    const piece = turned({ 'femur.L': { flexion: 25 } });
    expect(codes(piece)).toContain('foot-off-base');
    const skeleton = measuredSkeleton(piece.measure);
    const planted = changed(piece, 'stance', { anglesDeg: plantedAngles(skeleton, piece.stance) });
    expect(codes(planted)).not.toContain('foot-off-base');
  });

  it('does not mind a foot that is meant to be lifted', () => {
    const piece = turned({ 'radius.L': { flexion: 70 } });
    expect(codes(changed(piece, 'stance', { lifted: ['forefoot.L'] }))).not.toContain(
      'foot-off-base',
    );
  });

  it('tells an angle outside its limits with the limits', () => {
    const snag = wholePlan(turned({ 'radius.L': { flexion: 130 } })).snags.find(
      (snag) => snag.code === 'angle-beyond-limit',
    );
    expect(snag?.facts).toMatchObject({ joint: 'Elbow, left', freedom: 'flexion', deg: 130 });
  });

  // At least two points of fixing: common practice.
  it('asks for two points of fixing', () => {
    const lifted = ['forefoot.L', 'forefoot.R', 'hindfoot.L'];
    expect(codes(changed(plainPiece(), 'stance', { lifted }))).toContain('too-few-feet');
  });
});

describe('planBalance', () => {
  it('is null until the body is known and then lies between the feet when standing', () => {
    const plan = wholePlan(plainPiece());
    expect(plan.balance?.footing.stable).toBe(true);
    expect(plan.balance?.workings.map((working) => working.id)).toContain('balance.tip');
  });

  it('tells on which side the centre of mass leaves the feet', () => {
    const piece = changed(plainPiece(), 'stance', { lifted: ['forefoot.L', 'forefoot.R'] });
    const snag = wholePlan(piece).snags.find((snag) => snag.code === 'mass-outside-feet');
    expect(snag?.facts).toMatchObject({ edge: 'front' });
  });
});

describe('dragJoint', () => {
  const piece = otterPiece();
  const skeleton = measuredSkeleton(piece.measure);
  const drag = (id: string, view: 'side' | 'front', to: readonly [number, number]) =>
    dragJoint(skeleton, piece.stance, 1 / 3, id, view, to);

  it('finds the angle at which the bone’s end lies under the pointer', () => {
    const wanted = { ...piece.stance, anglesDeg: { skull: { flexion: 17 } } };
    const { end } = posedBone(settledStance(skeleton, wanted, 1 / 3), 'skull');
    const found = drag('skull', 'side', [end[0], end[1]]);
    expect(found).toMatchObject({ boneId: 'skull', freedom: 'flexion', atLimit: false });
    expect(found?.deg).toBeCloseTo(17, 0);
  });

  it('stops at the limit unless any angle is allowed', () => {
    const far = drag('skull', 'side', [150, 400]);
    const freedom = skeleton.byId.get('skull')!.joint.freedoms.flexion!;
    expect(far?.deg).toBeLessThanOrEqual(freedom.maxDeg);
    expect(far?.atLimit).toBe(true);
  });

  it('from the front turns the joint above that can swing out', () => {
    expect(drag('tibia.L', 'front', [-60, 40])).toMatchObject({
      boneId: 'femur.L',
      freedom: 'abduction',
    });
  });

  it('in space turns the joint whose axis lies along the line of sight, to the line', () => {
    const wanted = { ...piece.stance, anglesDeg: { skull: { flexion: 17 } } };
    const { end } = posedBone(settledStance(skeleton, wanted, 1 / 3, 40), 'skull');
    // Seen from the left, and from the left and a little before and above it.
    for (const way of [[0, 0, 1], unit([-0.3, -0.2, 0.9])] as const) {
      const from = sub(end, scale(way, 500));
      const found = dragInSpace(skeleton, piece.stance, 1 / 3, 40, 'skull', { from, way });
      expect(found).toMatchObject({ boneId: 'skull', freedom: 'flexion', atLimit: false });
      expect(found?.deg).toBeCloseTo(17, 0);
    }
    // From above it is the turn to the side that is seen.
    const above = { from: [end[0], 500, -20], way: [0, -1, 0] } as const;
    const side = dragInSpace(skeleton, piece.stance, 1 / 3, 40, 'skull', above);
    expect(side?.freedom).not.toBe('flexion');
    expect(dragInSpace(skeleton, piece.stance, 1 / 3, 40, 'skull', above, false, ['skull'])).toBe(
      undefined,
    );
  });

  it('leaves alone what cannot turn', () => {
    expect(drag('pelvis.L', 'side', [0, 0])).toBeUndefined();
  });
});
