/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// adoptWorkshop.ts
export const oven = 'the oven';
export const foil = 'the foil';
export const paper = 'the paper';
export const largestSheetOfClay = 'the largest sheet of clay';
export const tools = 'the tools';
export const pace = 'the pace';
export const lengthOfSitting = 'the length of a sitting';
export const hoursAtBench = 'the hours at the bench';
export const priceOfAnHour = 'the price of an hour';
export const whatIsPutOnTop = 'what is put on top of material and work';

// readWorkshop.ts
export const workshop = 'The workshop';
export const format = (WORKSHOPFORMAT: string): string => `the format “${WORKSHOPFORMAT}”`;
export const workshopsVersion = 'The workshop’s version';
export const versionFromTo = (WORKSHOPVERSION: number): string =>
  `a version from 1 to ${WORKSHOPVERSION}; a higher one is of a newer application, which can open it`;
export const wholeWorkshop = 'a whole workshop';
export const wireSize = 'wire size';
export const sizeOfItsGauge = 'a size of its gauge table, 0.1 mm or thicker';
export const wholeWorkshopFileIn = 'a whole workshop file in JSON, as this application exports it';
