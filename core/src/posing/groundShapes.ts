import { ROCK_STEP_MM } from '../piece/stanceSchema.ts';
import { greatest } from '../geometry/extremes.ts';
import type { Ground } from './ground.ts';

type RockGround = Extract<Ground, { kind: 'rock' }>;

/** Rocks to begin with: their profile from back (0) to front (1), heights in shares of the highest. */
export const ROCK_SHAPES = {
  boulder: [
    [0, 0],
    [0.12, 0.62],
    [0.35, 0.95],
    [0.65, 1],
    [0.88, 0.66],
    [1, 0],
  ],
  ledge: [
    [0, 0],
    [0.3, 0.12],
    [0.42, 0.85],
    [0.55, 0.95],
    [1, 1],
  ],
  ramp: [
    [0, 0],
    [0.25, 0.2],
    [0.6, 0.6],
    [0.82, 0.95],
    [1, 1],
  ],
  peak: [
    [0, 0],
    [0.25, 0.3],
    [0.42, 0.8],
    [0.5, 1],
    [0.6, 0.78],
    [0.8, 0.25],
    [1, 0],
  ],
} as const satisfies Readonly<Record<string, readonly (readonly [number, number])[]>>;
export type RockShape = keyof typeof ROCK_SHAPES;

/** Most points of a rock. */
const MOST_POINTS = 40;

const rounded = (mm: number): number => Math.round(mm * 10) / 10;

/** A rock of a shape between two places along the animal, as high as told, mm. */
export function rockOf(
  shape: RockShape,
  backMm: number,
  frontMm: number,
  highMm: number,
  acrossMm: number | null = null,
): RockGround {
  const long = frontMm - backMm;
  return {
    kind: 'rock',
    points: ROCK_SHAPES[shape].map(([t, h]): [number, number] => [
      rounded(backMm + t * long),
      rounded(h * highMm),
    ]),
    acrossMm,
  };
}

/** A rock stretched to a length and a height about its middle, mm. */
export function stretched(rock: RockGround, longMm: number, highMm: number): RockGround {
  const { points } = rock;
  const [back, front] = [points[0]![0], points.at(-1)![0]];
  const middle = (back + front) / 2;
  const [x, y] = [
    longMm / Math.max(ROCK_STEP_MM, front - back),
    highMm / Math.max(1e-9, greatest(points.map(([, at]) => at))),
  ];
  return {
    ...rock,
    points: points.map(([px, py]): [number, number] => [
      rounded(middle + (px - middle) * x),
      rounded(py * y),
    ]),
  };
}

/** A rock with one point more, in the middle of its longest stretch; the same where it has all that it may have. */
export function withRockPoint(rock: RockGround): RockGround {
  const { points } = rock;
  if (points.length >= MOST_POINTS) return rock;
  const long = points.slice(1).map(([x, y], i) => Math.hypot(x - points[i]![0], y - points[i]![1]));
  const at = long.indexOf(greatest(long));
  const [a, b] = [points[at]!, points[at + 1]!];
  const middle: [number, number] = [rounded((a[0] + b[0]) / 2), rounded((a[1] + b[1]) / 2)];
  if (middle[0] - a[0] < ROCK_STEP_MM || b[0] - middle[0] < ROCK_STEP_MM) return rock;
  return { ...rock, points: [...points.slice(0, at + 1), middle, ...points.slice(at + 1)] };
}

/** A rock without the point that matters least to its outline; the same where only two are left. */
export function withoutRockPoint(rock: RockGround): RockGround {
  const { points } = rock;
  if (points.length <= 2) return rock;
  const off = points.slice(1, -1).map(([x, y], i) => {
    const [a, b] = [points[i]!, points[i + 2]!];
    return Math.abs(a[1] + ((b[1] - a[1]) * (x - a[0])) / (b[0] - a[0]) - y);
  });
  const least = 1 + off.reduce((best, mm, i) => (mm < off[best]! ? i : best), 0);
  return { ...rock, points: points.filter((_, i) => i !== least) };
}

/** A place by which ground is dragged in the side elevation, mm along the animal and up. */
export interface GroundHandle {
  readonly id: string;
  readonly at: readonly [x: number, y: number];
}

/** The places by which ground is dragged; none on flat ground. */
export function groundHandles(ground: Ground): readonly GroundHandle[] {
  switch (ground.kind) {
    case 'flat':
      return [];
    case 'slope':
      return [{ id: 'from', at: [ground.fromMm, 0] }];
    case 'step':
      return [{ id: 'edge', at: [ground.fromMm, ground.riseMm] }];
    case 'log':
    case 'post':
      return [
        { id: 'top', at: [ground.atMm, ground.topMm] },
        {
          id: 'side',
          at: [
            ground.atMm + ground.diameterMm / 2,
            ground.kind === 'log' ? ground.topMm - ground.diameterMm / 2 : ground.topMm / 2,
          ],
        },
      ];
    case 'rock':
      return ground.points.map((at, i) => ({ id: `point-${i}`, at }));
  }
}

const within = (least: number, value: number, most: number): number =>
  rounded(Math.min(most, Math.max(least, value)));
/** As far along and as high or thick as ground may be, mm; as the document has it. */
/** Points of a rock are dragged no nearer to each other along it. */
const APART_MM = 2 * ROCK_STEP_MM;
const FAR = 5000;
const HIGH = 2000;

/** Ground with one of its handles dragged to a place; within what the document allows. */
export function pulledGround(
  ground: Ground,
  id: string,
  [x, y]: readonly [number, number],
): Ground {
  switch (ground.kind) {
    case 'flat':
      return ground;
    case 'slope':
      return { ...ground, fromMm: within(-FAR, x, FAR) };
    case 'step':
      return { ...ground, fromMm: within(-FAR, x, FAR), riseMm: within(0.5, y, 1000) };
    case 'log':
    case 'post':
      return id === 'top'
        ? { ...ground, atMm: within(-FAR, x, FAR), topMm: within(0.5, y, HIGH) }
        : { ...ground, diameterMm: within(1, 2 * Math.abs(x - ground.atMm), HIGH) };
    case 'rock': {
      const at = Number(id.slice('point-'.length));
      const [before, after] = [ground.points[at - 1], ground.points[at + 1]];
      const points = ground.points.map((point, i): [number, number] =>
        i === at
          ? [
              within(
                (before?.[0] ?? -FAR - APART_MM) + APART_MM,
                x,
                (after?.[0] ?? FAR + APART_MM) - APART_MM,
              ),
              within(0, y, HIGH),
            ]
          : [...point],
      );
      return { ...ground, points };
    }
  }
}
