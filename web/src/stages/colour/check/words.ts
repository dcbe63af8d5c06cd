/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// CheckStage.vue
export const pieceBesideAnimal = 'The painted piece beside a picture of the animal';
export const setHint =
  'Set a white or grey card that lay in the same light first. Then choose a zone or a marking, drag round where the picture shows it, and say so.';
export const toPictures = 'Take in pictures';
export const noPictures =
  'No picture is here yet. Take in photographs of the animal in Measure, and the painted piece is checked against them here.';
export const seenFrom = 'Seen from';
export const views = {
  side: 'Side',
  front: 'Front',
  top: 'Above',
  back: 'Behind',
  'three-quarter': 'Left front',
} as const;
export const oneScale = 'Picture and piece stand at one scale.';
export const noScale =
  'The picture has no scale yet: both are drawn as wide. Set a length on it in Measure.';
export const whichZone = 'Which zone or marking';
export const askPicture = 'What the picture shows';
export const lookingAt = 'The picture is looked at.';
export const drawRound = 'Drag round an area of the picture first.';
export const thisIs = (name: string): string => `This is ${name.toLowerCase()}`;
export const howFarOff = 'How far off, the worst first';
export const painted = 'The piece in its colours';

// LaidSection.vue, LaidPiece.vue
export const askAll = 'All zones at once';
export const layOver = 'Lay the piece over it';
export const layHint =
  'Drag the outline onto the animal and size it by its corner (arrows, + and −). It fits where the picture shows the stance of the piece; of what lies wrong, drop the check.';
export const formWorkedOut = 'The form of the piece is worked out.';
export const looksOtherWay = 'Looks the other way';
export const turned = 'Turned';
export const degrees = (deg: number): string => `${deg}°`;
export const readSeen = 'Read what lies under it';
export const layAgain = 'Lay it anew';
export const laidPiece = 'The outline of the piece over the picture';
export const tooLittleOf = (names: readonly string[]): string =>
  `Too little is seen of: ${names.map((name) => name.toLowerCase()).join(', ')}. Draw round them.`;

// useLaidPiece.ts
export const readAll = (picture: string): string => `Read all that ${picture} shows`;
export const nothingUnder =
  'Nothing of the piece lies on the picture. Drag its outline onto the animal.';

// CheckTable.vue
export const COLUMNS = ['Where', 'Picture', 'Piece', 'ΔE₀₀', 'By hand'] as const;
export const noneYet = 'Nothing is compared yet.';
export const aim = 'Aim at it';
export const aimAt = (name: string): string =>
  `Aim at what the picture shows for ${name.toLowerCase()}`;
export const drop = 'Drop';
export const dropOf = (name: string): string => `Drop the check of ${name.toLowerCase()}`;
export const meaning =
  'Below 1 hardly anybody sees it, at 5 everybody does; a photograph itself is seldom nearer than 3.';
