import { describe, expect, it } from 'vitest';
import { planPiece } from '../plan.ts';
import { shapedSkeleton } from '../anatomy/shaped.ts';
import { LIBRARY_SHAPE } from '../anatomy/shapeSchema.ts';
import { poseSkeleton } from '../anatomy/pose.ts';
import { headForm } from '../surface/headForm.ts';
import { newWorkpiece, roughSurface } from '../testing/samples.ts';
import { skeletonOf } from '../testing/skeletonOf.ts';
import { eyeDraggedBy, eyeOnHead, headPage } from './headEyes.ts';

const bare = planPiece(newWorkpiece('one', 'One', 'grey-wolf'));
const plan = {
  ...bare,
  surface: {
    ...roughSurface(bare.jobs.surface.input),
    heads: headForm(bare.stance.posed, 8000),
  },
};
const { posed } = plan.stance;

describe('the eye on the drawing of a head', () => {
  it('stands where it is seen from the left, the front and above, and on no other drawing', () => {
    for (const view of ['side', 'front', 'top'] as const) {
      const page = headPage(plan, `head-${view}`)!;
      const [x, y] = eyeOnHead(posed, page)!;
      // The drawing of a head begins at the origin.
      expect(x, view).toBeGreaterThan(0);
      expect(y, view).toBeGreaterThan(0);
    }
    expect(headPage(plan, 'form-side')).toBeUndefined();
    expect(headPage(bare, 'head-side')).toBeUndefined();
  });

  it('stays where it is when it is dragged nowhere', () => {
    const { at } = posed.skeleton.animal.face!.eyes[0]!;
    const place = eyeDraggedBy(posed, headPage(plan, 'head-side')!, [0, 0])!;
    expect(place.along).toBeCloseTo(at[1], 6);
    expect(place.around).toBeCloseTo(at[2], 4);
  });

  it.each([
    ['head-side', [-6, 0]],
    ['head-side', [4, 3]],
    ['head-side', [0, -5]],
  ] as const)('%s: goes over the skin to where a drag by %j mm brings it', (id, by) => {
    const page = headPage(plan, id)!;
    const before = eyeOnHead(posed, page)!;
    const { along, around } = eyeDraggedBy(posed, page, by)!;
    const skeleton = shapedSkeleton(posed.skeleton, {
      ...LIBRARY_SHAPE,
      eyes: { ...LIBRARY_SHAPE.eyes, along, around },
    });
    const moved = { ...posed, skeleton };
    const after = eyeOnHead(moved, page)!;
    expect(after[0] - before[0]).toBeCloseTo(by[0], 1);
    expect(after[1] - before[1]).toBeCloseTo(by[1], 1);
  });

  it('is none for an animal without eyes on its face', () => {
    const page = headPage(plan, 'head-side')!;
    const dragonfly = poseSkeleton(skeletonOf('emperor-dragonfly'), {});
    expect(dragonfly.skeleton.animal.face!.eyes).toEqual([]);
    expect(eyeDraggedBy(dragonfly, page, [1, 1])).toBeUndefined();
    expect(eyeOnHead(dragonfly, page)).toBeUndefined();
  });
});
