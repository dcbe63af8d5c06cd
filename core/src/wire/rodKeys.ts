import * as say from './words.ts';
import type { RodKey } from '../piece/wireSchema.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import type { WireDecisions } from '../workshop/workpiece.ts';

/** The end of a rod that is bent into a groove under the board, mm: common practice. */
export const BENT_KEY_MM = 25;
/** A pin beside a rod against turning, mm: common practice. */
export const KEY_PIN_MM = { diameter: 2, length: 25 } as const;

/** What a way to keep a rod from turning is called, and what the hand does. */
export const ROD_KEY_WORDS: Readonly<
  Record<RodKey, { readonly name: string; readonly how: string }>
> = {
  bent: { name: say.keyBent, how: say.keyBentHow },
  pin: { name: say.keyPin, how: say.keyPinHow },
  flat: { name: say.keyFlat, how: say.keyFlatHow },
  none: { name: say.keyNone, how: '' },
};

/** Whether a piece stands on one rod or one foot alone: it could turn about it. */
export const standsOnOne = (
  { feet, hold }: Pick<StancePlan, 'feet' | 'hold'>,
  isOnIron: boolean,
): boolean =>
  hold === 'wall' ||
  (hold === 'base' && (isOnIron || feet.filter(({ down }) => down).length === 1));

/** What keeps a piece from turning about its rod: the user's, or a pin beside nuts and a flat in epoxy where it stands on one. */
export const rodKeyOf = ({ rod }: Pick<WireDecisions, 'rod'>, isAlone: boolean): RodKey =>
  rod.key ?? (isAlone ? (rod.thread === null ? 'flat' : 'pin') : 'none');
