import * as say from './words.ts';
import { facePoint } from '../../body/facePoint.ts';
import type { Plan } from '../../planTypes.ts';
import { onPage, VIEW_FRAMES } from '../../surface/reliefViews.ts';
import { toRad } from '../../units/angles.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from '../drawing.ts';
import { enlarged, enlargement, extentOf } from '../enlargedRelief.ts';
import { MARGIN_MM, reliefItems } from '../formItems.ts';
import { movedItem } from '../movedItem.ts';
import { headTimes } from '../headDrawings.ts';

/** Half a millimetre either way. */
const STEPS_MM = [-0.5, 0, 0.5] as const;
/** The enlarged heads are at least so many times as large. */
const LEAST_TIMES = 3;
const GAP_MM = 10;
const TEXT_MM = 3.4;

/**
 * The head from its side three times at 1:1 and three times enlarged: with its eye half a millimetre smaller, as it is to
 * be bought, and half a millimetre larger. Undefined for an animal without eyes, and while the form is worked out.
 */
export function eyeSheet(plan: Plan): Drawing | undefined {
  const { posed } = plan.stance;
  const [eye] = posed.skeleton.animal.face?.eyes ?? [];
  const head = plan.surface?.heads.find(({ view }) => view === 'side');
  const point = eye && facePoint(posed, eye.at, 1);
  const { eyes } = plan.fittings;
  if (!head || !point || !eyes) return undefined;
  const rows = [Math.max(LEAST_TIMES, headTimes(plan)), 1];
  let y = 0;
  const items = rows.flatMap((times): readonly DrawingItem[] => {
    const onHead = enlargement(head, times);
    const at = onHead(onPage(VIEW_FRAMES.side, point.at));
    const big = enlarged(head, times);
    const outline = big.outline.flat();
    const low = Math.min(...outline.map(([, py]) => py));
    const top = Math.max(...outline.map(([, py]) => py));
    const wide = extentOf(head) * times + GAP_MM;
    y -= top - low + GAP_MM + 5 * TEXT_MM;
    const caption: DrawingItem = {
      ...{ kind: 'text', ink: 'soft', layer: 'notes', anchor: 'start', face: 'label' },
      ...{ text: say.headTimes(times), sizeMm: TEXT_MM },
      at: [0, y + top - low + 2 * TEXT_MM],
    };
    const heads = STEPS_MM.flatMap((step, i): readonly DrawingItem[] => {
      const [dx, dy] = [i * wide, y - low];
      const d = Math.max(LEAST_EYE_MM, eyes.ball.value + step) * times;
      const middle: PagePoint = [at[0] + dx, at[1] + dy];
      const [wideOpen, highOpen] = eye.opening;
      const lids = ellipse(middle, (d * wideOpen) / 2, (d * highOpen) / 2, eye.slitDeg);
      return [
        ...reliefItems(big, 'outline').map((item) => movedItem(item, dx, dy)),
        { ...{ kind: 'fill', ink: 'ink', layer: 'eye', hex: eye.hex }, outlines: [lids] },
        {
          ...{ kind: 'line', ink: step === 0 ? 'near' : 'ink', layer: 'eye', closed: true },
          ...{ weight: step === 0 ? WEIGHT.far : WEIGHT.thin, points: lids },
        },
        {
          ...{ kind: 'text', ink: 'ink', layer: 'eye', anchor: 'middle', face: 'number' },
          ...{ text: say.eyeOf((d / times).toFixed(1)), sizeMm: TEXT_MM },
          at: [middle[0], y - 2 * TEXT_MM],
        },
      ];
    });
    return [caption, ...heads];
  });
  return fittedDrawing('eyes', say.eyesAtThreeSizes, items, MARGIN_MM);
}

/** No eye is smaller than this, mm. */
const LEAST_EYE_MM = 0.3;

/** What shows between the lids: an ellipse with its outer corner so many degrees higher, the head facing left. */
const ellipse = (
  [x, y]: PagePoint,
  a: number,
  b: number,
  slitDeg: number,
): readonly PagePoint[] => {
  const tilt = toRad(slitDeg);
  return Array.from({ length: 40 }, (_, i): PagePoint => {
    const t = (2 * Math.PI * i) / 40;
    const [u, v] = [a * Math.cos(t), b * Math.sin(t)];
    return [
      x + u * Math.cos(tilt) - v * Math.sin(tilt),
      y + u * Math.sin(tilt) + v * Math.cos(tilt),
    ];
  });
};
