import { contourLoops, loopArea } from '../geometry/contours.ts';
import type { Point2 } from '../geometry/hull.ts';
import { unit, type Vec3 } from '../geometry/vec3.ts';
import { depthBuffer, type DepthBuffer } from './depthBuffer.ts';
import { addBorder, cornerSteps, followed, simplified, smoothed } from './pixelLines.ts';
import { VIEW_FRAMES, type ReliefView } from './reliefViews.ts';
import type { SkinSurface } from './skinSurface.ts';

/** A flat outline in space with the zone of the coat that it shows, by its place in the coat. */
export interface Flat {
  readonly outline: readonly Vec3[];
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
/** Areas smaller than this are crumbs, in pixels. */
const LEAST_AREA = 12;
const SMOOTHINGS = 5;
/** Fewer for outlines, whose tips would be lost. */
const OUTLINE_SMOOTHINGS = 2;
/** Points may be left out of lines within this, in pixels. */
const TOLERANCE = 0.2;

/** The relief of a surface from one side. */
export function relief(surface: SkinSurface, flats: readonly Flat[], view: ReliefView): Relief {
  const frame = VIEW_FRAMES[view];
  const { mesh, cellMm } = surface;
  const scene = { ...mesh, flats: flats.map(({ outline }) => outline) };
  const buffer = depthBuffer(scene, frame, pixelFor(mesh.positions, cellMm));
  const jumpMm = JUMP_CELLS * cellMm;
  const zones = zonesSeen(buffer, surface, flats);
  const onMm = (line: readonly Point2[]): readonly Point2[] => inMm(buffer, line);
  return {
    view,
    outline: areas(buffer, (at) => buffer.seen[at]! !== -1).map(onMm),
    inner: innerLines(buffer, jumpMm).map(onMm),
    borders: zoneBorders(buffer, zones, jumpMm).map(onMm),
    hatching: hatching(buffer, surface, lightOf(frame), jumpMm).map(onMm),
    zones: [...new Set(zones)]
      .filter((zone) => zone !== NO_ZONE)
      .sort((a, b) => a - b)
      .map((zone) => ({ zone, loops: areas(buffer, (at) => zones[at] === zone).map(onMm) })),
  };
}

/** The edge of a pixel for a body of this size, mm. */
function pixelFor(positions: Float32Array, cellMm: number): number {
  let [low, high] = [Infinity, -Infinity];
  for (const v of positions) {
    if (v < low) low = v;
    if (v > high) high = v;
  }
  const { least, most } = PIXELS_IN_CELL;
  return Math.min(cellMm / least, Math.max(cellMm / most, (high - low) / PIXELS));
}

const inMm = ({ low, pixelMm }: DepthBuffer, line: readonly Point2[]): readonly Point2[] =>
  line.map(([x, y]): Point2 => [round(low[0] + x * pixelMm), round(low[1] + y * pixelMm)]);

/** A hundredth of a millimetre is finer than any pen. */
const round = (mm: number): number => Math.round(mm * 100) / 100;

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

/** Pixels round what an outline is drawn of, for the spreading. */
const MARGIN = 3;

/**
 * Outlines of the pixels that belong to something, smooth: the mask is spread by the binomial 1-2-1 both ways
 * and cut at a half, which keeps straight edges where they are.
 */
function areas(
  buffer: DepthBuffer,
  belongs: (at: number) => boolean,
): readonly (readonly Point2[])[] {
  const window = windowOf(buffer, belongs);
  if (window === undefined) return [];
  const { left, low, wide, high } = window;
  const mask = new Float32Array(wide * high);
  for (let y = MARGIN; y < high - MARGIN; y++)
    for (let x = MARGIN; x < wide - MARGIN; x++)
      if (belongs(left + x + buffer.wide * (low + y))) mask[x + wide * y] = 1;
  const spread = spreadBy(spreadBy(mask, 1), wide);
  for (let at = 0; at < spread.length; at++) spread[at] = 0.5 - spread[at]!;
  return contourLoops(spread, wide, high)
    .filter((loop) => Math.abs(loopArea(loop)) >= LEAST_AREA)
    .map((loop) =>
      simplified(smoothed([...loop, loop[0]!], OUTLINE_SMOOTHINGS), TOLERANCE)
        .slice(0, -1)
        .map(([x, y]): Point2 => [x + left, y + low]),
    );
}

/** The pixels round those that belong to something, with a margin; undefined where none does. */
function windowOf(
  { wide, high }: DepthBuffer,
  belongs: (at: number) => boolean,
): { left: number; low: number; wide: number; high: number } | undefined {
  let [x0, y0, x1, y1] = [wide, high, -1, -1];
  for (let y = 0; y < high; y++)
    for (let x = 0; x < wide; x++) {
      if (!belongs(x + wide * y)) continue;
      if (x < x0) x0 = x;
      if (x > x1) x1 = x;
      if (y < y0) y0 = y;
      y1 = y;
    }
  if (y1 < 0) return undefined;
  return {
    ...{ left: x0 - MARGIN, low: y0 - MARGIN },
    ...{ wide: x1 - x0 + 1 + 2 * MARGIN, high: y1 - y0 + 1 + 2 * MARGIN },
  };
}

/** Each value with half of its two neighbours a step off; the border has none. */
function spreadBy(values: Float32Array, step: number): Float32Array {
  const out = new Float32Array(values.length);
  for (let at = step; at < values.length - step; at++)
    out[at] = (2 * values[at]! + values[at - step]! + values[at + step]!) / 4;
  return out;
}

/** Where depth jumps between neighbours, the largest jump of a steep stretch only; and round flat outlines. */
function innerLines(
  { near, seen, wide, high }: DepthBuffer,
  least: number,
): readonly (readonly Point2[])[] {
  const kind = (at: number): number => Math.min(-1, seen[at]!);
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
