/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// planColour.ts
export const coatTakes = 'A coat takes';
export const forEach = 'for each';
export const lightness = (name: string, name2: string, hex: string): string =>
  `${name}, ${name2} ${hex}: lightness`;
export const stepsInEachOf = '256 steps in each of red, green and blue';
export const lightnessOfTarget = (targetHex: string): string =>
  `Lightness of the target ${targetHex}`;
export const stepsOfThisLayer = 'Steps of this layer';
export const oneStep = 'One step';
export const chromaAgainstBase = 'Chroma against the base';
export const oklabBOttossonSteps =
  'OKLab (B. Ottosson, 2020); steps and chroma are common practice';
export const furrowsAgainstSmoothSkin = 'Furrows against smooth skin';
export const shareOfSkinThat = 'Share of the skin that takes it';
export const coats = 'Coats';
export const aboutMToLitre = 'about 10 m² to the litre by brush; shares are common practice';
export const skinThatItCovers = 'Skin that it covers';
export const aboutMToLitreBy = 'about 10 m² to the litre by brush (common practice)';
export const primerOneCoat = 'Primer, one coat';
export const highGloss = 'high gloss';
export const varnish = (which: string): string => `Varnish, ${which}`;
export const sheenOf = (sheen: string, zones: string): string => `${sheen}: ${zones}`;

// paintLayers.ts
export const base = 'Base';

// paintLayers.ts
export const brushedOnThinCoats = 'brushed on, thin coats';

// paintLayers.ts
export const hollows = 'Hollows';

// paintLayers.ts
export const thinWashWipedOff = 'a thin wash, wiped off the ridges';

// paintLayers.ts
export const ridges = 'Ridges';

// paintLayers.ts
export const dryBrushedAcross = 'dry-brushed across the strokes';

// paintLayers.ts
export const tips = 'Tips';

// paintLayers.ts
export const dryBrushedOnTips = 'dry-brushed on the highest tips only';

// nearestPaint.ts
export const nearestPaintOnHand = (name: string): string =>
  `Nearest paint on hand, “${name}”: ΔE00`;
export const differenceBetween = (hex: string, paint: string): string =>
  `difference of ${hex} and ${paint} by CIEDE2000: 1 is just seen by a trained eye, 5 by anybody`;
export const asColoursAreGiven = 'exact for the two colours as they are given';
export const ciede2000 = 'ISO/CIE 11664-6:2014; paints of the workshop';
