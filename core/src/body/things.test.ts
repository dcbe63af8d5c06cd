import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { restPose, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Thing } from '../anatomy/shapeSchema.ts';
import { SET_KINDS } from '../anatomy/thingKinds.ts';
import { distance, mirrored, type Vec3 } from '../geometry/vec3.ts';
import { newThing } from '../start/newThing.ts';
import { planPiece } from '../plan.ts';
import { changed, plainPiece, wolfPiece } from '../testing/samples.ts';
import { measuredSkeleton } from '../measure/measuredSkeleton.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { posedApart } from './apart.ts';
import { skinPoint } from './facePoint.ts';
import { skinParts, partDistance } from './skin.ts';
import { posedThings } from './things.ts';

const withThing = (piece: Workpiece, part: Partial<Thing> = {}): Workpiece => {
  const { shape } = piece.measure;
  const { skeleton } = planPiece(piece).measure;
  const thing = { ...newThing(skeleton, 'horn', 'Horn', []), ...part };
  return changed(piece, 'measure', { shape: { ...shape, things: [...shape.things, thing] } });
};
const posedOf = (piece: Workpiece): PosedSkeleton => planPiece(piece).stance.posed;
const restOf = (piece: Workpiece): PosedSkeleton => restPose(measuredSkeleton(piece.measure));
const longOf = (samples: readonly { readonly at: Vec3 }[]): number =>
  samples.slice(1).reduce((sum, { at }, i) => sum + distance(samples[i]!.at, at), 0);

describe('a thing of one’s own', () => {
  const turned = fc.record({
    along: fc.double({ min: 0.1, max: 0.7, noNaN: true }),
    around: fc.double({ min: 5, max: 120, noNaN: true }),
    leanDeg: fc.integer({ min: -80, max: 80 }),
    twistDeg: fc.integer({ min: -180, max: 180 }),
    turnDeg: fc.integer({ min: 0, max: 400 }),
    curlDeg: fc.integer({ min: -200, max: 200 }),
  });

  it('mirrors: the right one is the left one in a mirror, however it leans, turns and curls', () => {
    fc.assert(
      fc.property(turned, (part) => {
        const [left, right] = posedThings(restOf(withThing(wolfPiece(), part)));
        expect([left!.side, right!.side]).toEqual([1, -1]);
        left!.samples.forEach(({ at, half }, i) => {
          expect(distance(mirrored(at), right!.samples[i]!.at)).toBeLessThan(1e-6);
          expect(right!.samples[i]!.half).toBe(half);
        });
      }),
      { seed: 22, numRuns: 40 },
    );
  });

  it('is as long along its curve as it was told, at every scale', () => {
    fc.assert(
      fc.property(turned, fc.double({ min: 2, max: 20, noNaN: true }), (part, n) => {
        const piece = withThing(wolfPiece(), part);
        const scaled = changed(piece, 'measure', { scale: { by: 'ratio', lifePerModel: n } });
        const [{ thing, samples }] = posedThings(posedOf(scaled)) as [
          ReturnType<typeof posedThings>[number],
        ];
        expect(longOf(samples) / (thing.lengthMm / n)).toBeCloseTo(1, 2);
      }),
      { seed: 3, numRuns: 15 },
    );
  });

  it('keeps its place on the skin in every stance, and when the animal is young', () => {
    const piece = withThing(wolfPiece(), { boneId: 'thoracic', along: 0.6, around: 30 });
    const others = [
      piece,
      changed(piece, 'stance', {
        anglesDeg: { thoracic: { flexion: 12 }, skull: { flexion: 20 } },
      }),
      changed(piece, 'measure', { individual: { sex: null, juvenility: 0.8 } }),
    ];
    for (const other of others) {
      const posed = posedOf(other);
      const [left] = posedThings(posed);
      const there = skinPoint(posed, { boneId: 'thoracic', along: 0.6, around: 30 })!;
      expect(distance(left!.samples[0]!.at, there.at)).toBeLessThan(1e-9);
      const part = skinParts(posed).filter(({ boneId }) => boneId === 'thoracic');
      const off = Math.min(...part.map((of) => Math.abs(partDistance(of, there.at))));
      expect(off).toBeLessThan(0.1);
    }
  });

  it('stands in a row over several bones, evenly, from the first size to the last', () => {
    const row = { many: 9, boneId: 'tail2', along: 0.5, around: 0, endShare: 0.5 };
    const piece = withThing(wolfPiece(), {
      ...{ kind: 'spike', sides: 'middle', boneId: 'thoracic', along: 0.9, around: 0, row },
      turnDeg: 0,
    });
    const things = posedThings(restOf(piece));
    expect(things).toHaveLength(9);
    expect(new Set(things.map(({ boneId }) => boneId)).size).toBeGreaterThan(2);
    const long = things.map(({ samples }) => longOf(samples));
    expect(long.at(-1)! / long[0]!).toBeCloseTo(0.5, 6);
    long.slice(1).forEach((mm, i) => expect(mm).toBeLessThan(long[i]!));
    // Over the back the steps are even, as far as the skin lies over its bones.
    const steps = things
      .slice(1)
      .map(({ samples }, i) => distance(things[i]!.samples[0]!.at, samples[0]!.at));
    const mean = steps.reduce((sum, step) => sum + step, 0) / steps.length;
    for (const step of steps) expect(Math.abs(step - mean) / mean).toBeLessThan(0.5);
  });

  it('is not there where its bone is not, and once in a relief', () => {
    const onTail = withThing(plainPiece(), { boneId: 'tail2' });
    const head = changed(onTail, 'measure', { extent: 'head' });
    expect(posedThings(posedOf(head))).toEqual([]);
    expect(planPiece(head).fittings.fittings.some(({ isOwn }) => isOwn)).toBe(false);
    const relief = changed(withThing(plainPiece()), 'measure', { extent: 'relief' });
    expect(posedThings(posedOf(relief))).toHaveLength(1);
  });

  it.each(SET_KINDS)('begins as a %s on the animal, and is a part made apart', (kind) => {
    const piece = plainPiece();
    const thing = newThing(planPiece(piece).measure.skeleton, kind, 'Mine', [kind]);
    expect(thing.id).not.toBe(kind);
    const { shape } = piece.measure;
    const set = changed(piece, 'measure', { shape: { ...shape, things: [thing] } });
    const plan = planPiece(set);
    const own = plan.fittings.fittings.find(({ isOwn }) => isOwn)!;
    expect(own).toMatchObject({ name: 'Mine', thing: kind });
    expect(own.count).toBe(thing.sides === 'both' ? 2 : 1);
    expect(own.length.value).toBeCloseTo(thing.lengthMm / plan.measure.lifePerModel, 1);
    for (const { samples } of posedApart(plan.stance.posed))
      for (const { at, above, half } of samples)
        expect([...at, above, half].every(Number.isFinite)).toBe(true);
  });
});

describe('parts of the library, changed', () => {
  const change = (part: Partial<Workpiece['measure']['shape']['features'][string]>): Workpiece => {
    const piece = wolfPiece();
    const { shape } = piece.measure;
    const as = { long: null, thick: null, along: null, around: null, gone: false, ...part };
    return changed(piece, 'measure', { shape: { ...shape, features: { claws: as } } });
  };
  const claws = (piece: Workpiece) =>
    posedApart(restOf(piece)).filter(({ fittingId }) => fittingId === 'claws');

  it('are longer and thicker, and go with their new length into the list', () => {
    const [before, after] = [claws(wolfPiece()), claws(change({ long: 1.5, thick: 2 }))];
    expect(after).toHaveLength(before.length);
    expect(longOf(after[0]!.samples) / longOf(before[0]!.samples)).toBeCloseTo(1.5, 3);
    expect(after[0]!.samples[0]!.above / before[0]!.samples[0]!.above).toBeCloseTo(2, 6);
    const listed = planPiece(change({ long: 1.5 })).fittings.fittings.find(
      ({ id }) => id === 'claws',
    )!;
    expect(listed.life.provenance).toBe('own');
  });

  it('move alike on both sides', () => {
    const moved = claws(change({ around: 40, along: -0.1 }));
    const left = moved.filter(({ side }) => side === 1);
    const right = moved.filter(({ side }) => side === -1);
    left.forEach(({ samples }, i) =>
      expect(distance(mirrored(samples[0]!.at), right[i]!.samples[0]!.at)).toBeLessThan(1e-6),
    );
    expect(
      distance(left[0]!.samples[0]!.at, claws(wolfPiece())[0]!.samples[0]!.at),
    ).toBeGreaterThan(1);
  });

  it('are left out with their steps', () => {
    const plan = planPiece(change({ gone: true }));
    expect(claws(change({ gone: true }))).toEqual([]);
    expect(plan.fittings.fittings.some(({ id }) => id === 'claws')).toBe(false);
  });
});
