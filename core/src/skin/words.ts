/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// zoneSizes.ts
export const inLife = (name: string, one: string): string => `${name}, ${one} in life`;
export const inLibrary = (name: string): string => `${name}, in the library`;
export const setByYou = 'Set by you';
export const libraryOfAnimals = 'library of animals';
export const decidedByYou = 'decided by you';
export const onModel = (name: string, one: string): string => `${name}, ${one} on the model`;
export const definitionOfScaleVary =
  'definition of a scale; vary each stroke by a third, longer to the rear';
export const leftFreeForFibre = (name: string): string => `${name}, left free for fibre`;
export const coatIsInClay = 'The coat is in the clay.';
export const angleToSkin = 'Angle to the skin';
export const fibreStuckOnStands = 'fibre stuck on stands off the clay by its lie (common practice)';
export const widthOf = (name: string, stroke: string): string => `${name}, width of a ${stroke}`;
export const widthOfInLife = (stroke: string): string => `Width of a ${stroke} in life`;
export const hairsClingIntoLocks =
  'hairs cling into locks, and a lock is what a stroke can stand for (common practice)';
export const definitionOfScale = 'definition of a scale';
export const backingOfPelt = 'Backing of the pelt';

// zoneAreas.ts
export const skinOf = (name: string): string => `${name}, skin`;
export const skinInLife = 'Skin in life';
export const patchesOfBodyThat =
  'patches of the body at rest that look this way, until the surface in this stance is known';
export const trianglesOfThisZone =
  'sum of the triangles of the skin that belong to this zone, and of what shows of its blades';
export const cellsOf = (mm: string): string => `cells of ${mm} mm`;
export const skinInThisStance = 'the surface of the finished form in this stance';

// zoneStrokes.ts
export const deepOf = (name: string, stroke: string): string => `${name}, depth of a ${stroke}`;
export const depthAgainstWidth = 'Depth against width';
export const shallowStrokesTakePaint =
  'shallow strokes catch a wash and a dry brush, deep ones look like grooves (common practice)';
export const widthMade = (name: string): string => `${name}, width as it can be made`;
export const finestOf = (tool: string): string => `Finest stroke of the ${tool}`;
export const oneStrokeStandsForMore = 'one stroke then stands for several (common practice)';
export const manyStrokes = (name: string): string => `${name}, strokes`;
export const shareOnLast = 'Share of a stroke that lies on the one before';
export const eachCoversItsOwn = 'each covers its own length and width, less what lies on another';
export const minutesOf = (name: string): string => `${name}, by hand`;
export const scalesInMinute = 'Scales that you make in a minute';
export const strokesInMinute = 'Strokes that you make in a minute';
export const strokesAtOnce = 'Strokes that one pull of the tool makes';
export const oneMinute = 'One minute';
export const paceOfYours = 'your own pace, counted over a few minutes on a scrap';

// zonePlanting.ts
export const hairsOf = (name: string): string => `${name}, hairs`;
export const hairsOnCm2 = 'Hairs on a square centimetre';
export const oneCm2 = 'One square centimetre';
export const densityTimesArea = 'density times area';
export const hairsInTuft = 'Hairs in a tuft';
export const tuftsOf = (name: string): string => `${name}, tufts`;
export const wholeTufts = 'whole tufts';
export const spacingOf = (name: string): string => `${name}, from tuft to tuft`;
export const hexagons = 'points of one density in a hexagonal lattice (geometry)';
export const rowGapOf = (name: string): string => `${name}, from row to row`;
export const weftAgainstLength = 'From row to row, against the length of the hair';
export const commonPractice = 'common practice';
export const glueOf = (name: string): string => `${name}, glue`;
export const glueOnCm2 = 'Glue on a square centimetre';
export const weftOf = (name: string): string => `${name}, weft`;
export const rowsEdgeToEdge = 'rows at their distance over the whole skin';
export const cutOf = (name: string): string => `${name}, length to cut`;
export const flockIsBoughtCut = 'flock is bought cut to its length (common practice)';
export const trimmedOff = 'Trimmed off';
export const rootInGlue = 'Root in the clay or the glue';
export const plantedLongTrimmed = 'planted long and trimmed to the outline (common practice)';
export const gramsOf = (name: string): string => `${name}, fibre to buy`;
export const fibreThick = 'Thickness of a fibre';
export const fibreDensity = 'Density of the fibre';
export const spareFibre = 'Combed out and spoilt';
export const solidRoundFibres = 'solid round fibres (geometry)';
export const secondsOnCm2 = 'For a square centimetre';
export const secondsATuft = 'For one tuft';

// tubePlan.ts
export const sectionsAlongTube = 'girths of its sections, and the frusta between them laid flat';
export const stationsOf = (many: number): string => `${many} sections`;
export const girthOf = (name: string): string => `${name}, greatest girth`;
export const skinWhereThickest = 'the skin where it is thickest';
export const lengthOf = (name: string): string => `${name}, length along the skin`;
export const alongSkin = 'slant lengths of its frusta, end to end';
export const shareOfBelly = 'Share of the girth that the belly plates take';
export const scaleWide = 'Width of a scale on the model';
export const scaleSeen = 'What is seen of the length of a scale';
export const roundOf = (name: string): string => `${name}, scales round`;
export const alongOf = (name: string): string => `${name}, rows along`;
export const pitchOf = (name: string): string => `${name}, from row to row`;
export const rowsFillLength = 'the rows fill the length';
export const scaleWidthOf = (name: string): string => `${name}, widest scale`;
export const rowsAndBellySum = 'rows and belly plate make up the girth';
export const bellyOf = (name: string): string => `${name}, widest belly plate`;
export const scalesByTheirSize = 'as many as fit by their size on the model';
export const countedInAnimal = 'As counted on the animal';

// stampPlan.ts
export const faceWide = (name: string): string => `${name}, width of its face`;
export const faceLong = (name: string): string => `${name}, length of its face`;
export const patternOnce = (name: string): string => `${name}, pattern once round`;
export const scalesAcross = 'Scales side by side';
export const scalesAlong = 'Scales one after the other';
export const faceOfScales = 'so many scales of the zone';
export const circumferenceOf = (name: string): string => `${name}, circumference`;
export const diameter = 'Diameter';
export const circle = 'circumference of a circle';
export const seamOf = (name: string): string => `${name}, seam`;
export const patternCloses = 'the pattern closes where this is nought';
export const secondsAPress = 'For one press';
export const turnsOf = (name: string): string => `${name}, turns`;
export const pressesOf = (name: string): string => `${name}, presses`;
export const pressesLap = 'Share of a press that lies on the one before';

// workHours.ts
export const limbNamed = (name: string, side: 'left' | 'mid' | 'right'): string =>
  side === 'mid' ? name : `${name}, ${side}`;
export const shareOfZoneHere = 'Share of that zone’s skin on this limb';
export const minutesBySkin = 'the minutes of each zone, shared out by its skin';
export const handWorkOfCoat = 'Hand work of the coat';
export const minutesOfZones = 'the minutes of its zones';

// platePlan.ts
export const plateInLife = 'Between its corners in life';
export const betweenCorners = 'the largest of its kind, between its corners';
export const plateLong = (name: string): string => `${name}, length`;
export const plateWide = (name: string): string => `${name}, width`;

// foldPlan.ts
export const bentBy = 'The joint is bent by';
export const jointToSkin = 'From the joint to the skin inside it';
export const secondsAFold = 'For one fold';
export const foldsAt = (name: string): string => `${name}, folds at its joint`;
export const degreesAFold = 'One fold more for each';
export const mostFolds = 'Folds at most';
export const foldsApart = (name: string): string => `${name}, from fold to fold`;
export const insideOfBend = 'the skin inside a bend over one radius before and after it';
export const foldsDeep = (name: string): string => `${name}, folds deep at most`;
export const oneRadian = 'One radian';
export const skinLosesLength =
  'the length that skin loses inside a bend goes into a wave (geometry of shallow waves)';

// porePlan.ts
export const poresOf = (name: string): string => `${name}, pores`;
export const poresOnCm2 = 'Pores on a square centimetre';
export const poresApart = (name: string): string => `${name}, from pore to pore`;
export const needlesAtOnce = 'Needles in the bundle';
export const minutesOfPores = (name: string): string => `${name}, minutes for its pores`;
export const pricksInMinute = 'Pricks in a minute';
