import { boneEnds, landmarksOf } from '../../anatomy/landmarks.ts';
import type { Bone, Skeleton } from '../../anatomy/skeleton.ts';
import type { BoneFound } from './boneLengths.ts';
import { boneLengths } from './boneLengths.ts';
import type { MeasuredView, ViewPoint } from './measuredViews.ts';
import { placeOfPage } from './viewAxes.ts';

/** A bone whose true length is not known yet, and why. */
export interface UnknownBone {
  readonly bone: Bone;
  /** The least that it can be where one view shows it, life mm. */
  readonly atLeastMm: number | null;
  readonly lacks: 'any-view' | 'second-view';
}

/** The one thing to do next, with how many bones it would settle. */
export type NextStep =
  | {
      readonly kind: 'landmark';
      readonly pictureId: string;
      readonly landmarkId: string;
      readonly settles: number;
    }
  | { readonly kind: 'view'; readonly view: 'side' | 'front'; readonly settles: number };

export interface StillUnknown {
  readonly bones: readonly UnknownBone[];
  readonly next: NextStep | null;
}

/** What no picture settles yet, and the single landmark or view that would settle most of it. */
export function stillUnknown(
  skeleton: Skeleton,
  views: readonly MeasuredView[],
  found: ReadonlyMap<string, BoneFound>,
): StillUnknown {
  const bones = skeleton.bones
    .filter((bone) => found.get(bone.id)?.whole !== true)
    .map((bone): UnknownBone => {
      const seen = found.get(bone.id);
      return {
        bone,
        atLeastMm: seen?.mm ?? null,
        lacks: seen === undefined ? 'any-view' : 'second-view',
      };
    });
  return { bones, next: bones.length === 0 ? null : bestNext(skeleton, views, bones) };
}

function bestNext(
  skeleton: Skeleton,
  views: readonly MeasuredView[],
  unknown: readonly UnknownBone[],
): NextStep | null {
  const ends = boneEnds(skeleton);
  const wanted = new Set(
    unknown.flatMap(({ bone }) => [ends.get(bone.id)?.start, ends.get(bone.id)?.end]),
  );
  const landmarks = landmarksOf(skeleton).filter(({ id }) => wanted.has(id));
  const settles = (changed: readonly MeasuredView[]): number => {
    const after = boneLengths(skeleton, changed);
    return unknown.filter(({ bone }) => after.get(bone.id)?.whole === true).length;
  };
  const steps: NextStep[] = views.flatMap((view) =>
    landmarks
      .filter(({ id }) => !view.points.has(id))
      .map(({ id }): NextStep => ({
        kind: 'landmark',
        pictureId: view.picture.id,
        landmarkId: id,
        settles: settles(
          views.map((measuredView) =>
            measuredView === view ? withPoint(measuredView, id) : measuredView,
          ),
        ),
      })),
  );
  const best = steps.reduce<NextStep | null>(
    (most, step) => (step.settles > (most?.settles ?? 0) ? step : most),
    null,
  );
  return best ?? missingView(views, unknown.length);
}

/** A view with a landmark placed, for trying out only. */
function withPoint(view: MeasuredView, id: string): MeasuredView {
  const page = [0, 0] as const;
  const point: ViewPoint = { px: [0, 0], page, place: placeOfPage(view.axes, page), sigmaMm: 1 };
  return { ...view, points: new Map([...view.points, [id, point]]) };
}

/** The kind of view that no picture is of yet: the side shows most, then the front. */
function missingView(views: readonly MeasuredView[], settles: number): NextStep | null {
  const shows = (axis: number): boolean =>
    views.some(({ axes }) => axes.across.axis === axis || axes.up.axis === axis);
  if (!shows(0)) return { kind: 'view', view: 'side', settles };
  if (!shows(2)) return { kind: 'view', view: 'front', settles };
  return null;
}
