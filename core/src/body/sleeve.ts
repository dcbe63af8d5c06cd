import type { FleshSleeve, SleeveStation } from '../anatomy/animal.ts';
import { alongBone, posedBone, restPose, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { monotoneCubic } from '../geometry/monotoneCubic.ts';
import { shortestTurn, turn } from '../geometry/quat.ts';
import { cross, distance, dot, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import {
  chainsOf,
  firstShare,
  shareOn,
  wayAt,
  type Placed,
  type SleeveChain,
} from './sleeveChain.ts';
import type { AxisSample, SleeveSection } from './sleeveSection.ts';

/** A run of a sleeve that belongs to one bone; its ends are open where the sleeve goes on. */
export interface SleeveRun {
  readonly sleeve: string;
  readonly samples: readonly AxisSample[];
  /** Whether the sleeve ends in a dome before the first sample, and after the last. */
  readonly domes: readonly [first: boolean, last: boolean];
}

/** Samples from one station to the next. */
export const SAMPLES_IN_SPAN = 6;

/** A sample of an axis as it is in every stance: between which stations, on which bone, and its section in life. */
interface RestSample {
  readonly span: number;
  readonly t: number;
  readonly boneId: string;
  readonly share: number;
  /** The same place as the bone before would tell it, where the axis goes over to another. */
  readonly shareBefore: number;
  readonly section: SleeveSection;
}

/** A chain as it is in every stance. */
interface RestChain {
  readonly id: string;
  /** Where the axis goes through: a place of a bone, the way along it and the way up there, in rest axes. */
  readonly knots: readonly {
    readonly boneId: string;
    readonly at: number;
    readonly way: Vec3;
    readonly up: Vec3;
  }[];
  readonly samples: readonly RestSample[];
}

const chains = new WeakMap<Skeleton, readonly RestChain[]>();

/** The chains of a skeleton, worked out once for it: a stance only turns them. */
function restChains(skeleton: Skeleton): readonly RestChain[] {
  const known = chains.get(skeleton);
  if (known !== undefined) return known;
  const made = chainsOf(restPose(skeleton)).map(restChain);
  chains.set(skeleton, made);
  return made;
}

/** Stations as knots, and samples between them whose sections run on monotone cubics. */
function restChain({ id, placed, faces }: SleeveChain): RestChain {
  const ups = framesAtRest(placed, faces);
  const ks = placed.map((_, i) => i);
  const along = (of: (station: SleeveStation) => number): ((s: number) => number) => {
    const values = placed.map(({ station }) => of(station));
    // Most sections are plain ellipses about their bone.
    return values.every((value) => value === values[0])
      ? () => values[0]!
      : monotoneCubic(ks, values);
  };
  // Height and middle, and not both edges: edges that run by themselves could cross.
  const high = along(({ above, below }) => (above + below) / 2);
  const middle = along(({ above, below }) => (above - below) / 2);
  const half = along(({ halfWidth }) => halfWidth);
  const widest = along(({ widest: at = 0 }) => at);
  const squareAbove = along(({ squareAbove: e = 2 }) => e);
  const squareBelow = along(({ squareBelow: e = 2 }) => e);
  const side = along(({ side: off = 0 }) => off);
  const count = (placed.length - 1) * SAMPLES_IN_SPAN;
  const samples = Array.from({ length: count + 1 }, (_, n): RestSample => {
    const span = Math.min(placed.length - 2, Math.floor(n / SAMPLES_IN_SPAN));
    const t = n / SAMPLES_IN_SPAN - span;
    const s = span + t;
    const [from, to] = [placed[span]!, placed[span + 1]!];
    const first = firstShare(from, to);
    // The sample nearest to the joint is where one bone's run ends and the next begins.
    // Each keeps one at least, so that no bone is without.
    const switched = Math.min(
      SAMPLES_IN_SPAN - 1,
      Math.max(1, Math.round(first * SAMPLES_IN_SPAN)),
    );
    const isFirst = from.posed === to.posed || t * SAMPLES_IN_SPAN < switched - 1e-9;
    return {
      ...{ span, t, boneId: (isFirst ? from : to).posed.bone.id },
      share: shareOn(placed, span, t, isFirst),
      shareBefore: shareOn(placed, span, t, true),
      section: {
        above: middle(s) + high(s),
        below: high(s) - middle(s),
        half: half(s),
        widest: widest(s),
        squareAbove: squareAbove(s),
        squareBelow: squareBelow(s),
        side: side(s),
      },
    };
  });
  return {
    id,
    knots: placed.map(({ posed, station }, i) => ({
      ...{ boneId: posed.bone.id, at: station.at, up: ups[i]! },
      way: wayAt(placed, i),
    })),
    samples,
  };
}

/**
 * The sleeves of a posed body as runs, one for each bone that a sleeve goes along. The axis is a smooth
 * curve through the stations that follows each posed bone and bends between them; its sections run on
 * monotone cubics, and its frame turns evenly from each bone to the next.
 */
export const sleeveRuns = (
  posed: PosedSkeleton,
): readonly (SleeveRun & { readonly boneId: string })[] =>
  restChains(posed.skeleton).flatMap((chain) => runsOf(chain, axisOf(chain, posed)));

/** Where the axis of a chain goes in a stance, and what it is like there. */
function axisOf({ knots, samples }: RestChain, posed: PosedSkeleton): readonly AxisSample[] {
  const k = posed.sizeFactor;
  const bones = knots.map(({ boneId }) => posedBone(posed, boneId));
  const points = knots.map(({ at }, i) => alongBone(bones[i]!, at));
  const ways = knots.map(({ way }, i) => turn(bones[i]!.rotation, way));
  const ups = knots.map(({ up }, i) => turn(bones[i]!.rotation, up));
  const places = samples.map(({ span, t }) =>
    hermite(points[span]!, ways[span]!, points[span + 1]!, ways[span + 1]!, t),
  );
  return samples.map(({ span, t, boneId, share, section }, i): AxisSample => {
    const before = places[Math.max(0, i - 1)]!;
    const after = places[Math.min(places.length - 1, i + 1)]!;
    const along = unit([after[0] - before[0], after[1] - before[1], after[2] - before[2]]);
    const up = leaning(ups[span]!, ups[span + 1]!, t, along);
    return {
      at: places[i]!,
      along,
      up,
      across: cross(along, up),
      boneId,
      share,
      above: section.above * k,
      below: section.below * k,
      half: section.half * k,
      widest: section.widest,
      squareAbove: section.squareAbove,
      squareBelow: section.squareBelow,
      side: section.side * k,
    };
  });
}

/** The way up between two stations, unit and square to the axis. */
function leaning(from: Vec3, to: Vec3, t: number, along: Vec3): Vec3 {
  const x = from[0] + (to[0] - from[0]) * t;
  const y = from[1] + (to[1] - from[1]) * t;
  const z = from[2] + (to[2] - from[2]) * t;
  const off = x * along[0] + y * along[1] + z * along[2];
  return unit([x - off * along[0], y - off * along[1], z - off * along[2]]);
}

/** How strongly an axis holds to its bones at the ends of a bend: 1 rounds it most, 2 is nearly the joint. */
const PULL = 1.2;

/** A cubic from one place to another that leaves and meets them along unit directions. */
function hermite(from: Vec3, way: Vec3, to: Vec3, next: Vec3, t: number): Vec3 {
  const long = PULL * distance(from, to);
  const t2 = t * t;
  const t3 = t2 * t;
  const c = 3 * t2 - 2 * t3;
  const a = 1 - c;
  const b = long * (t3 - 2 * t2 + t);
  const d = long * (t3 - t2);
  return [
    a * from[0] + b * way[0] + c * to[0] + d * next[0],
    a * from[1] + b * way[1] + c * to[1] + d * next[1],
    a * from[2] + b * way[2] + c * to[2] + d * next[2],
  ];
}

/**
 * Which way is up at each station in the rest axes of its bone: the back of the column, or the front of a
 * limb, at the first one, and from there carried along the chain at rest with the least turn (parallel
 * transport), so that the front of a leg becomes the top of its foot.
 */
function framesAtRest(placed: readonly Placed[], faces: FleshSleeve['faces']): readonly Vec3[] {
  const first = wayAt(placed, 0);
  const wanted: Vec3 = faces === 'back' ? [0, 1, 0] : [1, 0, 0];
  // A first bone that points that way itself has another side in its place.
  const side = Math.abs(dot(wanted, first)) > 0.99 ? ([wanted[1], wanted[0], 0] as const) : wanted;
  let up = unit(sub(side, scale(first, dot(side, first))));
  let before = first;
  return placed.map((_, i) => {
    const way = wayAt(placed, i);
    up = turn(shortestTurn(before, way), up);
    before = way;
    return up;
  });
}

/** The axis shared out to the bones that it goes along; neighbours share the sample between them. */
function runsOf(
  { id, samples }: RestChain,
  axis: readonly AxisSample[],
): readonly (SleeveRun & { readonly boneId: string })[] {
  const starts = axis.flatMap(({ boneId }, i) => (axis[i - 1]?.boneId === boneId ? [] : [i]));
  return starts.map((start, n) => {
    const end = starts[n + 1] ?? axis.length - 1;
    return {
      sleeve: id,
      boneId: axis[start]!.boneId,
      // It ends with a sample of the next bone, told by the share of its own.
      samples: [
        ...axis.slice(start, end),
        {
          ...axis[end]!,
          boneId: axis[start]!.boneId,
          share: end === axis.length - 1 ? axis[end]!.share : samples[end]!.shareBefore,
        },
      ],
      domes: [n === 0, n === starts.length - 1] as const,
    };
  });
}
