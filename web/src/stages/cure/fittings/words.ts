/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */
import type { SetKind } from '@keen-sinew/core';

// FittingHandles.vue
export const move = (name: string): string => `Move the ${name}`;

// FittingList.vue
export const partColumn = 'Part';
export const countColumn = 'How many';
export const longColumn = (unit: string): string => `Long, ${unit}`;
export const gramsColumn = 'All, g';
export const countAndSpare = (count: number, spare: number): string =>
  spare === 0 ? `${count}` : `${count} + ${spare}`;
export const made = { grown: 'grows on', set: '', drawn: 'drawn' } as const;
export const kinds: Readonly<Record<SetKind, string>> = {
  horn: 'Horns',
  spike: 'Spikes',
  plate: 'Plates',
  boss: 'Bosses',
  crest: 'Crest',
  tooth: 'Teeth',
  claw: 'Claws',
  nail: 'Nails',
  whisker: 'Whiskers',
  feeler: 'Feelers',
  plume: 'Plumes',
  tuft: 'Tufts, mane',
  tongue: 'Tongue',
  ear: 'Ears',
  wattle: 'Wattles',
  ball: 'Beads, eyes',
  armour: 'Armour',
  rider: 'Small rider',
};
export const kindToAdd = 'Kind of part to add';
export const addWord = 'Add';
export const addThing = (name: string): string => `Add ${name}`;
export const leftOut = (name: string): string => `${name}: left out.`;
export const notHere = (name: string): string =>
  `${name}: kept, but the bone is no part of this piece.`;
export const putBackWord = 'Put back';
export const putBack = (name: string): string => `Put back the ${name}`;

// FittingMaking.vue
export const madeOf = 'Made of';
export const spares = 'Spare ones';
export const changeStuff = (name: string): string => `Change what the ${name} are made of`;
export const changeSpares = (name: string): string => `Change the spares of the ${name}`;

// FeatureFields.vue
export const lengthOfLibrary = 'Length, of the animal’s';
export const thicknessOfLibrary = 'Thickness, of the animal’s';
export const movedAlong = 'Moved along the bone by';
export const movedAround = 'Moved from the back by';
export const leaveOut = (name: string): string => `Leave the ${name} out`;

// ThingFields.vue
export const changeThing = (name: string): string => `Change the ${name}`;
export const nameWord = 'Name';
export const onBone = 'On the bone';
export const sidesWord = 'Sides';
export const sides = {
  both: 'both, mirrored',
  left: 'left',
  right: 'right',
  middle: 'once, as told',
} as const;
export const longWord = 'Long, on the model';
export const thickAtRoot = 'Thick at the root';
export const broadForThick = 'Broad, of the thickness';
export const tipForRoot = 'Tip, of the root';
export const leansBack = 'Leans to the rear';
export const leansAside = 'Leans to its side';
export const tipTurns = 'Its tip turns by';
export const planeTurns = 'Its plane turns by';
export const alongBone = (bone: string): string => `Along the ${bone}`;
export const fromBackLine = 'From the back line';
export const partWord = 'Part left and right';
export const partThing = (name: string): string => `Part the ${name}`;
export const leftOf = (name: string): string => `${name}, left`;
export const rightOf = (name: string): string => `${name}, right`;
export const removeWord = 'Remove';
export const removeThing = (name: string): string => `Remove the ${name}`;

// RowFields.vue
export const inRow = 'In a row';
export const manyInRow = 'How many';
export const rowTo = 'To the bone';
export const rowAlong = 'So far along it';
export const rowAround = 'There, from the back line';
export const lastForFirst = 'The last, of the first';

// EyeFields.vue
export const halfSmaller = '½ mm smaller';
export const halfLarger = '½ mm larger';
export const resizeEyes = 'Change the size of the eyes';
export const pupilWord = 'Pupil';
export const pupils = {
  dark: 'all dark',
  round: 'round',
  upright: 'upright slit',
  level: 'level bar',
} as const;
export const changePupil = 'Change the pupil';
export const irisWord = 'Iris';
export const changeIris = 'Change the iris';

// BodyParts.vue
export const makeApart = (name: string): string => `Make apart: ${name}`;
export const makeInPlace = (name: string): string => `Build in place: ${name}`;
export const inPlaceWord = 'Build in place';
export const partToMakeApart = 'Part of the body to make apart';
export const makeApartWord = 'Make apart';
export const clearanceWord = 'Play over the wire, all round';
export const changeClearance = 'Change the play over the wire';
export const whyApart =
  'A limb, a head or a jaw that is worked on by itself is reached from every side; it is tried on its wire while it is soft, baked, and joined before the surface goes over it.';

// FitTable.vue
export const tryColumn = 'Try';
export const innerColumn = 'Goes in';
export const boreColumn = 'Hole';
export const whenColumn = 'While';
export const when = { soft: 'soft', baked: 'baked' } as const;
export const tryInOrder =
  'Try them in this order, before anything is baked: what does not slide now never will.';
export const joinColumn = 'Join';
export const pinColumn = 'Pin';
export const drillColumn = 'Drill';
export const filletColumn = 'Fillet';
export const joined = { before: 'before the last bake', after: 'after the last bake' } as const;
export const joinBy = (when: string, how: string, keyed: boolean): string =>
  `${when}, ${how}${keyed ? '; keyed against turning' : ''}`;

// FittingsStage.vue
export const partsMadeApart = 'Parts made apart';
export const onTheAnimal = 'On the animal';
export const templates = 'Templates';
export const eyesWord = 'Eyes at three sizes';
export const wingSheets = 'Wings, fins, membranes';
export const bladesHint =
  'Laid flat at 1:1 whatever the stance: cut one side of each pair, and turn the template over for the other.';
export const noTemplate = 'Too fine to be made: it is drawn into the clay, and needs no template.';
export const whatSheetShows = 'What the sheet shows';
export const seenFrom = 'Seen from';
export const views = {
  side: 'Side',
  front: 'Front',
  back: 'Behind',
  top: 'Above',
  'three-quarter': 'Three-quarter',
  head: 'Head',
} as const;
export const dragHint =
  'Rings are parts made apart: touch one to see its numbers, drag it over the skin; the other side follows. A broken ring is the end of a row.';
export const templatesHint =
  'At 1:1 on paper: hold each part against its template, left against right. Make spares with the first, not after the last is lost.';
export const eyesHint =
  'Half a millimetre more or less is seen at once: choose here, before the socket is pressed.';
export const workedOut = 'The form is being worked out.';
export const allOfThem = 'What is made apart';
export const bodyPartsTitle = 'Parts of the body made apart';
export const fitsTitle = 'Trials and joins';
