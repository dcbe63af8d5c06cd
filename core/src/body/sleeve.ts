import type { FleshSleeve, SleeveStation } from '../anatomy/animal.ts';
import { alongBone, type PosedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { monotoneCubic } from '../geometry/monotoneCubic.ts';
import { aboutAxis, turn, type Quat } from '../geometry/quat.ts';
import { add, cross, distance, dot, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';

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
const SAMPLES_IN_SPAN = 6;

/** A station of the data on its posed bone. */
interface Placed {
  readonly posed: PosedBone;
  readonly station: SleeveStation;
}

/** The stations of every sleeve of a posed body, in order along it, by the sleeve and its side. */
function chainsOf({
  bones,
  sizeFactor,
}: PosedSkeleton): readonly (readonly [id: string, Placed[], FleshSleeve])[] {
  const chains = new Map<string, { flesh: FleshSleeve; posed: PosedBone }[]>();
  for (const posed of bones)
    for (const flesh of posed.bone.flesh)
      if ('sleeve' in flesh) {
        const id = `${flesh.sleeve} ${posed.bone.side}`;
        chains.set(id, [...(chains.get(id) ?? []), { flesh, posed }]);
      }
  return [...chains].flatMap(([id, of]) => {
    const inOrder = of.toSorted((a, b) => a.flesh.order - b.flesh.order);
    const placed = apart(
      inOrder.flatMap(({ flesh, posed }) => flesh.stations.map((station) => ({ posed, station }))),
      sizeFactor,
    );
    // What a chain that lost its bones has left is no body.
    return placed.length < 2 ? [] : [[id, placed, inOrder[0]!.flesh] as const];
  });
}

/** Stations nearer to each other than this share of their height are one: the first of them holds. */
const LEAST_APART = 0.05;

/** The stations without those that lie at one place, as the last of a bone and the first of the next may. */
function apart(placed: readonly Placed[], k: number): Placed[] {
  return placed.reduce<Placed[]>((kept, next) => {
    const before = kept.at(-1);
    const { above, below } = next.station;
    const near = LEAST_APART * (above + below) * k;
    const isApart =
      before === undefined ||
      distance(alongBone(before.posed, before.station.at), alongBone(next.posed, next.station.at)) >
        near;
    return isApart ? [...kept, next] : kept;
  }, []);
}

/**
 * The sleeves of a posed body as runs, one for each bone that a sleeve goes along. The axis is a smooth
 * curve through the stations on their posed bones, its sections run on monotone cubics between them, and
 * its frame turns evenly from each bone to the next.
 */
export function sleeveRuns(
  posed: PosedSkeleton,
): readonly (SleeveRun & { readonly boneId: string })[] {
  return chainsOf(posed).flatMap(([id, placed, flesh]) =>
    runsOf(id, axisOf(placed, flesh.faces, posed.sizeFactor)),
  );
}

/** Where the axis of a chain of stations goes, and what it is like there. */
function axisOf(
  placed: readonly Placed[],
  faces: FleshSleeve['faces'],
  k: number,
): readonly AxisSample[] {
  const points = placed.map(({ posed, station }) => alongBone(posed, station.at));
  const ups = framesAtRest(placed, faces).map((up, i) => turn(placed[i]!.posed.rotation, up));
  const ks = points.map((_, i) => i);
  const along = (of: (station: SleeveStation) => number): ((s: number) => number) =>
    monotoneCubic(
      ks,
      placed.map(({ station }) => of(station)),
    );
  const section = {
    // Height and middle, and not both edges: edges that run by themselves could cross.
    high: along(({ above, below }) => ((above + below) / 2) * k),
    middle: along(({ above, below }) => ((above - below) / 2) * k),
    half: along(({ halfWidth }) => halfWidth * k),
    widest: along(({ widest = 0 }) => widest),
    squareAbove: along(({ squareAbove = 2 }) => squareAbove),
    squareBelow: along(({ squareBelow = 2 }) => squareBelow),
    side: along(({ side = 0 }) => side * k),
  };
  const count = (placed.length - 1) * SAMPLES_IN_SPAN;
  const places = Array.from({ length: count + 1 }, (_, n) => {
    const span = Math.min(placed.length - 2, Math.floor(n / SAMPLES_IN_SPAN));
    const t = n / SAMPLES_IN_SPAN - span;
    const [from, to] = [placed[span]!, placed[span + 1]!];
    const mine = t < 0.5 ? from : to;
    return {
      at: curvePoint(points, span, t),
      up: add(scale(ups[span]!, 1 - t), scale(ups[span + 1]!, t)),
      s: span + t,
      boneId: mine.posed.bone.id,
      share: shareOn(from, to, t),
    };
  });
  return places.map(({ at, up, s, boneId, share }, i): AxisSample => {
    const before = places[Math.max(0, i - 1)]!.at;
    const after = places[Math.min(places.length - 1, i + 1)]!.at;
    const forward = unit(sub(after, before));
    const upright = unit(sub(up, scale(forward, dot(up, forward))));
    return {
      ...{ at, along: forward, up: upright, across: cross(forward, upright), boneId, share },
      above: section.middle(s) + section.high(s),
      below: section.high(s) - section.middle(s),
      half: section.half(s),
      widest: section.widest(s),
      squareAbove: section.squareAbove(s),
      squareBelow: section.squareBelow(s),
      side: section.side(s),
    };
  });
}

/** How far along its bone a place between two stations lies, as near as can be told at a joint. */
function shareOn(from: Placed, to: Placed, t: number): number {
  if (from.posed === to.posed) return from.station.at + (to.station.at - from.station.at) * t;
  return t < 0.5 ? from.station.at : to.station.at;
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
    up = turn(leastTurn(before, way), up);
    before = way;
    return up;
  });
}

/** Which way the chain goes at a station at rest: along its bone, or back along it. */
function wayAt(placed: readonly Placed[], i: number): Vec3 {
  const { posed, station } = placed[i]!;
  const own = (other: Placed | undefined): Placed | undefined =>
    other?.posed === posed ? other : undefined;
  const [before, after] = [own(placed[i - 1]), own(placed[i + 1])];
  const on = (after?.station.at ?? station.at) - (before?.station.at ?? station.at);
  return on < 0 ? scale(posed.bone.rest, -1) : posed.bone.rest;
}

/** The least turn from one unit direction to another; about any axis square to it where they are opposite. */
function leastTurn(from: Vec3, to: Vec3): Quat {
  const cos = dot(from, to);
  if (cos < -1 + 1e-9) {
    const square = cross(from, Math.abs(from[0]) < 0.9 ? [1, 0, 0] : [0, 1, 0]);
    return aboutAxis(unit(square), Math.PI);
  }
  const [x, y, z] = cross(from, to);
  const size = Math.sqrt(2 * (1 + cos));
  return [x / size, y / size, z / size, size / 2];
}

/**
 * A point of the centripetal Catmull-Rom curve through points (C. Yuksel et al., Parameterization and
 * applications of Catmull-Rom curves, 2011), which makes neither loops nor cusps; between the span's points.
 */
function curvePoint(points: readonly Vec3[], span: number, t: number): Vec3 {
  const [p1, p2] = [points[span]!, points[span + 1]!];
  const p0 = points[span - 1] ?? add(p1, sub(p1, p2));
  const p3 = points[span + 2] ?? add(p2, sub(p2, p1));
  const knot = (a: Vec3, b: Vec3): number => Math.sqrt(Math.max(distance(a, b), 1e-9));
  const [d01, d12, d23] = [knot(p0, p1), knot(p1, p2), knot(p2, p3)];
  const slope = (a: Vec3, b: Vec3, c: Vec3, ab: number, bc: number): Vec3 =>
    scale(
      add(sub(scale(sub(b, a), 1 / ab), scale(sub(c, a), 1 / (ab + bc))), scale(sub(c, b), 1 / bc)),
      d12,
    );
  const [m1, m2] = [slope(p0, p1, p2, d01, d12), slope(p1, p2, p3, d12, d23)];
  const [t2, t3] = [t * t, t * t * t];
  return add(
    add(scale(p1, 2 * t3 - 3 * t2 + 1), scale(m1, t3 - 2 * t2 + t)),
    add(scale(p2, 3 * t2 - 2 * t3), scale(m2, t3 - t2)),
  );
}

/** The axis shared out to the bones that it goes along; neighbours share the sample between them. */
function runsOf(
  sleeve: string,
  axis: readonly AxisSample[],
): readonly (SleeveRun & { readonly boneId: string })[] {
  const starts = axis.flatMap(({ boneId }, i) => (axis[i - 1]?.boneId === boneId ? [] : [i]));
  return starts.map((start, n) => {
    const end = starts[n + 1] ?? axis.length - 1;
    return {
      sleeve,
      boneId: axis[start]!.boneId,
      samples: axis.slice(start, end + 1),
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
    const over = s >= 0;
    const reach = over ? section.above - line : section.below + line;
    const e = 2 / (over ? section.squareAbove : section.squareBelow);
    const power = (v: number): number => Math.sign(v) * Math.abs(v) ** e;
    const [up, side] = [line + reach * power(s), section.half * power(c)];
    return [middle + grow * (up - middle), section.side + grow * side];
  });
}

const INTEGRATION_POINTS = 96;

/** Area and girth of a section, mm² and mm, by its outline. */
export function sectionSize(section: SleeveSection): {
  readonly areaMm2: number;
  readonly girthMm: number;
} {
  const ring = sectionOutline(section, INTEGRATION_POINTS);
  let [area, girth] = [0, 0];
  ring.forEach(([u, v], i) => {
    const [x, y] = ring[(i + 1) % ring.length]!;
    area += u * y - x * v;
    girth += Math.hypot(x - u, y - v);
  });
  return { areaMm2: Math.abs(area) / 2, girthMm: girth };
}
