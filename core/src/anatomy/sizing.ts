import { scale, type Vec3 } from '../geometry/vec3.ts';
import type { Animal, Blade, CurvePoint, Flesh, SleeveStation } from './animal.ts';
import type { RoughSize } from './coat.ts';
import { markingBy } from './marking.ts';

/** A rough size times a factor, with its range. */
export const sizedBy = (size: RoughSize, k: number): RoughSize => ({
  ...size,
  mm: size.mm * k,
  range: [size.range[0] * k, size.range[1] * k],
});

/** Flesh times a factor; fractions along the bone stay. */
export function fleshBy(flesh: Flesh, k: number): Flesh {
  if ('sleeve' in flesh)
    return { ...flesh, stations: flesh.stations.map((station) => stationBy(station, k)) };
  return { ...flesh, points: flesh.points.map((point) => pointBy(point, k)) };
}

/** A section of a sleeve times a factor; its place and shape stay. */
const stationBy = (station: SleeveStation, k: number): SleeveStation => ({
  ...station,
  above: station.above * k,
  below: station.below * k,
  halfWidth: station.halfWidth * k,
  ...(station.side === undefined ? {} : { side: station.side * k }),
});

/** A point of a curve times a factor, its way off the bone turned. */
export const pointBy = (
  { offset, radius, ...point }: CurvePoint,
  k: number,
  turned: (v: Vec3) => Vec3 = (v) => v,
): CurvePoint => ({
  ...point,
  radius: radius * k,
  ...(offset === undefined ? {} : { offset: turned(scale(offset, k)) }),
});

/** Flesh whose offsets are turned with their bone about z; sections of sleeves lie in the bone's own axes. */
export function turnedFlesh(flesh: Flesh, turned: (v: Vec3) => Vec3): Flesh {
  if ('sleeve' in flesh) return flesh;
  return { ...flesh, points: flesh.points.map((point) => pointBy(point, 1, turned)) };
}

/**
 * A girth factor: across the bone only; curves keep their way. `rootBy` is the factor where the bone starts, at a
 * joint with another part; sections run from it to their own.
 */
export const girthBy = (flesh: Flesh, k: number, rootBy = k): Flesh =>
  girthAlong(flesh, (t) => rootBy + (k - rootBy) * Math.min(1, Math.max(0, t)));

/** Flesh with a girth factor that depends on the place of its bone. */
export const girthAlong = (flesh: Flesh, by: (at: number) => number): Flesh =>
  'curve' in flesh
    ? {
        ...flesh,
        points: flesh.points.map((point) => ({ ...point, radius: point.radius * by(point.at) })),
      }
    : {
        ...flesh,
        stations: flesh.stations.map((station) => stationBy(station, by(station.at))),
      };

/** A blade times a factor, thickness too. */
export const bladeBy = (blade: Blade, k: number): Blade => ({
  ...blade,
  thickness: sizedBy(blade.thickness, k),
  outline: blade.outline.map((point) =>
    point.offset === undefined ? point : { ...point, offset: scale(point.offset, k) },
  ),
});

/** How lengths and flesh of each bone change, by key. */
export interface Growth {
  readonly lengthBy: (key: string) => number;
  readonly fleshBy: (key: string) => number;
  readonly eyeBy: number;
  /** For hair, lengths of parts, and whatever belongs to no bone. */
  readonly wholeBy: number;
}

/** The animal with every size grown; ranges of the bones go along. Whole-body ranges are left out. */
export function grown(animal: Animal, growth: Growth): Animal {
  const each = <T, U>(of: Readonly<Record<string, T>>, change: (entry: T, key: string) => U) =>
    Object.fromEntries(Object.entries(of).map(([key, entry]) => [key, change(entry, key)]));
  return {
    ...animal,
    lengths: each(animal.lengths, (size, key) => sizedBy(size, growth.lengthBy(key))),
    flesh: each(animal.flesh, (list, key) => list.map((f) => fleshBy(f, growth.fleshBy(key)))),
    blades: (animal.blades ?? []).map((blade) =>
      bladeBy(blade, growth.lengthBy(blade.outline[0]?.bone ?? '')),
    ),
    features: (animal.features ?? []).map((feature) => ({
      ...feature,
      size: sizedBy(feature.size, growth.lengthBy(feature.bone)),
    })),
    coat: animal.coat.map((zone) => ({
      ...zone,
      hair: zone.hair && sizedBy(zone.hair, growth.wholeBy),
      lock: zone.lock && sizedBy(zone.lock, growth.wholeBy),
    })),
    ...(animal.markings && {
      markings: animal.markings.map((marking) => markingBy(marking, growth.wholeBy)),
    }),
    eye: sizedBy(animal.eye, growth.eyeBy),
    ranges: { sizes: {} },
  };
}
