/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// askPicture.ts
export const couldNotBeFetched = (status: number): string => `it could not be fetched (${status})`;
export const noBytesHere = 'this browser does not have it';
export const cardIsBlack = 'The card is black in the picture: set it where it is lit.';
export const couldNotLookAt = (name: string, reason: string): string =>
  `${name} could not be looked at: ${reason}`;

// PalettesStage.vue
export const picturesAndAnimal = 'A picture of the animal, and the piece beside it';
export const noPictures =
  'No picture is here yet. Take in photographs of the animal in Measure, and its colours are read from them here.';
export const toPictures = 'Take in pictures';
export const morePictures = 'More pictures';
export const whichPicture = 'Which picture';
export const colourOfPicture = 'What the picture shows';
export const colourNow = 'The piece, as it is planned';
export const whatYouSet = 'What you set on the picture';
export const MODES = { round: 'Draw round an area', card: 'Set the card' } as const;
export const CARDS = { grey: 'Grey card', paper: 'White paper' } as const;
export const whatCard = 'What the card is';
export const noCard = 'No card in the picture';
export const wholePicture = 'All of the picture';
export const setHint =
  'Drag round the area that you want, away from the background. Set a white or grey card that lay in the same light, and the light is taken out. With the keyboard: arrows move what is set, + and − size it.';
export const foundColours = 'Colours of the animal';
export const lookingAt = 'The picture is looked at.';

// PictureMarks.vue
export const markOf = (mode: string): string => `${mode} on the picture`;

// PaletteTable.vue
export const howMany = 'How many colours';
export const COLUMNS = ['Colour', 'Share', 'By hand'] as const;
export const keep = 'Keep';
export const areaTold = 'The area by itself';
export const BASE = {
  base: 'Its own colour',
  shade: 'In the shade',
  light: 'In the light',
} as const;
export const keepArea = 'Keep it with its shade and light';
export const areaName = (n: number): string => `Colour ${n}`;
export const lightDid = {
  bluer: 'Its shade is bluer, as under an open sky. ',
  warmer: 'Its shade is warmer. ',
  alike: 'Its shade is of the same hue. ',
} as const;
export const aimAtOwn =
  'Aim at its own colour: the room where the piece stands will light it again. Where it differs by more than 3 from place to place, draw round less.';

// FoundColours.vue
export const noneKept = 'Nothing is kept yet.';
export const enoughKept = (many: number): string =>
  `${many} colours are kept, which is the most. Let go of one to keep another.`;
export const keepFound = 'Keep a colour from a picture';
export const changeFound = 'Change a found colour';
export const dropFound = 'Let go of a found colour';
export const nameOfFound = 'Name of the colour';
export const takeFor = (name: string): string => `Take ${name} for a zone`;
export const forZone = 'for a zone …';
export const takenFor = (name: string, zone: string): string => `Take ${name} for ${zone}`;
export const drop = 'Let go';
export const fromPicture = (picture: string): string => `from ${picture}`;
export const holdTo = 'Hold all zones to';
export const holdColours = (many: number): string => `Hold the animal to ${many} colours`;
export const hold = 'Hold';
export const holdHint =
  'Each zone takes the nearest of so many of its own colours; by area as little as can be is changed.';
export const colourCount = 'Colours';
