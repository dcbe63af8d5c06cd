import * as say from './words.ts';
import type { Plan } from '../planTypes.ts';
import type { Relief } from '../surface/relief.ts';
import { facePoint } from '../body/facePoint.ts';
import { onPage, VIEW_FRAMES } from '../surface/reliefViews.ts';
import { fittedDrawing, type Drawing, type DrawingItem } from './drawing.ts';
import { enlarged, enlargement, extentOf } from './enlargedRelief.ts';
import { headConstruction } from './headConstruction.ts';
import { MARGIN_MM, reliefItems, reliefOf } from './formItems.ts';

const HEAD_TITLES = {
  side: say.headFromSide,
  front: say.headFromFront,
  'three-quarter': say.headThreeQuarter,
  top: say.headFromAbove,
} as const;

/** The head at most so much larger than the model, and so that it takes no more than this share of its length. */
const MOST_TIMES = 6;
const HEAD_SHARE = 0.6;

/** The head by itself, whole times as large as the model; none while it is still worked out. */
export function headDrawings(plan: Plan): readonly Drawing[] {
  const times = headTimes(plan);
  return (plan.surface?.heads ?? []).map((head) => {
    const view = head.view as keyof typeof HEAD_TITLES;
    const items = [
      ...reliefItems(enlarged(head, times), 'form'),
      ...(view === 'side' ? construction(plan, head, times) : []),
    ];
    return fittedDrawing(`head-${view}`, HEAD_TITLES[view](times), items, MARGIN_MM);
  });
}

/** How many times as large as the model the head stands by itself. */
export function headTimes(plan: Plan): number {
  const side = reliefOf(plan, 'side');
  const long = side === undefined ? 0 : extentOf(side);
  const own = Math.max(1, ...(plan.surface?.heads ?? []).map((head) => extentOf(head)));
  return Math.min(MOST_TIMES, Math.max(1, Math.floor((HEAD_SHARE * long) / own)));
}

/** The eye line and the lengths of a head from its side; none for a head without eyes between lids. */
function construction(plan: Plan, head: Relief, times: number): readonly DrawingItem[] {
  const { posed } = plan.stance;
  const [eye] = posed.skeleton.animal.face?.eyes ?? [];
  const point = eye && facePoint(posed, eye.at, 1);
  if (point === undefined) return [];
  const onHead = enlargement(head, times);
  const at = onPage(VIEW_FRAMES.side, point.at);
  return headConstruction(plan, at, head.outline.flat(), onHead);
}
