/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// FeathersStage.vue
export const feathersFlat = 'Feathers, wings and fins, laid flat';
export const feathersTrue = 'Feathers, wings and fins at the model’s size';
export const noFeathers =
  'This animal has no large feathers, thin wings, fins or membranes: its coat is worked by zone.';
export const whatIsShown = 'What is shown';
export const wingSpread = 'Wing, spread';
export const tailSpread = 'Tail, spread';
export const cutSheets = 'To cut';
export const nothingCut =
  'Nothing is cut from sheet. Choose “cut from sheet” for a row, and its feathers lie here on your sheets.';
export const nestIsMade = 'The feathers are laid on the sheets.';
export const nestOfFeathers = 'The feathers to cut';
export const sheetsUsed = (used: number, bought: number): string =>
  `${used === 1 ? 'One sheet' : `${used} sheets`}${bought === 0 ? '' : `, ${bought} of them to buy`}; what is not feather is waste.`;
export const oneFeather = 'One feather';
export const whichFeather = 'Which feather';
export const itsOutline = 'Outline of one feather';
export const forAll = 'Wires, sheets and time';
export const howToLay =
  'Lay them from the tail forwards, in the wing from its tip towards the body and from below up: each lies on the one before. Left mirrors right; only the left wing is drawn.';
export const sheetsAtHand = 'Sheets to cut from';

// VaneGrips.vue, VaneFields.vue
export const VANES = { before: 'Leading vane', behind: 'Trailing vane' } as const;
export const vaneAt = (vane: string, place: number): string => `${vane}, place ${place}`;
export const shapeFeather = (of: string): string => `Shape ${of}`;
export const revertFeather = (of: string): string => `Take the shape of ${of} back`;
export const whatIsShaped = 'What is shaped';
export const thisFeather = (id: string): string => `${id} alone`;
export const allOfRow = (row: string): string => `All ${row}`;
export const VANE_COLUMNS = ['Along it', 'Leading vane', 'Trailing vane'] as const;
export const shapeHint =
  'Pull an edge on the drawing, use the arrow keys on it, or type how far it lies from the shaft. A feather that has a shape of its own does not follow its row.';
export const asItComes = 'As it comes';

// FeatherRowPart.vue
export const changeRow = (row: string): string => `Change the ${row}`;
export const wayOf = (row: string): string => `How the ${row} are made`;
export const WAYS = {
  pressed: 'Pressed',
  leaves: 'Clay leaves',
  cut: 'Cut from sheet',
} as const;
export const HOW = {
  pressed:
    'Draw each edge as a step into the clay, the lower one first, and leave the shaft standing as a fine ridge; then the barbs, slanting away from it.',
  leaves:
    'Cut each of a thin sheet of clay and bed it on slip or bake-and-bond over the one before. A long one is carried by its wire in the bake; prop its tip.',
  cut: 'Cut left and right mirrored, glue the shaft’s wire on a strip along the underside, cut the edge slanting so that it looks thin, and stiffen it with thin size. Set after the last bake and the varnish; keep the joints free that the wing is to fold at.',
} as const;
export const eachSide = 'Each side';
export const longest = 'Longest in life';
export const leastOverlap = 'Least overlap';
export const usual = 'usual';
export const of = (what: string, row: string): string => `${what}, ${row}`;

// FeatherTable.vue
export const COLUMNS = ['Feather', 'Long', 'Wide', 'Wire', 'Left, %', 'Right, %'] as const;
export const grownOn = (side: string, feather: string): string =>
  `${feather} ${side}: how much of it has grown`;
export const SIDES = { L: 'left', R: 'right' } as const;
export const grown = 'Grown';
export const changeGrown = (feather: string): string => `Change feather ${feather}`;
export const grownHint =
  'A feather may be missing (0 %) or still growing, as in a moulting bird: its place stays free.';

// SheetList.vue
export const changeSheet = 'Change a sheet';
export const addSheet = 'Add a sheet';
export const removeSheet = 'Remove a sheet';
export const newSheet = 'Felt';
export const nameOfSheet = 'Name of the sheet';
export const sizes = {
  longMm: 'Long',
  wideMm: 'Wide',
  thickMm: 'Thick',
} as const;
export const many = 'How many';
export const grainLengthwise = 'Grain runs lengthwise: every shaft along it';
export const ofSheet = (what: string, name: string): string => `${what}, ${name}`;
export const gap = 'Gap between feathers';
export const turns = 'Turns round the wing’s wire';
export const changeCutting = 'Change how feathers are cut';
export const remove = 'Remove';

// BarbField.vue
export const barbs = 'From barb to barb, 0 for none';
export const changeBarbs = 'Change how close barbs are drawn';

// BladePart.vue
export const changeBlade = (name: string): string => `Change the ${name}`;
export const wayOfBlade = (name: string): string => `How the ${name} is made`;
export const BLADES = {
  pressed: 'Pressed on',
  clay: 'Clay, apart',
  sheet: 'Film or paper',
} as const;
export const HOW_BLADE = {
  pressed:
    'After the first bake: a sheet of clay between the lines that hold it, thinned towards its free edge, with the folds of this stance pressed in. Prop it until it is hard.',
  clay: 'Cut by the template, lapped over its wire, veins drawn on both faces, baked flat on a tile or a former, and set in when both are hard. Soft it sags: prop it every few centimetres. No hot glue before a bake: it melts.',
  sheet:
    'Cut of film or paper by the template and glued over its wire, veins drawn with ink or thread. It stands no oven: it is set in after the last bake.',
} as const;
export const ownThick = 'Thickness of your own';
export const ownWire = 'Wire along its edge';
export const byStuff = 'by its stuff';
export const BENDS = ['Bend', 'Mark', 'Turn'] as const;
export const bendsOfEdge = 'Marks are from the root, along the wire; the template shows each.';
export const joinHint =
  'Where two sheets meet, cut both edges slanting so that they lap without a step.';
