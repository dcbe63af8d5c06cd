import type { FacePlace } from '../anatomy/face.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import type { Plan } from '../planTypes.ts';
import { facePoint } from '../body/facePoint.ts';
import { onPage, VIEW_FRAMES, type ReliefView } from '../surface/reliefViews.ts';
import { dot } from '../geometry/vec3.ts';
import type { PagePoint } from './drawing.ts';
import { enlargement } from './enlargedRelief.ts';
import { headTimes } from './headDrawings.ts';

/** How a point of the page of a view stands on the drawing of the head alone, as long as it is not worked out anew. */
export interface HeadPage {
  readonly view: ReliefView;
  readonly times: number;
  readonly onDrawing: (page: PagePoint) => PagePoint;
}

/** The page of a head's drawing by its id; undefined for any other drawing, and while heads are worked out. */
export function headPage(plan: Plan, drawingId: string): HeadPage | undefined {
  const head = plan.surface?.heads.find(({ view }) => drawingId === `head-${view}`);
  if (head === undefined) return undefined;
  const times = headTimes(plan);
  return { view: head.view, times, onDrawing: enlargement(head, times) };
}

/** Where something lies on its head: along the bone, degrees from its back. */
export interface HeadPlace {
  readonly along: number;
  readonly around: number;
}

function seenAt(
  posed: PosedSkeleton,
  view: ReliefView,
  [bone, , , off = 0]: FacePlace,
  { along, around }: HeadPlace,
) {
  const point = facePoint(posed, [bone, along, around, off], 1);
  return point && { page: onPage(VIEW_FRAMES[view], point.at), out: point.out };
}

/** Where a place of the left side stands on a head's drawing; undefined where it is turned away. */
export function seenOnHead(
  posed: PosedSkeleton,
  { view, onDrawing }: HeadPage,
  at: FacePlace,
): PagePoint | undefined {
  const seen = seenAt(posed, view, at, { along: at[1], around: at[2] });
  return seen && dot(seen.out, VIEW_FRAMES[view].towards) > 0 ? onDrawing(seen.page) : undefined;
}

/** Steps of the search, and how far apart the places are by which slopes are told. */
const STEPS = 6;
const APART = { along: 0.02, around: 2 } as const;
/** As far as one step goes at most. */
const REACH = { along: 0.08, around: 15 } as const;

const held = (value: number, most: number): number => Math.min(most, Math.max(-most, value));

/**
 * The place on the skin of the head that lies nearest to where a drag by `by` mm of a drawing brings what lies at
 * another, by Gauss–Newton steps in the two numbers of the place. Undefined where its flesh is not there.
 */
export function draggedOnHead(
  posed: PosedSkeleton,
  { view, times }: HeadPage,
  at: FacePlace,
  by: PagePoint,
): HeadPlace | undefined {
  const seenHere = (of: HeadPlace) => seenAt(posed, view, at, of);
  let place: HeadPlace = { along: at[1], around: at[2] };
  const first = seenHere(place);
  if (first === undefined) return undefined;
  const goal = [first.page[0] + by[0] / times, first.page[1] + by[1] / times] as const;
  for (let step = 0; step < STEPS; step++) {
    const here = seenHere(place);
    const down = seenHere({ ...place, around: place.around + APART.around });
    if (!here || !down) break;
    // Beyond the last section of a muzzle nothing changes: the slope is that of the skin before it.
    const slopes = ([-1, 1] as const).flatMap((way): PagePoint[] => {
      const beside = seenHere({ ...place, along: place.along + way * APART.along });
      const step = way * APART.along;
      return beside
        ? [[(beside.page[0] - here.page[0]) / step, (beside.page[1] - here.page[1]) / step]]
        : [];
    });
    const [steepest] = slopes.toSorted((a, b) => Math.hypot(...b) - Math.hypot(...a));
    if (steepest === undefined) break;
    const [ax, ay] = steepest;
    const [bx, byDown] = [0, 1].map((k) => (down.page[k]! - here.page[k]!) / APART.around) as [
      number,
      number,
    ];
    const [ex, ey] = [goal[0] - here.page[0], goal[1] - here.page[1]];
    const det = ax * byDown - bx * ay;
    if (Math.abs(det) < 1e-9) break;
    const next: HeadPlace = {
      along: place.along + held((ex * byDown - bx * ey) / det, REACH.along),
      around: Math.min(
        180,
        Math.max(0, place.around + held((ax * ey - ex * ay) / det, REACH.around)),
      ),
    };
    if (seenHere(next) === undefined) break;
    place = next;
  }
  return place;
}
