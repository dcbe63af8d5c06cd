/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// clayBatches.ts
export const solidParts = 'solid parts';
export const clayOnPiece = 'Clay on the piece';
export const clayToHaveReady = 'Clay to have ready';
export const regionsBelow = 'the regions below';
export const toHaveReady = (name: string): string => `“${name}” to have ready`;
export const spareForWasteAnd = 'Spare for waste and second tries';
export const massFromVolumeAnd = 'mass from volume and density; the spare is common practice';
export const packetsToBuy = 'Packets that it takes';
export const whatRoundingErrorMay = 'What a rounding error may be';
export const arithmetic = 'arithmetic';
export const sumOfKindsOf = 'sum of the kinds of clay';

// clayFigures.ts
export const packet = 'Packet';
export const curesAt = 'Cures at';
export const neverAbove = 'Never above';
export const timeOnPacket = 'Time on the packet';
export const timeToSet = 'Time to set';
export const forEachThicknessOf = 'for each thickness of';
export const shells = (label: string): string => `${label} (shells)`;
export const typicalOfClass = (name: string): string => `Typical of the class “${name}”`;
export const onPacketsLabel = 'On the packet’s label';
export const fromMemoryEnterFigure = 'from memory: enter the figure of your own label, which wins';
export const labelOfItWins = (name: string): string => `label of ${name}; it wins over the class`;
export const densityOfClay = 'Density of the clay';
export const densityOfShellsClay = 'Density of the shells’ clay';
export const fromMemoryWeighBlock = 'from memory; weigh a block of your own clay to replace it';
export const blockOnScale = 'Block on the scale';
export const blockLength = 'Block, length';
export const blockWidth = 'Block, width';
export const blockHeight = 'Block, height';
export const yourOwnWeighingDefinition = 'your own weighing; definition of density';

// clayStages.ts
export const clayOfTheseRegions = 'Clay of these regions';
export const ofItForShells = 'Of it for shells';
export const regionsWithCoreBaked =
  'regions with a core: baked first, or all at once, without the skin over them';
export const ofItForSolid = 'Of it for solid parts';
export const regionsWithoutCore = 'regions without a core';

// condition.ts
export const nothingIsKnownOf = 'Nothing is known of its usual weight.';
export const tooHeavyBy = (kg: string, at: string): string => `Too heavy by ${kg}${at}.`;
export const tooLightBy = (part: string, at: string): string => `Too light by ${part}${at}.`;
export const leanAnimal = 'A lean animal';
export const heavyAnimal = 'A heavy animal';
export const animalInUsualCondition = 'An animal in usual condition';
export const isRoundThanUsual = (
  bone: string,
  percent: string,
  which: string,
  at: number,
): string => `the ${bone} is ${percent} % ${which} round than usual, ${at} % along`;
export const tenth = 'a tenth';
export const eighth = 'an eighth';
export const sixth = 'a sixth';
export const fifth = 'a fifth';
export const quarter = 'a quarter';
export const third = 'a third';
export const half = 'a half';
export const little = 'a little';

// foil.ts
export const foilCorePacked = 'Foil core, packed';
export const foilCore = (name: string): string => `${name}, foil core`;
export const bodyDeeperThanCoat = 'the body deeper than coat and shell';
export const foil = 'Foil';
export const densityPackedHard = 'Density packed hard';
export const packedDensityOfCommon =
  'packed density of common practice: weigh a ball of your own to check it';
export const foilOffRoll = 'Foil off the roll';
export const aluminium = 'Aluminium';
export const gaugeOfFoil = 'Gauge of the foil';
export const widthOfRoll = 'Width of the roll';
export const massOfSheetFrom = 'mass of a sheet from its thickness';

// massSnags.ts
export const along = (bone: string, at: number): string => `${bone}, ${at} % along`;

// modelWeight.ts
export const pieceWithoutItsBase = 'The piece without its base';
export const allWiresAsCut = 'All wires as cut';
export const sumOfMassesPaint = 'sum of the masses; paint and parts are left out';

// partWeights.ts
export const atLifeSize = (name: string): string => `${name} at life size`;
export const fleshOfThisPart = 'Flesh of this part';
export const wholeBody = 'The whole body';
export const usuallyToMemory = (usual: number, usual2: number): string =>
  `, usually ${usual} to ${usual2} % (memory)`;
export const cellsNearestToParts = (part: string, which: string): string =>
  `cells nearest to the part’s bones; ${part} % of the whole${which}`;

// planMass.ts
export const straightBetweenDepthsHalf = 'straight between depths half a cell of the grid apart';
export const shellOfClay = 'Shell of clay';
export const leftFreeForApplied = 'Left free for applied fibre';
export const depthProfileOfBody =
  'depth profile of the body on its grid, life size; the wire inside is not taken off';
export const skin = (name: string): string => `${name}, skin`;
export const skinInLife = 'Skin in life';
export const skinOfBodyOn = 'skin of the body on its grid (smeared delta of level sets)';
export const clay = (name: string): string => `${name}, clay`;
export const whatLiesDeeperThan =
  'what lies deeper than u under the skin and not deeper than u + t, over n³';
export const whatLiesDeeperThanU = 'what lies deeper than u under the skin, over n³';
export const foilCore2 = 'foil core';
export const noCoreSolidClay = 'No core: solid clay on the wire.';
export const whatLiesDeeperThanUT = 'what lies deeper than u + t under the skin, over n³';
export const wholeModel = 'The whole model';
export const bodyInLife = 'Body in life';
export const sleevesAlongBones = 'sleeves along the bones, on a grid';
export const skinOfModel = 'Skin of the model';

// shapePlan.ts
export const posedBodyOnIts =
  'the posed body on its grid, true distances (P. Felzenszwalb and D. Huttenlocher, 2012)';
export const fractionOfOneCell =
  'a fraction of one cell of the grid, which comes finer when nothing changes';
export const bodyInThisStance = 'The body in this stance';
export const cellsOfPosedBody =
  'the cells of the posed body inside its skin, each by the share of it inside';
export const edgeOfCell = 'Edge of a cell';
export const bendsKeepVolumeWithin = (GRID: string): string =>
  `${GRID}; bends keep the volume within 2 %`;
export const along2 = (name: string, along: number): string => `${name}, ${along} % along`;
export const at = (label: string, number: number, place: string): string =>
  `${label} at ${number}, ${place}`;
export const sectionSquareToBone = (GRID: string): string =>
  `section square to the bone through ${GRID}`;
export const girth = 'Girth';
export const lengthOfOutlineOf = 'length of the outline of the section';
export const girthOfClay = 'Girth of the clay';
export const lengthOfOutlineUnder = 'length of the outline under the coat';
export const width = 'Width';
export const widestOfOutlineTo = 'widest of the outline, to the sides';
export const depth = 'Depth';
export const widestOfOutlineBack = 'widest of the outline, back to belly';
export const all = (name: string, length: number): string => `${name}, all ${length}`;
export const clayOfMuscleOutside = 'Clay of the muscle outside the core';
export const length = (name: string): string => `${name}, length`;
export const originToInsertionIn = 'Origin to insertion in this stance';
export const originToInsertionAt = 'Origin to insertion at rest';
export const bonesOfPosedModel = 'bones of the posed model; of the left side, where there are two';
export const peg = (number: number, name: string): string => `Peg ${number}: ${name}`;
export const fromFaceOfClay = 'from the face of the clay to the core';
export const fromFaceOfClayTo = 'from the face of the clay to the wire';
export const skinLiesOnBone = (GRID: string): string =>
  `${GRID}; skin lies on bone here: nothing is built over it`;
export const thickestClay = (name: string): string => `Thickest clay: ${name}`;
export const twiceGreatestDistanceFrom =
  'twice the greatest distance from clay to the nearer of its two faces';
export const wireInsideIsNot = (GRID: string): string =>
  `${GRID}; the wire inside is not taken off`;

// sheetGroups.ts
export const sheetToRoll = (names: string): string => `Sheet to roll: ${names}`;
export const clayOfTheseShells = 'Clay of these shells';
export const sheetThatIsLaid = 'a sheet that is laid on keeps its volume';
export const gapOfRoller = 'Gap of the roller';
export const commonPracticeToMm = 'common practice: 4 to 6 mm for a shell, less for slender bodies';
export const orSheetsOfPaper = 'Or sheets of paper on either side';
export const sheetOfPaper = 'A sheet of paper';
export const commonPracticeRollingPin = 'common practice: a rolling pin on two equal stacks';
export const sheetsOfThatSize = 'Sheets of that size to roll';
export const widthOfSheet = 'Width of a sheet';
export const lengthOfSheet = 'Length of a sheet';
export const arithmeticOffcutsArePressed =
  'arithmetic; offcuts are pressed together and rolled again';

// shapeChange.ts
export const sectionsOfSleeves =
  'areas of the sections times the way between them; what overlaps counts twice in both';
export const yourSleeves = 'Your sleeves in life';
export const librarysSleeves = 'The library’s sleeves in life';
export const changeInLife = 'Your shape against the library’s, in life';
export const changeInClay = 'Your shape against the library’s, in clay';
export const densityOfBody = 'Density of the body';
export const scale = 'Scale';
export const partsMadeApart = 'Parts made apart, as they weigh on the piece';
export const ofItForSkin = 'Of it for the skin over what is baked first';
export const skinOverShells = 'Skin over shells';
export const skinOverSolid = 'Skin over solid parts';
export const laidOverWhatIsBaked = 'what is left off before the first bake, laid over it after';
export const ofItForParts = 'Of it for parts made apart';
export const fittingsOfCure = 'parts made apart, with their spares';
