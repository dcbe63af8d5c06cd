import { describe, expect, it } from 'vitest';
import { animalById } from './registry.ts';
import { withOwnEyes } from './ownEyes.ts';
import { shapedSkeleton } from './shaped.ts';
import { LIBRARY_SHAPE } from './shapeSchema.ts';
import { restPose } from './pose.ts';
import { facePoint } from '../body/facePoint.ts';
import { skeletonOf } from '../testing/skeletonOf.ts';

const wolf = animalById('grey-wolf')!;

describe('own eyes', () => {
  it('are the animal’s where nothing is said', () => {
    expect(withOwnEyes(wolf, LIBRARY_SHAPE.eyes)).toBe(wolf);
  });

  it('change what is said alone', () => {
    const { eye, face } = withOwnEyes(wolf, { ...LIBRARY_SHAPE.eyes, diameterMm: 30, high: 0.3 });
    const was = wolf.face!.eyes[0]!;
    expect(eye).toEqual({ mm: 30, range: [30, 30], provenance: 'own' });
    expect(face!.eyes[0]).toEqual({ ...was, opening: [was.opening[0], 0.3] });
    expect(face!.lines).toBe(wolf.face!.lines);
  });

  it('lie where they are put, on the left and on the right alike', () => {
    const skeleton = skeletonOf('grey-wolf');
    const placed = shapedSkeleton(skeleton, {
      ...LIBRARY_SHAPE,
      eyes: { ...LIBRARY_SHAPE.eyes, along: 0.6, around: 40 },
    });
    const at = (of: typeof skeleton, side: 1 | -1) =>
      facePoint(restPose(of), of.animal.face!.eyes[0]!.at, side)!.at;
    const [before, after, right] = [at(skeleton, 1), at(placed, 1), at(placed, -1)];
    // Further along the skull, and nearer to its back line.
    expect(after[0]).toBeGreaterThan(before[0]);
    expect(Math.abs(after[2])).toBeLessThan(Math.abs(before[2]));
    expect([right[0], right[1], -right[2]]).toEqual(after.map((v) => expect.closeTo(v, 6)));
  });
});
