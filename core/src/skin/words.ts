/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// planSkin.ts
export const inLife = (name: string, one: string): string => `${name}, ${one} in life`;
export const inLibrary = (name: string): string => `${name}, in the library`;
export const setByYou = 'Set by you';
export const libraryOfAnimals = 'library of animals';
export const decidedByYou = 'decided by you';
export const onModel = (name: string, one: string): string => `${name}, ${one} on the model`;
export const definitionOfScaleVary =
  'definition of a scale; vary each stroke by a third, longer to the rear';
export const leftFreeForFibre = (name: string): string => `${name}, left free for fibre`;
export const coatIsInClay = 'The coat is in the clay.';
export const angleToSkin = 'Angle to the skin';
export const fibreStuckOnStands = 'fibre stuck on stands off the clay by its lie (common practice)';
export const widthOf = (name: string, stroke: string): string => `${name}, width of a ${stroke}`;
export const widthOfInLife = (stroke: string): string => `Width of a ${stroke} in life`;
export const hairsClingIntoLocks =
  'hairs cling into locks, and a lock is what a stroke can stand for (common practice)';
export const definitionOfScale = 'definition of a scale';
export const backingOfPelt = 'Backing of the pelt';
