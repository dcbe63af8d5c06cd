/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */
import type { MarkingEdge, MarkingStarter } from '@keen-sinew/core';

// MarkingsStage.vue
export const markingsOnAnimal = 'Markings on the animal';
export const shows = {
  painted: 'Painted',
  numbered: 'Numbered',
  trace: 'Laid flat',
  mask: 'Masks',
} as const;
export const whatIsShown = 'What is shown';
export const seenFrom = 'Seen from';
export const views = {
  side: 'Side',
  front: 'Front',
  top: 'Above',
  back: 'Behind',
  'three-quarter': 'Left front',
  head: 'Head',
} as const;
export const whatDragDoes = 'What a drag on the animal does';
export const moves = 'Move';
export const draws = 'Draw its places';
export const animalWithMarkings = 'The animal with its markings';
export const workedOut = 'The markings are being laid on the skin.';
export const itsMarkings = 'Its markings';
export const nothingFlat = 'No marking lies on a part that can be laid flat.';

// useMarkingSheets.ts
export const inItsColours = 'In its colours';

// MarkingList.vue
export const noneYet =
  'Nothing is marked yet. Choose what it is, and add it; then drag its places.';
export const fromAnimal =
  'These are the animal’s own, from memory: look at pictures of it. Change one, and the piece keeps its own.';
export const order =
  'Painted from the first to the last: what comes later lies over what came before.';
export const addWhat = 'What to add';
export const add = 'Add';
export const addMarking = (name: string): string => `Add ${name.toLowerCase()}`;
export const up = 'Later';
export const down = 'Earlier';
export const moveMarking = 'Change the order of markings';
export const remove = 'Remove';
export const removeMarking = (name: string): string => `Remove ${name.toLowerCase()}`;
export const animalsAgain = 'The animal’s own again';
export const enough = (most: number): string => `A piece keeps ${most} markings at most.`;
export const starters: Readonly<Record<MarkingStarter, string>> = {
  gradient: 'Gradient to the belly',
  mask: 'Mask',
  collar: 'Collar',
  'eye-line': 'Eye line',
  'back-line': 'Line of the back',
  stripes: 'Stripes along',
  rings: 'Rings',
  saddles: 'Bands of the back',
  zigzag: 'Zigzag',
  spots: 'Spots',
  rosettes: 'Rosettes',
  eyespots: 'Eyespots',
  marbling: 'Marbling',
  flush: 'Flush of bare skin',
  patch: 'Patch',
  'wing-border': 'Border of a wing',
  'wing-veins': 'Veins of a wing',
  'wing-dots': 'Dots in the cells',
  'wing-bars': 'Bars of a wing or fin',
  'wing-tip': 'Tip of a wing',
  'wing-spot': 'Spot of a wing',
  'feather-edges': 'Edges of feathers',
  'feather-bars': 'Bars of feathers',
};

// MarkingFields.vue
export const name = 'Name';
export const changeMarking = (of: string): string => `Change ${of.toLowerCase()}`;
export const width = 'Width in life';
export const step = 'From one to the next in life';
export const swing = 'From side to side in life';
export const long = 'Length in life';
export const offMiddle = 'Off its middle in life';
export const coarse = 'How coarse in life';
export const wanders = 'Its edge wanders over';
export const repeats = 'How many';
export const asFits = 'as many as fit';
export const covers = 'Covers of its field';
export const farOut = 'How far out';
export const edge = 'Its edge';
export const edges: Readonly<Record<MarkingEdge, string>> = {
  hard: 'Hard',
  soft: 'Soft',
  broken: 'Broken',
};
export const edgeOver = 'Edge runs out over';
export const vary = 'Irregularity';
export const another = 'Another irregularity';
export const bothSides = 'On the other side too';
export const spreads = 'Over shoulders and thighs too';
export const over = 'Painted over what is under it';
export const onWhat = 'On';
export const places = 'Its places';
export const cornersHint =
  'Two corners: from where to where along the body, and between which angles from the back.';
export const movePlace = 'Move a place of a marking';

// MarkingColours.vue
export const colourName = (n: number): string => `Name of colour ${n}`;
export const colourOf = (n: string): string => `Colour of ${n}`;
export const addColour = 'Add a colour';
export const dropColour = 'Drop the last colour';
export const nextColour = (of: string, n: number): string => `${of}, ${n}`;
export const layersOfIt = 'Its layers, sheen and mix';
export const onFibre =
  'It lies on planted or stuck hair: take fibre of this colour there instead of paint.';

// BandTable.vue
export const bands = 'One sequence of rings';
export const bandColour = (n: number): string => `Colour of ring ${n}`;
export const bandWidth = (n: number): string => `Width of ring ${n} in life`;
export const bandSpeckle = (n: number): string => `Specks in ring ${n}`;
export const coatShows = 'the coat';
export const addBand = 'Add a ring';
export const dropBand = 'Drop the last ring';
export const bandsHint =
  'Ring by ring from the front: its colour, its width in life, and how much of it is specked. The sequence is repeated and stretched to fill its stretch.';
export const ringsOnModel = 'On the model, from the front of the body';
