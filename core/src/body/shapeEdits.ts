import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import { sectionsOf } from '../anatomy/shaped.ts';
import {
  SECTION_AT,
  SECTION_MM,
  SQUARENESS,
  WIDEST_MOST,
  type SectionStation,
  type Shape,
} from '../anatomy/shapeSchema.ts';
import { canBeSectioned, librarySections } from './measureSections.ts';

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

/** A part's flesh as the sections of the library's own sleeves, so that they can be changed. */
export function adopt(library: Skeleton, shape: Shape, partId: string): Shape {
  const part = shapedParts(library, shape).find((shapedPart) => shapedPart.id === partId);
  const added = Object.fromEntries(
    (part?.bones ?? []).flatMap((bone) => {
      const stations = librarySections(library, bone);
      // Links of a column share a key and are each as thick as they are.
      const isLink = library.bones.some(
        (of) => of !== bone && of.key === bone.key && of.side === bone.side,
      );
      return stations === undefined
        ? []
        : [[isLink ? bone.id : bone.key, stations.map((of) => heldStation(of, {}))]];
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
export function heldStation(
  sectionStation: SectionStation,
  change: Partial<SectionStation>,
): SectionStation {
  const next = { ...sectionStation, ...change };
  const off = { min: -SECTION_MM.max, max: SECTION_MM.max };
  return {
    at: within(next.at, SECTION_AT),
    halfDepth: within(next.halfDepth, SECTION_MM),
    halfWidth: within(next.halfWidth, SECTION_MM),
    squareness: within(next.squareness, SQUARENESS),
    squareBelow: within(next.squareBelow, SQUARENESS),
    widest: within(next.widest, { min: -WIDEST_MOST, max: WIDEST_MOST }),
    up: within(next.up, off),
    side: within(next.side, off),
  };
}

/** Sections keep at least this share of their bone between them. */
export const SECTIONS_APART = 0.02;

/** A change whose place stays between the neighbours; a section at an end of its bone stays there. */
function heldBetween(
  list: readonly SectionStation[],
  index: number,
  change: Partial<SectionStation>,
): Partial<SectionStation> {
  if (change.at === undefined) return change;
  const own = list[index]!;
  if (!canSlide(own)) return { ...change, at: own.at };
  const before = Math.max(0, ...list.filter(({ at }) => at < own.at).map(({ at }) => at));
  const after = Math.min(1, ...list.filter(({ at }) => at > own.at).map(({ at }) => at));
  if (after - before <= 2 * SECTIONS_APART) return { ...change, at: own.at };
  return {
    ...change,
    at: Math.max(before + SECTIONS_APART, Math.min(after - SECTIONS_APART, change.at)),
  };
}

/** Whether a section can be slid along its bone: not where it holds an end of it. */
export const canSlide = ({ at }: SectionStation): boolean => at > 0 && at < 1;

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
  const next = heldStation(before, heldBetween(shape.sections[key]!, index, change));
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
    squareBelow: next.squareBelow,
    widest: next.widest,
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
  if (at !== 0 && at !== 1) return undefined;
  const partOf = (key: string) => skeleton.plan.parts.find((part) => part.keys.includes(key));
  const isBeside = (other: Bone): boolean =>
    other.side === bone.side && partOf(other.key) === partOf(bone.key);
  // What goes on from this end of the bone, or what the bone goes on from; the back goes on both ways from a pelvis.
  const ends = [
    ...skeleton.bones.flatMap((of) =>
      of.parent === bone.id && of.at === at ? [[of, 0] as const] : [],
    ),
    ...skeleton.bones.flatMap((of) =>
      of.id === bone.parent && at === 0 ? [[of, bone.at] as const] : [],
    ),
  ];
  for (const [next, there] of ends) {
    if (!isBeside(next)) continue;
    const key = sectionKey(shape, next);
    const index = shape.sections[key]?.findIndex((entry) => entry.at === there) ?? -1;
    if (index >= 0) return { key, index };
  }
  return undefined;
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
    squareBelow: mix((entry) => entry.squareBelow),
    widest: mix((entry) => entry.widest),
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
