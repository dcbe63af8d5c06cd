/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// SkinTabs.vue
export const coatTab = 'Coat';
export const lieTab = 'Direction';
export const scalesTab = 'Scales, laid flat';
export const feathersTab = 'Feathers, wings';
export const roomsOfSkin = 'Rooms of Skin';

// useCoatView.ts
export const fromSide = 'Side';
export const fromFront = 'Front';
export const fromAbove = 'Above';
export const fromBehind = 'Back';
export const fromLeftFront = 'Three-quarter';
export const headLarge = 'Head';
export const inSpace = 'In space';

// CoatSpace.vue
export const coatInSpace = 'The coat in space: drag to turn it';

// CoatSheet.vue
export const seenFrom = 'Seen from';
export const drawnThinly = (percent: number): string =>
  `There are too many strokes to draw each: ${percent} % of them are drawn. The numbers count all.`;
export const coatIsWorkedOut = 'How the coat lies is being worked out.';

// SkinStage.vue
export const coatAtModelsScale = 'The coat at the model’s scale';
export const sideElevationWithLie =
  'The animal with its coat, each stroke true to size, or a sample of each zone’s strokes';
export const onAnimal = 'On the animal';
export const samples = 'Samples';
export const whatIsShown = 'What is shown';
export const zonesOfCoat = 'Zones of the coat';
export const hoursOfCoat = 'Hand work';
export const howStrokesVary = 'How strokes vary, and your pace';
export const howItIsPlanted = 'How hair is planted';
export const toolsYouHave = 'Tools you have';

// CoatWork.vue
export const limbAndKind = (limb: string, kind: string): string => `${limb}, ${kind}`;
export const hoursAreHands =
  'Hand work alone, by your own pace: count what you make in five minutes on a scrap and set it below. Rests, drying and bakes come on top.';

// methodNames.ts
export const inClay = 'In the clay';
export const stamped = 'Stamped';
export const planted = 'Planted hair';
export const fibreOnIt = 'Fibre on it';
export const flockOnIt = 'Flock on it';
export const weftsOnIt = 'Yarn wefts';
export const peltOnIt = 'Pelt on it';
export const smooth = 'Smooth';

// StrokeFields.vue
export const changeVary = 'Change how strokes vary';
export const changePace = 'Change your pace';
export const changeBlend = 'Change how zones run into each other';
export const lengthVaries = 'Length varies by';
export const angleVaries = 'Angle varies by';
export const gatherIntoLocks = 'Gathered into locks';
export const zonesBlendOver = 'Zones run into each other over';
export const strokesAMinute = 'Strokes a minute';
export const scalesAMinute = 'Scales a minute';

// FibreFields.vue
export const changeFibre = 'Change how hair is planted';
export const hairsInTuft = 'Hairs in a tuft';
export const trimmedOff = 'Trimmed off';
export const fibreThick = 'Thickness of a fibre';
export const fibreDense = 'Density, g/ml';
export const spareFibre = 'Combed out and spoilt';
export const glueOnCm2 = 'Glue on a cm², ml';
export const rootInGlue = 'Root in the clay or glue';
export const secondsATuft = 'For one tuft';
export const plantFromTail =
  'Plant from the tail forwards and the belly up, each tuft at the angle of the map; comb out loose hair, let the glue harden, and trim to the outline along the lie, a little at a time.';

// ZoneFields.vue
export const madeHow = 'Made';
export const howCoatOfIs = (name: string | number): string => `How the coat of ${name} is made`;
export const bareItIsSmoothed = 'Bare: it is smoothed, and takes no strokes.';
export const inLife = (word: string | number): string => `${word} in life`;
export const librarys = 'library’s';
export const inLife2 = (word: string | number, name: string | number): string =>
  `${word} in life, ${name}`;
export const widthInLife = (stroke: string): string => `Width of a ${stroke} in life`;
export const widthInLife2 = (stroke: string, name: string): string =>
  `Width of a ${stroke} in life, ${name}`;
export const overlap = 'Lies on the last by';
export const overlapOf = (name: string): string => `Lies on the last by, ${name}`;
export const usual = 'usual';
export const hairsOnCm2 = 'Hairs on a cm²';
export const hairsOnCm2Of = (name: string): string => `Hairs on a cm², ${name}`;
export const changeCoatOf = (name: string | number): string => `Change the coat of ${name}`;
export const yourFinestToolMakes = (locksPerStroke: string | number): string =>
  `Your finest tool makes strokes that stand for about ${locksPerStroke} each.`;
export const drawnWith = (tool: string, how: string): string =>
  how === '' ? `Drawn with the ${tool}.` : `Drawn with the ${tool}, ${how}.`;
export const clayUnderThisZone =
  'The clay under this zone ends at the bare skin: what is stuck on stands on it. See Mass.';
export const backingOfPelt = 'Backing of the pelt';
export const changeBacking = 'Change the backing of the pelt';
export const clayUnderPelt =
  'The clay under this zone ends at the bare skin less the backing: both come on with the pelt.';

// ZoneNumbers.vue
export const skinOfZone = 'Skin of this zone';
export const onModel = (word: string | number): string => `${word} on the model`;
export const widthOf = (stroke: string | number): string => `Width of a ${stroke}`;
export const leftFreeForFibre = 'Left free for fibre';

// ZoneTable.vue
export const zone = 'Zone';
export const long = 'Long';
export const wide = 'Wide';
export const howMany = 'Many';
export const madeWith = 'Made with';
export const noneSoFine = 'none so fine';

// FoldsAndPlates.vue
export const foldsAndPlates = 'Folds and plates';
export const plates = 'Plates';
export const foldsInside = 'Folds inside a joint';
export const apart = 'Apart';
export const deep = 'Deep';
export const noFolds = 'No joint is bent so far that its coat shows folds.';
export const poresOnCm2 = 'Pores on 1 cm²';
export const poresOnCm2Of = (name: string): string => `Pores on 1 cm², ${name.toLowerCase()}`;
export const none = 'none';
