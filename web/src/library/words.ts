/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// AnimalDetail.vue
export const oftenGotWrong = 'Often got wrong:';
export const ofLengthsGivenHere = (sexes: string | number): string =>
  `${sexes} of the lengths given here.`;
export const wholeAnimal = 'The whole animal';
export const bonesLeftAndRight = 'Bones, left and right alike';
export const eyesPartsAndCounts = 'Eyes, parts and counts';
export const sectionsWidthDepth = 'Sections, width × depth';
export const coatAndSkin = 'Coat and skin';
export const landmarksToFindOn = 'Landmarks to find on a picture';
export const muscles = 'Muscles';
export const fromTo = (
  form: string | number,
  bone: string | number,
  bone2: string | number,
): string => `: ${form}. From ${bone} to ${bone2}.`;
export const whatDidItWeigh = 'What did it weigh?';
export const toWord = (range: string | number, range2: string | number): string =>
  `${range} to ${range2}`;
export const weightInLife = 'Weight in life';
export const nearEnd = 'near end';
export const farEnd = 'far end';
export const eyeball = 'Eyeball';
export const partThatIsSeen = 'the part that is seen is smaller';
export const lengthOf = (one: string | number): string => `length of a ${one}`;

// AnimalList.vue
export const putBesideIt = (name: string | number): string => `Put the ${name} beside it`;
export const besideIt = (name: string | number): string => `Beside it: ${name}`;

// ComparedBars.vue
export const lengthsAsSharesOf = (norm: string | number): string =>
  `Lengths as shares of the ${norm}`;
export const lengthOf2 = 'Length of';
export const shareOfAndLength = (norm: string | number): string =>
  `Share of the ${norm}, and length in life`;
export const calcPx = (figurepx: string | number, part: string | number): string =>
  `calc((100% - ${figurepx}px) * ${part})`;

// CreatureLengths.vue
export const takeBackLibrarysLength = (name: string | number): string =>
  `Take back the library’s length of ${name}`;
export const back = 'back';
export const lengthOf3 = (plainName: string | number): string => `Length of ${plainName}`;

// CreaturePage.vue
export const animalOfYourOwn = 'An animal of your own';
export const undo = 'Undo';
export const redo = 'Redo';
export const backToLibrary = 'Back to the library';
export const name = 'Name';
export const nameOfAnimal = 'Name of the animal';
export const startsFrom = 'Starts from';
export const sizeOfItAll = 'Size of it all';
export const partsOf = (name: string | number): string => `Parts of the ${name}`;
export const ownAnimal = 'Own animal';
export const besideAnimalThatIt = (name: string | number): string =>
  `${name} beside the animal that it starts from`;
export const besideThatItStarts = (name: string | number, name2: string | number): string =>
  `${name} beside the ${name2} that it starts from`;
export const everyProportionLiesWithin =
  'Every proportion lies within what is known of its kind here.';
export const thereIsNoOwn = (id: string | number): string =>
  `There is no own animal “${id}” in this browser.`;
export const openLibrary = 'Open the library';
export const makePieceOfIt = 'Make a piece of it';
export const saveToFile = 'Save to a file';
export const partsOfOtherAnimals = 'Parts of other animals';
export const eyesAndWeight = 'Eyes and weight';
export const toKg = '20 to 35 kg';
export const boneLengthsInLife = 'Bone lengths in life';
export const itsBaseIsNot = 'Its base is not in this library.';
export const to2 = (low: string | number, high: string | number): string => `${low} to ${high}`;
export const newWord = (name: string | number): string => `New ${name}`;

// CreatureParts.vue
export const girthOf = (name: string | number): string => `Girth of ${name}`;
export const besideEachPartIts = 'Beside each part: its girth, 100 % as in the library.';
export const girth = 'Girth';

// FactTable.vue
export const usually = (range: string | number): string => `usually ${range}`;

// GraftList.vue
export const lentBy = 'Lent by';
export const part = 'Part';
export const setOn = 'Set on';
export const alongThatBone = 'Along that bone';
export const sizeOfDonors = 'Size of the donor’s';
export const asLargeAsThis = (part: string | number): string =>
  `As large as this body asks for: ${part} %`;
export const takeItOffAgain = 'Take it off again';
export const wingsArmsSecondPair =
  'Wings, arms, a second pair of legs, another head or tail: each comes with its joints, limits, coat and muscles. Leave a part out on the left first where one is to take its place.';
export const addPart = 'Add a part';
export const ofWord = (part: string | number, name: string | number): string =>
  `${part} of the ${name}`;

// LandmarkList.vue
export const whereItIs = (title: string | number): string => `Where it is: ${title}`;

// LibraryFrame.vue
export const allPieces = 'All pieces';
export const animals = 'Animals';
export const ledger = 'Ledger';
export const whatIsKnownOf = 'What is known of it';

// LibraryPage.vue
export const libraryOfAnimals = 'Library of animals';
export const beginCreature = 'Begin a creature';
export const noneOfYourOwn = 'None of your own yet: take an animal as a start, or one of these.';
export const takeInAnimalFrom = 'Take in an animal from a file';
export const animalFile = 'Animal file';
export const ofYourOwnAnimals = (unreadable: string | number): string =>
  `${unreadable} of your own animals cannot be read by this version and were left alone.`;
export const atOneScale = (chosen: string | number): string => `${chosen}, at one scale`;
export const sideElevationsAtOne =
  'Side elevations at one scale, standing, beside a bar and something of a person’s';
export const thereIsNoAnimal = (open: string | number): string =>
  `There is no animal “${open}” here. Choose one from the list on the left.`;
export const compared = 'Compared';
export const lengthsAsSharesOf2 = 'Lengths as shares of';
export const tickOtherAnimalsIn = 'Tick other animals in the list to put them beside this one.';
export const changeIt = 'Change it';
export const copyIt = 'Copy it';
export const takeItAsStart = 'Take it as a start for your own';
export const remove = 'Remove';
export const toTrunk = 'to the trunk';
export const toHead = 'to the head';
export const toStandingHeight = 'to the standing height';
export const animal = 'Animal';
export const ofMyOwn = (name: string | number): string => `${name} of my own`;
export const copy = (name: string | number): string => `${name}, copy`;
export const isRemovedPiecesMade = (name: string | number): string =>
  `“${name}” is removed; pieces made of it keep it. `;
export const putItBack = 'Put it back';
export const wasNotTakenIn = (name: string | number, sentence: string | number): string =>
  `${name} was not taken in. ${sentence}`;

// WeighBones.vue
export const howItWalks = 'How it walks';
export const roundHumerusAtIts = 'Round the humerus, at its thinnest';
export const roundHumerus = 'Round the humerus';
export const roundFemurAtIts = 'Round the femur, at its thinnest';
export const roundFemur = 'Round the femur';
export const about = 'About';
export const andersonHallMartinAnd = (which: string | number): string =>
  `(Anderson, Hall-Martin and Russell 1985: ${which}), or`;
export const campioneAndEvansLog =
  'Campione and Evans 2012: log M = 2.749·log C − 1.104; mean error a quarter';
export const campioneAndOthersFemur = 'Campione and others 2014: the femur × √2';
export const constantsAreQuotedFrom = (which: string | number): string =>
  `(${which}). Constants are quoted from memory.`;
export const layTapeRoundBones =
  'Lay a tape round the bones, cast or real, and type what it shows.';
export const onFourLegs = 'On four legs';
export const onTwo = 'On two';

// subjects.ts
export const yourOwn = 'Your own';
export const putTogetherByYou = 'put together by you';
export const size = 'Size';
