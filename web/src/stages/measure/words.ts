/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// BoneTable.vue
export const bone = 'Bone';
export const life = 'Life';
export const model = 'Model';
export const fromWord = 'From';
export const takeLibrarysLengthAgain = 'Take the library’s length again';
export const revert = 'revert';
export const change = (label: string | number): string => `Change ${label}`;
export const takeLibrarys = (label: string | number): string => `Take the library’s ${label}`;

// FoundShares.vue
export const compareWith = 'Compare with';
export const ofTrunkAndTo = (
  name: string | number,
  share: string | number,
  range: string | number,
  range2: string | number,
): string =>
  `${name}: ${share} of the trunk, and ${range} to ${range2} is usual for this animal. Measure again, or keep it if this one was so.`;
export const everyLengthFoundLies =
  'Every length found lies, as a share of the trunk, within the usual range of this animal.';
export const asFound = 'As found';

// IndividualControl.vue
export const sex = 'Sex';
export const changeSex = 'Change the sex';
export const howYoungGrownUp = 'How young, 0 % grown up, 100 % new-born';
export const howYoung = 'How young';
export const howYoungInHundredths = 'How young, in hundredths';
export const assumed = 'Assumed';
export const newBorn = 'New-born';
export const thisOne = 'This one';
export const ofGrownUpSize =
  'Of the grown-up size, from memory and the same for all animals: heads, eyes and feet are ahead of the body. Check it against pictures of the young animal.';
export const youngAreNotTold =
  'Young are not told here: larvae, fry and hatchlings of this kind have a shape of their own.';
export const changeHowYoungIt = 'Change how young it is';

// MeasureStage.vue
export const measuredSkeletonDrawnTo = 'The measured skeleton, drawn to scale';
export const sideFrontAndPlan = (name: string | number): string =>
  `Side, front and plan of the ${name}, model millimetres`;
export const oftenGotWrong = 'Often got wrong:';
export const scale = 'Scale';
export const whichIndividual = 'Which individual';
export const wholeAnimal = 'The whole animal';
export const bonesLeftAndRight = 'Bones, left and right alike';

// MeasureTabs.vue
export const waysOfMeasuring = 'Ways of measuring';
export const skeleton = 'Skeleton';
export const pictures = 'Pictures';
export const whatTheySay = 'What they say';
export const tapeAndCaliper = 'Tape and caliper';
export const onePhotograph = 'One photograph';

// ScaleControl.vue
export const whatDecidesScale = 'What decides the scale';
export const ofModel = (name: string | number): string => `${name} of the model`;
export const eyesAtHandAcross = 'Eyes at hand, across';
export const largestModelThatFits = (
  byWord: string | number,
  lifePerModel: string | number,
): string => `The largest model that fits the ${byWord} as posed: ${lifePerModel}`;
export const boardItStandsOn = 'Board it stands on';
export const board = (sidenames: string | number): string => `Board, ${sidenames}`;
export const airLeftAllRound = 'Air left all round in the oven';
export const airInOven = 'Air in the oven';
export const changeAirInOven = 'Change the air in the oven';
export const goesInOnIts = 'Goes in on its board, pegs and all';
export const changeWhatGoesInto = 'Change what goes into the oven';
export const ratio = 'Ratio';
export const fitOven = 'Fit the oven';
export const fitBox = 'Fit a box';
export const fitBoard = 'Fit a board';
export const fitEyes = 'Fit eyes';
export const changeScale = 'Change the scale';
export const change2 = (which: string | number): string => `Change the ${which}`;
export const board2 = 'Board';
export const eye = 'Eye';
export const oven = 'Oven';
export const insideOfOven = 'Inside of the oven';
export const box = 'Box';
export const insideOfBox = 'Inside of the box';

// SmallThings.vue
export const smallestPartsAtThis = 'Smallest parts at this scale';
export const roundScalesNearby = 'Round scales nearby';
export const eyesAsTheyAre = 'Eyes as they are sold';
export const at = (eyeMm: string | number, lifePerModel: string | number): string =>
  `${eyeMm} at ${lifePerModel}`;
export const long = 'long';
export const deep = 'deep';
export const high = 'high';

// ExtentControl.vue
export const howMuchOfIt = 'How much of it';
export const showOf = (what: string): string => `Make ${what}`;
export const onItsWall = {
  behind:
    'It is cut where the neck begins and hangs on a plate behind it. Held on its base instead, in Stance, it is a bust on a rod.',
  beside:
    'What lies on the midline and on its left stands out of a plate; the plate carries it along its whole length.',
  none: 'Its neck rises too steeply to run into a wall: it ends where the neck begins, and stands on a rod as a bust.',
} as const;
export const whatIsShown = 'What is shown';
