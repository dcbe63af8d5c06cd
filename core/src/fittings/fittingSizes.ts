import type { AxisSample } from '../body/sleeveSection.ts';
import {
  add,
  cross,
  distance,
  dot,
  length,
  scale,
  sub,
  unit,
  type Vec3,
} from '../geometry/vec3.ts';
import { toDeg } from '../units/angles.ts';
import { arcOf } from './curves.ts';
import type { FittingKind } from './fittingKinds.ts';

/** A place of a part laid into its plane, mm: from its root on along x, bending down; half as high there, and half as wide across. */
export interface ProfilePoint {
  readonly x: number;
  readonly y: number;
  readonly half: number;
  readonly wide: number;
}

/** Pieces of a part that are alike, mm of the model. */
export interface FittingSize {
  readonly count: number;
  /** Along its curve. */
  readonly lengthMm: number;
  /** Across its thickest place, in its plane and across it. */
  readonly thickMm: number;
  readonly wideMm: number;
  /** Straight from root to tip, and how high the curve stands over that. */
  readonly chordMm: number;
  readonly sagittaMm: number;
  /** From the way at its root to the way at its tip. */
  readonly turnDeg: number;
  /** How far it leaves its plane. */
  readonly twistMm: number;
  readonly volumeMm3: number;
  /** Seen flat, square to its plane. */
  readonly flatMm2: number;
  readonly profile: readonly ProfilePoint[];
}

/** Pieces whose lengths and thicknesses differ by no more than this share are made alike. */
const ALIKE = 0.05;

/** Pieces by size, the longest first. */
export function sizesOf(pieces: readonly (readonly AxisSample[])[]): readonly FittingSize[] {
  const all = pieces
    .map((samples) => measured(samples))
    .toSorted((a, b) => b.lengthMm - a.lengthMm);
  const sizes: FittingSize[] = [];
  for (const piece of all) {
    const same = sizes.findIndex((size) => isAlike(size, piece));
    if (same < 0) sizes.push(piece);
    else sizes[same] = { ...sizes[same]!, count: sizes[same]!.count + 1 };
  }
  return sizes;
}

const isAlike = (a: FittingSize, b: FittingSize): boolean =>
  Math.abs(a.lengthMm - b.lengthMm) <= ALIKE * a.lengthMm &&
  Math.abs(a.thickMm - b.thickMm) <= ALIKE * a.thickMm;

/** One piece, measured along its axis: sums over its samples. */
export function measured(samples: readonly AxisSample[]): FittingSize {
  const [root, tip] = [samples[0]!, samples.at(-1)!];
  const chord = sub(tip.at, root.at);
  const plane = planeOf(root, chord, samples);
  const profile = samples.map((sample) => onPlane(sample, root.at, plane));
  let [long, volume, flat] = [0, 0, 0];
  samples.forEach((sample, i) => {
    if (i === 0) return;
    const step = distance(samples[i - 1]!.at, sample.at);
    const [a, b] = [profile[i - 1]!, profile[i]!];
    long += step;
    volume += (Math.PI * (a.half * a.wide + b.half * b.wide) * step) / 2;
    flat += (a.half + b.half) * step;
  });
  const along = length(chord) === 0 ? root.along : unit(chord);
  const off = samples.map(({ at }) => {
    const from = sub(at, root.at);
    return sub(from, scale(along, dot(from, along)));
  });
  const cosine = Math.max(-1, Math.min(1, dot(root.along, tip.along)));
  return {
    count: 1,
    lengthMm: long,
    thickMm: 2 * Math.max(...profile.map(({ half }) => half)),
    wideMm: 2 * Math.max(...profile.map(({ wide }) => wide)),
    chordMm: length(chord),
    sagittaMm: Math.max(...off.map(length)),
    turnDeg: toDeg(Math.acos(cosine)),
    twistMm: Math.max(...samples.map(({ at }) => Math.abs(dot(sub(at, root.at), plane.across)))),
    volumeMm3: volume,
    flatMm2: flat,
    profile,
  };
}

/** Ways of a part's own plane: on from its root, square to that towards where it bends away from, and across. */
interface OwnPlane {
  readonly on: Vec3;
  readonly up: Vec3;
  readonly across: Vec3;
}

/** A curve that leaves the way of its root by less than this share of its length is straight. */
const STRAIGHT = 0.01;

function planeOf(root: AxisSample, chord: Vec3, samples: readonly AxisSample[]): OwnPlane {
  const on = root.along;
  const off = samples.map(({ at }) => {
    const from = sub(at, root.at);
    return sub(from, scale(on, dot(from, on)));
  });
  const most = off.reduce((a, b) => (length(b) > length(a) ? b : a));
  const up = length(most) < STRAIGHT * length(chord) ? root.up : unit(scale(most, -1));
  return { on, up, across: cross(on, up) };
}

/** A sample in the plane of its part: its place, and half of its section's shadow in the plane and across it. */
function onPlane(sample: AxisSample, from: Vec3, { on, up, across }: OwnPlane): ProfilePoint {
  const p = sub(sample.at, from);
  const middle = add(
    p,
    add(scale(sample.up, (sample.above - sample.below) / 2), scale(sample.across, sample.side)),
  );
  const high = (sample.above + sample.below) / 2;
  const shadow = (way: Vec3): number =>
    Math.hypot(high * dot(sample.up, way), sample.half * dot(sample.across, way));
  const lie = unit(sub(sample.along, scale(across, dot(sample.along, across))));
  return {
    x: dot(middle, on),
    y: dot(middle, up),
    half: shadow(cross(across, lie)),
    wide: shadow(across),
  };
}

/** Steps along a part that the animal's drawing does not show. */
const STEPS = 24;

/** A part by its kind alone, so long; for what hides in a shut mouth. A ball is `lengthMm` across. */
export function sizeByKind(
  { shape, thick, curveDeg }: FittingKind,
  lengthMm: number,
  count: number,
): FittingSize {
  const d = thick * lengthMm;
  const turn = (curveDeg * Math.PI) / 180;
  const profile = Array.from({ length: STEPS + 1 }, (_, i): ProfilePoint => {
    const t = i / STEPS;
    const a = turn * t;
    // Along a circle of radius length/turn; straight where it does not turn.
    const [x, y] =
      turn === 0
        ? [lengthMm * t, 0]
        : [(lengthMm / turn) * Math.sin(a), (-lengthMm / turn) * (1 - Math.cos(a))];
    return { x: x!, y: y!, ...halves(shape, d / 2, t) };
  });
  const { chordMm, sagittaMm } =
    curveDeg === 0 ? { chordMm: lengthMm, sagittaMm: 0 } : arcOf(lengthMm, curveDeg);
  const step = lengthMm / STEPS;
  const spans = profile.slice(1).map((b, i) => [profile[i]!, b] as const);
  // A cone's volume between two of its sections, and a ball's by its formula.
  const volumeMm3 =
    shape === 'ball'
      ? (Math.PI * lengthMm ** 3) / 6
      : spans.reduce((sum, [a, b]) => sum + frustum(a, b, step), 0);
  return {
    ...{ count, lengthMm, chordMm, sagittaMm, turnDeg: curveDeg, twistMm: 0, volumeMm3, profile },
    thickMm: d,
    wideMm: 2 * Math.max(...profile.map(({ wide }) => wide)),
    flatMm2: spans.reduce((sum, [a, b]) => sum + (a.half + b.half) * step, 0),
  };
}

/** Between two elliptic sections whose axes change evenly: π·h/3·(a₁b₁ + (a₁b₂ + a₂b₁)/2 + a₂b₂). */
const frustum = (a: ProfilePoint, b: ProfilePoint, h: number): number =>
  ((Math.PI * h) / 3) *
  (a.half * a.wide + (a.half * b.wide + b.half * a.wide) / 2 + b.half * b.wide);

/** A leaf is a fifth as thick as it is broad. */
const LEAF_THIN = 0.2;

/** Half a section's height and breadth at a share of the length. */
function halves(
  shape: FittingKind['shape'],
  half: number,
  t: number,
): Pick<ProfilePoint, 'half' | 'wide'> {
  switch (shape) {
    case 'ball': {
      const round = 2 * half * Math.sqrt(Math.max(0, t * (1 - t)));
      return { half: round, wide: round };
    }
    case 'cone':
      return { half: half * (1 - t), wide: half * (1 - t) };
    case 'leaf': {
      const broad = half * Math.sqrt(Math.max(0, 1 - t ** 3));
      return { half: broad, wide: LEAF_THIN * broad };
    }
    case 'block':
      return { half: half * (1 - 0.4 * t), wide: half * (1 - 0.2 * t) };
  }
}
