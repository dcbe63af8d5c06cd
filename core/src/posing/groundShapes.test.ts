import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { groundSchema } from '../piece/stanceSchema.ts';
import { groundHeight, type Ground } from './ground.ts';
import {
  groundHandles,
  pulledGround,
  rockOf,
  ROCK_SHAPES,
  stretched,
  withoutRockPoint,
  withRockPoint,
  type RockShape,
} from './groundShapes.ts';

const SHAPES = Object.keys(ROCK_SHAPES) as RockShape[];
const rock = rockOf('boulder', -50, 150, 40);

/** What stands on the base, of every kind that is dragged. */
const GROUNDS: readonly Ground[] = [
  { kind: 'slope', deg: 12, fromMm: -30 },
  { kind: 'step', riseMm: 9, fromMm: 4 },
  { kind: 'log', atMm: 20, topMm: 30, diameterMm: 24, acrossMm: null },
  { kind: 'post', atMm: 20, topMm: 90, diameterMm: 40 },
  rock,
];

describe('rocks to begin with', () => {
  it.each(SHAPES)(
    'a %s lies between its ends, as high as told, and is allowed in a piece',
    (shape) => {
      const made = rockOf(shape, -20, 180, 60);
      expect(made.points[0]![0]).toBe(-20);
      expect(made.points.at(-1)![0]).toBe(180);
      expect(Math.max(...made.points.map(([, y]) => y))).toBe(60);
      expect(groundSchema.safeParse(made).success).toBe(true);
    },
  );

  it('are stretched about their middle', () => {
    const long = stretched(rock, 400, 20);
    expect([long.points[0]![0], long.points.at(-1)![0]]).toEqual([-150, 250]);
    expect(Math.max(...long.points.map(([, y]) => y))).toBe(20);
  });

  it('get a point more where it changes nothing, and lose the one that matters least', () => {
    const more = withRockPoint(rock);
    expect(more.points).toHaveLength(rock.points.length + 1);
    for (let x = -50; x <= 150; x += 5)
      expect(groundHeight(more, x)).toBeCloseTo(groundHeight(rock, x), 0);
    expect(withoutRockPoint(more).points).toEqual(rock.points);
    const line = { ...rock, points: [rock.points[0]!, rock.points.at(-1)!] };
    expect(withoutRockPoint(line)).toBe(line);
  });
});

describe('ground that is dragged', () => {
  it('has no handle where it is flat', () => {
    expect(groundHandles({ kind: 'flat' })).toEqual([]);
  });

  it.each(GROUNDS)('a $kind stays where it is when a handle is let go where it was', (ground) => {
    for (const { id, at } of groundHandles(ground))
      expect(pulledGround(ground, id, at)).toEqual(ground);
  });

  it('a $kind is allowed wherever it is dragged', () => {
    const anyGround = fc.constantFrom(...GROUNDS);
    const place = fc.double({ min: -20_000, max: 20_000, noNaN: true });
    fc.assert(
      fc.property(anyGround, fc.nat(20), place, place, (ground, pick, x, y) => {
        const handles = groundHandles(ground);
        const next = pulledGround(ground, handles[pick % handles.length]!.id, [x, y]);
        return groundSchema.safeParse(next).success;
      }),
      { seed: 21 },
    );
  });

  it('brings the top of a post under the pointer, and its side', () => {
    const post = GROUNDS[3]!;
    expect(pulledGround(post, 'top', [35, 120])).toMatchObject({ atMm: 35, topMm: 120 });
    expect(pulledGround(post, 'side', [50, 0])).toMatchObject({ diameterMm: 60 });
  });
});
