/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// NowStage.vue
export const whereItStands = 'Where it stands';
export const stepsDone = (done: number, all: number): string => `${done} of ${all} steps done`;
export const nextStep = 'Next step';
export const toBench = 'Work at the bench';
export const allDone = 'Everything is ticked off.';
export const dryingOrBaking = 'Dries or bakes';
export const nothingWaits = 'Nothing dries or bakes now.';
export const ready = 'Ready';
export const readyOn = (moment: string): string => `As planned, on ${moment}.`;
export const neverReady = 'Not within the hours at the bench: look into Days.';
export const lateBy = (days: number): string =>
  days === 1 ? 'That is a day late.' : `That is ${days} days late.`;
export const beingPlanned = 'The days are being planned.';
export const soFar = 'So far, and what is left';
export const toBuy = 'To buy';
export const allHere = 'Everything is here.';

// useNow.ts
export const until = (title: string, moment: string): string => `${title}, until ${moment}`;
