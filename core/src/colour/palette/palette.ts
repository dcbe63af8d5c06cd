export { linearHex, pictureAnswer, type PictureAnswer } from './areaColour.ts';
export { pictureWorkings } from './pictureWorkings.ts';
export { coloursUnder, type Placing, type UnderQuestion, type ZoneUnder } from './laidOver.ts';
export { coloursHeld } from './heldColours.ts';
export { lightOf, pictureColours, type PicturePixels } from './pictureColours.ts';
