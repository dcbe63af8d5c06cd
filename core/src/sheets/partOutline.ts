import type { SkinPart } from '../body/skin.ts';
import { lerp, scale } from '../geometry/vec3.ts';
import type { PagePoint } from './drawing.ts';
import { taperedOutline } from './taperedOutline.ts';
import { project, type View } from './views.ts';

const ELLIPSE_SEGMENTS = 48;

/**
 * Outline of a part of flesh seen from afar, as a closed polygon in mm, drawn in by `insetMm` all
 * round: what lies deeper than that. Null where nothing does.
 */
export function partOutline(view: View, part: SkinPart, insetMm = 0): readonly PagePoint[] | null {
  return part.kind === 'cone' ? coneOutline(view, part, insetMm) : ellipse(view, part, insetMm);
}

/** A round cone drawn in is the round cone of what is left of its radii. */
function coneOutline(
  view: View,
  part: Extract<SkinPart, { kind: 'cone' }>,
  insetMm: number,
): readonly PagePoint[] | null {
  const [ra, rb] = [part.radiusA - insetMm, part.radiusB - insetMm];
  if (ra <= 0 && rb <= 0) return null;
  // Where one end has nothing left, the cone ends at the place where its radius runs out.
  const a = ra > 0 ? part.a : lerp(part.b, part.a, rb / (rb - ra));
  const b = rb > 0 ? part.b : lerp(part.a, part.b, ra / (ra - rb));
  return taperedOutline(project(view, a), Math.max(0, ra), project(view, b), Math.max(0, rb));
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
