import type { PosedSkeleton } from '../anatomy/pose.ts';
import { fieldOf, skinParts, type SkinPart, type SleevePart } from '../body/skin.ts';
import {
  halfHeight,
  middleUp,
  sectionPoint,
  widestUp,
  type AxisSample,
  type SleeveSection,
} from '../body/sleeveSection.ts';
import { add, cross, dot, lerp, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import { IDENTITY, turn } from '../geometry/quat.ts';
import { toDeg, toRad } from '../units/angles.ts';

/**
 * A place on the skin that outlives a change of stance, scale, shape and individual: on this sleeve, at this
 * share of this bone, where the ray leaves the skin that starts in the middle of the section there at this
 * angle: degrees from the back of the column (the front of a limb) towards the animal's left.
 */
export interface SkinPlace {
  readonly sleeveId: string;
  readonly boneId: string;
  /** Share of the bone; it may lie a little beyond its ends. */
  readonly along: number;
  /** −180 to 180. */
  readonly around: number;
  /** How far it lies off the skin, life mm; 0 where not said. */
  readonly offMm?: number;
}

/** A point on the skin with the way out of it and the way along its sleeve, mm of the posed size. */
export interface SkinPoint {
  readonly at: Vec3;
  readonly out: Vec3;
  readonly along: Vec3;
}

/** The runs of a posed body that places can lie on. */
export const placeable = (parts: readonly SkinPart[]): readonly SleevePart[] =>
  parts.filter((part) => part.kind === 'sleeve');

/** Whether the side axis of a section points to the animal's left or to its right. */
const leftward = ({ across }: AxisSample, left: Vec3): 1 | -1 => (dot(across, left) >= 0 ? 1 : -1);

/** The place on a part that a point of space lies nearest to: its section and the ray through it. */
export function placeOn(posed: PosedSkeleton, part: SleevePart, p: Vec3): SkinPlace {
  const { sample, share } = sectionNear(part, p);
  const left = leftward(sample, leftOf(posed, part.boneId));
  const off = sub(p, sample.at);
  const v = dot(off, sample.up) - middleUp(sample);
  const w = (dot(off, sample.across) - sample.side) * left;
  return {
    sleeveId: part.sleeve,
    boneId: part.boneId,
    along: share,
    around: v === 0 && w === 0 ? 0 : toDeg(Math.atan2(w, v)),
  };
}

/** The part whose skin is nearest to a point; undefined for a body without sleeves. */
export function nearestSleeve(parts: readonly SkinPart[], p: Vec3): SleevePart | undefined {
  let best: { part: SleevePart; d: number } | undefined;
  for (const part of placeable(parts)) {
    const d = fieldOf(part)(...p);
    if (best === undefined || d < best.d) best = { part, d };
  }
  return best?.part;
}

/** Where a place is in a stance; undefined where the body has lost its sleeve or its bone. */
export function pointAt(
  posed: PosedSkeleton,
  place: SkinPlace,
  parts: readonly SkinPart[] = skinParts(posed),
): SkinPoint | undefined {
  const part = placeable(parts).find(
    ({ sleeve, boneId }) => sleeve === place.sleeveId && boneId === place.boneId,
  );
  if (part === undefined) return undefined;
  const sample = sampleAtShare(part, place.along);
  const left = leftward(sample, leftOf(posed, part.boneId));
  const angle = toRad(place.around);
  const [v, w] = [Math.cos(angle), Math.sin(angle) * left];
  const reach = reachOf(sample, v, w);
  const [above, beside] = [middleUp(sample) + v * reach, sample.side + w * reach];
  const out = outward(sample, above, beside);
  const on = sectionPoint(sample, above, beside);
  const off = (place.offMm ?? 0) * posed.sizeFactor;
  return { at: add(on, scale(out, off)), out, along: sample.along };
}

/** The animal's left at a bone in its stance. */
const leftOf = (posed: PosedSkeleton, boneId: string): Vec3 =>
  turn(posed.byId.get(boneId)?.rotation ?? IDENTITY, [0, 0, -1]);

/** How far the ray from the middle of a section goes to its outline, by bisection to a nanometre. */
function reachOf(section: SleeveSection, v: number, w: number): number {
  let [low, high] = [0, 2 * (halfHeight(section) + section.half)];
  for (let i = 0; i < 60; i++) {
    const mid = (low + high) / 2;
    if (shareOut(section, middleUp(section) + v * mid, section.side + w * mid) < 1) low = mid;
    else high = mid;
  }
  return (low + high) / 2;
}

/** Which share of the way from the widest line to the outline a point of a section lies; 1 on it. */
function shareOut(section: SleeveSection, above: number, beside: number): number {
  const line = widestUp(section);
  const over = above >= line;
  const high = over ? section.above - line : section.below + line;
  const e = over ? section.squareAbove : section.squareBelow;
  const p = Math.abs(above - line) / high;
  const q = Math.abs(beside - section.side) / section.half;
  return (p ** e + q ** e) ** (1 / e);
}

/** The way out of a section at a point of its outline. */
function outward(sample: AxisSample, above: number, beside: number): Vec3 {
  const step = 1e-4 * (halfHeight(sample) + sample.half);
  const slope = (dv: number, dw: number): number =>
    shareOut(sample, above + dv, beside + dw) - shareOut(sample, above - dv, beside - dw);
  return unit(add(scale(sample.up, slope(step, 0)), scale(sample.across, slope(0, step))));
}

/** The section of a part at a share of its bone, straight between its samples. */
function sampleAtShare({ samples }: SleevePart, share: number): AxisSample {
  const way = samples.at(-1)!.share >= samples[0]!.share ? 1 : -1;
  const after = samples.findIndex((sample) => way * (sample.share - share) >= 0);
  if (after < 0) return samples.at(-1)!;
  if (after === 0) return samples[0]!;
  const [a, b] = [samples[after - 1]!, samples[after]!];
  const t = a.share === b.share ? 0 : (share - a.share) / (b.share - a.share);
  return between(a, b, t);
}

/** A section between two samples, with a frame that is square again. */
function between(a: AxisSample, b: AxisSample, t: number): AxisSample {
  const mix = (of: (sample: AxisSample) => number): number => of(a) + (of(b) - of(a)) * t;
  const along = unit(lerp(a.along, b.along, t));
  const leaning = lerp(a.up, b.up, t);
  const up = unit(sub(leaning, scale(along, dot(leaning, along))));
  return {
    ...{ at: lerp(a.at, b.at, t), along, up, boneId: a.boneId },
    across: cross(along, up),
    share: mix((sample) => sample.share),
    above: mix((sample) => sample.above),
    below: mix((sample) => sample.below),
    half: mix((sample) => sample.half),
    widest: mix((sample) => sample.widest),
    squareAbove: mix((sample) => sample.squareAbove),
    squareBelow: mix((sample) => sample.squareBelow),
    side: mix((sample) => sample.side),
  };
}

/** A point this near to a plane lies in it, mm. */
const ON_PLANE_MM = 1e-9;

/** The section whose plane a point lies in; where there are more, the one whose outline it is nearest to. */
function sectionNear(
  { samples }: SleevePart,
  p: Vec3,
): { readonly sample: AxisSample; readonly share: number } {
  const ahead = ({ at, along }: AxisSample): number => dot(sub(p, at), along);
  let best: { sample: AxisSample; out: number } | undefined;
  for (let i = 1; i < samples.length; i++) {
    const [a, b] = [samples[i - 1]!, samples[i]!];
    const [from, to] = [ahead(a), ahead(b)];
    // In the hollow of a sharp bend a point may lie in one plane and before both.
    const onFirst = Math.abs(from) < ON_PLANE_MM;
    const onSecond = Math.abs(to) < ON_PLANE_MM;
    if (!(from >= 0 && to < 0) && !onFirst && !onSecond) continue;
    const sample = onFirst ? a : onSecond ? b : between(a, b, from / (from - to));
    const off = sub(p, sample.at);
    const out = Math.abs(shareOut(sample, dot(off, sample.up), dot(off, sample.across)) - 1);
    if (best === undefined || out < best.out) best = { sample, out };
  }
  const sample = best?.sample ?? (ahead(samples[0]!) < 0 ? samples[0]! : samples.at(-1)!);
  return { sample, share: sample.share };
}
