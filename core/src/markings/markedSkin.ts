import { markingOn, type Marking } from '../anatomy/marking.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { eachTriangle } from '../geometry/triangleMesh.ts';
import type { SkinSurface } from '../surface/skinSurface.ts';
import type { BladeSkin } from '../surface/bladeSkin.ts';
import { bladeCover, samplesOn } from './markedBlades.ts';
import {
  coverageOf,
  coverOfSkin,
  featherShare,
  markParts,
  seenOf,
  type MarkPart,
} from './markParts.ts';
import { skinChart } from './skinChart.ts';

/** What of a skin its zones and its markings take, mm² of the model; they sum to the skin with its blades. */
export interface MarkedAreas {
  readonly parts: readonly MarkPart[];
  /** What is seen of each part, and of each zone of the coat beside them. */
  readonly seenMm2: readonly number[];
  readonly zonesMm2: readonly number[];
  /** What each part would take if nothing lay over it. */
  readonly ownMm2: readonly number[];
  /** What of each zone is marked, and what of that is painted over the zone's own paint. */
  readonly markedMm2: readonly number[];
  readonly overMm2: readonly number[];
  /** The zone of the coat that lies under each part for the most of it, by its place in the coat; −1 for none. */
  readonly under: readonly number[];
}

/** A skin with what each of its points shows. */
export interface MarkedSkin {
  readonly skin: SkinSurface;
  readonly cover: Float32Array;
  readonly areas: MarkedAreas;
}

/** Adds up what lies where. */
function tally(markings: readonly Marking[], zones: number) {
  const parts = markParts(markings);
  const overs = markings.flatMap(({ over, colours }) => colours.map(() => over));
  const [seen, own] = [parts.map(() => 0), parts.map(() => 0)];
  const perZone = (): number[] => Array<number>(zones + 1).fill(0);
  const [left, marked, over] = [perZone(), perZone(), perZone()];
  const below = parts.map(() => new Float64Array(zones + 1));
  const put = (zone: number, cover: Float32Array, areaMm2: number): void => {
    const { seen: shows, rest } = seenOf(cover);
    left[zone]! += rest * areaMm2;
    for (let n = 0; n < parts.length; n++) {
      own[n]! += cover[n]! * areaMm2;
      seen[n]! += shows[n]! * areaMm2;
      below[n]![zone]! += cover[n]! * areaMm2;
      marked[zone]! += shows[n]! * areaMm2;
      if (overs[n]) over[zone]! += shows[n]! * areaMm2;
    }
  };
  const told = (): MarkedAreas => ({
    ...{ parts, seenMm2: seen, ownMm2: own },
    zonesMm2: left.slice(0, zones),
    markedMm2: marked.slice(0, zones),
    overMm2: over.slice(0, zones),
    under: below.map((of) => {
      const most = Math.max(...of);
      return most > 0 ? of.indexOf(most) : -1;
    }),
  });
  return { put, told };
}

/** Markings on the skin of a stance and on its blades. Pure and deterministic. */
export function markedSkin(
  posed: PosedSkeleton,
  skin: SkinSurface,
  blades: readonly BladeSkin[],
  markings: readonly Marking[],
): MarkedSkin {
  const { skeleton, sizeFactor } = posed;
  const { coat } = skeleton.animal;
  const parts = markParts(markings).length;
  const leastMm = skin.cellMm / sizeFactor;
  const chart = skinChart(posed, skin);
  const cover = coverOfSkin(chart, coverageOf(skeleton, markings, leastMm), parts);
  addFeathers(cover, skin, markings, (zone) => featherCover(markings, coat[zone]));
  const sum = tally(markings, coat.length);
  const at = (i: number): Float32Array => cover.subarray(parts * i, parts * (i + 1));
  eachTriangle(skin.mesh, (area, corners) => {
    for (const corner of corners) sum.put(skin.zone[corner]!, at(corner), area / 3);
  });
  for (const blade of blades) {
    const onBlade = bladeCover(
      blade,
      sizeFactor,
      markings,
      featherCover(markings, coat[blade.zone]),
    );
    const samples = samplesOn(blade, sizeFactor);
    for (const p of samples) sum.put(blade.zone, onBlade(p), blade.areaMm2 / samples.length);
  }
  return { skin, cover, areas: sum.told() };
}

/** What feather markings cover of a zone, part by part. */
export function featherCover(
  markings: readonly Marking[],
  zone: PosedSkeleton['skeleton']['animal']['coat'][number] | undefined,
): Float32Array {
  return Float32Array.from(
    markings.flatMap((marking) =>
      marking.colours.map((_, c) =>
        c === 0 && zone !== undefined && markingOn(marking) === 'feathers'
          ? featherShare(marking, zone)
          : 0,
      ),
    ),
  );
}

function addFeathers(
  cover: Float32Array,
  { zone }: SkinSurface,
  markings: readonly Marking[],
  of: (zone: number) => Float32Array,
): void {
  if (markings.every((marking) => markingOn(marking) !== 'feathers')) return;
  const kept = new Map<number, Float32Array>();
  for (let i = 0; i < zone.length; i++) {
    const its = kept.get(zone[i]!) ?? of(zone[i]!);
    kept.set(zone[i]!, its);
    for (let n = 0; n < its.length; n++) if (its[n]! > 0) cover[its.length * i + n] = its[n]!;
  }
}
