import * as say from './words.ts';
import { greatest } from '../geometry/extremes.ts';
import type { Plan } from '../planTypes.ts';
import type { FOOT_VIEWS } from '../surface/footForm.ts';
import { fittedDrawing, type Drawing } from './drawing.ts';
import { enlarged, extentOf } from './enlargedRelief.ts';
import { MARGIN_MM, reliefItems, reliefOf } from './formItems.ts';

const FROM: Readonly<Record<(typeof FOOT_VIEWS)[number], string>> = {
  side: say.fromItsLeft,
  front: say.fromTheFront,
  top: say.seenFromAbove,
};

/** A foot at most so much larger than the model, and so that all of its sides take no more than this share of its length. */
const MOST_TIMES = 6;
const FOOT_SHARE = 0.65;

/**
 * The left feet by themselves in rows, one foot from its left, the front and above, all whole times as large as
 * the model; none while they are still worked out.
 */
export function footDrawings(plan: Plan): readonly (readonly Drawing[])[] {
  const feet = plan.surface?.feet ?? [];
  const side = reliefOf(plan, 'side');
  const long = side === undefined ? 0 : extentOf(side);
  const own = greatest([1, ...feet.flatMap(({ reliefs }) => reliefs.map(extentOf))]);
  const times = Math.min(MOST_TIMES, Math.max(1, Math.floor((FOOT_SHARE * long) / own)));
  return feet.map(({ contact, reliefs }) =>
    reliefs.map((relief) =>
      fittedDrawing(
        `foot-${contact.key}-${relief.view}`,
        say.partSeenTimes(contact.name, FROM[relief.view as keyof typeof FROM], times),
        reliefItems(enlarged(relief, times), 'form'),
        MARGIN_MM,
      ),
    ),
  );
}
