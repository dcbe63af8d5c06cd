import { demoWorkpieces } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { withAngle, withFoot, withoutAngle } from './stanceChanges.ts';

const otter = demoWorkpieces()[0]!;

describe('changes of the stance', () => {
  it('set one angle and keep the others', () => {
    const entry = withAngle(withAngle(otter, 'skull', 'flexion', 10), 'skull', 'rotation', 4);
    expect(entry.stance.anglesDeg).toEqual({ skull: { flexion: 10, rotation: 4 } });
    expect(otter.stance.anglesDeg).toEqual({});
  });

  it('give an angle back, and forget the joint with its last one', () => {
    const two = withAngle(withAngle(otter, 'skull', 'flexion', 10), 'skull', 'rotation', 4);
    const one = withoutAngle(two, 'skull', 'flexion');
    expect(one.stance.anglesDeg).toEqual({ skull: { rotation: 4 } });
    expect(withoutAngle(one, 'skull', 'rotation').stance.anglesDeg).toEqual({});
  });

  it('lift and plant feet', () => {
    const lifted = withFoot(otter, [], 'hindfoot.L', false);
    expect(lifted.stance.lifted).toEqual(['hindfoot.L']);
    expect(withFoot(lifted, ['hindfoot.L'], 'hindfoot.L', true).stance.lifted).toEqual([]);
  });
});
