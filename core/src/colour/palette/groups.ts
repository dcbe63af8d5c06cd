import type { Triple } from '../../geometry/matrix3.ts';
import { seeded } from '../../geometry/seeded.ts';

/** Colours in OKLab with how much each counts. */
export interface Weighed {
  readonly colours: readonly Triple[];
  readonly weights: readonly number[];
}

/** Colours gathered into groups about their means. */
export interface Groups {
  readonly means: readonly Triple[];
  /** The group of each colour, by its place among the means. */
  readonly of: Uint16Array;
  /** Σ w·|x − mean|². */
  readonly inertia: number;
}

/** Few colours are gathered from so many beginnings, many from so few; each in at most so many rounds. */
const BEGINNINGS = { few: 200, many: 6, upTo: 200 } as const;
const MOST_ROUNDS = 40;
const SEED = 5;

const squareOf = ([a, b, c]: Triple, [x, y, z]: Triple): number =>
  (a - x) ** 2 + (b - y) ** 2 + (c - z) ** 2;

/**
 * Colours gathered into k groups by weighted means (H. Steinhaus, 1956; S. P. Lloyd, 1982): the best of many
 * beginnings, each of colours that lie apart (D. Arthur and S. Vassilvitskii, 2007). No more groups than colours that
 * count. Pure: beginnings are from a seed.
 */
export function groupedByMeans(of: Weighed, k: number): Groups {
  const random = seeded(SEED);
  const many = of.weights.filter((w) => w > 0).length;
  const begun = of.colours.length <= BEGINNINGS.upTo ? BEGINNINGS.few : BEGINNINGS.many;
  let best: Groups | undefined;
  for (let n = 0; n < begun; n++) {
    const found = settled(of, apartFrom(of, Math.min(k, many), random));
    if (best === undefined || found.inertia < best.inertia) best = found;
  }
  return best!;
}

/** So many colours to begin from: each with a chance by its weight and how far it lies from those before it. */
function apartFrom({ colours, weights }: Weighed, k: number, random: () => number): Triple[] {
  const chosen: Triple[] = [];
  const far = colours.map(() => 1);
  while (chosen.length < k) {
    const all = far.reduce((sum, square, i) => sum + square * weights[i]!, 0);
    let left = random() * all;
    let at = far.findIndex((square, i) => (left -= square * weights[i]!) < 0);
    if (at < 0) at = far.findLastIndex((square, i) => square * weights[i]! > 0);
    if (at < 0) return chosen;
    const next = colours[at]!;
    chosen.push(next);
    const isFirst = chosen.length === 1;
    colours.forEach((colour, i) => {
      const square = squareOf(colour, next);
      far[i] = isFirst ? square : Math.min(far[i]!, square);
    });
  }
  return chosen;
}

/** Means that no colour leaves any more. */
function settled({ colours, weights }: Weighed, begin: readonly Triple[]): Groups {
  let means = begin;
  const of = new Uint16Array(colours.length);
  let inertia = Infinity;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const sums = means.map((): [number, number, number, number] => [0, 0, 0, 0]);
    let now = 0;
    colours.forEach((colour, i) => {
      let [at, least] = [0, Infinity];
      for (let n = 0; n < means.length; n++) {
        const square = squareOf(colour, means[n]!);
        if (square < least) [at, least] = [n, square];
      }
      of[i] = at;
      const w = weights[i]!;
      now += w * least;
      const sum = sums[at]!;
      for (let j = 0; j < 3; j++) sum[j]! += w * colour[j]!;
      sum[3] += w;
    });
    if (now >= inertia) break;
    inertia = now;
    means = sums.map(([a, b, c, w], n): Triple => (w === 0 ? means[n]! : [a / w, b / w, c / w]));
  }
  return { means, of, inertia: inertiaOf({ colours, weights }, means, of) };
}

const inertiaOf = (
  { colours, weights }: Weighed,
  means: readonly Triple[],
  of: Uint16Array,
): number =>
  colours.reduce((sum, colour, i) => sum + weights[i]! * squareOf(colour, means[of[i]!]!), 0);

/** Colours of which a few stand for all. */
export interface Medoids {
  /** Those that stand for the others, by their places, in order. */
  readonly medoids: readonly number[];
  /** Which of them each colour is nearest to, by its place among all. */
  readonly nearest: readonly number[];
  /** Σ w·|x − its medoid|. */
  readonly cost: number;
}

/** So many choices are tried one by one; beyond, what is found is bettered by exchanges. */
const MOST_CHOICES = 60_000;

/**
 * Which k of some colours stand for all of them at least cost (L. Kaufman and P. J. Rousseeuw, 1987): every choice is
 * tried where there are few, else one after the other is added and exchanged until nothing is gained.
 */
export function heldToFew({ colours, weights }: Weighed, k: number): Medoids {
  const apart = colours.map((a) => colours.map((b) => Math.sqrt(squareOf(a, b))));
  const costOf = (medoids: readonly number[]): number =>
    colours.reduce(
      (sum, _, i) => sum + weights[i]! * Math.min(...medoids.map((m) => apart[i]![m]!)),
      0,
    );
  const few = Math.min(k, colours.length);
  const found =
    choices(colours.length, few) <= MOST_CHOICES
      ? bestOf(everyChoice(colours.length, few), costOf)
      : exchanged(colours.length, few, costOf);
  const medoids = found.toSorted((a, b) => a - b);
  const nearest = colours.map((_, i) =>
    medoids.reduce((best, m) => (apart[i]![m]! < apart[i]![best]! ? m : best)),
  );
  return { medoids, nearest, cost: costOf(medoids) };
}

/** n over k. */
function choices(n: number, k: number): number {
  let all = 1;
  for (let i = 0; i < k; i++) all = (all * (n - i)) / (i + 1);
  return all;
}

function* everyChoice(n: number, k: number, from = 0): Generator<readonly number[]> {
  if (k === 0) yield [];
  else
    for (let i = from; i <= n - k; i++)
      for (const rest of everyChoice(n, k - 1, i + 1)) yield [i, ...rest];
}

function bestOf(
  all: Iterable<readonly number[]>,
  costOf: (of: readonly number[]) => number,
): readonly number[] {
  let [best, least]: [readonly number[], number] = [[], Infinity];
  for (const of of all) {
    const cost = costOf(of);
    if (cost < least) [best, least] = [of, cost];
  }
  return best;
}

function exchanged(
  n: number,
  k: number,
  costOf: (of: readonly number[]) => number,
): readonly number[] {
  const others = (of: readonly number[]): number[] =>
    Array.from({ length: n }, (_, i) => i).filter((i) => !of.includes(i));
  let now: readonly number[] = [];
  while (now.length < k)
    now = bestOf(
      others(now).map((i) => [...now, i]),
      costOf,
    );
  for (;;) {
    const swaps = now.flatMap((m) => others(now).map((i) => now.map((of) => (of === m ? i : of))));
    const next = bestOf([now, ...swaps], costOf);
    if (costOf(next) >= costOf(now)) return now;
    now = next;
  }
}
