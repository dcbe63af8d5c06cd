/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// BodyFiles.vue
export const meshesAreBeingWorked = 'The meshes are being worked out.';
export const bodyStl = 'Body (STL)';
export const coreStl = 'Core (STL)';
export const bothGltf = 'Both (glTF)';
export const closedSurfacesAtModels =
  'Closed surfaces at the model’s size: STL in mm with z up, glTF in metres with y up, as their rules say.';

// BodySpace.vue
export const bodyInSpaceDrag = 'The body in space; drag to turn it';
export const peelDownTo = 'Peel down to';
export const cutBodyOpen = 'Cut the body open';
export const bodyIsBeingWorked = 'The body is being worked out.';
export const skin = 'Skin';
export const clay = 'Clay';
export const core = 'Core';
export const wires = 'Wires';
export const whole = 'whole';
export const cutAt = (number: string | number, name: string | number): string =>
  `cut at ${number}, ${name}`;

// BuildLedger.vue
export const clayToHaveReady = 'Clay to have ready';
export const builtUpByRegion = 'Built up by region';
export const sheetsToRoll = 'Sheets to roll';
export const noShellEveryRegion = 'No shell: every region is solid clay.';
export const foilCore = 'Foil core';
export const weightAndSize = 'Weight and size';
export const yourClay = 'Your clay';
export const clayOfShells = 'Clay of the shells';
export const shellFoilSheetsAnd = 'Shell, foil, sheets and paper';

// CardTable.vue
export const section = 'Section';
export const girth = 'Girth';
export const wide = 'Wide';
export const deep = 'Deep';
export const clayUnderCoat = 'Clay under the coat';
export const alongBone = 'Along the bone';
export const placeOfSection = (number: string | number): string => `Place of section ${number}, %`;
export const placeOfSection2 = (number: string | number): string => `Place of section ${number}`;
export const takeItOut = 'Take it out';
export const noSectionOfIts = (words: string | number): string =>
  `${words}: no section of its own here, other parts of the body are one with it or the bone lies outside the flesh.`;
export const boneOfNewCard = 'Bone of a new card';
export const placeOfNewCard = 'Place of a new card, %';
export const placeOfNewCard2 = 'Place of a new card';
export const addCard = 'Add a card';
export const printShopSheetsGives =
  'Print shop sheets gives the cards at 1:1 with a map. Girths in mm are of the finished animal.';
export const cutCardsWhereUsual = 'Cut the cards where usual';
export const usualPlaces = 'Usual places';
export const addSectionCard = 'Add a section card';
export const takeOutSectionCard = 'Take out a section card';
export const moveSectionCard = (number: string | number): string => `Move section card ${number}`;

// ClayLabel.vue
export const classOfClay = 'Class of clay';
export const whatYouCallIt = 'What you call it';
export const nameOfClay = 'Name of the clay';
export const nameClay = 'Name the clay';
export const packetByItsLabel = 'Packet, by its label';
export const packetOfClay = 'Packet of clay';
export const blockOnScale = 'A block on the scale';
export const forgetWeighedBlock = 'Forget the weighed block';
export const blockOfClayOn = 'Block of clay on the scale';
export const notWeighed = 'not weighed';
export const blockOnScale2 = 'Block on the scale';
export const cutSquareBlockMeasure =
  'Cut a square block, measure its sides and weigh it: its density then replaces the class’s.';
export const curesAtByIts = 'Cures at, by its label';
export const curingTemperatureOnLabel = 'Curing temperature on the label';
export const curingTemperature = 'Curing temperature';
export const neverAboveByIts = 'Never above, by its label';
export const upperLimitOnLabel = 'Upper limit on the label';
export const upperLimit = 'Upper limit';
export const minutesByItsLabel = 'Minutes, by its label';
export const minutesOnLabel = 'Minutes on the label';
export const minutes = 'Minutes';
export const forEachThicknessOf = 'for each thickness of';
export const thicknessOnLabel = 'Thickness on the label';
export const shells = (words: string | number): string => `${words} (shells)`;
export const enterLabelOfClay = 'Enter the label of the clay';
export const weighBlockOfClay = 'Weigh a block of clay';
export const chooseAnotherClay = 'Choose another clay';
export const oneToSixtyLetters = 'one to sixty letters';
export const blockLength = 'Block, length';
export const blockWidth = 'Block, width';
export const blockHeight = 'Block, height';

// FatTable.vue
export const inLifeAllRound =
  'In life, all round. The library’s animals are in their usual condition: add for a winter animal, take off (with a minus) for a lean one.';
export const fatOf = (name: string | number): string => `Fat of ${name}`;
export const changeFatOf = (name: string | number): string => `Change the fat of ${name}`;

// FoilChoices.vue
export const shellWhereNotSaid = 'Shell where not said otherwise';
export const usualShell = 'Usual shell';
export const usualShell2 = 'the usual shell';
export const spareClay = 'Spare clay';
export const spareClay2 = 'the spare clay';
export const change = (what: string | number): string => `Change ${what}`;

// MassStage.vue
export const drawnToScale = (label: string | number): string => `${label}, drawn to scale`;
export const bodyDrawnToScale = 'The body drawn to scale, as the choice below says';
export const sectionByItself = (chosen: string | number): string => `Section ${chosen} by itself`;
export const sectionEnlargedOnGrid = (number: string | number): string =>
  `Section ${number} enlarged, on a grid of 10 mm`;
export const whatSheetShows = 'What the sheet shows';
export const shapeOfLivingAnimal = 'Shape of the living animal';
export const weightInLife = 'Weight in life';
export const fatUnderSkin = 'Fat under the skin';
export const posedBodyIsBeing =
  'The posed body is being worked out. These numbers follow in a moment.';
export const musclesInOrderOf = 'Muscles in the order of laying';
export const depthPegs = 'Depth pegs';
export const sectionCards = 'Section cards';
export const filesOfBody = 'Files of the body';
export const coreAndClay = 'Core and clay';
export const shape = 'Shape';
export const muscles = 'Muscles';
export const sections = 'Sections';
export const form = 'Form';
export const head = 'Head';
export const eyes = 'Eyes';
export const eyeball = 'Eyeball in life';
export const alongThe = (bone: string): string => `Along the ${bone}`;
export const fromBackLine = 'Down from the midline of the back';
export const lidsWide = 'Opening, wide (of the ball)';
export const lidsHigh = 'Opening, high (of the ball)';
export const slant = 'Slant (outer corner up)';
export const eyeOnModel = (mm: string): string =>
  `On the model the eyeball is ${mm} across. Both eyes follow alike; what you type is yours until you give it back.`;
export const face = 'Face';
export const headByItself =
  'The head by itself. Drag eye and nostril over the skin, root and tip of ears and horns, and the edges of its profiles once you shape it; the right side follows the left.';
export const proportions = 'Proportions';
export const heightsOfJoints =
  'How high its joints lie over the ground as it stands, and its length in lengths of its skull. Below it feet by themselves, and wings, membranes and fins laid flat to cut from sheet. All are printed with the sheets.';
export const linesRunRoundForm =
  'The finished animal from each side, coat and all. Fine lines run round the form where it lies in shade; dashed ones are where the zones of its coat meet.';
export const inSpace = 'In space';
export const lampRound = 'Lamp round it';
export const lampRoundFrom = 'Lamp round the animal, from before it to its left';
export const lampHeight = 'Lamp height';
export const section2 = (chosen: string | number, name: string | number): string =>
  `Section ${chosen}, ${name}`;
export const greyIsCoreWhat =
  'Grey is the core, what is round it is clay. Numbers are the thickness of the shell in mm; “solid” is clay straight on the wire. Ochre balls are clay that is too thick.';
export const dragEdgeOfSection =
  'Drag an edge of a section in any view: the opposite edge stays, both sides follow alike. A diamond slides a section along its bone. Dashed is the library’s shape. The section by itself: corners make it squarer, the red ring moves its widest line.';
export const numbersAreOrderOf =
  'Numbers are the order of laying. Crosses are places where skin lies on bone; dots are pegs.';
export const linesAreWhereSections =
  'Lines are where sections are cut. In the section, enlarged on a 10 mm grid: clay, core in grey, wires in green.';

// MuscleTable.vue
export const muscle = 'Muscle';
export const length = 'Length';
export const clayG = 'Clay g';
export const bulk = 'Bulk';
export const bulkOf = (name: string | number): string => `Bulk of ${name}`;
export const bulkOf2 = (name: string | number): string => `Bulk of ${name}, %`;
export const lengthIsInThis =
  'Length is in this stance against rest: a shorter muscle is thicker, its clay stays. Beyond 100 % of its bulk a muscle stands out of the outline; below, the skin sinks in over it, as Sections and In space show.';
export const deepLaidFirst = 'deep, laid first';
export const overThem = 'over them';
export const flatLast = 'flat, last';
export const changeBulkOf = (name: string | number): string => `Change the bulk of ${name}`;

// PegTable.vue
export const pegOver = 'Peg over';
export const onto = 'Onto';
export const heightMm = 'Height mm';
export const boneUnderSkinBuild = 'bone under the skin: build nothing over it';
export const noMuscleOrLandmark = 'No muscle or landmark of this animal can be reached.';

// ShapeHandles.vue
export const section3 = (n: string | number, edge: string | number): string =>
  `Section ${n}, ${edge}`;
export const sectionDragToMake = (n: string | number): string =>
  `Section ${n}: drag to make it larger or smaller`;

// ShapePart.vue
export const partOfBody = 'Part of the body';
export const hasLibrarysShapeShape = (name: string | number): string =>
  `The ${name} has the library’s shape. Shape it yourself to widen or narrow it section by section.`;
export const shapeBySections = (name: string | number): string => `Shape the ${name} by sections`;
export const shape2 = (name: string | number): string => `Shape the ${name}`;
export const sectionsOf = (name: string | number): string => `Sections of the ${name}`;
export const sectionLifeSizesDrag = (chosen: string | number): string =>
  `Section ${chosen}, life sizes; drag its edges on the sheet.`;
export const width = 'Width';
export const widthOfSection = 'Width of the section';
export const depth = 'Depth';
export const depthOfSection = 'Depth of the section';
export const squarenessIsRound = 'Squareness over its widest line, 2 is round';
export const squarenessOfSection = 'Squareness of the section';
export const middleAboveBone = 'Middle above the bone';
export const middleOfSectionAbove = 'Middle of the section above the bone';
export const middleToItsRight = 'Middle to its right';
export const middleOfSectionTo = 'Middle of the section to the right';
export const addSectionAfterIt = 'Add a section after it';
export const makeBothSidesAlike = 'Make both sides alike';
export const shapeLeftAndRight = 'Shape left and right apart';
export const bothSidesAlikeAs = 'Both sides alike, as the left';
export const leftAndRightApart = 'Left and right apart';
export const giveItsLibraryShape = (name: string | number): string =>
  `Give the ${name} its library shape`;
export const librarysShapeAgain = 'Library’s shape again';
export const yours = (name: string | number): string => `${name}, yours`;
export const changeOfSection = (what: string | number, chosen: string | number): string =>
  `Change the ${what} of section ${chosen}`;
export const addSectionTo = (name: string | number): string => `Add a section to the ${name}`;
export const takeOutSection = (chosen: string | number): string => `Take out section ${chosen}`;

// ShellClay.vue
export const shellsOverCores = 'Shells over cores';
export const clayOfShellsOver = 'Clay of the shells over cores';
export const sameClay = 'The same clay';
export const anotherClay = 'Another clay';
export const clayForShells = 'Clay for shells';
export const makeShellsOfSame = 'Make shells of the same clay';
export const makeShellsOfAnother = 'Make shells of another clay';

// ShellTable.vue
export const region = 'Region';
export const shell = 'Shell';
export const clay2 = (unit: string | number): string => `Clay ${unit}`;
export const core2 = (unit: string | number): string => `Core ${unit}`;
export const reset = 'reset';
export const coreOf = (name: string | number): string => `Core of ${name}`;
export const vent = 'vent';
export const shellOf = (name: string | number): string => `Shell of ${name}`;
export const changeBuildOf = (name: string | number): string => `Change the build of ${name}`;
export const buildAsUsual = (name: string | number): string => `Build ${name} as usual`;
export const foil = 'foil';
export const hollow = 'hollow';
export const pierce = 'Pierce';
export const close = 'Close';
export const ventIn = (which: string | number, name: string | number): string =>
  `${which} a vent in ${name}`;

// StationHandles.vue
export const dragOutForSquarer = 'Drag out for a squarer section';
export const drag = (grip: string | number): string => `Drag the ${grip}`;

// useSectionDrag.ts
export const dragSection = (n: string | number): string => `Drag section ${n}`;
export const changeSection = (n: string | number): string => `Change section ${n}`;
export const finsAndMembranes = 'fins and membranes';
export const standsOut = (number: number): string => `claws, horns, plumes ${number}`;
export const inRegion = (region: string): string => ` in ${region}`;
export const solid = 'solid';

export const slideSection = (number: number): string =>
  `Section ${number}: drag to slide it along its bone`;
export const dragOutForSquarerBelow = 'Drag outwards for a squarer lower half';
export const dragWidest = 'Drag up or down: here the section is widest';
export const squarenessBelow = 'Squareness under it';
export const widestLine = 'Widest, up from its middle';
export const slideOfSection = (number: number): string => `Place of section ${number} on its bone`;
export const move = (what: string): string => `Move the ${what}`;
export const dragOnHead = (what: string): string =>
  `${what}: drag it over the head; the other side follows`;
export const profiles = 'Profiles';
export const featuresOfHead = 'Nostrils, ears, horns, teeth';
export const alongHead = (bone: string): string => `${bone}, along the head`;
export const leansBack = (bone: string): string => `${bone}, leans back`;
export const leansOut = (bone: string): string => `${bone}, leans out`;
export const nostrilAlong = 'Nostril, along the head';
export const nostrilAround = 'Nostril, from the line of the back';
export const nostrilLong = 'Nostril, length';
export const nostrilWide = 'Nostril, width';
export const nostrilTurn = 'Nostril, turned up behind';
export const teethLength = 'Teeth, length';
export const lengthsInMeasure =
  'How long ears and horns are is typed in Measure, left and right alike.';
export const whatItWeighs = 'What it weighs';
export const eyeNumber = (number: number): string => `Eye ${number}`;
export const eyesStl = 'Eyes (STL)';
export const dragInSpace =
  'The balls are edges and middles of the sections of the part that you shape: drag one, the body follows. Elsewhere the view turns.';
export const shapeFirst =
  'Shape a part of the body under Shape: then its sections are dragged here too.';
export const printHead = 'Print the head';

// FoilChoices.vue
export const skinOverWhatIsBaked = 'Skin over what is baked first';
export const skinOverWhatIsBaked2 = 'the skin over what is baked first';
