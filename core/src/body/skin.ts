import { greatest, least } from '../geometry/extremes.ts';
import { alongBone, posedBone, type PosedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { BoneFlesh, FleshEllipsoid, FleshSleeve } from '../anatomy/animal.ts';
import { boxOfPoints, boxSize, type Box3 } from '../geometry/box.ts';
import { turn } from '../geometry/quat.ts';
import {
  add,
  cross,
  distance,
  dot,
  lerp,
  scale,
  sub,
  unit,
  Z_AXIS,
  type Vec3,
} from '../geometry/vec3.ts';
import { ellipsoidField, ellipsoidHalfBox, thomsenArea, type Ellipsoid } from './ellipsoid.ts';
import type { Field } from './field.ts';
import { capLength, loftField, sectionGirth, type Loft } from './loft.ts';
import {
  domeLength,
  sectionMiddle,
  sectionPoint,
  sectionSize,
  sleeveRuns,
  type AxisSample,
  type SleeveRun,
} from './sleeve.ts';
import { sleeveField } from './sleeveField.ts';
import { roundConeField, roundConeMeasures, type RoundCone } from './roundCone.ts';

interface OfBone {
  readonly boneId: string;
}
export interface ConePart extends RoundCone, OfBone {
  readonly kind: 'cone';
}
export interface EllipsoidPart extends Ellipsoid, OfBone {
  readonly kind: 'ellipsoid';
}

export interface LoftPart extends Loft, OfBone {
  readonly kind: 'loft';
}

/** What of a sleeve lies on one bone: a run of its axis. */
export interface SleevePart extends SleeveRun, OfBone {
  readonly kind: 'sleeve';
}

/** A part of the flesh in the stance's axes, with the bone it belongs to. */
export type SkinPart = ConePart | EllipsoidPart | LoftPart | SleevePart;

/** The flesh of a posed skeleton as round cones and ellipsoids, mm of the posed size. */
export function skinParts(posed: PosedSkeleton): readonly SkinPart[] {
  const k = posed.sizeFactor;
  return [
    ...posed.bones.flatMap((at) =>
      at.bone.flesh.flatMap((flesh) => ('sleeve' in flesh ? [] : [skinPart(at, flesh, k)])),
    ),
    ...sleeveRuns(posed).map((run): SleevePart => ({ kind: 'sleeve', ...run })),
  ];
}

function skinPart(at: PosedBone, flesh: Exclude<BoneFlesh, FleshSleeve>, k: number): SkinPart {
  const boneId = at.bone.id;
  if ('stations' in flesh) {
    const long = at.bone.lifeLengthMm * k;
    return {
      kind: 'loft',
      boneId,
      origin: at.start,
      axes: sectionAxes(at),
      stations: flesh.stations.map((station) => ({
        along: station.at * long,
        deep: station.halfDepth * k,
        wide: station.halfWidth * k,
        square: station.squareness,
        up: station.up * k,
        side: station.side * k,
      })),
    };
  }
  if ('radii' in flesh) {
    return {
      kind: 'ellipsoid',
      boneId,
      centre: alongBone(at, flesh.at, flesh.offset, k),
      axes: sectionAxes(at),
      radii: scale(flesh.radii, k),
    };
  }
  return {
    kind: 'cone',
    boneId,
    a: alongBone(at, flesh.from, flesh.offsetFrom, k),
    b: alongBone(at, flesh.to, flesh.offsetTo, k),
    radiusA: flesh.radiusFrom * k,
    radiusB: flesh.radiusTo * k,
  };
}

/** Along the bone, deep (towards the back) and wide, turned with the bone. */
export function sectionAxes({ bone, rotation }: PosedBone): readonly [Vec3, Vec3, Vec3] {
  const along = bone.rest;
  const wide = unit(sub(Z_AXIS, scale(along, dot(Z_AXIS, along))));
  return [turn(rotation, along), turn(rotation, cross(wide, along)), turn(rotation, wide)];
}

/** Fields of parts, made once for each. */
const fields = new WeakMap<SkinPart, Field>();

/** The signed field of one part, mm, negative inside: exact for cones and ellipsoids. */
export function fieldOf(part: SkinPart): Field {
  const known = fields.get(part);
  if (known !== undefined) return known;
  const field =
    part.kind === 'cone'
      ? roundConeField(part)
      : part.kind === 'ellipsoid'
        ? ellipsoidField(part)
        : part.kind === 'loft'
          ? loftField(part)
          : sleeveField(part);
  fields.set(part, field);
  return field;
}

/** Signed distance in mm from a point to the surface of one part, negative inside. */
export const partDistance = (part: SkinPart, p: Vec3): number => fieldOf(part)(p[0], p[1], p[2]);

/** The middle of a part: where a label or a leader goes. */
export function middleOf(part: SkinPart): Vec3 {
  if (part.kind === 'ellipsoid') return part.centre;
  if (part.kind === 'cone') return lerp(part.a, part.b, 0.5);
  if (part.kind === 'sleeve')
    return sectionMiddle(part.samples[Math.floor(part.samples.length / 2)]!);
  const { origin, axes, stations } = part;
  const at = stations[Math.floor(stations.length / 2)]!;
  return loftPoint(origin, axes, at.along, at.up, at.side);
}

/** A point of a loft from its own axes: along, up and to the side. */
export const loftPoint = (
  origin: Vec3,
  [u, d, w]: Loft['axes'],
  along: number,
  up: number,
  side: number,
): Vec3 => add(add(origin, scale(u, along)), add(scale(d, up), scale(w, side)));

/** The box round some flesh: exact, as end spheres span a round cone. */
export function skinBox(parts: readonly SkinPart[]): Box3 {
  const box = boxOfPoints(parts.flatMap(extremes));
  if (box === undefined) throw new Error('a body without flesh has no box');
  return box;
}

function extremes(part: SkinPart): readonly Vec3[] {
  const corners = (centre: Vec3, half: Vec3): readonly Vec3[] => [
    sub(centre, half),
    add(centre, half),
  ];
  if (part.kind === 'ellipsoid') return corners(part.centre, ellipsoidHalfBox(part));
  if (part.kind === 'loft') return loftExtremes(part);
  if (part.kind === 'sleeve') return sleeveExtremes(part);
  const { a, b, radiusA, radiusB } = part;
  return [...corners(a, [radiusA, radiusA, radiusA]), ...corners(b, [radiusB, radiusB, radiusB])];
}

/** Corners of boxes round the sections and the ends. */
function loftExtremes({ origin, axes, stations }: LoftPart): readonly Vec3[] {
  const ends = [
    { ...stations[0]!, along: stations[0]!.along - capLength(stations[0]!) },
    { ...stations.at(-1)!, along: stations.at(-1)!.along + capLength(stations.at(-1)!) },
  ];
  return [...stations, ...ends].flatMap(({ along, up, side, deep, wide }) =>
    [-1, 1].flatMap((y) =>
      [-1, 1].map((z) => loftPoint(origin, axes, along, up + y * deep, side + z * wide)),
    ),
  );
}

/** Corners of boxes round the sections and the domes. */
const sleeveExtremes = ({ samples, domes }: SleevePart): readonly Vec3[] => {
  const corners = (sample: AxisSample, shift: number): readonly Vec3[] =>
    [sample.above, -sample.below].flatMap((up) =>
      [sample.half, -sample.half].map((wide) =>
        add(sectionPoint(sample, up, sample.side + wide), scale(sample.along, shift)),
      ),
    );
  const [first, last] = [samples[0]!, samples.at(-1)!];
  return [
    ...samples.flatMap((sample) => corners(sample, 0)),
    ...(domes[0] ? corners(first, -domeLength(first)) : []),
    ...(domes[1] ? corners(last, domeLength(last)) : []),
  ];
};

/** Area of a part's whole surface in mm²; of lofts and sleeves about. */
export function partArea(part: SkinPart): number {
  if (part.kind === 'ellipsoid') return thomsenArea(...part.radii);
  if (part.kind === 'cone')
    return roundConeMeasures(part.radiusA, part.radiusB, distance(part.a, part.b)).area;
  if (part.kind === 'sleeve')
    return part.samples.slice(1).reduce((sum, sample, i) => {
      const before = part.samples[i]!;
      const girth = (sectionSize(before).girthMm + sectionSize(sample).girthMm) / 2;
      return sum + girth * distance(before.at, sample.at);
    }, 0);
  const [first, last] = [part.stations[0]!, part.stations.at(-1)!];
  const girth = part.stations.reduce((sum, station) => sum + sectionGirth(station), 0);
  return (girth / part.stations.length) * (last.along - first.along + 2 * capLength(first));
}

/** Length (x), height (y) and width (z) of the posed skin in mm. */
export const skinExtent = (parts: readonly SkinPart[]): Vec3 => boxSize(skinBox(parts));

/** How round flesh is at the far end of its bone, life mm. */
export function endRadiusMm(flesh: Exclude<BoneFlesh, FleshEllipsoid>): number {
  if ('radiusTo' in flesh) return flesh.radiusTo;
  if ('sleeve' in flesh) {
    const { above, below, halfWidth } = flesh.stations.at(-1)!;
    return Math.min((above + below) / 2, halfWidth);
  }
  const { halfDepth, halfWidth } = flesh.stations.at(-1)!;
  return Math.min(halfDepth, halfWidth);
}

/** Radius in mm of the largest ball that one part holds where it is thickest. */
export const innerRadiusMm = (part: SkinPart): number =>
  part.kind === 'cone'
    ? Math.max(part.radiusA, part.radiusB)
    : part.kind === 'ellipsoid'
      ? least(part.radii)
      : part.kind === 'loft'
        ? greatest(part.stations.map(capLength))
        : greatest(part.samples.map(domeLength));

/** Radius of the padding under the far end of a bone, mm of the posed size. */
export function padRadiusMm(posed: PosedSkeleton, boneId: string): number {
  const last = posedBone(posed, boneId).bone.flesh.at(-1);
  if (last === undefined || 'radii' in last)
    throw new Error(`${boneId} carries a foot and must end in a round cone or in sections`);
  // A shaped foot ends as round as its last section.
  return endRadiusMm(last) * posed.sizeFactor;
}
