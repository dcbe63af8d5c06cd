import { alongBone, posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import { sectionsOf } from '../anatomy/shaped.ts';
import { add, scale, type Vec3 } from '../geometry/vec3.ts';
import { SECTION_MM, SQUARENESS, type SectionStation, type Shape } from '../anatomy/shapeSchema.ts';
import { canBeSectioned, measuredSections } from './measureSections.ts';
import { sectionAxes } from './skin.ts';

/** A part of the body that can be shaped by sections, with its bones of the midline or the left. */
export interface ShapedPart {
  readonly id: string;
  readonly name: string;
  readonly bones: readonly Bone[];
  /** Whether the user's sections hold for it. */
  readonly taken: boolean;
  /** Whether left and right are shaped apart. */
  readonly apart: boolean;
}

/** The parts of a body that can be shaped by sections, in the order of the plan. */
export function shapedParts(library: Skeleton, shape: Shape): readonly ShapedPart[] {
  return library.plan.parts.flatMap((part): ShapedPart[] => {
    const bones = library.bones.filter(
      (bone) =>
        part.keys.includes(bone.key) && bone.side !== 'right' && canBeSectioned(library, bone),
    );
    if (bones.length === 0) return [];
    return [
      {
        id: part.id,
        name: part.name,
        bones,
        taken: bones.some((bone) => sectionsOf(shape, bone) !== undefined),
        apart: bones.some((bone) => bone.side === 'left' && shape.sections[bone.id] !== undefined),
      },
    ];
  });
}

/** A part's flesh as sections measured on the library's body, so that they can be changed. */
export function adopt(library: Skeleton, shape: Shape, partId: string): Shape {
  const part = shapedParts(library, shape).find((shapedPart) => shapedPart.id === partId);
  const added = Object.fromEntries(
    (part?.bones ?? []).flatMap((bone) => {
      const stations = measuredSections(library, bone.id);
      return stations === undefined || stations.length < 2 ? [] : [[bone.key, [...stations]]];
    }),
  );
  return { ...shape, sections: { ...shape.sections, ...added } };
}

/** The bones of a part, of both sides. */
function bonesOf({ plan, bones }: Skeleton, partId: string): readonly Bone[] {
  const keys = plan.parts.find((part) => part.id === partId)?.keys ?? [];
  return bones.filter(({ key }) => keys.includes(key));
}

/** The library's flesh again for a part, on both sides. */
export function restore(library: Skeleton, shape: Shape, partId: string): Shape {
  const bones = bonesOf(library, partId);
  return {
    ...shape,
    sections: Object.fromEntries(
      Object.entries(shape.sections).filter(
        ([kept]) => !bones.some(({ id, key }) => kept === key || kept === id),
      ),
    ),
  };
}

/** Left and right apart: what held for both is kept for each, until one of them is changed. */
export function unlink(library: Skeleton, shape: Shape, partId: string): Shape {
  const part = shapedParts(library, shape).find((shapedPart) => shapedPart.id === partId);
  const entries = Object.entries(shape.sections).flatMap(([key, both]) => {
    const left = part?.bones.find((bone) => bone.side === 'left' && bone.key === key);
    if (left === undefined) return [[key, both] as const];
    return [
      [left.id, both] as const,
      [left.image, both.map((entry) => ({ ...entry, side: 0 - entry.side }))] as const,
    ];
  });
  return { ...shape, sections: Object.fromEntries(entries) };
}

/** Both sides alike again: the left side's sections hold for both. */
export function link(library: Skeleton, shape: Shape, partId: string): Shape {
  const bones = bonesOf(library, partId);
  const entries = Object.entries(shape.sections).flatMap(([kept, list]) => {
    const bone = bones.find(({ id, side }) => id === kept && side !== 'mid');
    if (bone === undefined) return [[kept, list] as const];
    return bone.side === 'left' ? [[bone.key, list] as const] : [];
  });
  return { ...shape, sections: Object.fromEntries(entries) };
}

/** Which sections a bone's are kept under: its own side's where the sides are apart. */
export const sectionKey = (shape: Shape, bone: Pick<Bone, 'id' | 'key'>): string =>
  shape.sections[bone.id] === undefined ? bone.key : bone.id;

const within = (v: number, { min, max }: { readonly min: number; readonly max: number }): number =>
  Math.min(max, Math.max(min, v));

/** A section changed, held within what a section can be. */
function heldStation(
  sectionStation: SectionStation,
  change: Partial<SectionStation>,
): SectionStation {
  const next = { ...sectionStation, ...change };
  const off = { min: -SECTION_MM.max, max: SECTION_MM.max };
  return {
    at: within(next.at, { min: 0, max: 1 }),
    halfDepth: within(next.halfDepth, SECTION_MM),
    halfWidth: within(next.halfWidth, SECTION_MM),
    squareness: within(next.squareness, SQUARENESS),
    up: within(next.up, off),
    side: within(next.side, off),
  };
}

/**
 * One section of a bone changed. Where it stands on a joint, the section of the next bone on the same
 * joint takes its width, depth and squareness too, so that the body runs on.
 */
export function withStation(
  skeleton: Skeleton,
  shape: Shape,
  bone: Bone,
  index: number,
  change: Partial<SectionStation>,
): Shape {
  const key = sectionKey(shape, bone);
  const before = shape.sections[key]?.[index];
  if (before === undefined) return shape;
  const next = heldStation(before, change);
  const put = (of: Shape, at: string, n: number, sectionStation: SectionStation): Shape => ({
    ...of,
    sections: {
      ...of.sections,
      [at]: of.sections[at]!.map((old, i) => (i === n ? sectionStation : old)),
    },
  });
  const changed = put(shape, key, index, next);
  const mate = mateOf(skeleton, shape, bone, before.at);
  if (mate === undefined) return changed;
  const other = changed.sections[mate.key]![mate.index]!;
  return put(changed, mate.key, mate.index, {
    ...other,
    halfDepth: next.halfDepth,
    halfWidth: next.halfWidth,
    squareness: next.squareness,
    // The middle moves with it; square to another bone, it lies elsewhere.
    up: other.up + next.up - before.up,
  });
}

/** The section of a neighbour on the same joint, of the same part and side of the body. */
function mateOf(
  skeleton: Skeleton,
  shape: Shape,
  bone: Bone,
  at: number,
): { readonly key: string; readonly index: number } | undefined {
  const partOf = (key: string) => skeleton.plan.parts.find((part) => part.keys.includes(key));
  const next =
    at === 1
      ? skeleton.bones.find((entry) => entry.parent === bone.id && entry.at === 1)
      : at === 0 && bone.at === 1
        ? skeleton.byId.get(bone.parent ?? '')
        : undefined;
  if (next === undefined || next.side !== bone.side || partOf(next.key) !== partOf(bone.key))
    return undefined;
  const key = sectionKey(shape, next);
  const index = shape.sections[key]?.findIndex((entry) => entry.at === 1 - at) ?? -1;
  return index < 0 ? undefined : { key, index };
}

/** A new section between two others, as the body is there; the nearest one's squareness. */
export function withStationAdded(shape: Shape, key: string, at: number): Shape {
  const list = shape.sections[key];
  if (list === undefined || list.some((entry) => Math.abs(entry.at - at) < 0.02)) return shape;
  const sorted = [...list].sort((a, b) => a.at - b.at);
  const after = sorted.findIndex((entry) => entry.at > at);
  const [a, b] = [sorted[Math.max(0, after - 1)]!, sorted[after < 0 ? sorted.length - 1 : after]!];
  const t = b.at > a.at ? (at - a.at) / (b.at - a.at) : 0;
  const mix = (of: (sectionStation: SectionStation) => number): number =>
    of(a) + (of(b) - of(a)) * t;
  const added: SectionStation = {
    at,
    halfDepth: mix((entry) => entry.halfDepth),
    halfWidth: mix((entry) => entry.halfWidth),
    squareness: mix((entry) => entry.squareness),
    up: mix((entry) => entry.up),
    side: mix((entry) => entry.side),
  };
  const next = [...list, added].sort((x, y) => x.at - y.at);
  return { ...shape, sections: { ...shape.sections, [key]: next } };
}

/** A section taken out; two are always left. */
export function withoutStation(shape: Shape, key: string, index: number): Shape {
  const list = shape.sections[key];
  if (list === undefined || list.length <= 2) return shape;
  const next = list.filter((_, i) => i !== index);
  return { ...shape, sections: { ...shape.sections, [key]: next } };
}

/** The four places of a section's edge that can be dragged. */
export const EDGES = ['top', 'bottom', 'left', 'right'] as const;
export type Edge = (typeof EDGES)[number];

/** An edge of a section in a stance: where it is, and the unit way along which it is dragged. */
export interface EdgePlace {
  readonly at: Vec3;
  readonly way: Vec3;
}

/** Where the edges of a section are on a posed bone, mm of the posed size. */
export function edgePlace(
  posed: PosedSkeleton,
  boneId: string,
  station: SectionStation,
  edge: Edge,
): EdgePlace {
  const bone = posedBone(posed, boneId);
  const [, up, wide] = sectionAxes(bone);
  const k = posed.sizeFactor;
  const mirror = bone.bone.side === 'right' ? -1 : 1;
  const centre = add(alongBone(bone, station.at), scale(wide, station.side * k * mirror));
  const middle = add(centre, scale(up, station.up * k));
  switch (edge) {
    case 'top':
      return { at: add(middle, scale(up, station.halfDepth * k)), way: up };
    case 'bottom':
      return { at: add(middle, scale(up, -station.halfDepth * k)), way: scale(up, -1) };
    case 'right':
      return { at: add(middle, scale(wide, station.halfWidth * k)), way: wide };
    case 'left':
      return { at: add(middle, scale(wide, -station.halfWidth * k)), way: scale(wide, -1) };
  }
}

/**
 * A section with an edge drawn out by so many life millimetres along its way: the opposite edge stays
 * for depth; for width both sides move alike, so that the body stays its own mirror image.
 */
export function pulledEdge(station: SectionStation, edge: Edge, lifeMm: number): SectionStation {
  if (edge === 'left' || edge === 'right')
    return heldStation(station, { halfWidth: station.halfWidth + lifeMm });
  const sign = edge === 'top' ? 1 : -1;
  // The far edge holds even where the near one is pushed past what is left.
  const change = Math.max(lifeMm, 2 * (SECTION_MM.min - station.halfDepth));
  return heldStation(station, {
    halfDepth: station.halfDepth + change / 2,
    up: station.up + (sign * change) / 2,
  });
}

/** How far along a way a pointer has gone, seen in a view: the way's foreshortening is taken back. */
export function alongWay(
  from: readonly [number, number],
  to: readonly [number, number],
  way: readonly [number, number],
): number {
  const size2 = way[0] ** 2 + way[1] ** 2;
  return size2 === 0 ? 0 : ((to[0] - from[0]) * way[0] + (to[1] - from[1]) * way[1]) / size2;
}
