import type { Workpiece } from '../workshop/workpiece.ts';
import { describe, expect, it } from 'vitest';
import { snagSentence } from '../piece/snag.ts';
import { planPiece } from '../plan.ts';
import { newWorkpiece, changed } from '../testing/samples.ts';

const moving = (animalId: string, id: string, moment = 0): Workpiece =>
  changed(newWorkpiece('moving', 'Moving', animalId), 'stance', {
    gait: { id, moment, strideMm: null },
  });
const planOf = (animalId: string, id: string, moment = 0) =>
  planPiece(moving(animalId, id, moment));
const valueOf = (plan: ReturnType<typeof planOf>, id: string): number =>
  plan.stance.gait!.workings.find((working) => working.id === `stance.gait.${id}`)!.value;

describe('the numbers of a gait', () => {
  const plan = planOf('grey-wolf', 'trot');

  it('are one stride, one speed and the time between them', () => {
    const strideMm = valueOf(plan, 'stride');
    expect(valueOf(plan, 'stride.model')).toBeCloseTo(strideMm / plan.measure.lifePerModel, 9);
    const metresPerSecond = valueOf(plan, 'speed') / 3.6;
    expect(valueOf(plan, 'time')).toBeCloseTo(strideMm / 1000 / metresPerSecond, 9);
    const hip = plan.stance
      .gait!.workings.find(({ id }) => id === 'stance.gait.relative')!
      .inputs.find(({ symbol }) => symbol === 'h')!.value;
    expect(valueOf(plan, 'relative')).toBeCloseTo(strideMm / hip, 9);
    expect(valueOf(plan, 'froude')).toBeCloseTo(metresPerSecond ** 2 / (9.80665 * (hip / 1000)), 9);
  });

  // Wolves trot at about 8 to 10 km/h and gallop faster (memory); the relation is good to half and
  // double (R. McN. Alexander).
  it('lie where wolves do, within half and double', () => {
    expect(valueOf(plan, 'speed')).toBeGreaterThan(4);
    expect(valueOf(plan, 'speed')).toBeLessThan(20);
    const speeds = ['walk', 'trot', 'canter', 'gallop'].map((id) =>
      valueOf(planOf('grey-wolf', id), 'speed'),
    );
    expect(speeds).toEqual([...speeds].sort((a, b) => a - b));
  });

  it('tell no speed where the relation was not found: lizards, insects, spiders', () => {
    for (const [animal, id] of [
      ['fire-salamander', 'walk'],
      ['stag-beetle', 'tripod'],
      ['raft-spider', 'tetrapod'],
    ] as const) {
      const ids = planOf(animal, id).stance.gait!.workings.map((working) => working.id);
      expect(ids, animal).toEqual(['stance.gait.stride', 'stance.gait.stride.model']);
    }
  });
});

describe('the feet of a gait', () => {
  it('are marked down as they stand at the moment', () => {
    const { gait, feet } = planOf('grey-wolf', 'walk', 0.3).stance;
    for (const bar of gait!.bars)
      expect(bar.down, bar.name).toBe(
        feet.find(({ contact }) => contact.id === bar.contactId)!.down,
      );
    expect(gait!.bars.filter(({ down }) => down).length).toBeGreaterThanOrEqual(2);
  });

  it('leave the ground once in a take-off', () => {
    const { gait } = planOf('grey-heron', 'take-off', 0.9).stance;
    expect(gait!.bars.map(({ fall, duty, down }) => [fall, duty, down])).toEqual([
      [0, 0.6, false],
      [0, 0.6, false],
    ]);
  });

  it('are none in a wave', () => {
    expect(planOf('northern-pike', 'side-to-side', 0.4).stance.gait!.bars).toEqual([]);
  });
});

describe('a moment in the air', () => {
  it('asks for a rod, and the piece stands on one', () => {
    const plan = planOf('red-deer', 'gallop', 0.9);
    const snag = plan.snags.find(({ code }) => code === 'suspended')!;
    expect(snagSentence(snag)).toContain('At this moment of the gallop no foot is on the ground');
    expect(plan.wire.wires.some(({ kind }) => kind === 'rod')).toBe(true);
  });

  it('does not, when the piece hangs', () => {
    const hanging = changed(moving('red-deer', 'gallop', 0.9), 'stance', { hold: 'hanging' });
    const codes = planPiece(hanging).snags.map(({ code }) => code);
    expect(codes).not.toContain('suspended');
    expect(codes).not.toContain('too-few-feet');
  });

  it('is passed over by a wave, which lies or is carried anyway', () => {
    expect(planOf('adder', 'undulation', 0.3).snags.map(({ code }) => code)).not.toContain(
      'suspended',
    );
  });
});

describe('a body in the ground', () => {
  it('is told with its depth', () => {
    const piece = changed(newWorkpiece('a', 'A', 'eurasian-otter'), 'stance', {
      presetId: 'standing',
      anglesDeg: { tail1: { flexion: -60 } },
    });
    const snag = planPiece(piece).snags.find(({ code }) => code === 'body-in-ground')!;
    expect(snagSentence(snag)).toMatch(/lies [\d.]+ mm inside the ground/);
  });

  it('is not told of feet that stand, nor of a belly that lies', () => {
    for (const [animal, presetId] of [
      ['eurasian-otter', 'standing'],
      ['eurasian-otter', 'resting'],
      ['adder', 'coiled'],
    ] as const) {
      const piece = changed(newWorkpiece('a', 'A', animal), 'stance', { presetId });
      expect(
        planPiece(piece).snags.map(({ code }) => code),
        presetId,
      ).not.toContain('body-in-ground');
    }
  });
});
