/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// SkinStage.vue
export const coatAtModelsScale = 'The coat at the model’s scale';
export const sideElevationWithLie =
  'Side elevation with the lie of the hair, and a sample of each zone’s strokes true to size';
export const zonesOfCoat = 'Zones of the coat';
export const toolsYouHave = 'Tools you have';

// ZoneTable.vue
export const zone = 'Zone';
export const long = 'Long';
export const wide = 'Wide';
export const madeWith = 'Made with';
export const howCoatOfIs = (name: string | number): string => `How the coat of ${name} is made`;
export const bareItIsSmoothed = 'Bare: it is smoothed, and takes no strokes.';
export const inLife = (word: string | number): string => `${word} in life`;
export const librarys = 'library’s';
export const inLife2 = (word: string | number, name: string | number): string =>
  `${word} in life, ${name}`;
export const onModel = (word: string | number): string => `${word} on the model`;
export const widthOf = (stroke: string | number): string => `Width of a ${stroke}`;
export const leftFreeForFibre = 'Left free for fibre';
export const yourFinestToolMakes = (locksPerStroke: string | number): string =>
  `Your finest tool makes strokes that stand for about ${locksPerStroke} each.`;
export const clayUnderThisZone =
  'The clay under this zone is made smaller by what is left free: see Mass.';
export const inClay = 'In the clay';
export const fibreOnIt = 'Fibre on it';
export const changeCoatOf = (name: string | number): string => `Change the coat of ${name}`;
export const noneSoFine = 'none so fine';
export const smooth = 'Smooth';

// ZoneTable.vue
export const peltOnIt = 'Pelt on it';
export const backingOfPelt = 'Backing of the pelt';
export const changeBacking = 'Change the backing of the pelt';
export const clayUnderPelt =
  'The clay under this zone ends at the bare skin less the backing: both come on with the pelt.';
