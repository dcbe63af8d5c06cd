import { describe, expect, it } from 'vitest';
import { planPiece } from '../plan.ts';
import { isTooth } from '../anatomy/ownHead.ts';
import { isMirrored } from '../body/mirroredBody.ts';
import { shapedSkeleton } from '../anatomy/shaped.ts';
import { LIBRARY_SHAPE } from '../anatomy/shapeSchema.ts';
import { poseSkeleton } from '../anatomy/pose.ts';
import { headForm } from '../surface/headForm.ts';
import { newWorkpiece, roughSurface } from '../testing/samples.ts';
import { skeletonOf } from '../testing/skeletonOf.ts';
import { draggedOnHead, headPage, seenOnHead, type HeadPage } from './headPlaces.ts';
import { headDragged, headGrips } from './headGrips.ts';

const bare = planPiece(newWorkpiece('one', 'One', 'grey-wolf'));
const plan = {
  ...bare,
  surface: {
    ...roughSurface(bare.jobs.surface.input),
    heads: headForm(bare.stance.posed, 8000),
  },
};
const { posed } = plan.stance;
const eyeAt = (of = posed) => of.skeleton.animal.face!.eyes[0]!.at;
const eyeOnHead = (of: typeof posed, page: HeadPage) => seenOnHead(of, page, eyeAt(of));
const eyeDraggedBy = (of: typeof posed, page: HeadPage, by: readonly [number, number]) =>
  draggedOnHead(of, page, eyeAt(of), by);

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
    expect(headGrips(dragonfly, page).map(({ id }) => id)).not.toContain('eye');
    expect(headDragged(dragonfly, page, 'eye', [1, 1])).toBeUndefined();
  });
});

describe('grips of a head', () => {
  const page = headPage(plan, 'head-side')!;
  const reposed = (drag: ReturnType<typeof headDragged>) => {
    const skeleton = shapedSkeleton(posed.skeleton, drag!(LIBRARY_SHAPE));
    return poseSkeleton(skeleton, {}, posed.sizeFactor);
  };
  const rest = poseSkeleton(posed.skeleton, {}, posed.sizeFactor);
  const gripAt = (of: typeof posed, id: string) =>
    headGrips(of, page).find((grip) => grip.id === id)!.at;

  it('are eye, nostril, and root and tip of the ear of a wolf', () => {
    expect(headGrips(rest, page).map(({ id }) => id)).toEqual([
      'eye',
      'nostril',
      'root:ear',
      'tip:ear',
    ]);
  });

  it.each([
    ['nostril', [3, 1]],
    ['tip:ear', [4, -2]],
    ['root:ear', [-5, 0]],
  ] as const)('%s goes where a drag by %j mm takes it, on both sides', (id, by) => {
    const after = reposed(headDragged(rest, page, id, by));
    const [from, to] = [gripAt(rest, id), gripAt(after, id)];
    // A root keeps to its bone, a tip to its length: the way along is what is asked.
    expect(Math.sign(to[0] - from[0])).toBe(Math.sign(by[0]));
    expect(Math.abs(to[0] - from[0] - by[0])).toBeLessThan(0.35 * Math.abs(by[0]));
    expect(isMirrored(after.skeleton)).toBe(true);
  });

  it('draw all teeth longer by one factor, and nothing else', () => {
    const longer = shapedSkeleton(posed.skeleton, {
      ...LIBRARY_SHAPE,
      head: { ...LIBRARY_SHAPE.head, teeth: 1.5 },
    });
    const crocodile = skeletonOf('nile-crocodile');
    expect(longer.bones.every((bone, i) => bone.flesh === posed.skeleton.bones[i]!.flesh)).toBe(
      posed.skeleton.bones.every(({ flesh }) => !flesh.some(isTooth)),
    );
    const teethOf = (of: typeof crocodile) =>
      of.bones.flatMap(({ flesh }) => flesh.filter(isTooth));
    const more = shapedSkeleton(crocodile, {
      ...LIBRARY_SHAPE,
      head: { ...LIBRARY_SHAPE.head, teeth: 1.5 },
    });
    const [was, now] = [teethOf(crocodile), teethOf(more)];
    expect(was.length).toBeGreaterThan(20);
    now.forEach((tooth, i) => {
      const long = (of: typeof tooth) => of.points.at(-1)!.offset![1] - of.points[0]!.offset![1];
      expect(long(tooth)).toBeCloseTo(1.5 * long(was[i]!), 9);
    });
  });
});
