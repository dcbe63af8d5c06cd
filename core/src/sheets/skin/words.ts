/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// directionMap.ts
export const coatFromSide = 'Coat from the side';
export const coatFromFront = 'Coat from the front';
export const coatFromAbove = 'Coat from above';
export const coatFromBehind = 'Coat from behind';
export const coatThreeQuarter = 'Coat from the left front';
export const coatOfHead = (title: string, times: number): string => `${title}, ${times}×`;

// flatSkin.ts
export const skinOfLaidFlat = (name: string, pieces: number): string =>
  pieces === 1 ? `${name}, laid flat` : `${name}, laid flat in ${pieces} pieces from the front`;

// stampSheet.ts
export const negativeOf = (name: string): string => `${name}, negative`;

// regionMaps.ts
export const coatOfRegion = (name: string, times: number): string =>
  `Lie of the coat: ${name.toLowerCase()}, ${times}× the model`;

// coatList.ts
export const coatOf = (name: string): string =>
  `Coat of the ${name.toLowerCase()}: what it takes, and how long`;
export const coatColumns = [
  'Zone or limb',
  'Made',
  'Long',
  'Wide or apart',
  'How many',
  'Hand work, to buy',
];
export const madeBy = {
  carved: 'carved',
  stamped: 'stamped',
  planted: 'planted',
  fibre: 'fibre',
  flock: 'flock',
  wefts: 'wefts',
  pelt: 'pelt',
  smooth: 'smooth',
} as const;

// featherDrawings.ts
export const oneFeather = (id: string): string =>
  `${id} of the right side, 1:1; its leading edge above`;
export const featherMapWing = 'Feathers of the left wing, spread and seen from above';
export const featherMapTail = 'Feathers of the tail, spread and seen from above';
export const lengthsOf = (row: string, ids: string, lengths: string): string =>
  `${row}, ${ids}, mm: ${lengths}`;
export const grainThisWay = 'grain';
export const cutFromSheet = (name: string, number: number, isBought: boolean): string =>
  `Feathers to cut, sheet ${number}, ${name.toLowerCase()}${isBought ? ', to buy' : ''}`;

// bladeSheets.ts
export const bladeTemplate = (name: string, many: number): string =>
  many > 1 ? `${name}, template: turn it over for the other side` : `${name}, template`;
export const thickAgainstScale = (made: string, atScale: string): string =>
  `made ${made} mm thick; at scale it would be ${atScale} mm`;
export const propsApart = (mm: string): string => `while soft a prop every ${mm} mm`;
export const foldsIn = (many: number): string =>
  many === 1 ? 'one fold to press in, dashed' : `${many} folds to press in, dashed`;
export const edgeWireOf = (thick: string, cut: string): string =>
  `wire ${thick} mm, cut ${cut} mm; its bends from the root: mark in mm, and angle`;
