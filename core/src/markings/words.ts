/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// planMarkings.ts
export const skinThatShows = (name: string): string => `${name}: skin that shows it`;
export const trianglesOfMarking =
  'The triangles of the skin, each by what of it this marking covers and no later one hides; with its share of wings and fins';
export const cellsOf = (mm: string): string => `cells of ${mm} mm on the model`;
export const markedInThisStance =
  'The skin in this stance; the marking is measured on the animal at rest, in life mm (own derivation).';
export const paintedOf = (name: string): string => `${name}: skin that its own paint goes on`;
export const shareBesideMarkings = 'Share beside the markings, and under those that go over it';
export const areasSumToSkin = 'What zones and markings show sums to the skin (own derivation).';

// measures.ts (rings)
export const ringFrom = (name: string, n: number): string => `${name}, ring ${n}: begins at`;
export const ringWide = (name: string, n: number): string => `${name}, ring ${n}: width`;

// measures.ts
export const across = 'across';
export const fromOneToNext = 'from one to the next';
export const oneWave = 'one wave';
export const sideToSide = 'from side to side';
export const alongBody = 'along the body';
export const edgeOver = 'its edge runs out over';
export const inLife = (label: string): string => `In life, ${label}`;
export const lifeOverScale = 'Life size over the scale';
export const fromFrontInLife = 'From the front of its run in life';
export const ringInLife = 'Its width in life, so that all sum to their stretch';

// girthsAlong.ts
export const sectionsAlong = 'Girths of the sections along the part, straight between them';
export const stationsOf = (many: number): string => `${many} sections`;
export const alongAxis = 'Along the axis of the part in this stance (own derivation).';
export const placeAlong = (name: string, n: number): string =>
  `${name}: place ${n}, from its front`;
export const girthAt = (name: string, n: number): string => `${name}: girth at place ${n}`;
