import { add, dot, scale, sub, type Vec3 } from './vec3.ts';

/** Nearest points of two segments, and their distance. */
export interface NearestPoints {
  readonly a: Vec3;
  readonly b: Vec3;
  readonly distance: number;
}

const clamp = (v: number): number => Math.max(0, Math.min(1, v));
const TINY = 1e-12;

/**
 * Nearest points of the segments p–q and r–s: the minimum of a quadratic in two shares, each clamped
 * to its segment (C. Ericson, Real-Time Collision Detection, 2005, section 5.1.9).
 */
export function nearestOfSegments(p: Vec3, q: Vec3, r: Vec3, s: Vec3): NearestPoints {
  const [d1, d2, w] = [sub(q, p), sub(s, r), sub(p, r)];
  const [a, e, f] = [dot(d1, d1), dot(d2, d2), dot(d2, w)];
  const c = dot(d1, w);
  const b = dot(d1, d2);
  const det = a * e - b * b;
  let u = det > TINY * a * e ? clamp((b * f - c * e) / det) : 0;
  let v = e > 0 ? (b * u + f) / e : 0;
  if (v < 0 || v > 1) {
    v = clamp(v);
    u = a > 0 ? clamp((b * v - c) / a) : 0;
  }
  const [onA, onB] = [add(p, scale(d1, u)), add(r, scale(d2, v))];
  return { a: onA, b: onB, distance: Math.hypot(...sub(onA, onB)) };
}
