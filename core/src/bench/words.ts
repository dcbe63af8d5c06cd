/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// atHand.ts
export const packetsToBuyBeside = (name: string): string =>
  `“${name}”, packets to buy beside what is on hand`;
export const onHandInWorkshop = 'On hand in the workshop';
export const whatRoundingErrorMay = 'What a rounding error may be';
export const stockOfWorkshop = 'stock of the workshop';
export const cost = (name: string): string => `“${name}”, cost`;
export const priceOfPacket = 'Price of a packet';
export const pricesOfWorkshopIn = 'prices of the workshop, in your own money';
export const yourPaceAgainstUsual = 'Your pace against the usual';
export const handWorkLeftAs = 'Hand work left, as far as it is timed';
export const stepsOfCuttingBending =
  'the steps of cutting, bending and binding; modelling and painting are not timed yet';
export const sittingsForIt = 'Sittings for it';
export const oneSitting = 'One sitting';
export const lengthOfSittingIn = 'length of a sitting in the workshop';

// claySteps.ts
export const setEyes = 'Set the eyes';
export const closeLidsOverThem = '; close the lids over them';
export const pressBothEyesIn = (which: string): string =>
  `Press both eyes in, and look from the front and from above whether they sit alike${which}.`;
export const pressEyeIn = (which: string): string =>
  `Press the eye in, and look along the plate and from the front whether it sits right${which}.`;
export const workOverShell = 'Work over the shell';
export const layMusclesInTheir = 'lay the muscles in their order, ';
export const then = ', then ';
export const addMuscleAnd = 'add muscle and ';
export const roughenShell = 'Roughen the shell, ';
export const lastThinSkin = 'the last thin skin of clay.';
export const lastThinSkinOf = 'the last skin of clay, ';
export const skinThick = (mm: number): string => `, ${mm} mm thick.`;
export const holdAgainstOutlines =
  ' Hold it against the outlines on the sheet: what is outside them now is too fat.';
export const leaveSkinOff = (mm: number): string =>
  ` Stay ${mm} mm inside the outlines all over: the skin comes over it when it is baked.`;
export const pressSockets = 'Press the eye sockets';
export const pressSocket = 'Press the eye socket';
export const pressTwoBallsOf = 'Press two balls of ';
export const pressBallOf = 'Press a ball of ';
export const halfwayIntoShell =
  ' halfway into the soft clay where the eyes will sit, look from the front and from above whether they sit alike, and take them out again: a hard shell takes no socket.';
export const glueBothEyesIn = (which: string): string =>
  `Bed both eyes into their sockets with a little soft clay, and look from the front and from above whether they sit alike${which}.`;
export const glueEyeIn = (which: string): string =>
  `Bed the eye into its socket with a little soft clay, and look along the plate and from the front whether it sits right${which}.`;
export const makeClayReady = 'Make the clay ready';
export const forWord = (laidFor: string): string => `for the ${laidFor} `;
export const ofReady = (name: string, which: string): string => ` of “${name}” ready ${which}(`;
export const workedUntilItIs = ', worked until it is soft and even. ';
export const mixEqualPartsOnly = 'Mix equal parts only as much as you use in an hour.';
export const keepItCleanOf = 'Keep it clean of dust.';
export const makeEyes = 'Make the eyes';
export const packCore = 'Pack the core';
export const noFoilEveryRegion = 'No foil: every region is solid clay on the wire.';
export const ofFoilOffRoll = ' of foil off the roll (';
export const andPackItHard = ') and pack it hard round the wire: ';
export const bindItWithTape =
  '. Bind it with tape, and hold it inside the grey core on the sheet: a core that is too big cannot be shaved later.';
export const layShell = 'Lay the shell';
export const noShellEveryRegion = 'No shell: every region is solid clay on the wire.';
export const roll = (which: string): string => `Roll ${which}: `;
export const sheetsOfPaperOn = (names: string): string =>
  ` sheets of paper on either side of the pin) for ${names}`;
export const layItOnFrom =
  '. Lay it on from the belly up, press every air pocket out, and prick what you cannot press.';
export const buildSlenderParts = 'Build the slender parts';
export const noSolidPartEvery = 'No solid part: every region has a core.';
export const buildStraightOnWire = 'Build straight on the wire, in solid clay: ';
export const weighEachOutSo = '. Weigh each out, so that left and right get the same.';
export const letItSetFor = 'Let it set for ';
export const awayFromSunAnd = ', away from sun and draught.';
export const bakeAt = 'Bake at ';
export const onDialFor = ' on the dial for ';
export const countedFromWhenIt =
  ', counted from when it is in the hot oven; then switch off and open the door a hand wide.';
export const heatOven = (name: string): string => `Heat the oven: ${name}`;
export const setDialTo = 'Set the dial to ';
export const waitAbout = ' and wait about ';
export const untilThermometer = ', until the thermometer inside stands at ';
export const letCool = (name: string): string => `Let it cool: ${name}`;
export const softWhileHot =
  'Leave it in the open oven, or where that is needed lift it out on its tray, with gloves: hot clay is soft, and cold water cracks it. About ';
export const untilHandRests = ', until a hand rests on it with ease.';
export const yourFinestTool = 'your finest tool';
export const carveCoat = (name: string): string => `Carve the coat: ${name}`;
export const withWord = (who: string, which: string): string => `With the ${who}${which}: `;
export const longAnd = ' long and ';
export const platesRightAcross = 'plates right across, ';
export const inOneRowFrom =
  ', in one row from the throat to the tail. Each laps over the next behind it; keep their edges straight and level.';
export const eachFeatherByItself = 'each feather by itself, ';
export const cutItsEdgeAs =
  '. Cut its edge as a step, the outermost lowest and each laid over it towards the body, draw the shaft, and the barbs slanting from it.';
export const ofThem = 'of them';
export const eachStandingForAbout = (locksPerStroke: number, which: string): string =>
  `, each standing for about ${locksPerStroke} ${which}`;
export const dotsAndFlicks = 'dots and flicks';
export const byThird = 'by a third';
export const little = 'a little';
export const followAndVaryEach = (many: string, lie: string, which: string): string =>
  `${many}. Follow ${lie}, and vary each ${which}.`;

// paintSteps.ts
export const cleanSurface = 'Clean the surface';
export const sandWhatShouldBe =
  'Sand what should be smooth, wash off dust and fingermarks, and let the piece dry: paint peels from grease.';
export const prime = 'Prime';
export const oneThinEvenCoat = (primerName: string): string =>
  `One thin even coat of ${primerName} primer, `;
export const testItOnCured =
  '. Test it on a cured scrap first: some stay sticky on oven clay for ever.';
export const giveItItsSheen = 'Give it its sheen';
export const noVarnishFibreCovers = 'No varnish: fibre covers it all';
export const varnishDullBeforeBright = 'Varnish, dull before bright: ';
export const advised = (words: string): string => ` ${words}`;
export const andNose = ' and nose';
export const eyesLastInHigh = (which: string): string => ` Eyes${which} last, in high gloss.`;
export const lookBack = 'Look back';
export const weighPieceWithoutIts = 'Weigh the piece without its base: about ';
export const wasReckonedPhotographIt =
  ' was reckoned. Photograph it from the side and the front, and write down what you would do otherwise next time.';
export const mixColouredClay = 'Mix the coloured clay';
export const weighAndFold = 'Weigh the colours, then roll and fold them into one another: ';
export const foldUntilEven =
  '. Even takes about twenty folds. Bake a tile of each: some darken in the oven.';
export const leaveItStreaked = (names: string): string =>
  ` Marbled, ${names}: roll its parts side by side, fold five times and stop while it is streaked.`;
export const withWaterOf = ' with water or medium, ';
export const blowOffRest =
  '. Tap off what does not hold, breathe none of it, and touch nothing until it is baked.';
export const letDry = (name: string): string => `Let it dry: ${name}`;
export const thinCoatDries = 'A thin coat of acrylic';
export const usualOfPaint = 'common practice; the label and a cold or damp room say more';
export const dryToTouchAnd =
  'Dry to the touch, and no longer cool to the lip, before the next goes on.';
export const wipeIt = 'Wipe off dust and fingermarks with a soft dry brush.';
export const paint = (name: string): string => `Paint: ${name}`;
export const applyFibre = 'Apply the fibre';
export const fromTailForwardsAnd =
  'From the tail forwards and the belly up, so that each row covers the root of the last: ';
export const cutTo = (name: string): string => `${name} cut to `;

// planBench.ts
export const stepsStillToDo = 'Steps still to do';
export const stepsOfThisPiece = 'Steps of this piece';
export const tickedOff = 'Ticked off';
export const stepsFollowFromDecisions = 'the steps follow from the decisions of all stages';
export const timeLogged = 'Time logged';
export const yourOwnLog = 'your own log';

// shoppingList.ts
export const tieForBindings = 'Tie for the bindings';
export const boardForBase = 'Board for the base, ';
export const plateForWall = 'Board for the wall plate, ';
export const onePieceOneBase = 'One piece, one base';
export const nutsAndWashersOr = 'Nuts and washers, or clamps for the pegs';
export const pegsToFix = 'Pegs to fix';
export const holesInBase = 'Holes in the base';
export const kitchenFoil = 'Kitchen foil';
export const packetsOf = (name: string): string => `${name}, packets of `;
export const primer = (primer: string): string => `Primer, ${primer}`;
export const paintForAndIts = (zone: string, hex: string): string =>
  `Paint for ${zone}, ${hex} and its steps`;
export const tubeOf = (kind: 'paint' | 'pastel' | 'clay', name: string): string =>
  ({ paint: `Paint, ${name}`, pastel: `Pastel, ${name}`, clay: `Coloured clay, ${name}` })[kind];
export const paint2 = (name: string): string => `Paint, ${name}`;
export const layersOfThisZone = 'layers of this zone in Colour';
export const basePlanInWire = 'base plan in Wire';

// claySteps.ts
export const addWord = 'add ';

// claySteps.ts
export const have = 'Have ';

// claySteps.ts
export const tear = 'Tear ';

// claySteps.ts
export const bake = 'Bake';

// claySteps.ts
export const setWord = 'Set';

// claySteps.ts
export const wideAfter = ' wide';

// shoppingList.ts
export const boards = 'Boards';
export const strokes = 'strokes';
export const packets = { one: 'packet', other: 'packets' };

// shoppingList.ts, perches
export const onePieceOnePerch = 'One piece, one of these';
export const perchThick = (name: string, mm: string): string =>
  `${name.charAt(0).toUpperCase()}${name.slice(1)}, ${mm} mm thick, `;
export const perchRock = 'Rock, or foam and mesh for one, ';
export const dowelsOf = 'Dowels of ';
export const uprights = 'Uprights under the branch';

// fittingSteps.ts
export const stuffForPart = (stuff: string, name: string): string => `${stuff} for ${name}, `;
export const makeFitting = (name: string): string => `Make the ${name}`;
export const makeWord = 'Make ';
export const eachWord = ', each ';
export const ofThemSpare = (spare: number): string => `, ${spare} of them spare, each `;
export const acrossEach = ' across';
export const longWord = ' long';
export const andWord = ' and ';
export const thickWord = ' thick';
export const downTo = ' for the largest, down to ';
export const inSizes = (sizes: number): string => ` in ${sizes} sizes`;
export const ofStuff = (stuff: string, how: string): string => `${stuff}, ${how}. `;
export const takesInAll = 'They take ';
export const setBeforeLast = (count: number): string =>
  count === 1 ? 'Set it before the last bake: ' : `Set all ${count} before the last bake: `;
export const joinedWith = (how: string): string => `${how}. `;
export const pinWord = 'Pin of ';
export const inHole = ' in a hole drilled ';
export const soDeep = ', ';
export const pressedIn = 'Seat ';
export const deepWord = ' deep';
export const keyIt = 'Bend the end of the pin or set a second one: a round pin lets it turn. ';
export const smoothWith = 'Smooth the root with a fillet of ';
export const atRoot = '. ';
export const lookAlike = 'Look from both sides whether left and right sit alike.';
export const drawFineParts = 'Draw what is too fine to be made';
export const tooFine = 'Too fine for clay at this scale: ';
export const drawThem = '. Draw them with the finest tool, or set bristles after the last bake.';
export const shapeGrown = 'Shape what grows on the armature';
export const onItsOwnWire = 'On its own wire, to its length: ';
export const bothHalves = '. Where it has halves, keep them apart with oiled paper.';
export const makeApart = (name: string): string => `Build apart: ${name}`;
export const buildApart = (count: number): string =>
  count === 2 ? 'Build left and right side by side, ' : 'Build it by itself, ';
export const overWireOf = ' long, over a wire of ';
export const allTogether = ', all together ';
export const markEach = '. Scratch L or R inside the joint.';
export const tryApart = (name: string): string => `Try on: ${name}`;
export const boreIs = ' Its bore is ';
export const opensTo = ' It opens to ';
export const joinApart = (name: string): string => `Join on: ${name}`;
export const slideOn = (count: number): string =>
  `Slide ${count === 2 ? 'both' : 'it'} on, roughen either side of the join, close it with liquid clay and a coil of soft clay, and smooth it over.`;
export const layOutEyes = 'Lay the eyes out';
export const rollBalls = (count: number): string =>
  count === 1 ? 'Roll a ball of ' : `Roll ${count} balls of `;
export const andSpareOnes = (count: number, spare: number): string =>
  `${spare === 0 ? '' : ` and ${spare} spare`} from the same rolled sheet, so that they are alike; choose the best${count === 2 ? ' pair' : ''}.`;
export const takeEyes = (count: number, stuff: string): string =>
  count === 1 ? `Take one eye of ${stuff}, ` : `Take ${count} eyes of ${stuff}, `;
export const chooseEyes = (spare: number): string =>
  `${spare === 0 ? '' : ` (${spare} more are spare)`}: measure each, and pair what is alike.`;
export const socketDeep = ' The ball lies in it ';
export const lidsFrom = ' Cut lids from strips of thin clay, ';
export const aboveAnd = ' above and ';
export const belowUntil = ' below, until there shows ';
export const onTheirWires = 'Each on its own wire, which goes on into the body. ';
export const withoutWire = 'They hold without a wire; a pin in the base finds its hole. ';
export const holdAgainstTemplate = 'Hold each against its template at 1:1, left against right.';
export const setFitting = (name: string): string => `Set the ${name}`;
export const setAfterPaint = (count: number): string =>
  count === 1 ? 'Set it when the varnish is dry: ' : `Set all ${count} when the varnish is dry: `;
export const setOthersLast = (count: number): string =>
  count === 1
    ? 'Set it when no oven comes any more: '
    : `Set all ${count} when no oven comes any more: `;

// bakeSteps.ts
export const gunFor = 'With a heat gun, moving all the time, for ';
export const gunHow =
  ': warm it from all sides in short passes, a thermometer beside it, and let it cool by itself.';
export const stillOut = (names: string): string => ` Still out of the oven: ${names}.`;
export const hardAlready = ' What is hard already goes through it again, and bears it.';
export const lookAllIn = (names: string, isLast: boolean): string =>
  `Look once more${isLast ? ', it is the last bake' : ''}: ${names}, all in? `;
export const notYet = (names: string): string => `Not yet: ${names}. `;
export const bakeTile = 'Bake a test tile';
export const rollTile = (clays: string): string =>
  `Roll a strip 3 mm thick and a thumb long of ${clays}, of this packet, and bake it at `;
export const bendIt =
  '. When it is cold bend it, scratch it with a needle, and lay it beside the raw clay: enter what it did in Cure.';
export const conditionOld =
  ' What has gone crumbly: chop it, leave it a night in a bag with a few drops of clay softener or liquid clay, then roll and fold it until it bends without tearing.';

// skinSteps.ts
export const countsTimesPace = 'counts of strokes, presses and tufts at your own pace (Skin)';
export const pressFolds = 'Press the folds at the joints';
export const pressFoldsAcross =
  'Across the inside of each bent joint, deepest in the middle and running out to either side. ';
export const foldsEach = ' folds, ';
export const upToDeep = ' apart and up to ';
export const foldsFade =
  ' deep. Draw them with a rounded tool through cling film, then soften the crests with a brush.';
export const prickPores = (name: string): string => `Prick the pores: ${name}`;
export const prickWithBundle = 'With a bundle of needles or a stiff brush, in no pattern, ';
export const poresInAll = ' from pore to pore, ';
export const thenBrushOver = ' in all. Then go over it with a soft brush, so that no edge stands.';
export const pressScales = (name: string): string => `Press the scales: ${name}`;
export const noStampYet =
  'No stamp is made for this zone yet: Skin draws its negative, true to size, to print or to trace. Then press it row by row, from the tail forwards.';
export const dustStampPress =
  'Dust the stamp with starch, press it lightly, from the tail forwards: ';
export const facesOf = ' of ';
export const joinPressesByHand =
  '. Join the presses by hand where they meet, and press no scale twice.';
export const rowsApart = ' in rows ';
export const trimToOutline =
  ' apart. Trim to the outline when the glue is hard, a little at a time, along the lie.';

// shoppingList.ts
export const fibreFor = (name: string): string => `Fibre for ${name}, cut `;
export const weftFor = (name: string): string => `Weft for ${name}, hair `;
export const glueForFibre = 'Glue for the fibre';
export const zonesOfFibre = 'zones that fibre is stuck on';

// stepMinutes.ts
export const soManyAt = (label: string, many: number, minutes: number): string =>
  `${label}: ${many} at ${minutes} min each`;
export const areaAt = (label: string, cm2: number, inMinute: number): string =>
  `${label}: ${cm2} cm² at ${inMinute} cm² a minute`;
export const gramsAt = (grams: number, inMinute: number): string =>
  `Kneaded: ${grams} g at ${inMinute} g a minute`;
export const foilPacked = 'Foil torn, packed and pressed';
export const partsPacked = 'Cores pressed to shape';
export const laidOver = 'Laid, pressed on and joined';
export const partsBuilt = 'Slender parts built up';
export const workedOver = 'Worked over';
export const balls = 'Balls rolled';
export const sockets = 'Sockets pressed';
export const lids = 'Set, with their lids';
export const shapedOnWire = 'Shaped on the armature';
export const drawnIn = 'Drawn in with a point';
export const coloursFolded = 'Colours weighed and folded';
export const cleaned = 'Sanded where it should be smooth, and wiped';
export const primed = 'Primed';
export const varnished = 'Varnished';
export const weighedAndPhotographed = 'Weighed and photographed';
export const builtApart = 'Built apart';
export const triedOn = 'Tried on';
export const joinedOn = 'Joined and filled';
export const usualRates = 'usual rates of hand work, from memory: your own records tell better';
export const WORK_WORDS = {
  print: 'Printing',
  cut: 'Cutting',
  bend: 'Bending',
  bind: 'Binding',
  drill: 'Drilling',
  model: 'Modelling',
  bake: 'At the oven',
  set: 'Setting',
  texture: 'Texture',
  clean: 'Cleaning',
  paint: 'Painting',
  look: 'Looking',
} as const;

// atHand.ts
export const learnedFactorOf = (kind: string, records: number): string =>
  `What ${kind.toLowerCase()} takes you against that, from ${records} ${records === 1 ? 'record' : 'records'}`;

// schedulePlan.ts
export const LEVERS = {
  hour: 'An hour more on each day at the bench: earlier by',
  day: 'One weekday more at the bench: earlier by',
  off: 'The days off worked: earlier by',
  sitting: 'Long work done in one sitting: earlier by',
} as const;
export const untilReadyThen = 'Until all is ready then';
export const triedInFewOrders = 'laid anew with that change alone, in a few orders';
export const untilReady = (name: string): string => `${name}: until it is ready`;
export const lateFor = (name: string): string => `${name}: late by`;
export const untilDueEvening = 'Until the evening of its due date';
export const oneHandOneOven = 'one person, one oven, the attended hours of the workshop';
export const wholeMinutes = 'whole minutes';
export const untilAllIsReady = 'Until all is ready, by the clock';
export const laidIntoHours =
  'each step as early as what is laid before it lets it, of several orders the one that ends first (R. Kolisch, 1996)';
export const notBefore = 'Nobody could be ready before';
export const chainHandsOven =
  'the longest of the chain of needs, the minutes of the hands and those of the oven, each laid into the hours';
export const aboveBound = 'Plan above that bound';

// materialLines.ts, shoppingList.ts, pieceCost.ts
/** Words by which a varnish of a sheen is found among supplies. */
export const SHEEN_WORDS = {
  matt: ['matt', 'dull'],
  satin: ['satin', 'silk'],
  gloss: ['gloss'],
  wet: ['gloss', 'wet'],
} as const;
export const wireToCut = (metal: string): string => `${metal}, all that is cut of it`;
export const cutListInWire = 'cut list in Wire';
export const oneLot = 'One lot';
export const usedInDoneSteps = 'Used in steps that are done';
export const toBuyOf = (what: string): string => `${what}: to buy`;
export const packHolds = 'A packet holds';
export const worthOf = (what: string): string => `${what}: worth of it`;
export const materialInIt = 'Material in the piece, as far as it is priced';
export const workInIt = 'Work in the piece';
export const hoursOfDoneSteps = 'Hours of steps that are done';
export const hoursLeft = 'Hours that are left';
export const oneHour = 'An hour';
export const anHour = 'Price of an hour';
export const yourHourRate = 'what an hour of yours costs, in the workshop';
export const priceOfPiece = 'Price of the piece';
export const onTop = 'Put on top of both';

// stepOrder.ts, stepParts.ts
export const yourOwnStep = 'your own step';
export const leftSide = 'Left';
export const rightSide = 'Right';
export const wirePart = (id: string, name: string): string => `${id} ${name.toLowerCase()}`;
export const holePart = (n: number): string => `Hole ${n}`;
export const numberPart = (n: number): string => `No. ${n}`;
export const leftOutKnowingly = 'Left out knowingly';

// diary.ts, cameOut.ts
export const LOG_WORDS = { sitting: 'Sitting', note: 'Note', attempt: 'Attempt' } as const;
export const bakeOf = (bake: string): string => `Bake “${bake}”`;
export const dialAt = (c: number): string => `dial at ${c} °C`;
export const hottestAt = (c: number): string => `hottest ${c.toFixed(0)} °C`;
export const wentWrong = 'Went wrong';
export const loggedStepsEstimated = 'Hours, of the steps that were timed';
export const moreThanPlanned = (what: string): string => `${what}: more than planned`;
export const cameOutAs = 'Came out as';

// keeping.ts
export const foamEachSide = 'Foam on each side';
export const boxByPractice = 'common practice: four centimetres of foam all round';
export const boxLength = 'Box inside, long';
export const boxWidth = 'Box inside, wide';
export const boxHeight = 'Box inside, high';
export const thinPart = (name: string): string => `${name}: thin`;
export const onlyThick = (name: string): string => `${name}: only `;
export const thick = ' thick';
export const withoutWireIn = (name: string): string => `${name}: no wire inside`;
export const posableJoints = 'Joints that can be posed: bent often, their wire breaks';
export const standsOnFeet = 'It stands by itself: a knock on the table turns it over';
export const anklesOnBoard = 'Where the feet meet the board: all of its weight swings there';
export const cradleBody =
  'Cradle the body in foam cut to its outline; nothing may press on legs, ears or tail.';
export const screwBoardDown =
  'Screw the board down to the floor of the box from outside, and let foam hold only the trunk.';
export const liftByBase = 'Lift it by its base, with both hands; never by the animal.';
export const noFoamOnFibre = 'Let nothing touch the fibre: pressed flat, it does not rise again.';
export const softPaperFirst =
  'Soft paper goes between foam and paint: foam sticks to varnish that is not a month old.';
export const leaveAirRound = 'Cut the foam away round the weak places, a finger wide.';
export const markUpright = 'Mark the box on all sides: this way up, and what is inside.';
export const outOfSun = 'Out of the sun: colours fade, and dark clay warms and softens.';
export const fades = (names: string): string =>
  `These colours fade soonest: ${names}. Little light, and none of the sun.`;
export const coolPlace = 'Below 40 °C: never in a parked car, on a heater or in a shop window.';
export const neverDamp = 'Clay that dried in the air never stands damp or in frost.';
export const dustFibre = 'Dust by a breath of cool air; stroke fibre only the way it lies.';
export const wipeBare = 'A damp cloth, then a dry one.';
export const dustSoftly = 'Dust with a soft dry brush, from the head to the tail.';
export const noSolventOnIt = 'No solvent, polish or spray: they lift varnish and soften clay.';
export const notToy = 'It is no toy: small and sharp parts come off; keep it from small children.';
export const clayOf = (names: string): string => `Clay: ${names}`;
export const wireOf = (names: string): string => `Wire: ${names}`;
export const partsIn = (names: string): string => `Parts of ${names}`;
export const colouredWith = (names: string): string => `Colours: ${names}`;
export const varnishedWith = (names: string): string => `Varnish: ${names}`;
export const fibreOnIt = 'Fibre, glued on';

// jointNeeds.ts
export const allPiecesTake = (what: string): string => `${what}: all pieces on the bench take`;
export const asPiecesWereLastOpen = 'what is left of each piece, as it stood when it was last open';

// featherSteps.ts
export const pressFeathers = (row: string): string => `Press the ${row}`;
export const layFeathers = (row: string): string => `Lay the ${row} as leaves of clay`;
export const feathersLongest = ' each side, the longest ';
export const edgesAsSteps = '. Mark their edges by the map, and cut each as a step about ';
export const shaftsStayFree =
  ' deep, the lower feather first; leave every shaft standing as a fine ridge.';
export const leavesBedded =
  '. Cut them of a thin sheet by the map, and bed each over the one before; the long ones are carried by their wires, with a prop under the tip in the bake.';
export const cutFeathers = 'Cut the feathers from sheet';
export const printAndCut = 'Print the sheets of feathers at 1:1 and cut along the lines: ';
export const eachSideUpTo = ' each side, up to ';
export const outOf = '; out of ';
export const glueShafts = ', with shafts of wire, in all ';
export const mirrorThem =
  '. Left and right are mirrored: name each on its back. Cut the edges slanting, and stiffen them.';
export const mountFeathers = 'Set the feathers';
export const mountInOrder =
  'From the tail forwards, in the wing from its tip towards the body and from below up, by the numbers on the map: wind each shaft round the wing’s wire or set it in its hole, and glue. Keep free what folds.';
export const sheetForFeathers = 'Felt, paper or cloth for feathers';
export const wireForShafts = 'Thin wire for the shafts of feathers';

// bladeSteps.ts
export const pressMembranes = 'Press the membranes on';
export const layBetween =
  'After the first bake, lay a sheet of clay between the lines that hold it, both faces roughened: ';
export const thickHeldAlong = ' thick, held along ';
export const itsRoot = 'its root';
export const withFolds = ', folds pressed in: ';
export const proppedEvery = ', a prop every ';
export const thinToEdge =
  '. Thin it towards the free edge, press the folds of this stance along the lines on the template, and prop it from below until it is hard.';
export const makeWings = 'Make the thin wings and fins apart';
export const cutByTemplate =
  'Cut them by their templates, left and right by the same one turned over: ';
export const thickAlone = ' thick';
export const thickOverWire = ' thick, lapped over a wire of ';
export const bakeFlat =
  '. Draw veins or rays on both faces. Soft they sag: bake them flat on a tile, or on a former bent to their curve. No hot glue before a bake: it melts.';
export const setWings = 'Set the wings and fins in';
export const setInHoles =
  'Drill for each wire as deep as it reaches in, roughen both, set it with epoxy, prop it at its angle and look from the front whether left and right sit alike; then close the join with a fillet.';
