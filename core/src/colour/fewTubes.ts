import type { Triple } from '../geometry/matrix3.ts';
import { mixColours, portions, touches, type RecipeLimits } from './recipes.ts';
import type { Pigment } from './pigments.ts';
import { quickDifference } from './quickDifference.ts';

/** A colour to reach, in CIELAB, and how much of the animal it is. */
export interface Aim {
  readonly lab: Triple;
  readonly weight: number;
}

/** Sets of tubes that are followed at once while more are added. */
const BEAM = 6;

/** Finds which few of many paints reach some colours best; remembers every choice of paints that it has mixed. */
export function tubeFinder(
  pigments: readonly Pigment[],
  aims: readonly Aim[],
  { maxPaints, maxParts }: RecipeLimits,
) {
  const colours = mixColours(pigments);
  const known = new Map<string, Float64Array>();
  const lab = new Float64Array(3);

  /** How near mixes of exactly these paints come to each aim. */
  function nearestOf(places: readonly number[]): Float64Array {
    const key = places.join(' ');
    const before = known.get(key);
    if (before !== undefined) return before;
    const nearest = new Float64Array(aims.length).fill(Infinity);
    const tried = [...portions(places.length, maxParts), ...touches(places.length, maxParts)];
    for (const portion of tried) {
      colours.lab(places, portion, lab);
      for (let t = 0; t < aims.length; t++) {
        const [l, a, b] = aims[t]!.lab;
        const off = quickDifference(lab[0]!, lab[1]!, lab[2]!, l, a, b);
        if (off < nearest[t]!) nearest[t] = off;
      }
    }
    known.set(key, nearest);
    return nearest;
  }

  /** The nearest of a set with one more paint, of what is known without it. */
  function withOne(set: readonly number[], nearest: Float64Array, paint: number): Float64Array {
    const best = nearest.slice();
    for (const part of subsets(set, maxPaints - 1)) {
      const its = nearestOf([...part, paint].sort((a, b) => a - b));
      for (let t = 0; t < best.length; t++) if (its[t]! < best[t]!) best[t] = its[t]!;
    }
    return best;
  }

  /** How far off the aims are, as the weighted root of their mean square: one that is missed is not outweighed. */
  const off = (nearest: Float64Array): number => {
    const all = aims.reduce((sum, { weight }) => sum + weight, 0);
    return Math.sqrt(
      aims.reduce((sum, { weight }, t) => sum + weight * nearest[t]! ** 2, 0) / (all || 1),
    );
  };
  const of = (set: readonly number[]): Float64Array =>
    set.reduce<Float64Array>(
      (nearest, paint, n) => withOne(set.slice(0, n), nearest, paint),
      new Float64Array(aims.length).fill(Infinity),
    );

  return {
    /** How far off the aims are with a set, as the weighted root mean square of CIEDE2000. */
    off: (set: readonly number[]): number => off(of(set)),
    /** The set of so many with some that are in it anyhow: grown one by one, several at once, then each exchanged. */
    best: (few: number, fixed: readonly number[] = []): readonly number[] => {
      const grow = ({ set, nearest }: Grown, paint: number): Grown => {
        const its = withOne(set, nearest, paint);
        return { set: [...set, paint].sort((a, b) => a - b), nearest: its, off: off(its) };
      };
      const start = { set: fixed, nearest: of(fixed), off: Infinity };
      const grown = grownSet(start, Math.min(few, pigments.length), pigments.length, grow);
      return exchanged(grown, fixed, pigments.length, (set) => off(of(set)));
    },
  };
}

/** A set of paints, how near it comes to each aim, and how far off it is on the whole. */
interface Grown {
  readonly set: readonly number[];
  readonly nearest: Float64Array;
  readonly off: number;
}

/** Adds paint after paint, following the best few sets at once. */
function grownSet(
  start: Grown,
  most: number,
  many: number,
  grow: (from: Grown, paint: number) => Grown,
): readonly number[] {
  let beam: readonly Grown[] = [start];
  for (let size = start.set.length; size < most; size++) {
    const seen = new Map<string, Grown>();
    for (const from of beam)
      for (let paint = 0; paint < many; paint++) {
        if (from.set.includes(paint)) continue;
        const key = [...from.set, paint].sort((a, b) => a - b).join(' ');
        if (!seen.has(key)) seen.set(key, grow(from, paint));
      }
    beam = [...seen.values()].sort((a, b) => a.off - b.off).slice(0, BEAM);
  }
  return beam[0]!.set;
}

/** Each paint that is not fixed against every other, as long as that comes nearer. */
function exchanged(
  set: readonly number[],
  fixed: readonly number[],
  many: number,
  offOf: (set: readonly number[]) => number,
): readonly number[] {
  let best = { set, off: offOf(set) };
  for (const out of set.filter((paint) => !fixed.includes(paint)))
    for (let paint = 0; paint < many; paint++) {
      if (best.set.includes(paint) || !best.set.includes(out)) continue;
      const next = [...best.set.filter((of) => of !== out), paint].sort((a, b) => a - b);
      const off = offOf(next);
      if (off < best.off - 1e-9) best = { set: next, off };
    }
  return best.set;
}

/** Every choice of at most so many of a list, the empty one too. */
function subsets(list: readonly number[], most: number): readonly (readonly number[])[] {
  return list.reduce<readonly (readonly number[])[]>(
    (all, one) => [...all, ...all.filter((of) => of.length < most).map((of) => [...of, one])],
    [[]],
  );
}
