import { boneEnds } from '../../anatomy/landmarks.ts';
import type { Bone, Skeleton } from '../../anatomy/skeleton.ts';
import { foreshortening } from '../photo/trueLength.ts';
import type { MeasuredView } from './measuredViews.ts';
import { COVERAGE } from './precision.ts';
import type { Axis } from './viewAxes.ts';

/** A bone as one view shows it. */
export interface SeenLength {
  readonly pictureId: string;
  /** Life mm on the page. */
  readonly mm: number;
  /** Share of the true length that the view hides; null where the true one is not known. */
  readonly hidden: number | null;
}

/** A bone's length from all views together. */
export interface BoneFound {
  readonly bone: Bone;
  /** Life mm: the true length, or the least that it can be where an axis is missing. */
  readonly mm: number;
  /** Half the range that holds it with 95 %. */
  readonly plusMinusMm: number;
  /** Differences along the axes that were combined; null where no view shows both ends. */
  readonly along: readonly [number | null, number | null, number | null];
  /** Whether all three axes are known. */
  readonly whole: boolean;
  /** True where a bone of the midline is taken to lie in the plane of symmetry. */
  readonly inMidplane: boolean;
  readonly seen: readonly SeenLength[];
}

/** One view's way along a bone. */
interface Way {
  readonly view: MeasuredView;
  /** On the page, mm: right and up. */
  readonly page: readonly [number, number];
  /** Variance of each end's click, both ends together, mm². */
  readonly clickVar: number;
}

const AXES: readonly Axis[] = [0, 1, 2];

/** Every bone that at least one view shows from end to end. */
export function boneLengths(
  skeleton: Skeleton,
  views: readonly MeasuredView[],
): ReadonlyMap<string, BoneFound> {
  const ends = boneEnds(skeleton);
  const found = new Map<string, BoneFound>();
  for (const bone of skeleton.bones) {
    const { start, end } = ends.get(bone.id)!;
    const ways = views.flatMap((view): Way[] => {
      const a = view.points.get(start ?? '');
      const b = view.points.get(end ?? '');
      if (a === undefined || b === undefined) return [];
      const page = [b.page[0] - a.page[0], b.page[1] - a.page[1]] as const;
      return [{ view, page, clickVar: a.sigmaMm ** 2 + b.sigmaMm ** 2 }];
    });
    if (ways.length > 0) found.set(bone.id, lengthOf(bone, ways));
  }
  return found;
}

/** A view's share in one axis: its difference along it and its weight among the views. */
interface Share {
  /** What clicks, scale and level of this view leave open along this axis, mm². */
  readonly variance: number;
  readonly way: Way;
  readonly direction: 0 | 1;
  readonly sign: 1 | -1;
  readonly weight: number;
}

/**
 * The length √(dx²+dy²+dz²) with each difference the mean of the views that show it, weighed by
 * their variances, and its range by propagation of variances to first order (JCGM 100:2008, 5.1):
 * the clicks at both ends, each view's scale, each view's level.
 */
function lengthOf(bone: Bone, ways: readonly Way[]): BoneFound {
  const shares = AXES.map((axis) => sharesOf(axis, ways));
  const along = shares.map((all) =>
    all.length === 0
      ? null
      : all.reduce(
          (sum, { way, direction, sign, weight }) => sum + weight * sign * way.page[direction],
          0,
        ),
  ) as [number | null, number | null, number | null];
  const inMidplane = bone.side === 'mid' && along[2] === null;
  if (inMidplane) along[2] = 0;
  const mm = Math.hypot(...along.map((d) => d ?? 0));
  const whole = along.every((d) => d !== null);
  const { variance, bias } = spreadOf(along, shares, ways, mm);
  const unlike = shares.reduce((sum, all, k) => sum + unlikeVar(all, along[k], mm), 0);
  return {
    bone,
    mm,
    plusMinusMm: COVERAGE * Math.sqrt(variance + bias ** 2 + unlike),
    along,
    whole,
    inMidplane,
    seen: ways.map(({ view, page }) => ({
      pictureId: view.picture.id,
      mm: Math.hypot(...page),
      hidden: whole ? Math.max(0, foreshortening(mm, Math.hypot(...page))) : null,
    })),
  };
}

/** The views that show an axis, with weights that add up to one. */
function sharesOf(axis: Axis, ways: readonly Way[]): readonly Share[] {
  const raw = ways.flatMap((way): Share[] => {
    const { across, up } = way.view.axes;
    const direction = across.axis === axis ? 0 : up.axis === axis ? 1 : undefined;
    if (direction === undefined) return [];
    const { relative, levelSigmaRad } = way.view.calibration;
    const own = way.page[direction] * relative;
    const tilt = way.page[direction === 0 ? 1 : 0] * levelSigmaRad;
    const sign = direction === 0 ? across.sign : up.sign;
    const variance = way.clickVar + own ** 2 + tilt ** 2;
    return [{ way, direction, sign, variance, weight: 1 / variance }];
  });
  const total = raw.reduce((sum, { weight }) => sum + weight, 0);
  return raw.map((share) => ({ ...share, weight: share.weight / total }));
}

/**
 * What views that contradict each other add: their variance grows by the ratio of what they scatter
 * to what they should (R. T. Birge, Phys. Rev. 40, 1932), so that a length on which two drawings
 * disagree is not told as if it were sure.
 */
function unlikeVar(shares: readonly Share[], d: number | null | undefined, mm: number): number {
  if (shares.length < 2 || d === null || d === undefined || !(mm > 0)) return 0;
  const squares = shares.reduce(
    (sum, { way, direction, sign, variance }) =>
      sum + (sign * way.page[direction] - d) ** 2 / variance,
    0,
  );
  const ratio = squares / (shares.length - 1);
  const together = 1 / shares.reduce((sum, { variance }) => sum + 1 / variance, 0);
  return Math.max(0, ratio - 1) * together * (d / mm) ** 2;
}

function spreadOf(
  along: readonly (number | null)[],
  shares: readonly (readonly Share[])[],
  ways: readonly Way[],
  mm: number,
): { readonly variance: number; readonly bias: number } {
  const gradient = along.map((d) => (mm > 0 ? (d ?? 0) / mm : 1));
  let variance = 0;
  let bias = 0;
  for (const way of ways) {
    // How the length answers to the two page differences of this view.
    const answer: [number, number] = [0, 0];
    shares.forEach((all, axis) => {
      const share = all.find((share) => share.way === way);
      if (share === undefined) return;
      answer[share.direction] += gradient[axis]! * share.weight * share.sign;
      // A difference that is small against its click makes the length longer, never shorter.
      bias +=
        (share.weight ** 2 * way.clickVar * (1 - gradient[axis]! ** 2)) / (2 * Math.max(mm, 1e-9));
    });
    const [right, up] = way.page;
    const { relative, levelSigmaRad } = way.view.calibration;
    variance += (answer[0] ** 2 + answer[1] ** 2) * way.clickVar;
    variance += (relative * (answer[0] * right + answer[1] * up)) ** 2;
    variance += (levelSigmaRad * (answer[1] * right - answer[0] * up)) ** 2;
  }
  return { variance, bias };
}
