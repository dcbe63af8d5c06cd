/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// bakeStages.ts
export const bakedVerb = 'baked';
export const setVerb = 'set';
export const smallPartsAre = (verb: string): string =>
  `Small parts are ${verb} by themselves, so that they can be pressed in without losing their shape.`;
export const smallPartsWithIt = ' Small parts lie beside it.';
export const thinEvenShellIs = (verb: string): string =>
  `A thin even shell is ${verb} first: it carries the detail that is worked over it.`;
export const apartIs = (verb: string): string =>
  `Parts of the body that are made apart are ${verb}, fitted against what is hard already.`;
export const finishedSurfaceIsWith = (verb: string): string =>
  `The finished surface is ${verb} with everything that belongs in it.`;
export const lateIs = (verb: string): string =>
  `What does not bear the bake of the surface is ${verb} on it, cooler.`;
export const settingIs = 'What sets by itself is left in a warm dry room.';
export const apartBake = 'Body parts';
export const lateBake = 'Late parts';
export const settingRound = 'Setting';
export const bareBodyItem = 'Bare body';
export const neededInHotOven = (name: string): string => `${name}, needed in the hot oven`;
export const keptInAfterThat = 'Kept in after that';
export const longerOfPacketsRule =
  'the longer of the packet’s rule and the physical time with middle figures; up to the slow corner of conductivity, film and heat held. Longer at the right temperature does no harm, hotter does (common practice); a probe narrows the range';
export const bakeFor = (name: string): string => `${name}, bake for`;
export const roundedUpTo = 'Rounded up to';
export const setByYou = 'Set by you';
export const countFromMomentPiece =
  'count from the moment the piece is in the oven at its temperature';

// heatRequest.ts
export const solid = (name: string): string => `${name}, solid`;
export const thinPlace = 'A thin place';
export const partApart = (name: string): string => `${name}, made apart`;
export const shellOnCoreThat = (name: string): string =>
  `${name}, shell on a core that takes no heat`;
export const shellOnPackedFoil = (name: string): string => `${name}, shell on packed foil`;

// heatWorkings.ts
export const innermostClayHotEnough = (place: string): string =>
  `Innermost clay hot enough: ${place}`;
export const stepsOfFiveSeconds = 'steps of five seconds, forty layers';
export const thicknessHeatedOnOne = 'Thickness, heated on one face';
export const radiusHeatedAllRound = 'Radius, heated all round';
export const conductivityOfClay = 'Conductivity of the clay';
export const specificHeatOfClay = 'Specific heat of the clay';
export const filmFanOn = 'Film, fan on';
export const filmStillAir = 'Film, still air';
export const heatHeldByCore = 'Heat held by the core';
export const oven = 'Oven';
export const lowEndOfWhat = 'Low end of what the clay cures at';
export const finiteVolumesWithCrank =
  'finite volumes with Crank–Nicolson steps, checked against the one-term solutions of Incropera & DeWitt, ch. 5; the range is that of k, c and h';

// planCure.ts
export const thermometerInOvenLess = 'Thermometer in the oven less dial';
export const setDialTo = 'Set the dial to';
export const smallOvensAreOften =
  'small ovens are often 10 to 25 °C off their dial: a thermometer tells (common practice)';
export const ovenIsThenAt = 'The oven is then at';
export const readingOfThermometerIn = 'reading of a thermometer in the oven';
export const thickestSolidPart = 'Thickest solid part';
export const solidParts = 'Solid parts';
export const thickestShell = 'Thickest shell';
export const thickestPartMadeApart = 'Thickest part made apart';
export const partsMadeApart = 'Parts made apart';
export const diameterOfEye = 'The diameter of the eye.';
export const thickestClayThereAs = 'The thickest clay there, as in Mass.';
export const clawsAndTeethAre =
  'the thickest of all parts made apart; what is thicker needs longer';
export const largestBallOfClay =
  'the largest ball of clay that fits in there, on the posed body (Mass)';
export const depthOfFleshAt =
  'depth of the flesh at rest, until the posed body is worked out (Mass)';
export const byPacketsRuleAt = 'by the packet’s rule at least';
export const setOrDryIn = 'set or dry in about';
export const ruleOfPacketCounted =
  'rule of the packet: counted from when the piece is in the hot oven, and no time at temperature of the middle';
export const commonPracticeWarmDry =
  'common practice; warm dry air is quicker, and thick parts crack if hurried';
export const bakes = 'Bakes';
export const roundsOfSetting = 'Rounds of setting';
export const fewestThatRulesAllow =
  'the fewest that the order of the things allows, by an exact search over all that is hard at once';

// bakeOvens.ts
export const wantedInBake = 'Wanted in this bake';
export const leastOfBake = 'Least that its clays cure at';
export const mostOfBake = 'Most that all in it bears';
export const preheatFor = 'Preheat for';
export const room = 'Room';
export const ovenWarmsBy = 'The oven warms by';
export const usualOvenWarmsBy = 'A small oven warms by about';
export const untilTraceIsKnown =
  'from memory, until a trace of your oven tells; count the bake from when the piece goes in';
export const asItsTracesWarmed =
  'as its own traces warmed; count the bake from when the piece goes in';
export const whatAllInItAllow = 'what all that is in it allows together';

// cooling.ts
export const coolsFor = (name: string): string => `${name}: cools for`;
export const usualCooling = 'Usual';
export const untilWarmingIsKnown = 'common practice, until its warming is worked out';
export const handWarm = 'Handwarm, and hard';
export const curesFrom = 'Its clay cures from';
export const coolsAsItWarmed =
  'first term of the series both ways (Incropera & DeWitt, ch. 5): the heat leaves at the rate at which it came in, but for the beginning';

// heatGun.ts
export const withHeatGun = (name: string): string => `${name}, with a heat gun`;
export const firstTermOfSeries =
  'first term of the series for a round body warmed all round, to the low end of what its clay cures at, and held';
export const exactForRound = 'within a few per cent once it is warm';
export const airAtPart = 'Air at the part';
export const filmBeforeGun = 'Film before a heat gun';
export const gunCommonPractice =
  'Incropera & DeWitt, ch. 5; film and hold from memory. Hold a thermometer where the part is: the air there must not be hotter';

// heatWorkings.ts
export const filmLearnt = 'Film, as the traces of the oven told';

// packetRules.ts
export const thickestOfBodyPart = 'Thickest of the body parts made apart';
export const bodyPartsMadeApart = 'Body parts made apart';
export const thickestClayLessSkin =
  'The thickest clay there, as in Mass, without the skin that is laid over it later.';

// support.ts
const listed = (names: readonly string[]): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`;
export const setOnPaper =
  'On paper, turned once a day so that both sides set; not on a heater and not in the sun.';
export const inLayers = (mm: string): string =>
  `In layers of about ${mm} mm, each set before the next: over a stiff core it shrinks by 5 to 10 % (memory), so the first layer is thin, and the gaps that open are filled when it is dry.`;
export const withinPotLife =
  'Mix no more than is used within its pot life, one to three hours for most kinds, minutes for quick ones: its packet tells.';
export const onItsBoard =
  'It stands on its board, on the lowest rail, with air all round and no part near a heating rod.';
export const pegsInFoil =
  'Stand it by its pegs in a block of packed foil, drilled like the base; do not lay it down.';
export const standsOnCard = 'Stand it on card on a tray, not on bare metal.';
export const hangByHook =
  'Hang it by its hook from the rack where it is high enough; else lay it in a bed of crumpled card.';
export const lieOnBack = 'Lay it on its back on card: nothing of the front touches the tray.';
export const prop = (names: readonly string[]): string =>
  `Prop ${listed(names)} with rolls of card or wads of foil until it is cold: nothing inside holds the clay up while it is warm.`;
export const onRodThroughBore =
  'Body parts: on a rod through the bore, held at both ends, so that nothing lies on the clay.';
export const ballsInHollows = (names: readonly string[]): string =>
  `In hollows of crumpled foil, so that no side goes flat: ${listed(names)}.`;
export const stuckByWire = (names: readonly string[]): string =>
  `Stuck by their wires upright in a block of foil: ${listed(names)}.`;
export const inFoldedCard = (names: readonly string[]): string =>
  `Along their curve in folded card, so that they keep it: ${listed(names)}.`;
export const flatOnCard = (names: readonly string[]): string =>
  `On card on the tray, not touching: ${listed(names)}.`;

// bakeStages.ts
export const parts = 'Parts';

// bakeStages.ts
export const shell = 'Shell';

// bakeStages.ts
export const finish = 'Finish';
export const bareBody = 'Body';
export const bareBodyIs = (verb: string): string =>
  `The bare body is ${verb} first, a skin thinner than the outlines: it cannot be pressed out of shape while the surface is worked.`;

// joins.ts
export const pinOf = (name: string): string => `${name}, pin`;
export const itsWire = 'Wire inside';
export const endOfItsWire = 'the end of its own wire is its pin';
export const thickestThatFits = 'the thickest of the thin wires that the part holds';
export const sizesOfThinWire = 'thin wires as they are sold';
export const thinnestAcross = 'Thinnest way across the part';
export const shareForPin = 'Most of it that a pin may be';
export const pinCommonPractice = 'a third of the thickness, or it splits: common practice';
export const drillFor = (name: string): string => `${name}, drill`;
export const firstDrill = 'the first drill that lets the pin in';
export const drillsAsSold = 'drills as they are sold';
export const clearance = 'Clearance';
export const drillCommonPractice = 'a little wider than the pin, for glue: common practice';
export const filletOf = (name: string): string => `${name}, fillet round the root`;
export const leastFillet = 'Least that can be drawn';
export const shareOfThickness = 'Share of the thickness';
export const filletCommonPractice = 'a soft edge hides and holds the join: common practice';

// testFit.ts
export const eyesInSockets = 'Eyes in their sockets';
export const tryEyes =
  'Press each eye in and out again while the clay is soft: it must drop in by itself.';
export const onItsPin = (name: string): string => `${name} on the pin`;
export const tryPin =
  'Push the pin in and out: it must slide without force, and the root lie close.';
export const hingePin = 'Hinge pin';
export const wireIn = (name: string): string => `${name}, wire inside`;
export const hingeCommonPractice = 'thin wire across both sides of the jaw: common practice';
export const wiresOfArmature = 'wires of the armature through this bone, twisted together';
export const boreOf = (name: string): string => `${name}, bore`;
export const play = 'Play';
export const boreCommonPractice =
  'wire and play on either side; clay shrinks onto what it bakes on';
export const tryHinge =
  'Open and shut it on its pin before the bake: it must stop where it is meant to, and both edges meet.';
export const tryOverWire =
  'Slide it over its wire and off again before the bake, with the wire bent as it will be; a straight bore does not pass a bend.';
export const hingeStops = 'The hinge opens so far';
export const jointLimit = 'Limit of the joint';
export const limitsOfPlan = 'limits of the joint in the body plan, from memory';
export const partWeighs = (name: string): string => `${name}, made apart, clay and core`;
export const massesOfItsBones = 'masses of its bones, left and right, summed';
export const cellsOfBody = 'cells of the body';
export const cellsNearestBone = 'each cell of the body belongs to its nearest bone';
