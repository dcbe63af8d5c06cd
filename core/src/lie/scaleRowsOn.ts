import { facingOf, FACINGS, zoneOf } from '../anatomy/coat.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { volumeKept } from '../body/volumeKept.ts';
import {
  sectionMiddle,
  sectionOutline,
  sectionPoint,
  type AxisSample,
} from '../body/sleeveSection.ts';
import { inverse, turn } from '../geometry/quat.ts';
import { distance, lerp, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import { inSurface } from './anatomyLie.ts';
import type { StrokeSet } from './strokeSet.ts';

/** Rows of scales over a long part, by the places of its sections from its front on. */
export interface RowsOnTube {
  readonly sleeve: string;
  readonly stations: readonly {
    readonly boneId: string;
    readonly share: number;
    readonly atMm: number;
  }[];
  readonly round: number;
  readonly along: number;
  readonly bellyShare: number;
  /** Large plates along the back, in place of the scales there, and what of the girth they take; null without. */
  readonly back: { readonly across: number; readonly along: number; readonly share: number } | null;
  readonly paired: boolean;
}

/** Points round a section. */
const ROUND = 96;
/** A scale is so much longer than what is seen of it. Common practice. */
const LAPS = 1.25;

/** A section as points round it from its back on, with how far round each lies as a share of the girth. */
interface Ring {
  readonly atMm: number;
  readonly middle: Vec3;
  readonly points: readonly Vec3[];
  readonly shares: readonly number[];
  readonly boneId: string;
}

/**
 * Scales and belly plates in their rows on a posed body, as strokes, in some zones of the coat; none of a tube whose
 * sections are not there.
 */
export function scaleRowsOn(
  posed: PosedSkeleton,
  tubes: readonly RowsOnTube[],
  zones: readonly number[],
): StrokeSet {
  const found: Draft[] = [];
  for (const tube of tubes)
    for (const side of tube.paired ? (['left', 'right'] as const) : (['mid'] as const)) {
      const rings = ringsOf(posed, tube, side);
      if (rings.length > 1) found.push(...scalesOf(posed, tube, rings, side));
    }
  return asSet(found.filter(({ zone }) => zones.includes(zone)));
}

interface Draft {
  readonly line: readonly Vec3[];
  readonly out: Vec3;
  readonly wide: number;
  readonly zone: number;
  readonly side: number;
}

function ringsOf(
  posed: PosedSkeleton,
  tube: RowsOnTube,
  side: 'left' | 'right' | 'mid',
): readonly Ring[] {
  const samples = new Map<string, AxisSample>();
  for (const part of volumeKept(posed))
    if (part.kind === 'sleeve' && part.sleeve === sleeveOn(posed, tube, side))
      for (const sample of part.samples) samples.set(keyOf(part.boneId, sample.share), sample);
  return tube.stations.flatMap(({ boneId, share, atMm }) => {
    const id = side === 'right' ? (posed.byId.get(boneId)?.bone.image ?? boneId) : boneId;
    const sample = samples.get(keyOf(id, share));
    return sample === undefined ? [] : [ringOf(sample, atMm, id)];
  });
}

const keyOf = (boneId: string, share: number): string => `${boneId} ${share.toFixed(6)}`;

/** The sleeve of a tube on a side: that of its bones there. */
function sleeveOn(posed: PosedSkeleton, { sleeve, stations }: RowsOnTube, side: string): string {
  if (side !== 'right') return sleeve;
  const id = posed.byId.get(stations[0]!.boneId)?.bone.image;
  const part = volumeKept(posed).find((of) => of.kind === 'sleeve' && of.boneId === id);
  return part?.kind === 'sleeve' ? part.sleeve : sleeve;
}

/** A section from its back (the front of a limb) round, closed. */
function ringOf(sample: AxisSample, atMm: number, boneId: string): Ring {
  const outline = sectionOutline(sample, ROUND);
  const top = outline.reduce((best, [above], i) => (above > outline[best]![0] ? i : best), 0);
  const points = Array.from({ length: ROUND + 1 }, (_, i) => {
    const [above, beside] = outline[(top + i) % ROUND]!;
    return sectionPoint(sample, above, beside);
  });
  let gone = 0;
  const far = points.map((p, i) => (gone += i === 0 ? 0 : distance(points[i - 1]!, p)));
  const shares = far.map((mm) => mm / gone);
  return { atMm, middle: sectionMiddle(sample), points, shares, boneId };
}

/** A point of a ring so far round from its back, −½ to ½ of the girth. */
function onRing({ points, shares }: Ring, round: number): Vec3 {
  const at = ((round % 1) + 1) % 1;
  const after = Math.max(
    1,
    shares.findIndex((share) => share >= at),
  );
  const [from, to] = [shares[after - 1]!, shares[after]!];
  return lerp(points[after - 1]!, points[after]!, to === from ? 0 : (at - from) / (to - from));
}

function scalesOf(
  posed: PosedSkeleton,
  { round, along, bellyShare, back }: RowsOnTube,
  rings: readonly Ring[],
  side: 'left' | 'right' | 'mid',
): readonly Draft[] {
  const [first, last] = [rings[0]!.atMm, rings.at(-1)!.atMm];
  const sides = 1 - bellyShare;
  const drafts: Draft[] = [];
  const put = (row: number, pitch: number, laps: number, of: RowScales): void =>
    void drafts.push(
      ...rowDrafts(posed, rings, side, { head: first + row * pitch, last, pitch, laps }, of),
    );
  for (let row = 0; row < along; row++) {
    const pitch = (last - first) / along;
    const girth = girthAt(rings, first + (row + 0.5) * pitch);
    const rowScales: [share: number, wide: number][] = Array.from({ length: round }, (_, k) => [
      ((k + 0.5 + (row % 2) / 2) / round - 0.5) * sides,
      (sides * girth) / round,
    ]);
    if (bellyShare > 0) rowScales.push([0.5, bellyShare * girth]);
    const free = back === null ? 0 : back.share / 2;
    put(
      row,
      pitch,
      LAPS,
      rowScales.filter(([share]) => Math.abs(share) >= free),
    );
  }
  for (let row = 0; back !== null && row < back.along; row++) {
    const pitch = (last - first) / back.along;
    const wide = (back.share * girthAt(rings, first + (row + 0.5) * pitch)) / back.across;
    const plates = Array.from({ length: back.across }, (_, k): [number, number] => [
      ((k + 0.5) / back.across - 0.5) * back.share,
      wide,
    ]);
    put(row, pitch, 1, plates);
  }
  return drafts;
}

/** Scales of a row: how far round each lies from the back, as a share of the girth, and its width. */
type RowScales = readonly (readonly [share: number, wide: number])[];

/** The scales of one row where they stand on the body. */
function rowDrafts(
  posed: PosedSkeleton,
  rings: readonly Ring[],
  side: 'left' | 'right' | 'mid',
  { head, last, pitch, laps }: Readonly<Record<'head' | 'last' | 'pitch' | 'laps', number>>,
  scales: RowScales,
): readonly Draft[] {
  const { coat } = posed.skeleton.animal;
  const place = (mm: number, share: number) => pointAlong(rings, Math.min(last, mm), share);
  return scales.flatMap(([share, wide]): Draft[] => {
    const root = place(head, share);
    const tip = place(head + laps * pitch, share);
    const out = unit(sub(root.at, root.middle));
    const way = inSurface(sub(tip.at, root.at), out);
    const bone = posed.byId.get(root.boneId)!;
    const facing = FACINGS[facingOf(turn(inverse(bone.rotation), out)[1])]!;
    const zone = zoneOf(coat, bone.bone.key, facing);
    if (way === undefined || zone === undefined) return [];
    return [
      {
        ...{ line: [root.at, lerp(root.at, tip.at, 0.5), tip.at], out, wide },
        ...{ zone: coat.indexOf(zone), side: SIDES.indexOf(side) },
      },
    ];
  });
}

const SIDES = ['left', 'mid', 'right'] as const;

/** Between the two rings that a place lies between. */
function pointAlong(rings: readonly Ring[], mm: number, share: number) {
  const after = Math.max(
    1,
    rings.findIndex(({ atMm }) => atMm >= mm),
  );
  const [a, b] = [rings[after - 1]!, rings[after]!];
  const t = b.atMm === a.atMm ? 0 : (mm - a.atMm) / (b.atMm - a.atMm);
  return {
    at: lerp(onRing(a, share), onRing(b, share), t),
    middle: lerp(a.middle, b.middle, t),
    boneId: (t < 0.5 ? a : b).boneId,
  };
}

function girthAt(rings: readonly Ring[], mm: number): number {
  const after = Math.max(
    1,
    rings.findIndex(({ atMm }) => atMm >= mm),
  );
  const girth = ({ points }: Ring): number =>
    points.slice(1).reduce((sum, p, i) => sum + distance(points[i]!, p), 0);
  const [a, b] = [rings[after - 1]!, rings[after]!];
  const t = b.atMm === a.atMm ? 0 : (mm - a.atMm) / (b.atMm - a.atMm);
  return girth(a) + (girth(b) - girth(a)) * t;
}

const asSet = (drafts: readonly Draft[]): StrokeSet => ({
  many: drafts.length,
  lines: Float32Array.from(drafts.flatMap(({ line }) => line.flat())),
  normals: Float32Array.from(drafts.flatMap(({ out }) => out)),
  widthMm: Float32Array.from(drafts, ({ wide }) => wide),
  zone: Uint8Array.from(drafts, ({ zone }) => zone),
  side: Uint8Array.from(drafts, ({ side }) => side),
});

/** Several sets as one. */
export function joinedStrokes(sets: readonly StrokeSet[]): StrokeSet {
  const many = sets.reduce((sum, set) => sum + set.many, 0);
  const joined = {
    many,
    lines: new Float32Array(9 * many),
    normals: new Float32Array(3 * many),
    widthMm: new Float32Array(many),
    zone: new Uint8Array(many),
    side: new Uint8Array(many),
  };
  let n = 0;
  for (const set of sets) {
    joined.lines.set(set.lines, 9 * n);
    joined.normals.set(set.normals, 3 * n);
    joined.widthMm.set(set.widthMm, n);
    joined.zone.set(set.zone, n);
    joined.side.set(set.side, n);
    n += set.many;
  }
  return joined;
}
