import { describe, expect, it } from 'vitest';
import type { StepGaitSpec } from '../anatomy/bodyPlan.ts';
import { assertPosed, poseSkeleton, posedBone } from '../anatomy/pose.ts';
import { ANIMALS, animalById, planById } from '../anatomy/registry.ts';
import { buildSkeleton, type Skeleton } from '../anatomy/skeleton.ts';
import { padRadiusMm } from '../body/skin.ts';
import { isDown, supportShares, symmetricalFootfalls, type Footfalls } from './footfalls.ts';
import { gaitMoment, gaitOf } from './gaitMoment.ts';
import { fallOf } from './gaitMoves.ts';
import { settledStance } from './settledStance.ts';
import { strideOf } from './steppedAngles.ts';

const skeletonOf = (id: string): Skeleton => {
  const animal = animalById(id)!;
  return buildSkeleton(planById(animal.planId)!, animal);
};
const MOMENTS = Array.from({ length: 16 }, (_, i) => i / 16);
const CASES = ANIMALS.flatMap(({ id }) =>
  skeletonOf(id).plan.gaits.map((gait) => [id, gait.id] as const),
);
const bodySize = (skeleton: Skeleton): number =>
  skeleton.bones.reduce((sum, bone) => sum + bone.lifeLengthMm, 0);

/** Height of every sole above the lowest one, life mm, and its place along x from the root. */
function soles(skeleton: Skeleton, gaitId: string, moment: number) {
  const { angles } = gaitMoment(skeleton, gaitOf(skeleton, gaitId)!, moment);
  const posed = poseSkeleton(skeleton, angles);
  const feet = skeleton.plan.contacts.filter(({ kind }) => kind === 'foot');
  const heights = feet.map(({ bone }) => posedBone(posed, bone).end[1] - padRadiusMm(posed, bone));
  const lowest = Math.min(...heights);
  return feet.map(({ id, bone }, i) => ({
    id,
    up: heights[i]! - lowest,
    x: posedBone(posed, bone).end[0],
  }));
}

describe.each(CASES)('%s, gait %s', (animalId, gaitId) => {
  const skeleton = skeletonOf(animalId);
  const gait = gaitOf(skeleton, gaitId)!;

  it('keeps every bone its length and every joint within its limits', () => {
    for (const moment of MOMENTS) {
      const { angles } = gaitMoment(skeleton, gait, moment);
      expect(() => assertPosed(poseSkeleton(skeleton, angles))).not.toThrow();
      for (const bone of skeleton.bones)
        for (const [name, { minDeg, maxDeg }] of Object.entries(bone.joint.freedoms)) {
          const deg = angles[bone.id]?.[name as 'flexion'] ?? 0;
          expect(deg, `${bone.id} ${name} at ${moment}`).toBeGreaterThanOrEqual(minDeg - 1e-6);
          expect(deg, `${bone.id} ${name} at ${moment}`).toBeLessThanOrEqual(maxDeg + 1e-6);
        }
    }
  });

  if (gait.kind !== 'steps') return;

  it('has exactly the feet on the ground that its footfalls say, measured from the soles', () => {
    const near = 2e-4 * bodySize(skeleton);
    for (const moment of MOMENTS) {
      const down = skeleton.plan.contacts.filter(
        (contact) => contact.kind === 'foot' && isDown(fallOf(gait, contact), gait.duty, moment),
      );
      if (down.length === 0) continue;
      for (const { id, up } of soles(skeleton, gaitId, moment)) {
        const t =
          moment -
          fallOf(
            gait,
            skeleton.plan.contacts.find((contact) => contact.id === id)!,
          );
        const since = t - Math.floor(t);
        if (since < gait.duty) expect(up, `${id} at ${moment}`).toBeLessThan(near);
        // Well into its swing a foot is clear of the ground.
        else if (since > gait.duty + 0.25 * (1 - gait.duty) && since < 1 - 0.25 * (1 - gait.duty))
          expect(up, `${id} at ${moment}`).toBeGreaterThan(10 * near);
      }
    }
  });

  it('lets no planted foot slide: all go back under the body at one speed', () => {
    const { strideMm } = strideOf(skeleton, gait);
    const step = 1 / 64;
    for (const moment of MOMENTS) {
      const before = soles(skeleton, gaitId, moment);
      const after = soles(skeleton, gaitId, moment + step);
      for (const [i, { id, x }] of before.entries()) {
        const foot = skeleton.plan.contacts.find((contact) => contact.id === id)!;
        const stays = [moment, moment + step].every((at) =>
          isDown(fallOf(gait, foot), gait.duty, at),
        );
        const since = moment - fallOf(gait, foot);
        if (!stays || since - Math.floor(since) + step > gait.duty) continue;
        const slid = x - after[i]!.x - strideMm * step;
        expect(Math.abs(slid), `${id} at ${moment}`).toBeLessThan(3e-4 * bodySize(skeleton));
      }
    }
  });

  it('goes at least half as far as its kind usually does', () => {
    expect(strideOf(skeleton, gait).share).toBeGreaterThanOrEqual(0.5);
  });
});

const wolf = skeletonOf('grey-wolf');
const stepped = (id: string): StepGaitSpec => gaitOf(wolf, id) as StepGaitSpec;
const fallsOf = (gait: StepGaitSpec): Footfalls => ({
  LH: gait.falls['hindfoot']![0],
  RH: gait.falls['hindfoot']![1],
  LF: gait.falls['forefoot']![0],
  RF: gait.falls['forefoot']![1],
});

describe('the gaits of a four-footed animal', () => {
  // M. Hildebrand, Science 150 (1965), from memory: phase is the fore foot after the hind foot of its
  // side; lateral walk near a quarter, pace near none, trot near a half.
  it.each([
    ['walk', 0.25],
    ['pace', 0],
    ['trot', 0.5],
  ])('has the phase of a %s', (id, phase) => {
    expect(fallsOf(stepped(id))).toEqual(symmetricalFootfalls(phase));
  });

  // Beats of a stride: common practice among riders and animators.
  it.each([
    ['walk', 4],
    ['trot', 2],
    ['pace', 2],
    ['canter', 3],
    ['gallop', 4],
  ])('%s has so many beats: %i', (id, beats) => {
    expect(new Set(Object.values(fallsOf(stepped(id)))).size).toBe(beats);
  });

  it('never leaves the ground in a walk, and does in trot, pace, canter and gallop', () => {
    const inAir = (id: string): number => {
      const gait = stepped(id);
      return supportShares(fallsOf(gait), gait.duty).shares[0]!;
    };
    expect(inAir('walk')).toBe(0);
    for (const id of ['trot', 'pace', 'canter', 'gallop']) expect(inAir(id), id).toBeGreaterThan(0);
  });

  it('strides farther the faster its gait', () => {
    const strides = ['walk', 'trot', 'canter', 'gallop'].map(
      (id) => strideOf(wolf, stepped(id)).strideMm,
    );
    expect(strides).toEqual([...strides].sort((a, b) => a - b));
  });

  it('bends its back in a gallop: hollow when stretched, round when gathered', () => {
    const bend = (moment: number): number => {
      const posed = poseSkeleton(wolf, gaitMoment(wolf, stepped('gallop'), moment).angles);
      const [a, b, c] = [
        posedBone(posed, 'lumbar').start,
        posedBone(posed, 'thoracic').start,
        posedBone(posed, 'thoracic').end,
      ];
      // Height of the middle of the back above the line from loin to withers.
      const share = (b[0] - a[0]) / (c[0] - a[0]);
      return b[1] - (a[1] + (c[1] - a[1]) * share);
    };
    expect(bend(0.89)).toBeGreaterThan(bend(0.39) + 20);
  });
});

describe('gaits of other plans', () => {
  it('a lizard’s trunk bends to one side and half a stride later to the other', () => {
    const skeleton = skeletonOf('fire-salamander');
    const gait = gaitOf(skeleton, 'walk')!;
    const aside = (moment: number): number => {
      const posed = poseSkeleton(skeleton, gaitMoment(skeleton, gait, moment).angles);
      return posedBone(posed, 'dorsalRear').end[2] - posedBone(posed, 'dorsalFront').end[2];
    };
    expect(aside(0.02)).not.toBeCloseTo(0, 1);
    expect(aside(0.52)).toBeCloseTo(-aside(0.02), 6);
  });

  it('insects stand on three feet at least, two of one side and one of the other', () => {
    const skeleton = skeletonOf('stag-beetle');
    const gait = gaitOf(skeleton, 'tripod')!;
    for (const moment of [0.1, 0.3, 0.6, 0.9]) {
      const { lifted } = gaitMoment(skeleton, gait, moment);
      expect(lifted).toHaveLength(3);
      const left = lifted.filter((id) => id.endsWith('.L')).length;
      expect([1, 2]).toContain(left);
    }
  });

  it('a serpent’s wave runs along the body: later links do what earlier ones did', () => {
    const skeleton = skeletonOf('adder');
    const gait = gaitOf(skeleton, 'undulation')!;
    const bends = (moment: number): readonly number[] => {
      const { angles } = gaitMoment(skeleton, gait, moment);
      return skeleton.plan.bones
        .filter(({ id }) => /^(neck|trunk)\.\d+$/.test(id) && id !== skeleton.bones[0]!.id)
        .map(({ id }) => angles[id]?.abduction ?? 0);
    };
    const [now, later] = [bends(0), bends(1.75 / skeleton.bones.length)];
    const shifted = now.slice(0, -1).map((deg, i) => Math.abs(deg - later[i + 1]!));
    expect(Math.max(...shifted)).toBeLessThan(2);
    expect(Math.max(...now) - Math.min(...now)).toBeGreaterThan(10);
  });

  it('a bird leaves the ground in the course of its take-off, and not before', () => {
    const skeleton = skeletonOf('grey-heron');
    const gait = gaitOf(skeleton, 'take-off')!;
    expect(gaitMoment(skeleton, gait, 0.3).lifted).toEqual([]);
    expect(gaitMoment(skeleton, gait, 0.9).lifted).toEqual(['foot.L', 'foot.R']);
    const low = settledStance(
      skeleton,
      { presetId: '', gait: { id: 'take-off', moment: 0.9 }, anglesDeg: {}, lifted: null },
      1,
      70,
    );
    const feet = skeleton.plan.contacts.map(({ bone }) => posedBone(low, bone).end[1]);
    expect(Math.min(...feet)).toBeGreaterThan(0);
  });

  it('passes over a gait that the plan does not have', () => {
    const choice = { presetId: 'standing', anglesDeg: {}, lifted: null };
    const posed = (gait: { id: string; moment: number } | null) =>
      settledStance(wolf, { ...choice, gait }).bones.map(({ end }) => end);
    expect(posed({ id: 'none', moment: 0.5 })).toEqual(posed(null));
  });
});
