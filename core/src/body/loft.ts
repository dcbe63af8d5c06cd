import { monotoneCubic } from '../geometry/monotoneCubic.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import type { Field } from './field.ts';

/** One section of a loft, square to its axis: a superellipse |y/a|ᵉ + |z/b|ᵉ = 1, lengths in mm. */
export interface LoftStation {
  /** How far along the axis from the origin. */
  readonly along: number;
  /** Half the depth, a, and half the width, b. */
  readonly deep: number;
  readonly wide: number;
  /** The exponent e: 2 is an ellipse, more is squarer, less is leaner towards a diamond. */
  readonly square: number;
  /** How far its middle lies off the axis, towards the back and to the side. */
  readonly up: number;
  readonly side: number;
}

/** A body through sections along a straight axis, with rounded ends. */
export interface Loft {
  readonly origin: Vec3;
  /** Unit axes: along, deep (towards the back), wide. */
  readonly axes: readonly [Vec3, Vec3, Vec3];
  /** In order along the axis, two at least. */
  readonly stations: readonly LoftStation[];
}

/** The sections between the stations: smooth, and never thicker or thinner than both neighbours. */
export function loftSection(stations: readonly LoftStation[]): (along: number) => LoftStation {
  const xs = stations.map((station) => station.along);
  const curve = (of: (loftStation: LoftStation) => number) => monotoneCubic(xs, stations.map(of));
  const deep = curve((loftStation) => loftStation.deep);
  const wide = curve((loftStation) => loftStation.wide);
  const square = curve((loftStation) => loftStation.square);
  const up = curve((loftStation) => loftStation.up);
  const side = curve((loftStation) => loftStation.side);
  return (along) => ({
    along,
    deep: deep(along),
    wide: wide(along),
    square: square(along),
    up: up(along),
    side: side(along),
  });
}

/** How far a rounded end stands out: the lesser half of its section. */
export const capLength = (end: LoftStation): number => Math.min(end.deep, end.wide);

/** Below this share of the section the field is a safe depth instead of the first order. */
const CORE_SHARE = 0.5;
/** Step for the slope along the axis, as a share of the length. */
const SLOPE_STEP = 1e-4;

/**
 * The signed field of a loft: zero on its surface, and near it the distance to first order,
 * (F − 1)/|∇F| with F the section's radius as a share. Outside never more than the true distance to
 * a section, deep inside never more than the depth.
 */
export function loftField({ origin, axes, stations }: Loft): Field {
  const section = loftSection(stations);
  const [first, last] = [stations[0]!, stations.at(-1)!];
  const step = SLOPE_STEP * (last.along - first.along);
  const [[ux, uy, uz], [dx, dy, dz], [wx, wy, wz]] = axes;
  const share = (u: number, y: number, z: number): number => shareIn(section(u), y, z);
  return (px, py, pz) => {
    const [x, y, z] = [px - origin[0], py - origin[1], pz - origin[2]];
    const u = x * ux + y * uy + z * uz;
    const deep = x * dx + y * dy + z * dz;
    const wide = x * wx + y * wy + z * wz;
    const beyond = Math.max(first.along - u, u - last.along, 0);
    const at = section(u);
    const r = shareIn(at, deep, wide);
    const [gy, gz] = shareSlope(at, deep, wide, r);
    if (beyond === 0) {
      if (r < CORE_SHARE) return (r - 1) * Math.min(at.deep, at.wide);
      const gu = (share(u + step, deep, wide) - share(u - step, deep, wide)) / (2 * step);
      return (r - 1) / Math.hypot(gy, gz, gu);
    }
    const q = beyond / capLength(at);
    const f = Math.hypot(r, q);
    if (f < CORE_SHARE) return (f - 1) * capLength(at);
    return ((f - 1) * f) / Math.hypot(r * gy, r * gz, q / capLength(at));
  };
}

/** How far out a point lies in a section: 0 in its middle, 1 on its edge. */
export function shareIn(at: LoftStation, deep: number, wide: number): number {
  const y = Math.abs(deep - at.up) / at.deep;
  const z = Math.abs(wide - at.side) / at.wide;
  if (at.square === 2) return Math.sqrt(y * y + z * z);
  return (y ** at.square + z ** at.square) ** (1 / at.square);
}

/** Slope of the share across the section, without signs. */
function shareSlope(at: LoftStation, deep: number, wide: number, r: number): [number, number] {
  if (r === 0) return [1 / at.deep, 0];
  const part = (off: number, half: number): number =>
    (Math.abs(off) / half / r) ** (at.square - 1) / half;
  return [part(deep - at.up, at.deep), part(wide - at.side, at.wide)];
}

const AREA_STEPS = 256;
/** Areas of superellipses with half axes of 1, by exponent. */
const areas = new Map<number, number>([[2, Math.PI]]);

/** Area of |y|ᵉ + |z|ᵉ = 1, as half the integral of the squared radius round it. */
function unitArea(square: number): number {
  const known = areas.get(square);
  if (known !== undefined) return known;
  let sum = 0;
  for (let i = 0; i < AREA_STEPS; i++) {
    const angle = ((i + 0.5) * Math.PI) / (2 * AREA_STEPS);
    sum += (Math.cos(angle) ** square + Math.sin(angle) ** square) ** (-2 / square);
  }
  const area = (sum * Math.PI) / AREA_STEPS;
  areas.set(square, area);
  return area;
}

/** Area of a section, mm². */
export const sectionArea = (at: LoftStation): number => unitArea(at.square) * at.deep * at.wide;

/** Girth of a section in mm: the length of its outline, by chords. */
export function sectionGirth(at: LoftStation): number {
  const ring = sectionRing(at, AREA_STEPS);
  return ring.reduce((sum, [y, z], i) => {
    const [y2, z2] = ring[(i + 1) % ring.length]!;
    return sum + Math.hypot(y2 - y, z2 - z);
  }, 0);
}

/** Points round a section (deep, wide), mm off the axis; `grow` scales it about its middle. */
export const sectionRing = (
  at: LoftStation,
  points: number,
  grow = 1,
): readonly (readonly [deep: number, wide: number])[] =>
  Array.from({ length: points }, (_, i) => {
    const angle = (2 * Math.PI * i) / points;
    const [c, s] = [Math.cos(angle), Math.sin(angle)];
    const out = grow / (Math.abs(c) ** at.square + Math.abs(s) ** at.square) ** (1 / at.square);
    return [at.up + at.deep * c * out, at.side + at.wide * s * out];
  });

const SLICES = 400;

/** Volume of a loft in mm³ and its middle (along, up, side), by slices; the ends as half domes. */
export function loftMeasures(stations: readonly LoftStation[]): {
  readonly volume: number;
  readonly middle: readonly [along: number, up: number, side: number];
} {
  const section = loftSection(stations);
  const [first, last] = [stations[0]!, stations.at(-1)!];
  const width = (last.along - first.along) / SLICES;
  const sums = [0, 0, 0, 0];
  const put = (volume: number, along: number, at: LoftStation): void => {
    [volume, volume * along, volume * at.up, volume * at.side].forEach(
      (add, i) => (sums[i]! += add),
    );
  };
  for (let i = 0; i < SLICES; i++) {
    const at = section(first.along + (i + 0.5) * width);
    put(sectionArea(at) * width, at.along, at);
  }
  // A dome of height c holds 2/3 of its prism, with the middle at 3/8 of its height.
  for (const [end, away] of [
    [first, -1],
    [last, 1],
  ] as const) {
    const c = capLength(end);
    put((2 / 3) * sectionArea(end) * c, end.along + away * 0.375 * c, end);
  }
  const [volume, along, up, side] = sums as [number, number, number, number];
  return { volume, middle: [along / volume, up / volume, side / volume] };
}
