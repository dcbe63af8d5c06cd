/**
 * The words of the rooms of Measure beside its own, in English: they are fetched with those rooms.
 */

// CaliperField.vue
export const digitsThenEnterEmpty = 'digits, then Enter · empty Enter: next';

// DisagreementTable.vue
export const twoCalibratedPicturesThat =
  'Two calibrated pictures that share landmarks are compared here.';
export const viewsAgreeWithinWhat = 'The views agree within what clicks and scales leave open.';
export const landmark = 'Landmark';
export const apart = 'Apart';
export const open = 'Open';
export const doIt = 'Do it';
export const goThere = 'Go there';
export const onlyThoseThatAre = 'Only those that are clear';
export const allCompared = (length: string | number): string => `All ${length} compared`;
export const thirdViewContradictsIt = 'a third view contradicts it too';
export const leftAndRightDiffer = 'left and right differ there and not in the other';
export const itIsReadLess = 'it is read less precisely';
export const nothingTellsWhichIs = 'Nothing tells which is wrong; a third view would.';
export const likelyWrongAs = (pictureId: string | number, why: string | number): string =>
  `Likely wrong: ${pictureId}, as ${why}.`;
export const missesFallFromTo = (beforeMm: string | number, afterMm: string | number): string =>
  `misses fall from ${beforeMm} to ${afterMm}`;
export const multiplyScaleOfBy = (
  name: string | number,
  byWord: string | number,
  gain: string | number,
): string => `Multiply the scale of ${name} by ${byWord}: ${gain}.`;
export const turnLevelOfBy = (
  name: string | number,
  byWord: string | number,
  gain: string | number,
): string => `Turn the level of ${name} by ${byWord}°: ${gain}.`;
export const moveBy = (
  landmarkId: string | number,
  byWord: string | number,
  gain: string | number,
): string => `Move ${landmarkId}, by ${byWord}: ${gain}.`;
export const rescalePicture = 'Rescale a picture';
export const levelPicture = 'Level a picture';
export const liesUponAtOf = (
  second: string | number,
  first: string | number,
  factor: string | number,
  turnDeg: string | number,
  rmsMm: string | number,
): string =>
  `${second} lies upon ${first} at ${factor} of its size, turned ${turnDeg}°, and then misses by ${rmsMm}.`;

// FoundStage.vue
export const whatPicturesSay = 'What the pictures say';
export const animalAsPicturesHave =
  'The animal as the pictures have it, with their disagreements in millimetres of life';
export const nothingIsMeasuredYet =
  'Nothing is measured yet. Give a picture its scale and two landmarks, or read a bone with a caliper, and what follows from it stands here.';
export const goToPictures = 'Go to the pictures';
export const whatIsStillUnknown = 'What is still unknown';
export const whereViewsDisagree = 'Where the views disagree';
export const takeLengthsOver = 'Take the lengths over';
export const boneByBoneOn = 'Bone by bone, on the pictures';
export const leftAgainstRight = 'Left against right';
export const againstOtherAnimals = 'Against other animals';

// OfferTable.vue
export const noBoneHasIts =
  'No bone has its true length yet. A limb bone needs two views; one of the midline needs only the side.';
export const thisLength = 'this length';
export const allLengths = (length: string | number): string => `all ${length} lengths`;
export const takeOver = (which: string | number): string => `Take over ${which}`;
export const planHasAllOf = 'The plan has all of them.';
export const boneLife = 'Bone, life';
export const plan = 'Plan';
export const found = 'Found';
export const takeOver2 = 'Take over';
export const takeLibrarysAgain = (name: string | number): string =>
  `Take the library’s ${name} again`;
export const takeOver3 = (name: string | number): string => `Take over ${name}`;
export const take = 'take';
export const takeOverLengths = (length: string | number): string => `Take over ${length} lengths`;
export const takeLibrarys2 = (name: string | number): string => `Take the library’s ${name}`;

// PhotoBones.vue
export const isSeenLongerThan = (
  movePx: string | number,
  pxPerMm: string | number,
  lengthMm: string | number,
  lifeLengthMm: string | number,
): string =>
  `is seen longer than it can be. Any one of these helps: move its far end ${movePx} px nearer to its near end; take ${pxPerMm} px in a millimetre as the scale; or its length is ${lengthMm} and not ${lifeLengthMm}.`;
export const noBoneHasBoth = 'No bone has both its ends placed yet.';
export const seen = 'Seen';
export const farEnd = 'Far end';
export const misses = 'Misses';
export const inPicture = 'in the picture';
export const turnIt = (name: string | number, which: string | number): string =>
  `${name}: ${which}, turn it`;
export const lighterOnesAreGuessed =
  'Lighter ones are guessed. “Misses” is how far the joints, within their limits, stay from the bone as it is seen; where it is large, try the other way.';

// PhotoStage.vue
export const stanceFromOnePhotograph = 'A stance from one photograph';
export const clickOnBoneTo = (name: string | number): string =>
  `${name}. Click on a bone to turn its far end nearer or farther.`;
export const recoveredStanceInThree = 'The recovered stance in three elevations';
export const placeBothEndsOf =
  'Place both ends of some bones on the photograph, and the stance they stand in appears here.';
export const placeLandmarks = 'Place landmarks';
export const onePhotographOfAnimal =
  'One photograph of the animal in a stance that you like is enough: the bones’ lengths are known, so how much each is shortened tells how far it points out of the picture.';
export const bringOneInAs = 'Bring one in as “one photograph of the stance”';
export const photograph = 'The photograph';
export const photograph2 = 'Photograph';
export const fromItsCalibration = 'from its calibration';
export const leastAtWhichEvery =
  'the least at which every bone is as long as it is; mark a known length to fix it';
export const scalePxInMillimetre = (
  pxPerMm: string | number,
  which: string | number,
  headingDeg: string | number,
): string =>
  `Scale ${pxPerMm} px in a millimetre of life, ${which}. The trunk points ${headingDeg}° out of the picture; the stance is turned straight.`;
export const whetherBoneComesNearer =
  'Whether a bone comes nearer or goes farther cannot be seen in one photograph. It is guessed from the stance below until you click on the bone, here or on the picture.';
export const guessFromStance = 'Guess from the stance';
export const whatComesOfIt = 'What comes of it';
export const howRecoveredStanceIs = 'How the recovered stance is shown';
export const sendThisStanceTo = 'Send this stance to Stance';
export const bonesNearerOrFarther = 'Bones, nearer or farther';
export const noPhotographYet = 'No photograph yet.';
export const elevations = 'Elevations';
export const inSpace = 'In space';
export const turn = (name: string | number, which: string | number): string =>
  `Turn ${name} ${which}`;
export const takeStanceFromPhotograph = 'Take the stance from the photograph';

// PicturesStage.vue
export const referencePictures = 'Reference pictures';
export const twoPicturesOfOne =
  'Two pictures of one animal, from the side and from the front, give every bone its true length: what one view shortens, the other shows.';
export const dropPicturesOrPages =
  'Drop pictures or pages of a PDF here, paste one, or add files. PNG, JPEG, WebP and PDF are read; they stay in this browser.';
export const landmarks = 'Landmarks';
export const outlineOfBody = 'Outline of the body';
export const removeThisPicture = 'Remove this picture';
export const noPictureYetLibrarys =
  'No picture yet. The library’s lengths are used until there is one.';
export const picture = 'Picture';
export const clickTwoEndsOf = (name: string | number): string =>
  `${name}. Click the two ends of a known length.`;
export const clickTwoEndsOfSomething = (name: string | number): string =>
  `${name}. Click the two ends of something level.`;
export const clickTwoCornersOf = (name: string | number): string =>
  `${name}. Click two corners of what is to stay.`;
export const clickRoundAnimalPoint = (name: string | number): string =>
  `${name}. Click round the animal, point by point.`;
export const clickOnEnterPlaces = (name: string | number, name2: string | number): string =>
  `${name}. Click on: ${name2}. Enter places it in the middle, arrows nudge it.`;
export const everythingAskedForIs = (name: string | number): string =>
  `${name}. Everything asked for is placed.`;
export const remove = (name: string | number): string => `Remove ${name}`;

// SidesTable.vue
export const boneThatIsMeasured = 'A bone that is measured on both sides is compared here.';
export const left = 'Left';
export const right = 'Right';
export const differs = 'Differs';

// TapeStage.vue
export const measuringWithTapeOr = 'Measuring with tape or caliper';
export const whereToMeasure = (name: string | number, measured: string | number): string =>
  `Where to measure: ${name}, ${measured}`;
export const from2 = (measured: string | number): string => `From ${measured}.`;
export const planExpectsLayJaws = (expectedMm: string | number): string =>
  `The plan expects ${expectedMm}. Lay the jaws along the bone, not across a bend; take them off and lay them on anew for every reading.`;
export const readingOf = (name: string | number): string => `Reading of ${name}`;
export const takeAwayReading = (mm: string | number): string => `Take away the reading ${mm}`;
export const takeReadingAway = 'Take a reading away';
export const mean = 'Mean';
export const spread = (spreadMm: string | number): string => `, spread ${spreadMm}`;
export const oneStruckOutLies = '· the one struck out lies far off: measure again';
export const whatIsMeasured = 'What is measured';
export const specimenToyOrCast = 'Specimen, toy or cast';
export const nameOfSpecimen = 'Name of the specimen';
export const nameForIt = 'a name for it';
export const nameSpecimen = 'Name the specimen';
export const itsScaleToLife = 'Its scale to life';
export const scaleOfSpecimen = 'Scale of the specimen';
export const changeSpecimensScale = 'Change the specimen’s scale';
export const specimensAreOftenProtected =
  'Specimens are often protected and old ones may be treated with poisons: ask their keeper, wear gloves, and do not press on bone.';
export const caliper = 'Caliper';
export const caliperThatTypesLike =
  'A caliper that types like a keyboard works in the field as it is. Without one, try the simulated caliper.';
export const stopSimulatedCaliper = 'Stop the simulated caliper';
export const trySimulatedCaliper = 'Try the simulated caliper';
export const readingsOfEachBone = 'Readings of each bone';
export const sides = 'Sides';
export const listOf = (doneCount: string | number, length: string | number): string =>
  `The list: ${doneCount} of ${length}`;
export const each = (n: string | number): string => `${n} each`;
export const oneSide = 'One side';
export const bothSides = 'Both sides';
export const measure = (name: string | number): string => `Measure ${name}`;

// TracedTable.vue
export const trueWord = 'True';
export const hidden = (hidden: string | number): string => `, ${hidden} % hidden`;

// UnknownList.vue
export const everyBoneHasIts = 'Every bone has its true length.';
export const place = 'Place';
export const on = 'on';
export const thatSettles = (settles: string | number): string => `: that settles ${settles}.`;
export const bringPicture = 'Bring a picture';
export const from3 = (view: string | number): string => `from the ${view}`;
export const noViewShowsThat = (settles: string | number): string =>
  `: no view shows that direction yet, and ${settles} wait for it.`;
export const eachOfThemLacks = 'Each of them lacks more than one landmark: place both ends.';
export const withoutTrueLength = (length: string | number, names: string | number): string =>
  `${length} without a true length: ${names}.`;
export const andMore = (all: string | number, length: string | number): string =>
  `${all} and ${length} more`;
export const oneBone = 'one bone';
export const bones = (count: string | number): string => `${count} bones`;
