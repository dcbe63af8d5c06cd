import { add, dot, length, scale, sub, unit, type Vec3 } from '../../geometry/vec3.ts';
import { toDeg } from '../../units/angles.ts';
import type { Animal, Flesh, FleshCurve, FleshSleeve, SleeveStation } from '../animal.ts';
import type { FaceLine, FacePlace } from '../face.ts';
import { memory } from './memory.ts';

/** The bones that a mouth lies on: of birds, the bill too. */
type MouthBone = 'skull' | 'bill';

/** Where a head is parted into what is over the mouth and a lower jaw of its own; general knowledge. */
export interface JawData {
  /** Joint of the jaw and corner of the mouth, shares of the skull. */
  readonly hinge: number;
  readonly corner: number;
  /** Tip of the lower jaw, a share of the last bone of the mouth. */
  readonly chin: readonly [bone: MouthBone, at: number];
  /** How far down from the line of the bone to its lower edge the mouth lies, evenly from its corner to the chin. */
  readonly lip: readonly number[];
  /** The tip of the upper half goes down over the chin: a hooked bill. */
  readonly isHooked?: boolean;
  /** Curves of the skull that the jaw carries, by the beginnings of their names. */
  readonly carries?: readonly string[];
}

/** Upper and lower half of a mouth are so square where they meet that the lips lie on each other. */
const LIPS = 3.4;
/** The palate begins so far ahead of the corner of the mouth, as a share of its bone. */
const STEP = 0.09;
/** Beside its joint the jaw is this share as deep and as wide as at the corner of the mouth. */
const RAMUS = { deep: 0.5, wide: 0.72 } as const;
/** The line of the mouth lies at this share of the way from the widest place of the upper half to its lower edge. */
const LINE = 0.82;
/** The jaw reaches into the upper half by this share of its own depth, so that no air is shut in between them. */
const LAP = 0.12;
/** The least that a lower jaw keeps of the width of its head. */
const LEAST_WIDTH = 0.5;

/** A section of the head at a place of its bone: on its line at rest, with the way up in the plane of its side. */
interface Section {
  readonly bone: MouthBone;
  /** Along skull and bill, in bones. */
  readonly order: number;
  readonly station: SleeveStation;
  readonly axis: Vec3;
  readonly up: Vec3;
}

/**
 * An animal with its lower jaw as a bone and a sleeve of its own, which the stance may open. Its shape is what
 * lay under the mouth, so that a shut mouth looks as the head was told.
 */
export function withJaw(animal: Animal, data: JawData): Animal {
  const all = sectionsOf(animal);
  const [corner, chin] = [sectionAt(all, 'skull', data.corner), sectionAt(all, ...data.chin)];
  const hinge = sectionAt(all, 'skull', data.hinge).axis;
  const depth = (of: Section): number => lipDepth(data.lip, corner, chin, of);
  const tip = below(chin, (depth(chin) + chin.station.below) / 2);
  const [long, way] = [length(sub(tip, hinge)), unit(sub(tip, hinge))];
  const mouth = [
    corner,
    ...all.filter(({ order }) => order > corner.order + STEP && order < chin.order),
    chin,
  ];
  const palate = sectionAt(all, 'skull', data.corner + STEP);
  const bone = { hinge, long, way };
  const skull = animal.lengths.skull!;
  const [low, high] = [(skull.range[0] / skull.mm) * long, (skull.range[1] / skull.mm) * long];
  const jaw: Flesh[] = [jawSleeve(mouth, depth, bone), ...carried(animal, data, bone)];
  return {
    ...animal,
    lengths: {
      ...animal.lengths,
      jaw: memory(rounded(long), rounded(low), rounded(high)),
    },
    rest: { ...animal.rest, jaw: way },
    seats: { ...animal.seats, jaw: data.hinge },
    flesh: { ...upperFlesh(animal, all, data, [corner, palate, chin], depth), jaw },
    coat: animal.coat.map((zone) =>
      zone.bones.includes(data.chin[0]) ? { ...zone, bones: [...zone.bones, 'jaw'] } : zone,
    ),
    ...(animal.face === undefined
      ? {}
      : {
          face: {
            ...animal.face,
            lines: [mouthLine(corner, [palate, ...mouth.slice(1)], depth), ...animal.face.lines],
          },
        }),
  };
}

/** A length as an author would give it. */
const rounded = (mm: number): number => Number(mm.toPrecision(3));

/** The sleeves that make the outline of a head. */
const isHead = (flesh: Flesh): flesh is FleshSleeve =>
  'sleeve' in flesh && (flesh.sleeve === 'head' || flesh.sleeve === 'bill');

/** All sections of a head from its back to its tip, in the plane of its side. */
function sectionsOf({ flesh, lengths, rest = {} }: Animal): readonly Section[] {
  let start: Vec3 = [0, 0, 0];
  return (['skull', 'bill'] as const).flatMap((bone, n): readonly Section[] => {
    const long = lengths[bone]?.mm;
    const way = rest[bone];
    if (long === undefined || way === undefined) return [];
    const along = unit(way);
    const [from, up]: readonly [Vec3, Vec3] = [start, [-along[1], along[0], 0]];
    start = add(from, scale(along, long));
    return (flesh[bone] ?? []).filter(isHead).flatMap(({ stations }) =>
      stations.map((station): Section => ({
        ...{ bone, station, up, order: n + station.at },
        axis: add(from, scale(along, station.at * long)),
      })),
    );
  });
}

/** The section at a place between two that are told. */
function sectionAt(all: readonly Section[], bone: MouthBone, at: number): Section {
  const order = at + (bone === 'bill' ? 1 : 0);
  const found = all.findIndex((section) => section.order >= order);
  const next = Math.max(1, found === -1 ? all.length - 1 : found);
  const [a, b] = [all[next - 1]!, all[next]!];
  const t = Math.min(1, Math.max(0, (order - a.order) / (b.order - a.order)));
  const mix = (of: (station: SleeveStation) => number): number =>
    of(a.station) * (1 - t) + of(b.station) * t;
  return {
    ...{ bone, order, up: a.up },
    axis: add(scale(a.axis, 1 - t), scale(b.axis, t)),
    station: {
      at,
      above: mix(({ above }) => above),
      below: mix((station) => station.below),
      halfWidth: mix(({ halfWidth }) => halfWidth),
      widest: mix(({ widest = 0 }) => widest),
      squareAbove: mix(({ squareAbove = 2 }) => squareAbove),
      squareBelow: mix(({ squareBelow = 2 }) => squareBelow),
    },
  };
}

const below = ({ axis, up }: Section, mm: number): Vec3 => add(axis, scale(up, -mm));

/** How far under the line of its bone the mouth lies at a section, life mm. */
function lipDepth(
  lip: readonly number[],
  corner: Section,
  chin: Section,
  { order, station }: Section,
): number {
  const share = (order - corner.order) / (chin.order - corner.order);
  const place = Math.min(1, Math.max(0, share)) * (lip.length - 1);
  const n = Math.min(lip.length - 2, Math.floor(place));
  return station.below * (lip[n]! + (lip[n + 1]! - lip[n]!) * (place - n));
}

/** The bone of a jaw at rest. */
interface JawBone {
  readonly hinge: Vec3;
  readonly long: number;
  readonly way: Vec3;
}

type Depth = (of: Section) => number;

/** What lies under the mouth, told from the line of the jaw. */
function jawSleeve(
  mouth: readonly Section[],
  depth: Depth,
  { hinge, long, way }: JawBone,
): FleshSleeve {
  const up: Vec3 = [-way[1], way[0], 0];
  const lower = mouth.map((section): SleeveStation => {
    const { station } = section;
    const [lip, under] = [below(section, depth(section)), below(section, station.below)];
    const middle = scale(add(lip, under), 0.5);
    const e = station.squareBelow ?? 2;
    const left = Math.max(0, 1 - (depth(section) / station.below) ** e) ** (1 / e);
    return {
      at: dot(sub(middle, hinge), way) / long,
      above: dot(sub(lip, hinge), up) + LAP * (station.below - depth(section)),
      below: -dot(sub(under, hinge), up),
      halfWidth: station.halfWidth * Math.max(LEAST_WIDTH, left),
      ...{ widest: 0.25, squareAbove: LIPS, squareBelow: e },
    };
  });
  // A bill that bends away from its skull may be told twice at one place of the straight jaw.
  const rising = lower.filter(({ at }, i) => lower.slice(0, i).every((other) => other.at < at));
  const first = rising[0]!;
  const ramus: SleeveStation = {
    at: Math.min(0.05, first.at / 2),
    above: RAMUS.deep * Math.max(first.above, 0),
    below: RAMUS.deep * first.below,
    halfWidth: RAMUS.wide * first.halfWidth,
  };
  return { sleeve: 'lower jaw', order: 0, faces: 'back', stations: [ramus, ...rising] };
}

/** A section over the mouth. */
function overMouth({ station }: Section, lip: number): SleeveStation {
  const { above, widest = 0 } = station;
  const line = (above - station.below) / 2 + (widest * (above + station.below)) / 2;
  const place = (line - (above - lip) / 2) / ((above + lip) / 2);
  return {
    ...station,
    below: lip,
    widest: Math.min(0.6, Math.max(-0.6, place)),
    squareBelow: LIPS,
  };
}

/** The flesh of the bones of the mouth without its lower jaw, and of all others. */
function upperFlesh(
  animal: Animal,
  all: readonly Section[],
  { carries = [], isHooked = false }: JawData,
  [corner, palate, chin]: readonly [Section, Section, Section],
  depth: Depth,
): Animal['flesh'] {
  const parted = (bone: MouthBone): readonly Flesh[] =>
    (animal.flesh[bone] ?? [])
      .filter((flesh) => !isCarried(flesh, carries))
      .map((flesh): Flesh => {
        if (!isHead(flesh)) return flesh;
        const own = all.filter(
          (section) => section.bone === bone && flesh.stations.includes(section.station),
        );
        const behind = own.filter(({ order }) => order < corner.order);
        const ahead = own.filter(({ order }) => order > palate.order);
        const step = behind.length === 0 ? [] : [corner.station, overMouth(palate, depth(palate))];
        return {
          ...flesh,
          stations: [
            ...behind.map(({ station }) => station),
            ...step,
            ...ahead.map((section) =>
              isHooked && section.order > chin.order
                ? section.station
                : overMouth(section, depth(section)),
            ),
          ],
        };
      });
  const { bill } = animal.flesh;
  return {
    ...animal.flesh,
    skull: parted('skull'),
    ...(bill === undefined ? {} : { bill: parted('bill') }),
  };
}

const isCarried = (flesh: Flesh, carries: readonly string[]): flesh is FleshCurve =>
  'curve' in flesh && carries.some((name) => flesh.curve.startsWith(name));

/** What the jaw takes over from the skull: the same places, told from its own line. */
function carried(
  { flesh, lengths, rest }: Animal,
  { hinge: at, carries = [] }: JawData,
  { long, way }: JawBone,
): readonly FleshCurve[] {
  const [skull, along] = [lengths.skull!.mm, unit(rest!.skull!)];
  return (flesh.skull ?? [])
    .filter((of) => isCarried(of, carries))
    .map((of) => ({
      ...of,
      points: of.points.map(({ offset = [0, 0, 0], ...point }) => {
        const off = add(scale(along, (point.at - at) * skull), offset);
        const share = dot(off, way) / long;
        return { ...point, at: share, offset: sub(off, scale(way, share * long)) };
      }),
    }));
}

/** The line between the lips, from the corner of the mouth, which is not cut yet, to the chin. */
const mouthLine = (
  corner: Section,
  [palate, ...ahead]: readonly Section[],
  depth: Depth,
): FaceLine => [
  placeAt(corner, corner.station, depth(corner)),
  ...[palate!, ...ahead].map((section): FacePlace => {
    const station = overMouth(section, depth(section));
    const { line, reach } = lowerEdge(station);
    return placeAt(section, station, LINE * reach - line);
  }),
];

/** How high over its bone a section is widest, and how far down from there its lower edge lies. */
function lowerEdge({ above, below: under, widest = 0 }: SleeveStation): {
  readonly line: number;
  readonly reach: number;
} {
  const line = (above - under) / 2 + (widest * (above + under)) / 2;
  return { line, reach: under + line };
}

/** The place on the side of a section that lies so far under the line of its bone. */
function placeAt({ bone }: Section, station: SleeveStation, deep: number): FacePlace {
  const { line, reach } = lowerEdge(station);
  const e = station.squareBelow ?? 2;
  const share = Math.min(1, Math.max(0, (line + deep) / reach));
  const z = station.halfWidth * (1 - share ** e) ** (1 / e);
  const middle = (station.above - station.below) / 2;
  return [bone, station.at, toDeg(Math.atan2(z, -deep - middle))];
}
