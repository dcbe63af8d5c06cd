/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// bodyWeight.ts
export const animalsNearlyFloatSo = 'animals nearly float, so about 1 kg a litre';
export const thisBodyAtLife = 'This body at life size';
export const densityInsideOutline = 'Density inside the outline';
export const cellsInsideSkinIn = 'Cells inside the skin, in life';
export const sleevesAlongBones = (why: string): string =>
  `sleeves along the bones, on a grid; ${why}; usual range from memory`;
