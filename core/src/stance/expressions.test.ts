import { describe, expect, it } from 'vitest';
import { posedBone, poseSkeleton } from '../anatomy/pose.ts';
import { skeletonOf } from '../testing/skeletonOf.ts';
import { faceShapes } from '../surface/faceShapes.ts';
import { ANIMALS } from '../anatomy/registry.ts';
import { expressionAngles, expressionOf, hasFaceJoints } from './expressions.ts';

const wolf = skeletonOf('grey-wolf');
const byId = (id: string, of = wolf) => of.plan.expressions.find((one) => one.id === id)!;

describe('expressions', () => {
  it('move mouth and ears, both sides alike, within the limits of their joints', () => {
    for (const of of wolf.plan.expressions) {
      const angles = expressionAngles(wolf, of);
      expect(Object.keys(angles).sort()).toEqual(['ear.L', 'ear.R', 'jaw', 'tail1', 'tail2']);
      expect(angles['ear.L']).toEqual(angles['ear.R']);
      for (const [id, own] of Object.entries(angles))
        for (const [name, deg] of Object.entries(own)) {
          const { minDeg, maxDeg } = wolf.byId.get(id)!.joint.freedoms[name as 'flexion']!;
          expect(deg, `${of.id} ${id}`).toBeGreaterThanOrEqual(minDeg);
          expect(deg, `${of.id} ${id}`).toBeLessThanOrEqual(maxDeg);
        }
    }
  });

  // Common observation of dogs and deer: ears back and mouth open in a threat, ears forward in attention.
  it('carry the ears back in a threat and forward in attention, with the mouth open and shut', () => {
    const tip = (id: string): number => {
      const posed = poseSkeleton(wolf, expressionAngles(wolf, byId(id)));
      return posedBone(posed, 'ear.L').end[0];
    };
    expect(tip('threatening')).toBeLessThan(tip('calm') - 20);
    expect(tip('alert')).toBeGreaterThan(tip('calm') + 5);
    const chin = (id: string): number =>
      posedBone(poseSkeleton(wolf, expressionAngles(wolf, byId(id))), 'jaw').end[1];
    expect(chin('threatening')).toBeLessThan(chin('alert') - 30);
  });

  it('are told from the stance that shows them, and from none of the user’s own', () => {
    const angles = expressionAngles(wolf, byId('feeding'));
    const { lids } = byId('feeding');
    expect(expressionOf(wolf, { anglesDeg: angles, lids })?.id).toBe('feeding');
    expect(expressionOf(wolf, { anglesDeg: { ...angles, jaw: { flexion: 14 } }, lids })).toBe(
      undefined,
    );
    expect(expressionOf(wolf, { anglesDeg: angles, lids: 1 })).toBe(undefined);
  });

  it.each(ANIMALS.map(({ id }) => id))('of the %s move joints that it has, four ways', (id) => {
    const skeleton = skeletonOf(id);
    expect(hasFaceJoints(skeleton)).toBe(true);
    const told = skeleton.plan.expressions.map((of) => {
      const angles = expressionAngles(skeleton, of);
      expect(expressionOf(skeleton, { anglesDeg: angles, lids: of.lids })?.id).toBe(of.id);
      return JSON.stringify([angles, of.lids]);
    });
    expect(new Set(told).size).toBe(4);
  });

  it('belong to the plan: a bird holds its wings off, a theropod spreads its fingers', () => {
    const heron = skeletonOf('grey-heron');
    const wingTip = (id: string): number =>
      posedBone(poseSkeleton(heron, expressionAngles(heron, byId(id, heron))), 'primaries.L')
        .end[2];
    expect(wingTip('threatening')).toBeLessThan(wingTip('calm') - 40);
    const hunter = skeletonOf('deinonychus');
    const digits = (id: string) =>
      expressionAngles(hunter, byId(id, hunter))['foreDigits.L']!.flexion!;
    expect(digits('threatening')).toBeLessThan(digits('calm'));
  });
});

describe('lids', () => {
  const heightOf = (lids: number): number => {
    const posed = { ...poseSkeleton(wolf, {}), lids };
    const [lines] = faceShapes(posed).filter(({ hex, closed }) => hex === null && closed);
    const ys = lines!.points.map(([, y]) => y);
    return Math.max(...ys) - Math.min(...ys);
  };

  it('open and shut: a shut eye is a line without a ball', () => {
    expect(heightOf(1.1)).toBeGreaterThan(heightOf(1));
    expect(heightOf(0.5)).toBeLessThan(heightOf(1));
    const areas = (lids: number): number =>
      faceShapes({ ...poseSkeleton(wolf, {}), lids }).filter(({ hex }) => hex !== null).length;
    expect(areas(0)).toBeLessThan(areas(1));
  });
});
