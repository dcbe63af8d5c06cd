import { greatest, least } from '../geometry/extremes.ts';
import { posedBone, type PosedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { endRadius } from '../anatomy/fleshRadius.ts';
import { boxSize, type Box3 } from '../geometry/box.ts';
import { turn } from '../geometry/quat.ts';
import { cross, distance, dot, scale, sub, unit, Z_AXIS, type Vec3 } from '../geometry/vec3.ts';
import { curveRuns } from './curve.ts';
import { ellipsoidField, ellipsoidHalfBox, thomsenArea, type Ellipsoid } from './ellipsoid.ts';
import type { Field } from './field.ts';
import { sleeveRuns, type SleeveRun } from './sleeve.ts';
import { domeLength, halfHeight, middleUp, sectionMiddle } from './sleeveSection.ts';
import { sleeveField } from './sleeveField.ts';

interface OfBone {
  readonly boneId: string;
}
/** The belly of a muscle that stands out of the flesh. */
export interface EllipsoidPart extends Ellipsoid, OfBone {
  readonly kind: 'ellipsoid';
}

/** What of a sleeve lies on one bone: a run of its axis. */
export interface SleevePart extends SleeveRun, OfBone {
  readonly kind: 'sleeve';
}

/** A part of the flesh in the stance's axes, with the bone it belongs to. */
export type SkinPart = SleevePart | EllipsoidPart;

const known = new WeakMap<PosedSkeleton, readonly SkinPart[]>();

/** The flesh of a posed skeleton: runs of its sleeves and its curves, mm of the posed size. */
export function skinParts(posed: PosedSkeleton): readonly SkinPart[] {
  const before = known.get(posed);
  if (before !== undefined) return before;
  const parts = [...sleeveRuns(posed), ...curveRuns(posed)].map((run): SkinPart => ({
    kind: 'sleeve',
    ...run,
  }));
  known.set(posed, parts);
  return parts;
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
  const field = part.kind === 'ellipsoid' ? ellipsoidField(part) : sleeveField(part);
  fields.set(part, field);
  return field;
}

/** Signed distance in mm from a point to the surface of one part, negative inside. */
export const partDistance = (part: SkinPart, p: Vec3): number => fieldOf(part)(p[0], p[1], p[2]);

/** The unit way out of a part at a point: the slope of its field over `step` mm either way. */
export function partNormal(part: SkinPart, [x, y, z]: Vec3, step: number): Vec3 {
  const field = fieldOf(part);
  return unit([
    field(x + step, y, z) - field(x - step, y, z),
    field(x, y + step, z) - field(x, y - step, z),
    field(x, y, z + step) - field(x, y, z - step),
  ]);
}

/** The middle of a part: where a label or a leader goes. */
export function middleOf(part: SkinPart): Vec3 {
  return part.kind === 'ellipsoid'
    ? part.centre
    : sectionMiddle(part.samples[Math.floor(part.samples.length / 2)]!);
}

/** Boxes of parts, worked out once for each. */
const boxes = new WeakMap<SkinPart, Box3>();

/** The box round one part. */
export function partBox(part: SkinPart): Box3 {
  const known = boxes.get(part);
  if (known !== undefined) return known;
  const [min, max] = [
    [Infinity, Infinity, Infinity],
    [-Infinity, -Infinity, -Infinity],
  ];
  reachBox(part, min, max);
  const box = { min: min as unknown as Vec3, max: max as unknown as Vec3 };
  boxes.set(part, box);
  return box;
}

/** The box round some flesh. */
export function skinBox(parts: readonly SkinPart[]): Box3 {
  if (parts.length === 0) throw new Error('a body without flesh has no box');
  const all = parts.map(partBox);
  const side = (k: 0 | 1 | 2): readonly [number, number] => [
    least(all.map(({ min }) => min[k])),
    greatest(all.map(({ max }) => max[k])),
  ];
  const [x, y, z] = [side(0), side(1), side(2)];
  return { min: [x[0], y[0], z[0]], max: [x[1], y[1], z[1]] };
}

/** Widens a box to hold a part: an ellipsoid whole, of a run the boxes round its sections and its domes. */
function reachBox(part: SkinPart, min: number[], max: number[]): void {
  const hold = (middle: number, half: number, k: number): void => {
    min[k] = Math.min(min[k]!, middle - half);
    max[k] = Math.max(max[k]!, middle + half);
  };
  if (part.kind === 'ellipsoid') {
    ellipsoidHalfBox(part).forEach((half, k) => hold(part.centre[k as 0], half, k));
    return;
  }
  const last = part.samples.length - 1;
  part.samples.forEach((sample, i) => {
    const { at, along, up, across, side, half } = sample;
    const [high, middle] = [halfHeight(sample), middleUp(sample)];
    const ends = (i === 0 && part.domes[0]) || (i === last && part.domes[1]);
    const dome = ends ? domeLength(sample) : 0;
    for (const k of [0, 1, 2] as const)
      hold(
        at[k] + middle * up[k] + side * across[k],
        high * Math.abs(up[k]) + half * Math.abs(across[k]) + dome * Math.abs(along[k]),
        k,
      );
  });
}

/**
 * Area of a part's whole surface in mm²; of sleeves about, by S. Ramanujan's girth of an ellipse,
 * π(3(a + b) − √((3a + b)(a + 3b))) (1914).
 */
export function partArea(part: SkinPart): number {
  if (part.kind === 'ellipsoid') return thomsenArea(...part.radii);
  let [area, before] = [0, 0];
  part.samples.forEach((sample, i) => {
    const [a, b] = [halfHeight(sample), sample.half];
    const girth = Math.PI * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)));
    if (i > 0) area += ((girth + before) / 2) * distance(part.samples[i - 1]!.at, sample.at);
    before = girth;
  });
  return area;
}

/** Length (x), height (y) and width (z) of the posed skin in mm. */
export const skinExtent = (parts: readonly SkinPart[]): Vec3 => boxSize(skinBox(parts));

/** Radius in mm of the largest ball that one part holds where it is thickest. */
export const innerRadiusMm = (part: SkinPart): number =>
  part.kind === 'ellipsoid' ? least(part.radii) : greatest(part.samples.map(domeLength));

/** Radius of the padding under the far end of a bone, mm of the posed size. */
export function padRadiusMm(posed: PosedSkeleton, boneId: string): number {
  const [flesh] = posedBone(posed, boneId).bone.flesh;
  if (flesh === undefined) throw new Error(`${boneId} carries a foot and must end in sections`);
  return endRadius(flesh) * posed.sizeFactor;
}
