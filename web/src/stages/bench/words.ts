/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// BenchStage.vue
export const workInOrder = 'The work in order';
export const stepsOfThisPiece = 'Steps of this piece';
export const next = 'Next';
export const workAtBench = 'Work at the bench';
export const everythingIsTickedOff = 'Everything is ticked off.';
export const toBuy = 'To buy';
export const everythingPieceTakesLess = 'Everything the piece takes, less what is on hand in the';
export const workshop = 'workshop';

// StepCard.vue
export const done = (title: string | number): string => `Done: ${title}`;
export const next2 = 'next';
export const mayBeDoneNow = 'may be done now';
export const done2 = (on: string | number): string => `Done ${on}`;
export const minutesFor = (title: string | number): string => `Minutes for ${title}`;
export const minutes = 'minutes';
export const minutes2 = 'Minutes';
export const noteOn = (title: string | number): string => `Note on ${title}`;
export const noteForNextTime = 'a note for next time';
export const untick = (title: string | number): string => `Untick “${title}”`;
export const tick = (title: string | number): string => `Tick “${title}”`;
export const log = (title: string | number): string => `Log “${title}”`;

// StepCard.vue
export const startThisBake = 'Put it in and watch it';

// BenchTabs.vue
export const roomsOfBench = 'Rooms of Bench';
export const stepsTab = 'Steps';
export const daysTab = 'Days';
