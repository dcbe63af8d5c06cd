import type { PosedSkeleton } from '../anatomy/pose.ts';
import { distance, type Vec3 } from '../geometry/vec3.ts';
import { seeded, seedOf } from '../geometry/seeded.ts';
import type { SkinSurface } from '../surface/skinSurface.ts';
import { toRad } from '../units/angles.ts';
import { eyeMiddles, inSurface } from './anatomyLie.ts';
import { keptFor } from './keptFor.ts';
import { nearPoints, type NearPoints } from './nearPoints.ts';
import { evenPoints, type SkinSamples } from './pointsOnSkin.ts';
import { rowedPoints } from './rowedPoints.ts';

/** What is drawn in a zone, model mm. */
export interface StrokesOfZone {
  /** Its place in the coat. */
  readonly zone: number;
  readonly many: number;
  readonly lengthMm: number;
  readonly widthMm: number;
  /** Laid in rows across the lie, as feathers are. */
  readonly inRows: boolean;
}

/** How strokes vary: shares and degrees either way; strokes of a lock lean to one another. */
export interface Irregularity {
  readonly length: number;
  readonly deg: number;
  /** How far strokes lean towards the middle of their lock, 0 to 1. */
  readonly locks: number;
}

/** The strokes of a coat on the skin of a stance, numbers in rows. */
export interface StrokeSet {
  readonly many: number;
  /** Root, half way and tip, nine numbers a stroke: mm of the model in space. */
  readonly lines: Float32Array;
  readonly widthMm: Float32Array;
  readonly zone: Uint8Array;
  /** The way out of the skin at the root, unit; three numbers a stroke. */
  readonly normals: Float32Array;
  /** 0 on the animal's left, 1 between, 2 on its right. */
  readonly side: Uint8Array;
}

/** Strokes near an eye are no longer than this share of how far they are from the lids, and those at the nose alike. Common practice. */
const FACE_SHARE = 0.35;
/** What a stroke on lids and muzzle has at least, as a share of its zone's. */
const LEAST_SHARE = 0.15;
/** A lock is about so many strokes wide. */
const LOCK_STROKES = 6;

/** Where the strokes of a skin stand: a lie that turns does not move them. */
const places = keptFor<SkinSurface, SkinSamples>();

const SIDES = ['left', 'mid', 'right'] as const;

/**
 * The strokes of each zone, exactly as many as are told, evenly over its skin or in rows across the lie, at their own length along the lie;
 * those of one zone run into the next over `blendMm`. They are short about eyes and nose. Pure, and the same for
 * the same seed.
 */
export function strokeSet(
  posed: PosedSkeleton,
  skin: SkinSurface,
  ways: Float32Array,
  zones: readonly StrokesOfZone[],
  vary: Irregularity,
  blendMm: number,
): StrokeSet {
  const { mesh, cellMm } = skin;
  const all = zones.reduce((sum, { many }) => sum + many, 0);
  const sizes = blendedSizes(skin, zones, blendMm);
  const caps = faceCaps(posed, mesh.positions);
  const near = nearPoints(mesh.positions, 2 * cellMm);
  const lines = new Float32Array(9 * all);
  const [widthMm, of] = [new Float32Array(all), new Uint8Array(all)];
  const side = new Uint8Array(all);
  const normals = new Float32Array(3 * all);
  const sides = skin.parts.map((part) => SIDES.indexOf(part.side));
  const byZone = trianglesByZone(skin);
  let n = 0;
  for (const its of zones) {
    const random = seeded(seedOf(`zone ${its.zone}`));
    const triangles = byZone.get(its.zone) ?? [];
    const samples = standOf(skin, ways, triangles, its);
    const locks = its.inRows ? 0 : vary.locks;
    const lock = lockLean(locks, LOCK_STROKES * its.widthMm, its.zone);
    for (let s = 0; s < samples.triangles.length; s++) {
      const t = samples.triangles[s]!;
      const shares = [samples.shares[2 * s]!, samples.shares[2 * s + 1]!, 0];
      shares[2] = 1 - shares[0]! - shares[1]!;
      const corners = [0, 1, 2].map((k) => mesh.indices[3 * t + k]!);
      const mix = (values: Float32Array, k: number): number =>
        corners.reduce((sum, c, m) => sum + shares[m]! * values[3 * c + k]!, 0);
      const root: Vec3 = [0, 1, 2].map((k) => mix(mesh.positions, k)) as unknown as Vec3;
      const corner = corners[0]!;
      const way =
        inSurface([mix(ways, 0), mix(ways, 1), mix(ways, 2)], vec(mesh.normals, corner)) ??
        vec(ways, corner);
      const full = sizes.lengthMm[corner]! * (1 + vary.length * (2 * random() - 1));
      const long = Math.max(LEAST_SHARE * full, Math.min(full, caps?.[corner] ?? Infinity));
      const deg = vary.deg * (2 * random() - 1) + lock(root);
      const turned = turnedIn(way, vec(mesh.normals, corner), toRad(deg));
      lines.set(stroke(root, turned, long, skin, ways, near), 9 * n);
      widthMm[n] = sizes.widthMm[corner]!;
      of[n] = its.zone;
      normals.set(vec(mesh.normals, corner), 3 * n);
      side[n] = sides[mesh.owner[corner]!]!;
      n++;
    }
  }
  return {
    many: n,
    lines: lines.slice(0, 9 * n),
    normals: normals.slice(0, 3 * n),
    widthMm: widthMm.slice(0, n),
    zone: of.slice(0, n),
    side: side.slice(0, n),
  };
}

/** Where the strokes of a zone stand. */
const standOf = (
  skin: SkinSurface,
  ways: Float32Array,
  triangles: readonly number[],
  of: StrokesOfZone,
): SkinSamples =>
  of.inRows
    ? rowedPoints(skin.mesh, ways, triangles, of.many, of)
    : places(skin, `${of.zone} ${of.many}`, () =>
        evenPoints(skin.mesh, triangles, of.many, seeded(seedOf(`places ${of.zone}`))),
      );

const vec = (of: Float32Array, i: number): Vec3 => [of[3 * i]!, of[3 * i + 1]!, of[3 * i + 2]!];

/** A way turned about the normal. */
function turnedIn(way: Vec3, n: Vec3, rad: number): Vec3 {
  const [c, s] = [Math.cos(rad), Math.sin(rad)];
  return [
    c * way[0] + s * (n[1] * way[2] - n[2] * way[1]),
    c * way[1] + s * (n[2] * way[0] - n[0] * way[2]),
    c * way[2] + s * (n[0] * way[1] - n[1] * way[0]),
  ];
}

/** Root, half way and tip of a stroke: the second half follows the lie where the first has led. */
function stroke(
  root: Vec3,
  way: Vec3,
  long: number,
  { mesh }: SkinSurface,
  ways: Float32Array,
  near: NearPoints,
): readonly number[] {
  const half = long / 2;
  const mid: Vec3 = [root[0] + half * way[0], root[1] + half * way[1], root[2] + half * way[2]];
  const i = near.nearest(0, ...mid);
  const next =
    i < 0
      ? way
      : (inSurface(
          [way[0] + ways[3 * i]!, way[1] + ways[3 * i + 1]!, way[2] + ways[3 * i + 2]!],
          vec(mesh.normals, i),
        ) ?? way);
  return [
    ...root,
    ...mid,
    mid[0] + half * next[0],
    mid[1] + half * next[1],
    mid[2] + half * next[2],
  ];
}

/** The triangles of each zone: that of their first corner. */
function trianglesByZone({ mesh, zone }: SkinSurface): ReadonlyMap<number, number[]> {
  const by = new Map<number, number[]>();
  for (let t = 0; 3 * t < mesh.indices.length; t++) {
    const its = zone[mesh.indices[3 * t]!]!;
    const list = by.get(its);
    if (list === undefined) by.set(its, [t]);
    else list.push(t);
  }
  return by;
}

/** Strokes of a lock lean the same way: a slow wave over space, in degrees. */
function lockLean(share: number, wide: number, zone: number): (p: Vec3) => number {
  const k = (2 * Math.PI) / Math.max(wide, 1e-6);
  return ([x, y, z]) =>
    share * 14 * Math.sin(k * (0.8 * x + 0.31 * y) + zone) * Math.cos(k * (0.73 * z - 0.52 * y));
}

/** Lengths and widths at each point, evened over so many mm so that one zone runs into the next. */
function blendedSizes(
  { mesh, zone, cellMm }: SkinSurface,
  zones: readonly StrokesOfZone[],
  blendMm: number,
) {
  const many = zone.length;
  const lengthOf = new Map(zones.map((its) => [its.zone, its.lengthMm]));
  const widthOf = new Map(zones.map((its) => [its.zone, its.widthMm]));
  let lengthMm = Float32Array.from(zone, (z) => lengthOf.get(z) ?? NaN);
  let widthMm = Float32Array.from(zone, (z) => widthOf.get(z) ?? NaN);
  const rounds = Math.min(12, Math.round((blendMm / cellMm) ** 2 / 2));
  for (let r = 0; r < rounds; r++) {
    lengthMm = evenedOnce(lengthMm, mesh.indices, many);
    widthMm = evenedOnce(widthMm, mesh.indices, many);
  }
  return { lengthMm, widthMm };
}

/** Each value the mean of itself and its neighbours'; points without a value do not count. */
function evenedOnce(
  values: Float32Array,
  indices: Uint32Array,
  many: number,
): Float32Array<ArrayBuffer> {
  const [sum, count] = [new Float32Array(many), new Float32Array(many)];
  for (let t = 0; t < indices.length; t += 3) {
    for (let n = 0; n < 3; n++) {
      const [i, j] = [indices[t + n]!, indices[t + ((n + 1) % 3)]!];
      if (Number.isNaN(values[i]!) || Number.isNaN(values[j]!)) continue;
      sum[i]! += values[j]!;
      count[i]!++;
    }
  }
  return values.map((v, i) =>
    count[i] === 0 ? v : (v + sum[i]!) / (1 + count[i]!),
  ) as Float32Array<ArrayBuffer>;
}

/** How long a stroke may be at each point by how far it is from eyes and nose; undefined for an animal without a face. */
function faceCaps(posed: PosedSkeleton, positions: Float32Array): Float32Array | undefined {
  const { animal, byId } = posed.skeleton;
  const eyes = eyeMiddles(posed);
  if (eyes.length === 0) return undefined;
  const lids = (animal.eye.mm * posed.sizeFactor) / 2;
  const headId = [...byId.values()].find(({ key }) => key === animal.face?.eyes[0]?.at[0])?.id;
  const head = headId === undefined ? undefined : posed.byId.get(headId);
  return Float32Array.from({ length: positions.length / 3 }, (_, i) => {
    const p = vec(positions, i);
    const eye =
      eyes.reduce((least, middle) => Math.min(least, distance(p, middle)), Infinity) - lids;
    const nose = head === undefined ? Infinity : distance(p, head.end);
    return FACE_SHARE * Math.max(0, Math.min(eye + lids / 2, nose));
  });
}
