import { greatest, least } from '../../geometry/extremes.ts';
import { boneEnds } from '../../anatomy/landmarks.ts';
import type { Skeleton } from '../../anatomy/skeleton.ts';
import type { Picture, PicturePoint } from '../../piece/referencesSchema.ts';
import { median } from '../statistics.ts';
import { calibrate, pagePoint, type Calibration, type CalibrationGap } from './calibration.ts';
import { meanPoint } from './precision.ts';
import { axesOf, placeOfPage, type Axis, type PageAxes, type PartialPlace } from './viewAxes.ts';

/** A landmark on a calibrated picture. */
export interface ViewPoint {
  readonly px: PicturePoint;
  /** Life mm on the levelled page: x right, y up, from the picture's middle. */
  readonly page: readonly [number, number];
  /** The same in the animal's axes, still from the picture's own middle. */
  readonly place: PartialPlace;
  /** One sigma of the click in each direction, life mm. */
  readonly sigmaMm: number;
}

/** A calibrated picture with its landmarks in millimetres. */
export interface MeasuredView {
  readonly picture: Picture;
  readonly calibration: Calibration;
  readonly axes: PageAxes;
  readonly points: ReadonlyMap<string, ViewPoint>;
  /** What is added to each axis so that all views share one origin; zero where it shares nothing. */
  readonly shift: readonly [number, number, number];
}

/** Landmarks of all views on one origin; what no view shows is null. */
export type JoinedPlaces = ReadonlyMap<string, PartialPlace>;

export interface ViewsOfAnimal {
  readonly views: readonly MeasuredView[];
  /** Pictures that give nothing yet, and why. */
  readonly gaps: readonly { readonly picture: Picture; readonly gap: CalibrationGap }[];
  readonly joined: JoinedPlaces;
}

/** Each pass corrects the perspective by the depths of the pass before; the third changes nothing seen. */
const PASSES = 3;
const AXES: readonly Axis[] = [0, 1, 2];

/**
 * All measured pictures in life millimetres, joined at the landmarks they share. Where a camera is
 * given, each landmark is corrected by its own depth as soon as another view shows it.
 */
export function measuredViews(pictures: readonly Picture[], skeleton: Skeleton): ViewsOfAnimal {
  const known = new Set([...boneEnds(skeleton).values()].flatMap(({ start, end }) => [start, end]));
  const gaps: { picture: Picture; gap: CalibrationGap }[] = [];
  const calibrated = pictures.flatMap((picture) => {
    const axes = axesOf(picture);
    if (axes === undefined) return [];
    const calibration = calibrate(picture, skeleton);
    if (typeof calibration === 'string') {
      gaps.push({ picture, gap: calibration });
      return [];
    }
    return [{ picture, calibration, axes }];
  });
  let joined: JoinedPlaces = new Map();
  let views: readonly MeasuredView[] = [];
  for (let pass = 0; pass < PASSES; pass++) {
    const before = joined;
    const raw = calibrated.map((entry) => ({ ...entry, points: viewPoints(entry, before, known) }));
    ({ views, joined } = join(raw));
    if (calibrated.every(({ calibration }) => calibration.camera === null)) break;
  }
  return { views, gaps, joined };
}

type RawView = Omit<MeasuredView, 'shift'>;

function viewPoints(
  { picture, calibration, axes }: Omit<RawView, 'points'>,
  joined: JoinedPlaces,
  known: ReadonlySet<string | null>,
): ReadonlyMap<string, ViewPoint> {
  const depthOf = depths(axes, Object.keys(picture.landmarks), joined);
  const points = new Map<string, ViewPoint>();
  for (const [id, clicks] of Object.entries(picture.landmarks)) {
    if (!known.has(id)) continue;
    const px = meanPoint(clicks);
    const nearerMm = (calibration.camera?.nearerMm ?? 0) + depthOf(id);
    const page = pagePoint(calibration, px, nearerMm);
    const sigmaMm = (calibration.mmPerPx * calibration.click.sigmaPx) / Math.sqrt(clicks.length);
    points.set(id, { px, page, place: placeOfPage(axes, page), sigmaMm });
  }
  return points;
}

/** How much nearer to the viewer a landmark lies than the middle of the animal, mm; 0 if unknown. */
function depths(
  { towards }: PageAxes,
  ids: readonly string[],
  joined: JoinedPlaces,
): (id: string) => number {
  const known = ids.flatMap((id) => joined.get(id)?.[towards.axis] ?? []);
  const middle = known.length === 0 ? 0 : (least(known) + greatest(known)) / 2;
  return (id) => {
    const at = joined.get(id)?.[towards.axis] ?? null;
    return at === null ? 0 : towards.sign * (at - middle);
  };
}

/** Moves the views onto one origin, axis by axis, by the median of what they share. */
function join(raw: readonly RawView[]): {
  readonly views: readonly MeasuredView[];
  readonly joined: JoinedPlaces;
} {
  const joined = new Map<string, [number | null, number | null, number | null]>();
  const shifts = raw.map((): [number, number, number] => [0, 0, 0]);
  for (const axis of AXES) {
    const sums = new Map<string, { value: number; weight: number }>();
    raw.forEach(({ points }, i) => {
      const shared = [...points].flatMap(([id, { place }]) => {
        const sum = sums.get(id);
        const own = place[axis];
        return sum === undefined || own === null ? [] : [sum.value / sum.weight - own];
      });
      const shift = shared.length === 0 ? 0 : median(shared);
      shifts[i]![axis] = shift;
      for (const [id, { place, sigmaMm }] of points) {
        const own = place[axis];
        if (own === null) continue;
        const weight = 1 / sigmaMm ** 2;
        const sum = sums.get(id) ?? { value: 0, weight: 0 };
        sums.set(id, { value: sum.value + weight * (own + shift), weight: sum.weight + weight });
      }
    });
    for (const [id, { value, weight }] of sums) {
      const place = joined.get(id) ?? [null, null, null];
      place[axis] = value / weight;
      joined.set(id, place);
    }
  }
  return { views: raw.map((view, i) => ({ ...view, shift: shifts[i]! })), joined };
}
