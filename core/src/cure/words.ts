/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// bakeStages.ts
export const eyesClawsAndTeeth = (verb: string): string =>
  `Eyes, claws and teeth are ${verb} by themselves, so that they can be pressed in without losing their shape.`;
export const thinEvenShellIs = (verb: string): string =>
  `A thin even shell is ${verb} first: it carries the detail that is worked over it.`;
export const finishedSurfaceIsWith = (verb: string): string =>
  `The finished surface is ${verb} with everything that belongs in it.`;
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
export const eyeBall = 'Eye, a ball';
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
  'claws and teeth are thinner than an eye; what is thicker needs longer';
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
export const eyeDiameterOfBall = 'Eye, diameter of the ball';
export const eyeballInLife = 'Eyeball in life';
export const definitionOfScaleLess =
  'definition of a scale; less than half of the ball shows between the lids';
export const bakes = 'Bakes';
export const roundsOfSetting = 'Rounds of setting';
export const schoolsOfPracticeShell =
  'schools of practice: a shell baked first and worked over, or all at once';

// bakeStages.ts
export const parts = 'Parts';

// bakeStages.ts
export const shell = 'Shell';

// bakeStages.ts
export const finish = 'Finish';
export const bareBody = 'Body';
export const bareBodyIs = (verb: string): string =>
  `The bare body is ${verb} first, a skin thinner than the outlines: it cannot be pressed out of shape while the surface is worked.`;
