import { hexToLab } from './colourSpaces.ts';
import { quickDifference } from './quickDifference.ts';

/**
 * Difference of two colours "#rrggbb" by CIEDE2000 (ISO/CIE 11664-6:2014): 1 is just seen side by side by a trained
 * eye, 5 by anybody. Throws where a text is no colour: the documents were read.
 */
export function hexDifference(hex: string, other: string): number {
  const [one, two] = [hexToLab(hex), hexToLab(other)];
  if (one === undefined || two === undefined) throw new Error(`not a colour: ${hex}, ${other}`);
  return quickDifference(...one, ...two);
}
