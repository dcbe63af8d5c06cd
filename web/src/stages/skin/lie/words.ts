/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// LieHandles.vue
export const markKinds = {
  guide: 'Line',
  parting: 'Parting',
  ridge: 'Ridge',
  whorl: 'Whorl',
} as const;
export const drawMark = (kind: string): string => `Draw a ${kind} of the coat`;
export const moveMark = 'Move a mark of the coat';

// MarkList.vue
export const noMarksYet =
  'No marks of your own: the coat lies as anatomy has it. Choose Line, Parting, Ridge or Whorl over the map and drag over the animal.';
export const addLine = 'Add a line to type';
export const changeMark = 'Change a mark of the coat';
export const removeMark = 'Remove this mark';
export const markNamed = (kind: string, n: number, bone: string): string =>
  bone === '' ? `${n}. ${kind}` : `${n}. ${kind} on the ${bone}`;
export const otherSideToo = 'On the other side too';
export const whorlTurns = 'Turns by';
export const hairStandsOff = 'Hair stands off it by';
export const radiusInLife = 'Radius in life';

// LieStage.vue
export const howCoatLies = 'How the coat lies';
export const mapOfLie = 'The animal with lines along the lie of its coat; arrows point to the tips';
export const moveTool = 'Move';
export const whatDragDoes = 'What a drag on the animal does';
export const marksOfCoat = 'Marks on the coat';
export const howToDraw =
  'A line is followed exactly; a parting sends hair to either side, a ridge brings it together, a whorl lets it stand off. Between them it runs on smoothly.';
export const whorlsFound = 'Whorls that come by themselves';
export const whereLieVanishes =
  'Where hair from all sides meets it has no way of its own, as on every coat. Set one to move it.';
export const whorlAt = (bone: string, percent: number): string => `On the ${bone}, at ${percent} %`;
export const setAndMove = 'Set it';
