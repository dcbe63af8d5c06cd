/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// compareSchemes.ts
export const wireInAll = 'Wire in all';
export const placesToBind = 'Places to bind';
export const mostLoadedJointAs = 'Most loaded joint, as posed';
export const momentThere = 'Moment there';
export const nmm = 'Nmm';
export const momentThatBendsIt = 'Moment that bends it';
export const timeAtBench = 'Time at the bench';
export const cutAndChecked = 'Cut and checked';
export const markedAndBent = 'Marked and bent';
export const bound = 'Bound';
export const drilled = 'Drilled';
export const twistedOrCoiled = 'Twisted or coiled';
export const toCutPiece = 'To cut a piece';
export const toCheckItOn = 'To check it on its sheet';
export const toMarkBend = 'To mark a bend';
export const toMakeIt = 'To make it';
export const forBinding = 'For a binding';
export const forHole = 'For a hole';
export const toTwistSoMuch = 'To twist so much';
export const soMuch = 'So much';
export const wholeArmatureWorkedOut =
  'the whole armature worked out in this scheme; minutes are common practice';

// recommendScheme.ts
export const toFixBeforeIt = (fixes: number, which: string): string =>
  `${fixes} ${which} to fix before it can be built`;
export const holdsRawClayIts = (value: string): string =>
  `holds the raw clay: its worst joint bears ${value} % of what bends it`;
export const givesUnderRawClay = (value: string): string =>
  `gives under the raw clay: its worst joint bears ${value} % of what bends it`;
export const quickestToMake = 'the quickest to make';
export const eachWireCanBe = 'each wire can be made again on its own';
export const thereAreNoLimbs = 'there are no limbs to run its ends into';
export const noJointBetweenLeg = 'no joint between leg and trunk that could slip';
export const heavyForWiresThat = 'heavy for wires that cannot be replaced one by one';
export const noFootStandsOn = 'no foot stands on the base';
export const onlyOneLegTo = 'only one leg to put a rod into';
export const heavyAndItsLegs = 'heavy, and its legs stand on the base';
export const rodsInLegsCannot = 'rods in the legs cannot be re-posed';
export const stanceAlreadyHasIts = 'the stance already has its rods, so an iron adds nothing';
export const oneFootDownIs = 'one foot down is one point of fixing: an iron is the second';
export const skeletonStaysSoftAnd = 'the skeleton stays soft and can be posed again';
export const heavyIronCarriesIt = 'heavy: the iron carries it while it is built';
export const ironThatHasTo = 'an iron that has to be hidden or cut off';
export const itsBarrelTakesCoil = (coilMm: string): string =>
  `its barrel takes a coil on a ${coilMm} mm former, which saves a core`;
export const itsTrunkIsToo = 'its trunk is too slender or too bent for a coil';
export const onlyMmLongClay = (longestMm: string): string =>
  `only ${longestMm} mm long: clay alone holds`;
export const atMmItsLimbs = (longestMm: string): string =>
  `at ${longestMm} mm its limbs would droop and break without wire`;
export const things = { one: 'thing', other: 'things' };
