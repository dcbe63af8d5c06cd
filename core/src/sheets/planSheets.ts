import type { Plan } from '../plan.ts';
import { basePlanDrawing } from './basePlan.ts';
import type { Drawing } from './drawing.ts';
import { bendingCards } from './bendingCards.ts';
import { colourCard } from './colourCard.ts';
import { cutListSheet } from './cutListSheet.ts';
import { elevation } from './elevation.ts';
import { stepsSheet } from './stepsSheet.ts';
import { strokeCard } from './strokeCard.ts';
import { wireStrips } from './wireStrips.ts';

/** The shop sheets of a piece, all at 1:1 of the model. */
export function planSheets(plan: Plan): readonly Drawing[] {
  return [
    elevation(plan, 'side', { show: 'bones', dimensions: true }),
    elevation(plan, 'side', { show: 'wires', dimensions: false }),
    elevation(plan, 'front', { show: 'wires', dimensions: true }),
    cutListSheet(plan.wire),
    wireStrips(plan.wire.wires),
    basePlanDrawing(plan.wire.base),
    elevation(plan, 'side', { show: 'core', dimensions: false }),
    elevation(plan, 'front', { show: 'core', dimensions: false }),
    ...(plan.skin.zones.some((one) => one.width !== null) ? [strokeCard(plan.skin, 2)] : []),
    ...(plan.colour === null ? [] : [colourCard(plan.colour)]),
    ...(plan.bench === null ? [] : [stepsSheet(plan.bench)]),
  ];
}

/** The bending cards of every wire that is bent: six bends to a page, to follow at the bench. */
export const cardSheets = (plan: Plan): readonly Drawing[] => plan.wire.wires.flatMap(bendingCards);
