import { greatest, least } from '../../geometry/extremes.ts';
import { toDeg } from '../../units/angles.ts';
import { fittedLine, mean } from '../statistics.ts';
import type { SharedPoint, ViewPair } from './disagreements.ts';

/** What brings two views together, and how well. Lengths in life mm. */
export interface Remedy {
  readonly kind: 'rescale' | 'relevel' | 'move-landmark';
  /** The picture to change. */
  readonly pictureId: string;
  /** Rescale: factor. Re-level: degrees counter-clockwise. Move: mm. */
  readonly by: number;
  readonly landmarkId?: string;
  /** Root mean square of the misses before and after. */
  readonly beforeMm: number;
  readonly afterMm: number;
}

export interface PairMatch {
  readonly pair: ViewPair;
  /** Root mean square of the misses once both stand on one origin. */
  readonly rmsMm: number;
  /** The same as a share of the extent: what views of different animals show. */
  readonly share: number;
  /** After the best scaling, as a share of the extent. */
  readonly shareScaled: number;
  /** The scaling of the second upon the first that brings them nearest. */
  readonly factor: number;
  readonly remedy: Remedy | null;
}

/**
 * Misses must fall to this share of what they were before a remedy is offered. One landmark among many
 * moves their root mean square less than a scale does, so less is asked of it.
 */
const WORTHWHILE = { rescale: 0.6, relevel: 0.6, 'move-landmark': 0.75 } as const;
/** Fewer shared landmarks than this fit anything. */
const LEAST_SHARED = 4;

/** How two views match along an axis, and the one change that would reconcile them best. */
export function matchOf(pair: ViewPair): PairMatch {
  const { shared } = pair;
  const values = shared.flatMap(({ first, second }) => [first, second]);
  const extent = Math.max(
    greatest(shared.map((s) => s.first)) - least(shared.map((s) => s.first)),
    1e-9,
  );
  const rmsMm = rmsAfter(shared);
  const scaled = fit(shared, ({ first }) => first);
  const scalable = shared.length >= LEAST_SHARED && values.length > 0;
  return {
    pair,
    rmsMm,
    share: rmsMm / extent,
    shareScaled: scaled === undefined ? rmsMm / extent : scaled.rms / extent,
    factor: scaled === undefined ? 1 : 1 / (1 + scaled.by),
    remedy: scalable ? bestRemedy(pair, rmsMm) : null,
  };
}

function bestRemedy(pair: ViewPair, beforeMm: number): Remedy | null {
  const { views, shared } = pair;
  const [a, b] = views.map(({ picture }) => picture.id) as [string, string];
  const rescaled = fit(shared, ({ first }) => first);
  const levelA = fit(shared, ({ firstOther }) => firstOther);
  const levelB = fit(shared, ({ secondOther }) => secondOther);
  const candidates: Remedy[] = [];
  const add = (kind: Remedy['kind'], pictureId: string, by: number, afterMm: number): void => {
    candidates.push({ kind, pictureId, by, beforeMm, afterMm });
  };
  if (rescaled) add('rescale', b, 1 / (1 + rescaled.by), rescaled.rms);
  // A miss that grows across the first picture is a tilt of it; the second must be turned back.
  if (levelA) add('relevel', a, toDeg(Math.atan(levelA.by)), levelA.rms);
  if (levelB) add('relevel', b, -toDeg(Math.atan(levelB.by)), levelB.rms);
  const moved = withoutWorst(shared);
  if (moved)
    candidates.push({
      kind: 'move-landmark',
      pictureId: b,
      by: moved.mm,
      landmarkId: moved.landmarkId,
      beforeMm,
      afterMm: moved.rms,
    });
  const best = candidates.reduce<Remedy | null>(
    (least, candidate) => (least === null || candidate.afterMm < least.afterMm ? candidate : least),
    null,
  );
  return best !== null && best.afterMm <= WORTHWHILE[best.kind] * beforeMm ? best : null;
}

/** Least squares of the misses on an offset and a term; undefined where they are not independent. */
function fit(
  shared: readonly SharedPoint[],
  term: (point: SharedPoint) => number,
): { readonly by: number; readonly rms: number } | undefined {
  if (shared.length < 3) return undefined;
  const values = shared.map(term);
  if (greatest(values) - least(values) <= 1e-6) return undefined;
  const points = shared.map((point) => [term(point), point.second - point.first] as const);
  const { slope, intercept } = fittedLine(points);
  return { by: slope, rms: rms(points.map(([x, miss]) => miss - intercept - slope * x)) };
}

/** What an offset alone leaves. */
function rmsAfter(shared: readonly SharedPoint[]): number {
  if (shared.length < 2) return 0;
  const misses = shared.map(({ first, second }) => second - first);
  const offset = mean(misses);
  return rms(misses.map((miss) => miss - offset));
}

/** What is left when the landmark with the largest miss is not counted. */
function withoutWorst(
  shared: readonly SharedPoint[],
): { readonly landmarkId: string; readonly mm: number; readonly rms: number } | undefined {
  const tries = shared.map((point) => {
    const rest = shared.filter((sharedPoint) => sharedPoint !== point);
    const offset = rest.reduce((sum, { first, second }) => sum + second - first, 0) / rest.length;
    return {
      landmarkId: point.landmarkId,
      mm: point.second - point.first - offset,
      rms: rmsAfter(rest),
    };
  });
  return tries.reduce<(typeof tries)[number] | undefined>(
    (least, attempt) => (least === undefined || attempt.rms < least.rms ? attempt : least),
    undefined,
  );
}

const rms = (values: readonly number[]): number =>
  Math.sqrt(values.reduce((sum, v) => sum + v * v, 0) / Math.max(1, values.length));
