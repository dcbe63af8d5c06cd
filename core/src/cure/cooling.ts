import * as say from './words.ts';
import type { PlannedBake } from '../bakes/planOrder.ts';
import { asGiven, asInput, input, type Working } from '../piece/working.ts';
import { ROOM_C } from './heatRequest.ts';

/** So warm a hand holds it, and nothing in it is soft any more, °C: common practice. */
const HAND_WARM_C = 40;
/** What nobody has reckoned yet cools for about so long, min: common practice. */
const USUAL_COOLING_MIN = 60;

/**
 * Minutes until a baked thing may be handled. Where its warming is known, its innermost clay nears the room at the rate
 * at which it neared the oven: of either approach the first term of the series is kept, the same but for its beginning.
 */
export function coolingMinutes(
  { id }: Pick<PlannedBake, 'id'>,
  name: string,
  oven: Working | null,
  warmed: { readonly time: Working; readonly lowC: number } | null,
): Working | null {
  if (oven === null) return null;
  const told = {
    ...({ id: `cure.cooling.${id}`, stage: 'cure', unit: 'min' } as const),
    label: say.coolsFor(name),
  };
  if (warmed === null || warmed.lowC >= oven.value || warmed.lowC <= ROOM_C)
    return {
      ...told,
      ...{ value: USUAL_COOLING_MIN, provenance: 'memory' },
      ...asGiven(say.usualCooling, USUAL_COOLING_MIN, 'min', 'memory'),
      source: say.untilWarmingIsKnown,
    };
  const { time, lowC } = warmed;
  const over = Math.log((oven.value - ROOM_C) / (HAND_WARM_C - ROOM_C));
  return {
    ...told,
    value: (time.value * over) / Math.log((oven.value - ROOM_C) / (oven.value - lowC)),
    provenance: 'derived',
    formula: 't = h · ln((T − r) / (s − r)) / ln((T − r) / (T − c))',
    inputs: [
      asInput('h', time),
      asInput('T', oven),
      input('r', say.room, ROOM_C, 'degC', 'memory'),
      input('s', say.handWarm, HAND_WARM_C, 'degC', 'memory'),
      input('c', say.curesFrom, lowC, 'degC', 'derived'),
    ],
    source: say.coolsAsItWarmed,
  };
}
