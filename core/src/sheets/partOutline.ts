import {
  domeLength,
  sectionOutline,
  sectionPoint,
  type AxisSample,
} from '../body/sleeveSection.ts';
import { type SkinPart, type SleevePart } from '../body/skin.ts';
import { convexHull } from '../geometry/hull.ts';
import { add, scale } from '../geometry/vec3.ts';
import type { PagePoint, View } from './drawing.ts';
import { project } from './views.ts';

const ELLIPSE_SEGMENTS = 48;

/**
 * Outlines of a part of flesh seen from afar, as closed polygons in mm that are drawn as one, drawn
 * in by `insetMm` all round: what lies deeper than that. None where nothing does.
 */
export function partOutlines(
  view: View,
  part: SkinPart,
  insetMm = 0,
): readonly (readonly PagePoint[])[] {
  if (part.kind === 'sleeve') return sleeveOutlines(view, part, insetMm);
  const outline = ellipse(view, part, insetMm);
  return outline === null ? [] : [outline];
}

const RING_POINTS = 24;
const CAP_SHARES = [0.4, 0.75, 0.95, 1] as const;

/** A run of a sleeve as the hulls of neighbouring sections, and the rings of its domes. */
function sleeveOutlines(
  view: View,
  { samples, domes }: SleevePart,
  insetMm: number,
): readonly (readonly PagePoint[])[] {
  const ring = (sample: AxisSample, ahead: number, grow: number): readonly PagePoint[] => {
    const left = {
      ...sample,
      above: sample.above - insetMm,
      below: sample.below - insetMm,
      half: sample.half - insetMm,
    };
    if (left.above + left.below <= 0 || left.half <= 0) return [];
    const shifted = { ...left, at: add(sample.at, scale(sample.along, ahead)) };
    return sectionOutline(left, RING_POINTS, grow).map(([up, side]) =>
      project(view, sectionPoint(shifted, up, side)),
    );
  };
  const dome = (end: AxisSample, away: 1 | -1): readonly (readonly PagePoint[])[] =>
    CAP_SHARES.map((q) =>
      ring(end, away * q * Math.max(0, domeLength(end) - insetMm), Math.sqrt(1 - q * q)),
    );
  const rings = [
    ...(domes[0] ? dome(samples[0]!, -1).toReversed() : []),
    ...tellingSamples(samples).map((sample) => ring(sample, 0, 1)),
    ...(domes[1] ? dome(samples.at(-1)!, 1) : []),
  ];
  // Each hull laps over the next, so that no seam is seen between them.
  return rings
    .slice(1)
    .map((next, i) => convexHull([...rings[i]!, ...next, ...(rings[i + 2] ?? [])]))
    .filter((hull) => hull.length > 2);
}

/** A section between two others that lies this near to the straight line between them adds nothing, in its size. */
const STRAIGHT = 0.02;

/** The sections that an outline needs: the first, the last, and those where the run bends or swells between them. */
function tellingSamples(samples: readonly AxisSample[]): readonly AxisSample[] {
  const kept = [0];
  for (let i = 1; i < samples.length; i++) {
    const from = kept.at(-1)!;
    const straight = samples
      .slice(from + 1, i)
      .every((_, n) => liesBetween(samples, from, from + 1 + n, i));
    if (!straight) kept.push(i - 1);
  }
  kept.push(samples.length - 1);
  return kept.map((i) => samples[i]!);
}

function liesBetween(samples: readonly AxisSample[], from: number, i: number, to: number): boolean {
  const [a, here, b] = [samples[from]!, samples[i]!, samples[to]!];
  const t = (i - from) / (to - from);
  const off = STRAIGHT * (here.above + here.below);
  const near = (p: number, q: number, r: number): boolean => Math.abs(p + (r - p) * t - q) < off;
  return (
    near(a.above, here.above, b.above) &&
    near(a.below, here.below, b.below) &&
    near(a.half, here.half, b.half) &&
    [0, 1, 2].every((k) => near(a.at[k as 0], here.at[k as 0], b.at[k as 0]))
  );
}

/**
 * An ellipsoid is seen as the ellipse of its projected axes; the point with the normal n lies at
 * Mn/√(nᵀMn). Drawn in along its normals, which holds while the inset is less than its sharpest
 * curve; beyond that nothing is drawn.
 */
function ellipse(
  view: View,
  part: Extract<SkinPart, { kind: 'ellipsoid' }>,
  insetMm: number,
): readonly PagePoint[] | null {
  const [cx, cy] = project(view, part.centre);
  const seen = part.axes.map((axis, i) => project(view, scale(axis, part.radii[i as 0])));
  const sum = (i: 0 | 1, j: 0 | 1): number => seen.reduce((s, m) => s + m[i] * m[j], 0);
  const [xx, xy, yy] = [sum(0, 0), sum(0, 1), sum(1, 1)];
  const spread = Math.hypot((xx - yy) / 2, xy);
  const [long2, short2] = [(xx + yy) / 2 + spread, (xx + yy) / 2 - spread];
  if (insetMm >= short2 / Math.sqrt(long2)) return null;
  return Array.from({ length: ELLIPSE_SEGMENTS }, (_, i): PagePoint => {
    const angle = (2 * Math.PI * i) / ELLIPSE_SEGMENTS;
    const [nx, ny] = [Math.cos(angle), Math.sin(angle)];
    const [mx, my] = [xx * nx + xy * ny, xy * nx + yy * ny];
    const reach = Math.sqrt(nx * mx + ny * my);
    return [cx + mx / reach - insetMm * nx, cy + my / reach - insetMm * ny];
  });
}
