import type { PagePoint } from './drawing.ts';

/** Points between two given ones on a smooth outline. */
const BETWEEN = 4;

/** A smooth closed line through points (a uniform Catmull–Rom spline), kept inside the unit square. */
function smooth(points: readonly PagePoint[]): readonly PagePoint[] {
  const n = points.length;
  const at = (i: number, k: 0 | 1): number => points[(i + n) % n]![k];
  const kept = (v: number): number => Math.min(1, Math.max(0, v));
  return points.flatMap((_, i) =>
    Array.from({ length: BETWEEN }, (__, j): PagePoint => {
      const t = j / BETWEEN;
      const value = (k: 0 | 1): number => {
        const [a, b, c, d] = [at(i - 1, k), at(i, k), at(i + 1, k), at(i + 2, k)];
        return b + (t / 2) * (c - a + t * (2 * a - 5 * b + 4 * c - d + t * (3 * (b - c) + d - a)));
      };
      return [kept(value(0)), kept(value(1))];
    }),
  );
}

/** Left half of a person seen from the front: out from the midline and up, as shares of the height. */
const HALF_PERSON: readonly PagePoint[] = [
  [0, 1],
  [0.028, 0.994],
  [0.044, 0.968],
  [0.046, 0.935],
  [0.038, 0.895],
  [0.028, 0.875],
  [0.029, 0.848],
  [0.06, 0.832],
  [0.105, 0.82],
  [0.127, 0.795],
  [0.136, 0.74],
  [0.146, 0.66],
  [0.152, 0.6],
  [0.16, 0.53],
  [0.165, 0.485],
  [0.172, 0.445],
  [0.168, 0.4],
  [0.157, 0.385],
  [0.149, 0.42],
  [0.146, 0.48],
  [0.133, 0.56],
  [0.123, 0.63],
  [0.112, 0.7],
  [0.104, 0.745],
  [0.096, 0.69],
  [0.085, 0.62],
  [0.094, 0.56],
  [0.1, 0.5],
  [0.096, 0.42],
  [0.083, 0.34],
  [0.07, 0.28],
  [0.074, 0.215],
  [0.062, 0.13],
  [0.05, 0.06],
  [0.066, 0.022],
  [0.08, 0.004],
  [0.05, 0],
  [0.026, 0.004],
  [0.025, 0.05],
  [0.027, 0.14],
  [0.02, 0.22],
  [0.018, 0.29],
  [0.008, 0.4],
];
/** Half the width of that person, hands and all, as a share of the height. */
export const PERSON_HALF_WIDTH = 0.172;

/** A left hand from its palm, mm on a hand of 190. */
const HAND: readonly PagePoint[] = [
  [22, 0],
  [18, 25],
  [9, 60],
  [4, 95],
  [0, 125],
  [2, 143],
  [8, 148],
  [14, 141],
  [17, 120],
  [20, 103],
  [22, 140],
  [24, 168],
  [29, 176],
  [35, 169],
  [37, 140],
  [38, 106],
  [40, 150],
  [42, 181],
  [48, 190],
  [54, 182],
  [55, 150],
  [56, 106],
  [60, 140],
  [63, 166],
  [68, 173],
  [74, 166],
  [74, 135],
  [72, 98],
  [75, 82],
  [84, 95],
  [94, 113],
  [102, 121],
  [108, 116],
  [105, 99],
  [95, 70],
  [83, 45],
  [72, 24],
  [69, 0],
];
export const HAND_WIDTH_MM = 109;

/** A thumb from its back, mm on a thumb of 65, then its nail. */
const THUMB: readonly PagePoint[] = [
  [1, 0],
  [2, 18],
  [0, 32],
  [1, 48],
  [5, 60],
  [10, 65],
  [15, 60],
  [19, 48],
  [20, 32],
  [18, 18],
  [19, 0],
];
export const THUMB_WIDTH_MM = 20;

const inUnits = (points: readonly PagePoint[], w: number, h: number): readonly PagePoint[] =>
  smooth(points.map(([x, y]): PagePoint => [x / w, y / h]));

/** A closed outline in shares of its own width and height, from the ground up. */
export const KNOWN_SHAPES = {
  bar: [
    [0, 0],
    [0, 1],
    [1, 1],
    [1, 0],
  ],
  person: smooth(
    [
      ...HALF_PERSON,
      [0, 0.465] as PagePoint,
      ...HALF_PERSON.slice(1)
        .toReversed()
        .map(([x, y]): PagePoint => [-x, y]),
    ].map(([x, y]): PagePoint => [0.5 + x / (2 * PERSON_HALF_WIDTH), y]),
  ),
  hand: inUnits(HAND, HAND_WIDTH_MM, 190),
  thumb: inUnits(THUMB, THUMB_WIDTH_MM, 65),
} as const satisfies Readonly<Record<string, readonly PagePoint[]>>;
export type KnownShape = keyof typeof KNOWN_SHAPES;
