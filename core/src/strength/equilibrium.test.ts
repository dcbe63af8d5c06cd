import { describe, expect, it } from 'vitest';
import { weightOf, upwardMoment } from '../body/supports.ts';
import { add, ORIGIN, sub, type Vec3 } from '../geometry/vec3.ts';
import { forceShares, momentShares } from '../posing/supportShares.ts';
import { newWorkpiece, changed, wholePlan } from '../testing/samples.ts';
import { wireMasses } from '../wire/wireMasses.ts';
import { heldPlaces } from './heldPlaces.ts';

/** A piece of an animal in a stance. */
const inStance = (animalId: string, presetId: string) =>
  changed(newWorkpiece('one', 'One', animalId), 'stance', { presetId });

/** One foot, two feet, four, and a rod. */
const CASES = [
  ['barn-owl', 'perching'],
  ['grey-heron', 'stalking'],
  ['baryonyx', 'walking'],
  ['grey-wolf', 'standing'],
  ['deinonychus', 'running'],
  ['harbour-porpoise', 'swimming'],
  ['grey-heron', 'flying'],
] as const;

describe.each(CASES)('%s, %s', (animalId, presetId) => {
  const plan = wholePlan(inStance(animalId, presetId));
  const { balance, stance, wire } = plan;
  const masses = [...balance.flesh, ...wireMasses(stance, wire)];
  const places = heldPlaces(stance, wire.wires, balance, masses, plan.piece.wire.ownMetals);
  const borne = masses.filter(({ boneId }) => !balance.resting.has(boneId));

  it('is at rest: forces and moments of all that is held add up to nothing', () => {
    const { upN, momentNmm } = weightOf(borne);
    const up = places.reduce((sum, place) => sum + place.upN, upN);
    const turning = places.reduce<Vec3>(
      (sum, { at, upN: push, momentNmm: own }) => add(sum, add(upwardMoment(at, push), own)),
      momentNmm,
    );
    expect(places.length).toBeGreaterThan(0);
    expect(Math.abs(up)).toBeLessThan(1e-9);
    for (const part of turning) expect(Math.abs(part)).toBeLessThan(1e-6);
  });

  it('at every joint of a leg the sum from the foot is the sum from the body', () => {
    const { byId } = stance.posed;
    const beyond = (boneId: string, on: string): boolean => {
      for (let id: string | null = boneId; id !== null; id = byId.get(id)!.bone.parent)
        if (id === on) return true;
      return false;
    };
    let looked = 0;
    for (const { boneId, load } of plan.strength.joints) {
      const { start } = byId.get(boneId)!;
      // From the other side: everything that does not lie beyond this joint.
      const rest = borne.filter((placedMass) => !beyond(placedMass.boneId, boneId));
      const others = places.filter((place) => !beyond(place.boneId, boneId));
      const weight = weightOf(rest);
      const upN = others.reduce((sum, other) => sum + other.upN, weight.upN);
      const about = others.reduce<Vec3>(
        (sum, { at, upN: push, momentNmm }) => add(sum, add(upwardMoment(at, push), momentNmm)),
        weight.momentNmm,
      );
      const fromBody = sub(about, upwardMoment(start, upN));
      load.momentNmm.forEach((part, k) => expect(part, boneId).toBeCloseTo(-fromBody[k]!, 6));
      expect(load.upN).toBeCloseTo(-upN, 9);
      looked += 1;
    }
    expect(looked).toBeGreaterThan(0);
  });
});

describe('shares', () => {
  it('go by the lever between two feet, and stay between none and all', () => {
    expect(
      forceShares(
        [
          [0, 0],
          [10, 0],
        ],
        [2.5, 7],
      ),
    ).toEqual([0.75, 0.25]);
    expect(
      forceShares(
        [
          [0, 0],
          [10, 0],
        ],
        [-4, 1],
      ),
    ).toEqual([1, 0]);
    expect(
      forceShares(
        [
          [0, 0],
          [10, 0],
        ],
        [40, 1],
      ),
    ).toEqual([0, 1]);
    expect(forceShares([[3, 3]], [9, 9])).toEqual([1]);
  });

  it('of the moment go by stiffness; a bare foot takes none, and unknown ones share alike', () => {
    expect(momentShares([300, 100])).toEqual([0.75, 0.25]);
    expect(momentShares([300, 0])).toEqual([1, 0]);
    expect(momentShares([null, 100, 0])).toEqual([0.5, 0.5, 0]);
    expect(momentShares([0, 0])).toEqual([0, 0]);
  });

  it('leave a moment that no peg takes: bare feet do not hold it', () => {
    const bare = changed(inStance('grey-heron', 'stalking'), 'wire', { scheme: 'no-wire' });
    const { stance, wire, balance } = wholePlan(bare);
    const held = heldPlaces(stance, wire.wires, balance, balance.flesh, []);
    expect(held).toHaveLength(2);
    for (const { momentNmm, wire: peg } of held) {
      expect(peg).toBeNull();
      for (const part of momentNmm) expect(Math.abs(part)).toBe(ORIGIN[0]);
    }
  });
});
