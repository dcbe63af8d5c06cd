import { describe, expect, it } from 'vitest';
import { landmarksOf, boneEnds } from '../../anatomy/landmarks.ts';
import { restPose } from '../../anatomy/pose.ts';
import { animalById, planById } from '../../anatomy/registry.ts';
import { buildSkeleton } from '../../anatomy/skeleton.ts';
import { blankPicture, type Picture } from '../../piece/referencesSchema.ts';
import { LIBRARY_SHAPE } from '../../anatomy/shapeSchema.ts';
import { tracedShape } from './tracedShape.ts';

const otter = animalById('eurasian-otter')!;
const skeleton = buildSkeleton(planById(otter.planId)!, otter);
const posed = restPose(skeleton);
const MM_PER_PX = 0.5;

/** A picture of the rest stance, the ends of some bones placed, with a box as its outline. */
function pictureOf(
  view: 'side' | 'top',
  facing: 'left' | 'right',
  bones: readonly string[],
  low: number,
  high: number,
): Picture {
  const sign = facing === 'left' ? -1 : 1;
  const px = ([x, y, z]: readonly [number, number, number]): [number, number] => [
    2000 + (sign * x) / MM_PER_PX,
    2000 - (view === 'side' ? y : -sign * z) / MM_PER_PX,
  ];
  const landmarks: Record<string, [number, number][]> = {};
  for (const id of bones) {
    const ends = boneEnds(skeleton).get(id)!;
    landmarks[ends.start!] = [px(posed.byId.get(id)!.start)];
    landmarks[ends.end!] = [px(posed.byId.get(id)!.end)];
  }
  const corner = (x: number, v: number): [number, number] => [
    2000 + (sign * x) / MM_PER_PX,
    2000 - v / MM_PER_PX,
  ];
  // Ten points round a box that is longer than the animal.
  const xs = [-900, -450, 0, 450, 900];
  return {
    ...blankPicture({ id: 'p', name: 'P', view, widthPx: 4000, heightPx: 4000 }),
    facing,
    scale: { by: 'length', from: [0, 0], to: [200, 0], mm: 200 * MM_PER_PX, plusMinusMm: 0 },
    landmarks,
    outline: [...xs.map((x) => corner(x, high)), ...xs.toReversed().map((x) => corner(x, low))],
  };
}

describe('an outline from the side', () => {
  it.each(['left', 'right'] as const)(
    'gives depth and middle of the sections, head %s',
    (facing) => {
      const picture = pictureOf('side', facing, ['lumbar'], -90, 40);
      const traced = tracedShape(skeleton, LIBRARY_SHAPE, picture);
      expect(traced.problem).toBeNull();
      expect(traced.bones).toEqual([skeleton.byId.get('lumbar')!.name]);
      const bone = posed.byId.get('lumbar')!;
      const upright = Math.hypot(bone.bone.rest[0]);
      for (const station of traced.shape.sections['lumbar']!) {
        // The box is 130 mm high; square to a bone that slopes, its edges are further apart.
        expect(2 * station.halfDepth).toBeCloseTo(130 / upright, 6);
        const y = bone.start[1] + (bone.end[1] - bone.start[1]) * station.at;
        expect(station.up).toBeCloseTo((40 - y - (y + 90)) / 2 / upright, 6);
      }
      // Its neighbours are taken over, so that the trunk stays one, and keep the library's shape.
      expect(Object.keys(traced.shape.sections)).toContain('thoracic');
    },
  );

  it('leaves out what lies too far off to be the skin of the same part', () => {
    const wide = tracedShape(
      skeleton,
      LIBRARY_SHAPE,
      pictureOf('side', 'left', ['lumbar'], -900, 900),
    );
    expect(wide.sections).toBe(0);
    expect(wide.shape).toBe(LIBRARY_SHAPE);
    expect(wide.problem).toMatch(/place the landmarks/);
  });
});

describe('an outline from above', () => {
  it.each(['left', 'right'] as const)(
    'gives the widths and leaves the depths, head %s',
    (facing) => {
      const side = tracedShape(
        skeleton,
        LIBRARY_SHAPE,
        pictureOf('side', 'left', ['lumbar'], -90, 40),
      );
      const picture = pictureOf('top', facing, ['lumbar'], -55, 55);
      const both = tracedShape(skeleton, side.shape, picture).shape.sections['lumbar']!;
      both.forEach((station, i) => {
        expect(2 * station.halfWidth).toBeCloseTo(110, 6);
        expect(station.halfDepth).toBe(side.shape.sections['lumbar']![i]!.halfDepth);
      });
    },
  );
});

describe('what an outline needs', () => {
  const whole = pictureOf('side', 'left', ['lumbar'], -90, 40);
  it.each([
    ['a view that shows it', { view: 'front' as const }, /from the side or from above/],
    ['enough points', { outline: whole.outline.slice(0, 4) }, /has 4 points; at least 8/],
    ['a scale', { scale: null }, /no scale yet/],
    ['placed bones', { landmarks: {} }, /place the landmarks/],
  ])('is told in a sentence: %s', (_, without, sentence) => {
    const traced = tracedShape(skeleton, LIBRARY_SHAPE, { ...whole, ...without });
    expect(traced.problem).toMatch(sentence);
    expect(traced.shape).toBe(LIBRARY_SHAPE);
  });

  it('knows the landmarks that it asks for', () => {
    const known = new Set(landmarksOf(skeleton).map(({ id }) => id));
    for (const id of Object.keys(whole.landmarks)) expect(known).toContain(id);
  });
});
