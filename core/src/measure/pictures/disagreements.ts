import * as say from './words.ts';
import type { Landmark } from '../../anatomy/landmarks.ts';
import { greatest, least } from '../../geometry/extremes.ts';
import { median } from '../statistics.ts';
import type { MeasuredView, ViewsOfAnimal } from './measuredViews.ts';
import { COVERAGE } from './precision.ts';
import type { Axis } from './viewAxes.ts';

/** One landmark that two views place differently along an axis that both show. */
export interface Disagreement {
  readonly landmarkId: string;
  readonly axis: Axis;
  readonly pictureIds: readonly [string, string];
  /** The second less the first, after both were moved onto one origin, life mm. */
  readonly mm: number;
  /** Of the whole extent along this axis. */
  readonly percent: number;
  /** What clicks, scales and levels leave open, with 95 %. */
  readonly plusMinusMm: number;
  readonly clear: boolean;
  /** Picture that is likely wrong here, and why; null where nothing tells. */
  readonly outlier: { readonly pictureId: string; readonly why: OutlierReason } | null;
}

export type OutlierReason = 'third-view' | 'left-and-right' | 'less-precise';

/** What two views share along an axis. */
export interface SharedPoint {
  readonly landmarkId: string;
  readonly first: number;
  readonly second: number;
  readonly sigmaMm: number;
  /** The page coordinate that turns into this one when a picture is tilted, of each view. */
  readonly firstOther: number;
  readonly secondOther: number;
}

export interface ViewPair {
  readonly axis: Axis;
  readonly views: readonly [MeasuredView, MeasuredView];
  readonly shared: readonly SharedPoint[];
}

/** The mirror image of each landmark, by id. */
type Images = ReadonlyMap<string, string>;

const AXES: readonly Axis[] = [0, 1, 2];
/** Less precise by this factor counts as a reason. */
const CLEARLY_LESS_PRECISE = 1.5;

/** Every two views and what they share, axis by axis. */
export function viewPairs(views: readonly MeasuredView[]): readonly ViewPair[] {
  return AXES.flatMap((axis) =>
    views.flatMap((first, i) =>
      views.slice(i + 1).flatMap((second): ViewPair[] => {
        const shared = sharedPoints(first, second, axis);
        return shared.length === 0 ? [] : [{ axis, views: [first, second], shared }];
      }),
    ),
  );
}

function sharedPoints(a: MeasuredView, b: MeasuredView, axis: Axis): readonly SharedPoint[] {
  const rows = [...a.points].flatMap(([landmarkId, point]): SharedPoint[] => {
    const two = b.points.get(landmarkId);
    const [first, second] = [point.place[axis], two?.place[axis] ?? null];
    if (two === undefined || first === null || second === null) return [];
    const other = (view: MeasuredView, page: readonly [number, number]): number =>
      view.axes.up.axis === axis ? page[0] : -page[1];
    return [
      {
        landmarkId,
        first,
        second,
        sigmaMm: Math.hypot(point.sigmaMm, two.sigmaMm),
        firstOther: other(a, point.page),
        secondOther: other(b, two.page),
      },
    ];
  });
  return rows;
}

/** All disagreements, those that are clear first and the worst of them on top. */
export function disagreements(
  { views }: Pick<ViewsOfAnimal, 'views'>,
  landmarks: readonly Pick<Landmark, 'id' | 'image'>[],
): readonly Disagreement[] {
  const images = new Map(landmarks.map(({ id, image }) => [id, image]));
  const pairs = viewPairs(views);
  const rows = pairs.flatMap((pair) => missesOf(pair));
  const told = rows.map((row) => ({ ...row, outlier: outlierOf(row, rows, views, images) }));
  const surely = (disagreement: Disagreement): number =>
    Math.abs(disagreement.mm) / disagreement.plusMinusMm;
  return told.toSorted((a, b) => surely(b) - surely(a));
}

function missesOf({ axis, views: [a, b], shared }: ViewPair): readonly Disagreement[] {
  const move = median(shared.map(({ first, second }) => second - first));
  const all = shared.flatMap(({ first, second }) => [first, second - move]);
  const extent = greatest(all) - least(all);
  const middle = (greatest(all) + least(all)) / 2;
  const relative = Math.hypot(a.calibration.relative, b.calibration.relative);
  return shared.map(({ landmarkId, first, second, sigmaMm, firstOther, secondOther }) => {
    const mm = second - first - move;
    const sigma = Math.hypot(
      sigmaMm,
      relative * (first - middle),
      firstOther * a.calibration.levelSigmaRad,
      secondOther * b.calibration.levelSigmaRad,
    );
    const plusMinusMm = COVERAGE * sigma;
    return {
      landmarkId,
      axis,
      pictureIds: [a.picture.id, b.picture.id],
      mm,
      percent: extent > 0 ? (100 * mm) / extent : 0,
      plusMinusMm,
      clear: Math.abs(mm) > plusMinusMm,
      outlier: null,
    };
  });
}

/**
 * Which of the two is likely wrong: the one that a third view contradicts too; else the one in which
 * left and right differ while the other has them level; else the one that is read less precisely.
 */
function outlierOf(
  row: Disagreement,
  rows: readonly Disagreement[],
  views: readonly MeasuredView[],
  images: Images,
): Disagreement['outlier'] {
  if (!row.clear) return null;
  const also = (id: string): boolean =>
    rows.some(
      (disagreement) =>
        disagreement.clear &&
        disagreement.landmarkId === row.landmarkId &&
        disagreement.pictureIds.includes(id) &&
        !row.pictureIds.every((both) => disagreement.pictureIds.includes(both)),
    );
  const [first, second] = row.pictureIds;
  if (also(first) !== also(second))
    return { pictureId: also(first) ? first : second, why: say.thirdView };
  const [a, b] = [first, second].map((id) => views.find(({ picture }) => picture.id === id)!) as [
    MeasuredView,
    MeasuredView,
  ];
  const askew = [a, b].map((view) => askewMm(view, row.landmarkId, row.axis, images));
  if (askew[0] !== undefined && askew[1] !== undefined && row.axis !== 2) {
    const worse = Math.abs(askew[0] - askew[1]) > Math.abs(row.mm) / 2;
    if (worse) return { pictureId: askew[0] > askew[1] ? first : second, why: say.leftAndRight };
  }
  const sigmas = [a, b].map((view) => view.points.get(row.landmarkId)!.sigmaMm) as [number, number];
  if (greatest(sigmas) > CLEARLY_LESS_PRECISE * least(sigmas))
    return { pictureId: sigmas[0] > sigmas[1] ? first : second, why: say.lessPrecise };
  return null;
}

/** How far a landmark and its image on the other side differ along an axis in one view, mm. */
function askewMm(
  view: MeasuredView,
  landmarkId: string,
  axis: Axis,
  images: Images,
): number | undefined {
  const own = view.points.get(landmarkId)?.place[axis] ?? null;
  const image = images.get(landmarkId);
  const other =
    image === undefined || image === landmarkId
      ? null
      : (view.points.get(image)?.place[axis] ?? null);
  return own === null || other === null ? undefined : Math.abs(own - other);
}
