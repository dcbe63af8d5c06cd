/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// ColourStage.vue
export const coloursByZoneAnd = 'Colours by zone, and their layers';
export const sideElevationInBase =
  'Side elevation in base colours, and every zone’s colours from primer to tips';
export const zonesAndTheirColours = 'Zones and their colours';
export const overEverything = 'Over everything';
export const howItIsLayered = 'How it is layered';

// LayerChoices.vue
export const primer = 'Primer';
export const changePrimer = 'Change the primer';
export const greyKeepsDarkCoats =
  'Grey keeps dark coats quiet; white makes pale and warm ones glow.';
export const oneStepOfLightness = 'One step of lightness (0 to 1)';
export const oneStepOfLightness2 = 'One step of lightness';
export const changeContrast = 'Change the contrast';
export const baseCoats = 'Base coats';
export const changeBaseCoats = 'Change the base coats';
export const greyPrimer = 'Grey primer';
export const whitePrimer = 'White primer';

// ZoneColours.vue
export const zones = 'Zones';
export const colourToAimAt = 'Colour to aim at';
export const librarys = 'library’s';
export const colourOf = (name: string | number): string => `Colour of ${name}`;
export const sheenOf = (name: string | number): string => `Sheen of ${name}`;
export const skinOfThisZone = 'Skin of this zone';
export const lightness = 'Lightness';
export const paint = 'Paint';
export const coloursOfLibraryAre =
  'Colours of the library are from memory: pick yours from a picture of the animal in good light.';
export const highGloss = 'High gloss';
export const changeColourOf = (name: string | number): string => `Change the colour of ${name}`;
export const matt = 'Matt';
export const satin = 'Satin';
export const gloss = 'Gloss';
