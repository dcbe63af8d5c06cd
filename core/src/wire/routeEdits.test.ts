import { inWorkshop } from '../workshop/workpiece.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { ballRef, boneRef, crossingRef, jointRef, pegRef } from './routeRef.ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { distance } from '../geometry/vec3.ts';
import { pieceText } from '../formats/pieceFile.ts';
import { readPieceText } from '../formats/readPiece.ts';
import { planPiece } from '../plan.ts';
import { changed, plainPiece } from '../testing/samples.ts';
import type { Parsed } from '../units/problem.ts';
import { bentVertices } from './bentWire.ts';
import type { WirePlan } from './wirePlan.ts';
import {
  fromOtherEnd,
  mayEdit,
  merged,
  movedPoint,
  overJoint,
  routeTargets,
  splitAt,
  waysOf,
  withoutPoint,
  withWays,
  type Ways,
} from './routeEdits.ts';

const wireOf = (piece: Workpiece): WirePlan => planPiece(piece).wire;
const HIND = 'limbs:hind-legs';
const FORE = 'limbs:fore-legs';
const plain = plainPiece();
const before = wireOf(plain);
const ways = (key = HIND): Ways => waysOf(before.wires, key);
const taken = <T>(read: Parsed<T>): T => {
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  return read.value;
};
const byKey = (plan: WirePlan, key: string) => plan.wires.find((wire) => wire.key === key);

describe('editing a route', () => {
  it('begins with the scheme’s own way, told by the places it goes over', () => {
    expect(ways()[0]).toEqual([
      pegRef('hindfoot.L'),
      ballRef('hindfoot.L'),
      jointRef('metatarsus.L'),
      jointRef('tibia.L'),
      jointRef('femur.L'),
      crossingRef('hind-legs'),
      jointRef('femur.R'),
      jointRef('tibia.R'),
      jointRef('metatarsus.R'),
      ballRef('hindfoot.R'),
      pegRef('hindfoot.R'),
    ]);
  });

  it('changes nothing where the same way is drawn by hand', () => {
    const after = wireOf(withWays(plain, HIND, ways()));
    const [a, b] = [byKey(before, HIND)!, byKey(after, HIND)!];
    expect(b.own).toBe(true);
    expect(b.cut.value).toBeCloseTo(a.cut.value, 9);
    expect(b.bends.map(({ mark }) => mark.value)).toEqual(a.bends.map(({ mark }) => mark.value));
  });

  it('leads the wire over another joint, which makes it longer and adds a bend there', () => {
    const led = wireOf(withWays(plain, HIND, taken(overJoint(ways(), 0, 4, jointRef('lumbar')))));
    const [a, b] = [byKey(before, HIND)!, byKey(led, HIND)!];
    expect(b.bends).toHaveLength(a.bends.length + 1);
    expect(b.cut.value).toBeGreaterThan(a.cut.value);
    expect(b.bends.map(({ place }) => place)).toContain('lumbosacral joint');
    expect(overJoint(ways(), 0, 2, jointRef('tibia.L')).ok).toBe(false);
  });

  it('leaves a joint out, and keeps two places at least', () => {
    const without = wireOf(withWays(plain, HIND, taken(withoutPoint(ways(), 0, 4))));
    expect(byKey(without, HIND)!.bends).toHaveLength(byKey(before, HIND)!.bends.length - 1);
    expect(withoutPoint([[jointRef('femur.L'), jointRef('tibia.L')]], 0, 0).ok).toBe(false);
  });

  it('moves an end, and with it the place where the marks start', () => {
    const moved = wireOf(
      withWays(plain, HIND, taken(movedPoint(ways(), 0, 0, boneRef('ear.L', 0.8)))),
    );
    expect(byKey(moved, HIND)!.namedEnd).toMatch(/ear/);
    expect(movedPoint(ways(), 0, 0, jointRef('tibia.R')).ok).toBe(false);
  });

  it('starts from the other end with the same wire, marks counted backwards', () => {
    const turned = wireOf(withWays(plain, HIND, fromOtherEnd(ways(), 0)));
    const [a, b] = [byKey(before, HIND)!, byKey(turned, HIND)!];
    expect(b.namedEnd).toBe('peg under the right hind foot');
    expect(b.cut.value).toBeCloseTo(a.cut.value, 9);
    expect(b.bends.map(({ angle }) => angle.value)).toEqual(
      a.bends.map(({ angle }) => expect.closeTo(angle.value, 6)).toReversed(),
    );
  });

  it('splits a wire into two that overlap and are bound where they part', () => {
    const split = wireOf(withWays(plain, HIND, taken(splitAt(ways(), 0, 3))));
    const [first, second] = [byKey(split, HIND)!, byKey(split, `${HIND}#2`)!];
    const whole = byKey(before, HIND)!;
    expect(first.route.points.at(-1)!.ref).toEqual(jointRef('tibia.L'));
    expect(second.route.points[0]!.ref).toEqual(jointRef('tibia.L'));
    const overlap = plain.wire.binder.overlapMm;
    // Two overlaps and one margin more; the bend at the joint is no bend any more.
    expect(first.cut.value + second.cut.value).toBeGreaterThan(whole.cut.value + 2 * overlap);
    expect(first.cut.value + second.cut.value).toBeLessThan(whole.cut.value + 2 * overlap + 12);
    const bound = split.bindings.bindings.filter(
      ({ wires }) => wires[0] === first.id || wires[0] === second.id,
    );
    expect(bound.filter(({ kind }) => kind === 'beside').length).toBeGreaterThanOrEqual(2);
    expect(splitAt(ways(), 0, 0).ok).toBe(false);
  });

  it('joins what was split to the wire it was', () => {
    const split = withWays(plain, HIND, taken(splitAt(ways(), 0, 3)));
    const plan = wireOf(split);
    const [a, b] = [byKey(plan, HIND)!, byKey(plan, `${HIND}#2`)!];
    const joined = wireOf(taken(merged(split, a, b, 1)));
    expect(byKey(joined, HIND)!.cut.value).toBeCloseTo(byKey(before, HIND)!.cut.value, 9);
    expect(byKey(joined, `${HIND}#2`)).toBeUndefined();
  });

  it('joins two wires whose ends meet, and refuses ends that are far apart', () => {
    const [a, b] = [byKey(before, HIND)!, byKey(before, FORE)!];
    expect(merged(plain, a, b, 5)).toMatchObject({
      ok: false,
      problem: { where: 'The wires to join' },
    });
    const joined = wireOf(taken(merged(plain, a, b, 500)));
    expect(byKey(joined, FORE)).toBeUndefined();
    expect(byKey(joined, HIND)!.route.points).toHaveLength(
      a.route.points.length + b.route.points.length,
    );
  });

  it('gives a wire back to its scheme', () => {
    const led = withWays(plain, HIND, taken(overJoint(ways(), 0, 4, jointRef('lumbar'))));
    expect(wireOf(withWays(led, HIND, null)).wires).toEqual(before.wires);
  });

  it('is kept in the file, and outlives a change of stance', () => {
    const led = withWays(plain, HIND, taken(overJoint(ways(), 0, 4, jointRef('lumbar'))));
    const { piece, workshop } = taken(readPieceText(pieceText(led)));
    const read = inWorkshop(piece, workshop!);
    expect(read.wire.routes).toEqual(led.wire.routes);
    const lifted = changed(read, 'stance', { presetId: 'walking', lifted: ['hindfoot.L'] });
    // The lifted foot has no peg, so its place is passed over.
    expect(byKey(wireOf(lifted), HIND)!.route.points.map(({ ref }) => ref)).not.toContainEqual(
      pegRef('hindfoot.L'),
    );
  });

  it('bends back to its joints whatever way is drawn', () => {
    const refs = routeTargets(planPiece(plain).stance).map(({ ref }) => ref);
    fc.assert(
      fc.property(fc.shuffledSubarray(refs, { minLength: 2, maxLength: 9 }), (way) => {
        const wire = byKey(wireOf(withWays(plain, HIND, [way])), HIND)!;
        const sum = wire.lines.reduce((total, { value }) => total + value, 0);
        expect(wire.cut.value).toBeCloseTo(sum, 9);
        // A way that doubles back on itself is refused by name, and has no shape to compare.
        if (wire.schedule.faults.some(({ kind }) => kind === 'reversal')) {
          expect(wire.snags.map(({ code }) => code)).toContain('bend-reversal');
          return;
        }
        const back = bentVertices(wire.schedule.feedsMm, wire.schedule.bends, wire.schedule.wound);
        const joints = wire.schedule.vertices;
        joints.forEach((p, i) =>
          joints.forEach((q, j) =>
            expect(Math.abs(distance(p, q) - distance(back[i]!, back[j]!))).toBeLessThan(0.01),
          ),
        );
      }),
      { seed: 7, numRuns: 60 },
    );
  });

  it('is not offered for rods, and a wire knows its part', () => {
    const iron = wireOf(changed(plain, 'wire', { scheme: 'back-iron' })).wires;
    expect(iron.filter((wire) => !mayEdit(wire)).map(({ kind }) => kind)).toEqual(['iron']);
    const parts = wireOf(withWays(plain, HIND, taken(splitAt(ways(), 0, 3)))).wires.filter(
      ({ routeKey }) => routeKey === HIND,
    );
    expect(parts.map(({ part }) => part)).toEqual([0, 1]);
    expect(new Set(parts.map(({ key }) => key)).size).toBe(2);
  });
});
