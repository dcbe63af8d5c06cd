import { describe, expect, it } from 'vitest';
import { facePoint, skinPoint } from '../body/facePoint.ts';
import { plateItems } from '../sheets/skin/plateItems.ts';
import { distance } from '../geometry/vec3.ts';
import { pieces } from '../geometry/pieces.ts';
import { usualZone } from '../piece/skinSchema.ts';
import { changed, newWorkpiece, wholePlan } from '../testing/samples.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { placedPlates } from './platePlan.ts';

const freshPiece = (animalId: string): Workpiece => newWorkpiece('fresh', 'Fresh', animalId);

describe('plates with places of their own', () => {
  const plan = wholePlan(freshPiece('adder'));
  const { posed } = plan.stance;

  it('are those of a viper: nine lip shields a side, one across the snout and one on the forehead (from memory)', () => {
    const many = Object.fromEntries(plan.skin.plates.map(({ name, many: n }) => [name, n]));
    expect(many).toMatchObject({
      'Upper lip shields': 18,
      'Snout shield': 1,
      'Forehead shield': 1,
      'Crown shields': 2,
    });
  });

  it('lie on the head, left mirroring right, none over the eye', () => {
    const eyes = [1, -1].map((side) => facePoint(posed, ['skull', 0.6, 66], side as 1 | -1)!.at);
    for (const { corners, side } of placedPlates(posed)) {
      const at = corners.map((corner) => facePoint(posed, corner, side, true)?.at);
      expect(at.every((point) => point !== undefined)).toBe(true);
      const middle = at.reduce<[number, number, number]>(
        (sum, point) => [sum[0] + point![0], sum[1] + point![1], sum[2] + point![2]],
        [0, 0, 0],
      );
      const own = [0, 1, 2].map((k) => middle[k]! / at.length) as [number, number, number];
      expect(Math.min(...eyes.map((eye) => distance(eye, own)))).toBeGreaterThan(
        0.3 * plan.measure.skeleton.animal.eye.mm * posed.sizeFactor,
      );
    }
  });

  it('are seen from above but for the lips, and from the side but for the other one', () => {
    const lips = 18;
    const all = placedPlates(posed).length;
    const drawn = (view: 'top' | 'side'): number =>
      plateItems(plan, view).filter(({ kind }) => kind === 'line').length;
    expect(drawn('top')).toBeGreaterThanOrEqual(4);
    expect(drawn('side')).toBeGreaterThan(lips / 2);
    expect(drawn('side')).toBeLessThanOrEqual(all - lips / 2);
    expect(plateItems(wholePlan(freshPiece('grey-wolf')), 'top')).toEqual([]);
  });
});

describe('folds inside joints', () => {
  const plan = wholePlan(freshPiece('baryonyx'));
  const { posed } = plan.stance;

  it('come with the bend, and lie on the inside of it', () => {
    expect(plan.skin.folds.length).toBeGreaterThan(2);
    for (const { boneId, many, lines, apart, deep } of plan.skin.folds) {
      const deg = many.inputs.find(({ symbol }) => symbol === 'θ')!.value;
      expect(deg).toBeGreaterThanOrEqual(30);
      expect(lines).toHaveLength(many.value);
      expect(deep.value).toBeLessThan(apart.value);
      // The middle of a fold is nearer to the far ends of both bones than the skin opposite.
      const child = posed.byId.get(boneId)!;
      const parent = posed.byId.get(child.bone.parent!)!;
      const first = lines[0]![3]!;
      const inside = skinPoint(posed, first, true);
      const outside = skinPoint(posed, { ...first, around: first.around + 180 }, true);
      if (inside === undefined || outside === undefined) continue;
      const ends = (at: typeof inside.at): number =>
        distance(at, parent.start) + distance(at, child.end);
      expect(ends(inside.at)).toBeLessThan(ends(outside.at));
    }
  });

  it('are hidden by a coat that is longer than they lie apart', () => {
    const wolf = wholePlan(freshPiece('grey-wolf'));
    for (const { boneId, apart } of wolf.skin.folds) {
      const { key } = wolf.measure.skeleton.byId.get(boneId)!;
      const zone = wolf.skin.zones.find(({ zone: of }) => of.bones.includes(key));
      expect(zone === undefined || zone.length.value < apart.value).toBe(true);
    }
    const bones = wolf.skin.folds.map(({ boneId }) => boneId);
    expect(bones).not.toContain('neck1');
  });
});

describe('pores', () => {
  const bare = freshPiece('fire-salamander');
  const pored = changed(bare, 'skin', {
    zones: { flanks: { ...usualZone('smooth'), perCm2: 40 } },
  });

  it('are none unless they are wanted; then area × density, spaced as hexagons', () => {
    const before = wholePlan(bare).skin.zones.find(({ zone }) => zone.id === 'flanks')!;
    expect([before.pores, before.minutes]).toEqual([null, null]);
    const { pores, area, minutes } = wholePlan(pored).skin.zones.find(
      ({ zone }) => zone.id === 'flanks',
    )!;
    expect(pores!.count.value).toBe(Math.round(area!.value * 40));
    expect(pores!.spacing.value).toBeCloseTo(10 * Math.sqrt(2 / (Math.sqrt(3) * 40)), 9);
    expect(minutes).toBe(pores!.minutes);
  });

  it('are a step of their own', () => {
    const { steps } = wholePlan(pored).bench!;
    expect(steps.map(({ id }) => id)).toContain('skin.flanks');
  });
});

it('tells the runs of a list', () => {
  expect(pieces([1, 1, 0, 1, 0, 0, 1, 1], (n) => n === 1)).toEqual([[1, 1], [1], [1, 1]]);
  expect(pieces<number>([], () => true)).toEqual([]);
});
