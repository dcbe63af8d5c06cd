import type { Point2 } from '../geometry/hull.ts';
import { outlineNormal } from '../geometry/triangleMesh.ts';
import { dot, length, lerp, unit, type Vec3 } from '../geometry/vec3.ts';
import { depthBuffer, type DepthBuffer } from './depthBuffer.ts';
import { addBorder, cornerSteps, followed, simplified, smoothed } from './pixelLines.ts';
import { faceSeen, linesSeen, type FaceOnSkin, type FaceRelief } from './faceRelief.ts';
import { inMm, maskOutlines, spreadBy, TOLERANCE } from './maskOutlines.ts';
import { VIEW_FRAMES, type ReliefView, type ViewFrame } from './reliefViews.ts';
import type { FormSkin } from './apartSkin.ts';
import type { SkinSurface } from './skinSurface.ts';

/** A flat outline in space with the zone of the coat that it shows, by its place in the coat. */
export interface Flat {
  readonly outline: readonly Vec3[];
  /** Lines in it, from end to end. */
  readonly ribs: readonly (readonly [Vec3, Vec3])[];
  readonly zone: number;
}

/** The finished form from one side, as lines and areas in mm of its page. */
export interface Relief {
  readonly view: ReliefView;
  /** Outer lines anticlockwise, holes the other way round. */
  readonly outline: readonly (readonly Point2[])[];
  /** Where a nearer part ends before a further one. */
  readonly inner: readonly (readonly Point2[])[];
  /** Where two zones of the coat meet. */
  readonly borders: readonly (readonly Point2[])[];
  /** Lines round the form where it lies in shade. */
  readonly hatching: readonly (readonly Point2[])[];
  /** Blades that are seen from their edge, as lines. */
  readonly edges: readonly (readonly Point2[])[];
  /** Eyes, nostrils, mouth; shafts, rays and veins. */
  readonly face: FaceRelief;
  /** What is seen of each zone, by its place in the coat. */
  readonly zones: readonly {
    readonly zone: number;
    readonly loops: readonly (readonly Point2[])[];
  }[];
}

/** Pixels in the edge of a cell: more where there are few cells, so that thin things keep their outline. */
const PIXELS_IN_CELL = { least: 2, most: 4 } as const;
/** As many pixels along the longer side are enough. */
const PIXELS = 520;
/** A nearer part stands before a further one where depth jumps by more than so many cells. */
const JUMP_CELLS = 2.2;
/** Lines of fewer steps than these are crumbs. */
const LEAST_STEPS = { inner: 9, border: 14, hatch: 4 } as const;
const SMOOTHINGS = 5;

/** A skin, and from which point on it is what stands out of it by itself, each with its colour. */
export type DrawnSkin = SkinSurface & Partial<Pick<FormSkin, 'apartFrom' | 'apartHexes'>>;

/** The relief of a surface from one side, with its feathers and fins and its face. */
export function relief(
  surface: DrawnSkin,
  flats: readonly Flat[],
  view: ReliefView,
  face: FaceOnSkin | null = null,
): Relief {
  const frame = VIEW_FRAMES[view];
  const { mesh, cellMm } = surface;
  const scene = { ...mesh, flats: flats.map(({ outline }) => outline) };
  const buffer = depthBuffer(scene, frame, pixelFor(mesh.positions, cellMm));
  const jumpMm = JUMP_CELLS * cellMm;
  const zones = zonesSeen(buffer, surface, flats);
  const seen = faceSeen(buffer, surface, face, frame);
  const seenOf = (line: readonly Vec3[]) => linesSeen([line], buffer, frame, cellMm);
  const onMm = (line: readonly Point2[]): readonly Point2[] => inMm(buffer, line);
  return {
    view,
    outline: maskOutlines(buffer, (at) => buffer.seen[at]! !== -1).map(onMm),
    inner: innerLines(buffer, surface, jumpMm).map(onMm),
    borders: zoneBorders(buffer, zones, jumpMm).map(onMm),
    hatching: hatching(buffer, surface, lightOf(frame), jumpMm).map(onMm),
    edges: flats.flatMap(({ outline }) =>
      isEdgeOn(outline, frame) ? seenOf([...outline, outline[0]!]) : [],
    ),
    face: {
      lines: [...flats.flatMap(({ ribs }) => ribs.map(ribPoints).flatMap(seenOf)), ...seen.lines],
      areas: [...apartSeen(buffer, surface), ...seen.areas],
    },
    zones: [...new Set(zones)]
      .filter((zone) => zone !== NO_ZONE)
      .sort((a, b) => a - b)
      .map((zone) => ({ zone, loops: maskOutlines(buffer, (at) => zones[at] === zone).map(onMm) })),
  };
}

/** A flat outline is seen from its edge at less than this cosine. */
const EDGE_ON = 0.12;

function isEdgeOn(outline: readonly Vec3[], { towards }: ViewFrame): boolean {
  const { normal } = outlineNormal(outline);
  return Math.abs(dot(normal, towards)) < EDGE_ON * length(normal);
}

/** Points along a rib, so that what hides a part of it does not hide it all. */
const RIB_STEPS = 12;

const ribPoints = ([from, to]: readonly [Vec3, Vec3]): readonly Vec3[] =>
  Array.from({ length: RIB_STEPS + 1 }, (_, i) => lerp(from, to, i / RIB_STEPS));

/** The edge of a pixel for a body of this size, mm. */
export function pixelFor(positions: Float32Array, cellMm: number): number {
  let [low, high] = [Infinity, -Infinity];
  for (const v of positions) {
    if (v < low) low = v;
    if (v > high) high = v;
  }
  const { least, most } = PIXELS_IN_CELL;
  return Math.min(cellMm / least, Math.max(cellMm / most, (high - low) / PIXELS));
}

const NO_ZONE = 255;

/** The zone that each pixel shows: that of the nearest corner of its triangle. */
function zonesSeen(
  { seen }: DepthBuffer,
  { mesh, zone }: SkinSurface,
  flats: readonly Flat[],
): Uint8Array {
  const zones = new Uint8Array(seen.length).fill(NO_ZONE);
  for (let i = 0; i < seen.length; i++) {
    const at = seen[i]!;
    if (at !== -1) zones[i] = at < -1 ? flats[-2 - at]!.zone : zone[mesh.indices[3 * at]!]!;
  }
  return zones;
}

/** What is seen of the things that stand out of the skin by themselves, by their colours. */
function apartSeen(
  buffer: DepthBuffer,
  { mesh, apartFrom = Infinity, apartHexes = [] }: DrawnSkin,
): FaceRelief['areas'] {
  if (apartHexes.length === 0) return [];
  const hexes = [...new Set(apartHexes)].filter((hex) => hex !== undefined);
  // The colour of each pixel once, by its place among the colours and one; 0 for none.
  const colours = Uint8Array.from(buffer.seen, (t) => {
    const hex = t < 0 ? undefined : apartHexes[mesh.indices[3 * t]! - apartFrom];
    return hex === undefined ? 0 : hexes.indexOf(hex) + 1;
  });
  const seen = new Set(colours);
  return hexes.flatMap((hex, i) =>
    (seen.has(i + 1) ? maskOutlines(buffer, (at) => colours[at] === i + 1) : []).map((line) => ({
      hex,
      loop: inMm(buffer, line),
    })),
  );
}

/**
 * Where depth jumps between neighbours, the largest jump of a steep stretch only; and round flat outlines and
 * what stands out by itself.
 */
function innerLines(
  { near, seen, wide, high }: DepthBuffer,
  { mesh, sleeve, apartFrom = Infinity }: DrawnSkin,
  least: number,
): readonly (readonly Point2[])[] {
  const kind = (at: number): number => {
    const t = seen[at]!;
    if (t < 0) return t;
    const first = mesh.indices[3 * t]!;
    return first < apartFrom ? -1 : sleeve[first]!;
  };
  const jump = (a: number, b: number): number =>
    seen[a] === -1 || seen[b] === -1 ? 0 : Math.abs(near[a]! - near[b]!);
  return lines(wide, high, LEAST_STEPS.inner, SMOOTHINGS, (at, to) => {
    if (seen[at] === -1 || seen[to] === -1) return false;
    const [here, step] = [jump(at, to), to - at];
    const stands = here > least && here >= jump(at - step, at) && here > jump(to, to + step);
    return stands || kind(at) !== kind(to);
  });
}

/** Lines along the borders between neighbouring pixels, side by side or one above the other, that are asked for. */
function lines(
  wide: number,
  high: number,
  least: number,
  smoothings: number,
  isBorder: (at: number, to: number) => boolean,
): readonly (readonly Point2[])[] {
  const steps = cornerSteps(wide);
  for (let j = 1; j < high - 1; j++)
    for (let i = 1; i < wide - 1; i++) {
      const at = i + wide * j;
      if (isBorder(at, at + 1)) addBorder(steps, i, j, 'right');
      if (isBorder(at, at + wide)) addBorder(steps, i, j, 'above');
    }
  return followed(steps, least).map((line) => simplified(smoothed(line, smoothings), TOLERANCE));
}

/** Where neighbours on one and the same surface show different zones. */
function zoneBorders(
  { near, wide, high }: DepthBuffer,
  zones: Uint8Array,
  jumpMm: number,
): readonly (readonly Point2[])[] {
  return lines(wide, high, LEAST_STEPS.border, 2 * SMOOTHINGS, (at, to) => {
    const [a, b] = [zones[at]!, zones[to]!];
    if (a === b || a === NO_ZONE || b === NO_ZONE) return false;
    return Math.abs(near[at]! - near[to]!) <= jumpMm;
  });
}

/** Light from the upper left of the page, a little from before it. */
function lightOf({ right, up, towards }: { right: Vec3; up: Vec3; towards: Vec3 }): Vec3 {
  const mix = (k: 0 | 1 | 2): number => -0.45 * right[k] + 0.72 * up[k] + 0.53 * towards[k];
  return unit([mix(0), mix(1), mix(2)]);
}

/** Hatching lies so far apart along the form, mm. */
const HATCH_MM = 1.7;
/** Lines are drawn where the light falls on the skin at less than this cosine: every fourth, second, each. */
const SHADES = [0.5, 0.18, 0.5, -0.12] as const;

/**
 * Lines round the form at even steps along each sleeve, where it lies in shade: the sections of the body itself
 * model it. Every other one is left out where the shade is light.
 */
function hatching(
  { near, seen, wide, high }: DepthBuffer,
  { mesh, arcMm, sleeve }: SkinSurface,
  light: Vec3,
  jumpMm: number,
): readonly (readonly Point2[])[] {
  const lit = new Float32Array(seen.length).fill(2);
  const arc = new Float32Array(seen.length);
  const of = new Int16Array(seen.length).fill(-1);
  for (let at = 0; at < seen.length; at++) {
    const t = seen[at]!;
    if (t < 0) continue;
    const i = mesh.indices[3 * t]!;
    let [nx, ny, nz, s] = [0, 0, 0, 0];
    for (let n = 0; n < 3; n++) {
      const v = mesh.indices[3 * t + n]!;
      nx += mesh.normals[3 * v]!;
      ny += mesh.normals[3 * v + 1]!;
      nz += mesh.normals[3 * v + 2]!;
      s += arcMm[v]! / 3;
    }
    const size = Math.hypot(nx, ny, nz) || 1;
    lit[at] = (nx * light[0] + ny * light[1] + nz * light[2]) / size;
    arc[at] = s;
    of[at] = sleeve[i]!;
  }
  const soft = spreadBy(spreadBy(arc, 1), wide);
  return lines(wide, high, LEAST_STEPS.hatch, 2 * SMOOTHINGS, (at, to) => {
    const isOne = of[at]! >= 0 && of[at] === of[to];
    if (!isOne || Math.abs(near[at]! - near[to]!) >= jumpMm) return false;
    const [a, b] = [Math.floor(soft[at]! / HATCH_MM), Math.floor(soft[to]! / HATCH_MM)];
    if (a === b) return false;
    const line = ((Math.max(a, b) % SHADES.length) + SHADES.length) % SHADES.length;
    return (lit[at]! + lit[to]!) / 2 < SHADES[line]!;
  });
}
