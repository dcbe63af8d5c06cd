import type { Marking } from '../anatomy/marking.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import type { Point2 } from '../geometry/hull.ts';
import { dot, type Vec3 } from '../geometry/vec3.ts';
import type { DrawnSkin } from '../surface/relief.ts';
import type { DepthBuffer } from '../surface/depthBuffer.ts';
import { inMm, maskOutlines } from '../surface/maskOutlines.ts';
import type { BladeSkin } from '../surface/bladeSkin.ts';
import { VIEW_FRAMES, type ReliefView, type ViewFrame } from '../surface/reliefViews.ts';
import type { CoatScene } from '../lie/seenCoat.ts';
import { bladeCover, ontoBlade } from './markedBlades.ts';
import { featherCover, type MarkedSkin } from './markedSkin.ts';
import { seenOf } from './markParts.ts';

/**
 * What of a view shows a colour of a marking, alone or running into another where its edge is soft: zones are told
 * by their places in the coat, parts of markings after them, from the number of zones + 1 on. Drawn in their order
 * over the zones.
 */
export interface MarkedRegion {
  readonly main: number;
  /** What it runs into, and what share of that is in the mix, at most a half; null where it is alone. */
  readonly into: { readonly other: number; readonly share: number } | null;
  readonly loops: readonly (readonly Point2[])[];
}

/** A marked animal from one side, mm of the page. */
export interface MarkedView {
  readonly view: ReliefView;
  readonly regions: readonly MarkedRegion[];
}

/** Two colours and what of a mix the second is, in steps, as one number. */
const CODE = { other: 512, steps: 512 * 512 } as const;
/** A soft edge is seen in so many steps from one colour to the other. */
const STEPS = 8;

/** How a marked skin is seen from a side: outlines of all that shows one colour. */
export function markedView(
  posed: PosedSkeleton,
  { drawn, from }: CoatScene,
  { cover, areas: { parts } }: MarkedSkin,
  blades: readonly BladeSkin[],
  markings: readonly Marking[],
  view: ReliefView,
): MarkedView {
  const { coat } = posed.skeleton.animal;
  const zones = coat.length;
  const buffer = from(view);
  const frame = VIEW_FRAMES[view];
  const codes = new Int32Array(buffer.seen.length).fill(-1);
  const soft = markings.flatMap(({ edge, colours }) => colours.map(() => edge === 'soft'));
  const onSkin = skinPixels(buffer, drawn, frame, cover, parts.length);
  const onBlade = blades.map((blade) => ({
    cover: bladeCover(blade, posed.sizeFactor, markings, featherCover(markings, coat[blade.zone])),
    onto: ontoBlade(blade, posed.sizeFactor).onto,
    zone: blade.zone,
  }));
  for (let at = 0; at < codes.length; at++) {
    const t = buffer.seen[at]!;
    if (t === -1) continue;
    if (t >= 0) {
      const zone = drawn.zone[drawn.mesh.indices[3 * t]!]!;
      codes[at] = codeOf(zone, zones, soft, onSkin(at, t));
    } else {
      const blade = onBlade[-2 - t]!;
      codes[at] = codeOf(
        blade.zone,
        zones,
        soft,
        blade.cover(blade.onto(pointOf(buffer, frame, at))),
      );
    }
  }
  const regions = [...new Set(codes)]
    .filter((code) => code !== -1)
    .sort((a, b) => a - b)
    .map((code) => outlinesOf(buffer, codes, code))
    .filter(({ main, into, loops }) => (main > zones || into !== null) && loops.length > 0);
  return { view, regions };
}

/**
 * The outlines of one code. They reach a pixel under those that are drawn later, so that no gap is seen between
 * neighbours.
 */
function outlinesOf(buffer: DepthBuffer, codes: Int32Array, code: number): MarkedRegion {
  const { wide } = buffer;
  const laps = (at: number): boolean =>
    codes[at]! > code &&
    (codes[at - 1] === code ||
      codes[at + 1] === code ||
      codes[at - wide] === code ||
      codes[at + wide] === code);
  const steps = Math.floor(code / CODE.steps);
  return {
    main: code % CODE.other,
    into:
      steps === 0
        ? null
        : { other: Math.floor(code / CODE.other) % CODE.other, share: steps / STEPS },
    loops: maskOutlines(buffer, (at) => codes[at] === code || laps(at)).map((line) =>
      inMm(buffer, line),
    ),
  };
}

/** What a place shows most, and, where an edge is soft there, what it runs into. */
function codeOf(
  zone: number,
  zones: number,
  soft: readonly boolean[],
  cover: Float32Array,
): number {
  // What ends at once is there or is not.
  const { seen, rest } = seenOf(cover.map((share, n) => (soft[n] ? share : share > 0.5 ? 1 : 0)));
  let [main, first, other, second] = [zone, rest, zone, 0];
  for (let n = 0; n < seen.length; n++) {
    const share = seen[n]!;
    if (share > first) {
      [other, second] = [main, first];
      [main, first] = [zones + 1 + n, share];
    } else if (share > second) [other, second] = [zones + 1 + n, share];
  }
  const steps = Math.round((STEPS * second) / (first + second));
  if (steps === 0) return main;
  return main + CODE.other * other + CODE.steps * Math.min(STEPS / 2, steps);
}

/** The cover of a pixel between the three corners of its triangle. */
function skinPixels(
  { low, pixelMm, wide }: DepthBuffer,
  { mesh, apartFrom = Infinity }: DrawnSkin,
  { right, up }: ViewFrame,
  cover: Float32Array,
  parts: number,
): (at: number, t: number) => Float32Array {
  const page = (v: number): Point2 => {
    const p: Vec3 = [
      mesh.positions[3 * v]!,
      mesh.positions[3 * v + 1]!,
      mesh.positions[3 * v + 2]!,
    ];
    return [dot(right, p), dot(up, p)];
  };
  const none = new Float32Array(parts);
  return (at, t) => {
    const corners = [0, 1, 2].map((k) => mesh.indices[3 * t + k]!);
    // What stands out by itself has no markings.
    if (corners[0]! >= apartFrom) return none;
    const [a, b, c] = corners.map(page) as [Point2, Point2, Point2];
    const [x, y] = [low[0] + (at % wide) * pixelMm, low[1] + Math.floor(at / wide) * pixelMm];
    const area = (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
    const u = ((b[0] - x) * (c[1] - y) - (b[1] - y) * (c[0] - x)) / area;
    const v = ((c[0] - x) * (a[1] - y) - (c[1] - y) * (a[0] - x)) / area;
    const shares = [u, v, 1 - u - v];
    const found = new Float32Array(parts);
    corners.forEach((corner, k) => {
      for (let n = 0; n < parts; n++) found[n]! += shares[k]! * cover[parts * corner + n]!;
    });
    return found.map((share) => Math.max(0, Math.min(1, share)));
  };
}

/** The point of space that a pixel sees. */
function pointOf(
  { low, pixelMm, wide, near }: DepthBuffer,
  { right, up, towards }: ViewFrame,
  at: number,
): Vec3 {
  const [x, y] = [low[0] + (at % wide) * pixelMm, low[1] + Math.floor(at / wide) * pixelMm];
  const z = near[at]!;
  const along = (k: 0 | 1 | 2): number => right[k] * x + up[k] * y + towards[k] * z;
  return [along(0), along(1), along(2)];
}
