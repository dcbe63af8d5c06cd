import { describe, expect, it } from 'vitest';
import { otterPiece, wholePlan } from '../testing/samples.ts';
import { jointNeeds, needsOf } from './jointNeeds.ts';

const { materials } = wholePlan(otterPiece()).bench!;
const open = needsOf(materials, () => false);

describe('what several pieces take together', () => {
  it('is the sum of what each takes, less what lies there once', () => {
    const joint = jointNeeds([
      { name: 'One', needs: open },
      { name: 'Two', needs: open },
    ]);
    expect(joint.map(({ key }) => key).sort()).toEqual(
      [...new Set(open.map(({ key }) => key))].sort(),
    );
    const foil = joint.find(({ key }) => key.startsWith('foil'))!;
    const own = open.find(({ key }) => key.startsWith('foil'))!;
    expect(foil.need.value).toBeCloseTo(2 * own.left, 9);
    expect(own.onHand).toBeGreaterThan(0);
    expect(foil.toBuy.value).toBeCloseTo(Math.max(0, 2 * own.left - own.onHand!), 9);
    expect(foil.pieces).toEqual(['One', 'Two']);
  });

  it('leaves out what is used in steps that are done', () => {
    const done = needsOf(materials, (step) => step === 'mass.core');
    expect(done.some(({ key }) => key.startsWith('foil'))).toBe(false);
    expect(done.length).toBeLessThan(open.length);
    expect(jointNeeds([])).toEqual([]);
  });
});
