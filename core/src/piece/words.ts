/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// readPiece.ts
export const measureCreatureVersion = 'measure.creature.version';
export const versionFromTo = (CREATUREVERSION: number): string =>
  `a version from 1 to ${CREATUREVERSION}; a higher one is of a newer application, which can open it`;
export const wholePiece = 'a whole piece';
export const measureAnimalid = 'measure.animalId';
export const animalOfLibrary = 'an animal of the library';
export const nameOfPlan = (name: string): string => `a name of the plan “${name}”`;
export const measureScaleSizeid = 'measure.scale.sizeId';
export const oneOf = (sizes: string): string => `one of ${sizes}`;
export const measureBox = 'measure.box';
export const insideOfBoxAs = 'the inside of the box, as the scale depends on it';
export const wireSize = 'wire size';
export const sizeOfItsGauge = 'a size of its gauge table, 0.1 mm or thicker';

// step.ts
export const ofWork = ' of work';
export const inOven = ' in the oven';
export const byItself = ' by itself';
export const and = (words: string, part: string): string => `${words} and ${part}`;

// step.ts
export const aboutBefore = 'about ';

// step.ts
export const andBetween = ' and ';
