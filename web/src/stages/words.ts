/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// BodyPending.vue
export const bodyIsBeingWorked = 'The body is being worked out. These numbers follow in a moment.';

// FaceControl.vue, GazeControl.vue
export const expression = 'Expression to start from';
export const expressions = {
  calm: 'Calm',
  alert: 'Alert',
  threatening: 'Threatening',
  feeding: 'Feeding',
} as const;
export const takeExpression = (name: string): string => `Make the face ${name.toLowerCase()}`;
export const mouthOpen = 'Mouth open';
export const earsBack = 'Ears back (minus: forward)';
export const earsInward = 'Ears inward (minus: outward)';
export const lidsOpen = 'Lids open';
export const faceIsAStart =
  'An expression is a start: change any of it, on both sides alike. One ear by itself is turned under Joint angles or on the sheet.';
export const eyesLook = 'The eyes look';
export const outOfTheirLids = 'Straight out of their lids';
export const atOnePoint = 'At one point';
export const lookOutOfLids = 'Look straight out of the lids';
export const lookAtPoint = 'Look at a point';
export const aheadOfEyes = 'Ahead of the eyes';
export const toItsLeft = 'To its left (minus: right)';
export const upFromEyes = 'Up (minus: down)';
export const turnTheHead = (eyes: readonly string[], most: number): string =>
  `${eyes.join(', ')} further than an eye goes, about ${most}°: the pupil stands at its edge. Turn the head towards the point, or look farther away.`;
export const set = (label: string | number): string => `Set ${label}`;

// extentNames.ts
export const wholeAnimal = 'the whole animal';
export const headAndNeck = 'head and neck';
export const headInRelief = 'head in relief, on a wall';

// SuggestedNote.vue
export const schemeWord = 'scheme';
export const spineWord = 'spine';
export const thinWires = 'thin wires';
export const coverWord = 'clay over wires';
export const nothingSuggested = {
  wire: 'Scheme and gauges are as this piece brought them. Load and size can suggest others.',
  shells: 'Cores and shells are as this piece brought them. Load and size can suggest others.',
} as const;
export const allSuggested = {
  wire: 'Scheme and gauges are suggested by load and size, and follow when the scale changes. What you change yourself stays.',
  shells:
    'Cores and shells are suggested by size, and follow when the scale changes. What you change yourself stays.',
} as const;
export const suggestedBut = (own: string): string =>
  `Suggested by load and size, but yours: ${own}. Those stay when the scale changes.`;
export const takeSuggestion = 'Take what load and size suggest';
export const suggestAll = 'Suggest scheme, gauges and shells';

// PlaceHandles.vue
export const placeOfItem = (n: number, called: string): string =>
  `Place ${n} of a ${called}, degrees from the back`;

// PlaceFields.vue
export const onSide = (name: string, side: string): string => `${name}, ${side}`;
export const placeNumber = (n: number): string => `Place ${n}`;
export const boneOfPlace = (n: number): string => `Bone of place ${n}`;
export const alongOfPlace = (n: number): string => `Along its bone, place ${n}`;
export const aroundOfPlace = (n: number): string => `From the back line, place ${n}`;
