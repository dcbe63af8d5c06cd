import { alongBone, posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { add, dot, scale, sub, type Vec3 } from '../geometry/vec3.ts';
import { SECTION_MM, WIDEST_MOST, type SectionStation } from '../anatomy/shapeSchema.ts';
import { canSlide, heldStation } from './shapeEdits.ts';
import { sectionAxes } from './skin.ts';

/** Where the middle of a section is in a stance, and the unit way of its bone, along which it is slid. */
export function slidePlace(
  posed: PosedSkeleton,
  boneId: string,
  station: SectionStation,
): EdgePlace & { readonly longMm: number } {
  const bone = posedBone(posed, boneId);
  const [, up, wide] = sectionAxes(bone);
  const k = posed.sizeFactor;
  const mirror = bone.bone.side === 'right' ? -1 : 1;
  const centre = add(alongBone(bone, station.at), scale(wide, station.side * k * mirror));
  const long = sub(bone.end, bone.start);
  const longMm = Math.hypot(...long);
  return { at: add(centre, scale(up, station.up * k)), way: scale(long, 1 / longMm), longMm };
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
  const widest = add(middle, scale(up, station.widest * station.halfDepth * k));
  switch (edge) {
    case 'top':
      return { at: add(middle, scale(up, station.halfDepth * k)), way: up };
    case 'bottom':
      return { at: add(middle, scale(up, -station.halfDepth * k)), way: scale(up, -1) };
    case 'right':
      return { at: add(widest, scale(wide, station.halfWidth * k)), way: wide };
    case 'left':
      return { at: add(widest, scale(wide, -station.halfWidth * k)), way: scale(wide, -1) };
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

/** What of a section is dragged on a drawing of the body. */
export type Grip = Edge | 'slide';

/** A grip: where it is, the point a millimetre on along its way, and how long its bone is, mm of the posed size. */
export interface GripPlace {
  readonly grip: Grip;
  readonly at: Vec3;
  readonly ahead: Vec3;
  readonly longMm: number;
}

/** The grips of a section in a stance; one at an end of its bone is not slid. */
export function gripPlaces(
  posed: PosedSkeleton,
  boneId: string,
  station: SectionStation,
): readonly GripPlace[] {
  const { longMm, ...slide } = slidePlace(posed, boneId, station);
  const grips: readonly (EdgePlace & { readonly grip: Grip })[] = [
    ...EDGES.map((grip) => ({ ...edgePlace(posed, boneId, station, grip), grip })),
    ...(canSlide(station) ? [{ ...slide, grip: 'slide' as const }] : []),
  ];
  return grips.map(({ grip, at, way }) => ({ grip, at, ahead: add(at, way), longMm }));
}

/** A section with a grip moved by so many mm of a posed body that is so many times smaller than life. */
export const grippedBy = (
  station: SectionStation,
  { grip, longMm }: Pick<GripPlace, 'grip' | 'longMm'>,
  mm: number,
  lifePerModel: number,
): SectionStation =>
  grip === 'slide' ? slid(station, mm, longMm) : pulledEdge(station, grip, mm * lifePerModel);

/** A line of sight through a point on the screen. */
interface SightLine {
  readonly from: Vec3;
  readonly way: Vec3;
}

/**
 * How far along a grip's way, mm, the point of it lies that is nearest to a line of sight; undefined where the way
 * is seen end on.
 */
export function alongSight(
  { at, ahead }: Pick<GripPlace, 'at' | 'ahead'>,
  { from, way }: SightLine,
): number | undefined {
  const along = sub(ahead, at);
  const off = sub(at, from);
  const [b, d, e] = [dot(along, way), dot(along, off), dot(way, off)];
  const [a, c] = [dot(along, along), dot(way, way)];
  const det = a * c - b * b;
  return det < 0.02 * a * c ? undefined : (b * e - c * d) / det;
}

/** A section slid along its bone by so many mm of a bone that long in the same measure. */
export const slid = (station: SectionStation, mm: number, longMm: number): SectionStation => ({
  ...station,
  at: station.at + mm / longMm,
});

/** A section whose widest line is moved up by so many life millimetres. */
export const widestMoved = (station: SectionStation, lifeMm: number): SectionStation => ({
  ...station,
  widest: Math.min(
    WIDEST_MOST,
    Math.max(-WIDEST_MOST, station.widest + lifeMm / station.halfDepth),
  ),
});

/** How far along a way a pointer has gone, seen in a view: the way's foreshortening is taken back. */
export function alongWay(
  from: readonly [number, number],
  to: readonly [number, number],
  way: readonly [number, number],
): number {
  const size2 = way[0] ** 2 + way[1] ** 2;
  return size2 === 0 ? 0 : ((to[0] - from[0]) * way[0] + (to[1] - from[1]) * way[1]) / size2;
}
