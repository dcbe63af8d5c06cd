/**
 * The words of this folder, in English: each under a name, with what goes into it as parameters.
 */

// painted.ts
export const headPainted = (times: number): string => `The head in its colours, ${times} times`;
export const onItsGround = 'On its ground';
export const afterLayer = (name: string): string => `After ${name}`;

// colourCard.ts
export const ground = 'Ground';
export const coloursFromPrimerTo = 'Colours, from the ground to the tips; paint yours beside each';
export const highGloss = 'high gloss';
export const colours = (zoneId: string): string => `colours ${zoneId}`;
export const screenIsNoPaint =
  'A screen and a printer show no paint as it is: mix, paint the square beside, let it dry, then judge in daylight.';
export const colouredClay = 'Coloured clay';
