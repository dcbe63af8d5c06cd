/**
 * The words of this folder, in English: each under a name, with what goes into it as parameters.
 */

// numberedAreas.ts
export const numberedFrom = {
  side: 'To paint by, from the side',
  front: 'To paint by, from the front',
  top: 'To paint by, from above',
  back: 'To paint by, from behind',
  'three-quarter': 'To paint by, from the left front',
} as const;
export const numberedHead = (title: string, times: number): string =>
  `${title}: the head, ${times} times`;

// featherMarks.ts
export const markedFeathers = (map: string): string => `${map}, with edges and bars`;

// flatSheets.ts
export const markingsLaidFlat = (name: string): string =>
  `${name}: markings laid flat, 1:1, to wrap, pounce or trace`;
export const maskOf = (name: string): string => `${name}: masks to cut, 1:1`;
export const backLine = 'back';
export const bladeMarkings = (name: string): string =>
  `${name}: markings, 1:1; turned over for the other side`;
export const cutMask =
  'Cut along the lines; leave a bridge where a part would fall out. Press the edge down and stipple away from it.';

// markingList.ts
export const markingList = 'Markings: numbers, sizes and order';
export const fromBottom =
  'Painted from the first to the last; each dry before one that overlaps it';
export const ringsHeading = (name: string): string => `${name}: rings from the front`;
export const numberName = (n: number, name: string, hex: string): string => `${n}  ${name} ${hex}`;
export const alongHeading = (name: string): string => `${name}: girth along it`;
export const atFrom = (mm: string): string => `at ${mm} from its front`;
export const beginsAt = (n: number, colour: string, at: string): string =>
  `${n}  ${colour}, begins at ${at}`;
export const wholeGround = 'Zones of the coat, under all';
