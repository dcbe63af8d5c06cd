import type { FleshSleeve, SleeveStation } from '../anatomy/animal.ts';
import { alongBone, posedBone, poseSkeleton, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { monotoneCubic } from '../geometry/monotoneCubic.ts';
import { shortestTurn, turn } from '../geometry/quat.ts';
import { add, cross, distance, dot, lerp, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import {
  chainsOf,
  firstShare,
  shareOn,
  wayAt,
  type Placed,
  type SleeveChain,
} from './sleeveChain.ts';

/** The section of a sleeve at a place of its axis, mm: measured from the axis, square to it. */
export interface SleeveSection {
  /** From the axis to the skin above (in limbs: in front) and below it (behind). */
  readonly above: number;
  readonly below: number;
  readonly half: number;
  /** Where it is widest: −1 at its lower edge, 0 halfway, 1 at its upper edge. */
  readonly widest: number;
  /** Exponents of the superellipses over and under the widest line; 2 is an ellipse. */
  readonly squareAbove: number;
  readonly squareBelow: number;
  /** How far its middle lies off the axis to the side. */
  readonly side: number;
}

/** A place of a posed axis with its frame: along it, up (in limbs: forward), and to the side. */
export interface AxisSample extends SleeveSection {
  readonly at: Vec3;
  readonly along: Vec3;
  readonly up: Vec3;
  readonly across: Vec3;
  /** The bone that it lies on, and how far along it. */
  readonly boneId: string;
  readonly share: number;
}

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
  const made = chainsOf(poseSkeleton(skeleton, {})).map(restChain);
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
    const switched = Math.min(5, Math.max(1, Math.round(first * SAMPLES_IN_SPAN)));
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
    const along = unit(
      sub(places[Math.min(places.length - 1, i + 1)]!, places[Math.max(0, i - 1)]!),
    );
    const leaning = lerp(ups[span]!, ups[span + 1]!, t);
    const up = unit(sub(leaning, scale(along, dot(leaning, along))));
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

/** How strongly an axis holds to its bones at the ends of a bend: 1 rounds it most, 2 is nearly the joint. */
const PULL = 1.2;

/** A cubic from one place to another that leaves and meets them along unit directions. */
function hermite(from: Vec3, way: Vec3, to: Vec3, next: Vec3, t: number): Vec3 {
  const long = PULL * distance(from, to);
  const [t2, t3] = [t * t, t * t * t];
  const [a, b, c, d] = [
    2 * t3 - 3 * t2 + 1,
    long * (t3 - 2 * t2 + t),
    3 * t2 - 2 * t3,
    long * (t3 - t2),
  ];
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

/** Half the height of a section, and how far its middle lies above the axis. */
export const halfHeight = ({ above, below }: SleeveSection): number => (above + below) / 2;
export const middleUp = ({ above, below }: SleeveSection): number => (above - below) / 2;

/** How far above the axis a section is widest. */
export const widestUp = (section: SleeveSection): number =>
  middleUp(section) + section.widest * halfHeight(section);

/** How far a dome stands out at an end. */
export const domeLength = (section: SleeveSection): number =>
  Math.min(halfHeight(section), section.half);

/** The middle of a section in space. */
export const sectionMiddle = (sample: AxisSample): Vec3 =>
  sectionPoint(sample, middleUp(sample), sample.side);

/** A point of a section's plane: so far above the axis and to its side. */
export const sectionPoint = ({ at, up, across }: AxisSample, above: number, side: number): Vec3 =>
  add(at, add(scale(up, above), scale(across, side)));

/** The outline of a section from its widest place on, as points above and beside the axis. */
export function sectionOutline(
  section: SleeveSection,
  points: number,
  grow = 1,
): readonly (readonly [above: number, side: number])[] {
  const line = widestUp(section);
  const middle = middleUp(section);
  return Array.from({ length: points }, (_, i) => {
    const angle = (2 * Math.PI * i) / points;
    const [c, s] = [Math.cos(angle), Math.sin(angle)];
    const reach = s >= 0 ? section.above - line : section.below + line;
    const e = s >= 0 ? section.squareAbove : section.squareBelow;
    const up = line + reach * rounded(s, e);
    return [middle + grow * (up - middle), section.side + grow * section.half * rounded(c, e)];
  });
}

/** A coordinate of a circle as one of a superellipse. */
const rounded = (v: number, e: number): number =>
  e === 2 ? v : Math.sign(v) * Math.abs(v) ** (2 / e);

/** Areas of half superellipses of half axes 1, by exponent; an ellipse's is π/2. */
const halfAreas = new Map<number, number>([[2, Math.PI / 2]]);
const AREA_STEPS = 128;

/** Area over the widest line of |y|ᵉ + |z|ᵉ = 1, as half the integral of the squared radius round it. */
function halfArea(e: number): number {
  const known = halfAreas.get(e);
  if (known !== undefined) return known;
  let sum = 0;
  for (let i = 0; i < AREA_STEPS; i++) {
    const angle = ((i + 0.5) * Math.PI) / (2 * AREA_STEPS);
    sum += (Math.cos(angle) ** e + Math.sin(angle) ** e) ** (-2 / e);
  }
  const area = (sum * Math.PI) / (2 * AREA_STEPS);
  halfAreas.set(e, area);
  return area;
}

/** Area of a section, mm². */
export function sectionArea(section: SleeveSection): number {
  const line = widestUp(section);
  const over = (section.above - line) * halfArea(section.squareAbove);
  return section.half * (over + (section.below + line) * halfArea(section.squareBelow));
}
