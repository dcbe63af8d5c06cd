/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// coat.ts
export const lockOfHair = 'lock of hair';
export const lieOfHairAway = 'the lie of the hair away from the nose';
export const rowsFromTailForward =
  'the rows, from the tail forward, so that each laps over the next';
export const rowsRoundBodyEach = 'the rows round the body, each half a scale on from the last';
export const foldsOfSkin = 'the folds of the skin';

// composeCreature.ts
export const ofYourOwn = (name: string): string => `${name} of your own`;
export const after = (latin: string): string => `after ${latin}`;

// creatureFaults.ts
export const animalOfLibrary = (ANIMALS: string): string => `an animal of the library: ${ANIMALS}`;
export const animalToStartFrom = 'The animal to start from';
export const partsLeftOut = 'Parts left out';
export const anyOfTrunkCarries = (parts: string): string =>
  `any of ${parts}; the trunk carries the rest and stays`;
export const part = (name: string): string => `Part “${name}”`;
export const idOfItsOwn = (part: string): string => `an id of its own, other than ${part}`;
export const animalOfLibraryAs = 'an animal of the library as its donor';
export const partOf = (name: string, lent: string): string => `a part of the ${name}: ${lent}`;
export const partBoneToSet = (name: string): string => `Part “${name}”, bone to set it on`;
export const ownLengthBone = 'Own length, bone';
export const ownGirthPart = 'Own girth, part';
export const weightInLife = 'Weight in life';
export const toKg = (massKg: number, massKg2: number): string => `${massKg} to ${massKg2} kg`;
export const lighterFirst = 'the lighter first';

// extent.ts
export const headAndNeck = 'Head and neck';
export const fromCutOfNeck = 'from the cut of the neck to the tip of the head, along the bones';
export const cutOfNeck = 'cut of the neck';

// faults.ts
export const itsFirstPartIs = (id: string): string => `${id}: its first part is no trunk`;
export const itHasNoLength = (id: string): string => `${id}: it has no length`;
export const itHasNoStance = (id: string): string => `${id}: it has no stance`;
export const parentDoesNotStand = (id: string, parent: string): string =>
  `${id}: parent ${parent} does not stand before it`;
export const thereAreTwoOf = (id: string): string => `${id}: there are two of it`;
export const restDirectionIsNot = (id: string): string =>
  `${id}: rest direction is not of length 1`;
export const axisIsNotOf = (id: string, name: string): string =>
  `${id} ${name}: axis is not of length 1`;
export const restIsOutsideLimits = (id: string, name: string): string =>
  `${id} ${name}: rest is outside limits`;
export const isNotInExactly = (id: string, key: string, what: string): string =>
  `${id}: ${key} is not in exactly one ${what}`;
export const noBoneFor = (id: string, key: string, what: string): string =>
  `${id}: no bone ${key} for a ${what}`;
export const no = (id: string, what: string, name: string): string => `${id}: no ${what} ${name}`;
export const limbPair = 'limb pair';
export const no2 = (what: string, name: string): string => `no ${what} ${name}`;
export const itsPlanIsNot = (planId: string): string => `its plan is ${planId}, not this one`;
export const noLifeLengthFor = (key: string): string => `no life length for ${key}`;
export const liesOutsideItsOwn = (key: string): string => `${key} lies outside its own range`;
export const fleshIsFlat = (key: string): string =>
  `a section of ${key} has no height, no width, or no other end`;
export const noFleshOn = (key: string): string => `no flesh on ${key}`;
export const noZoneOfCoat = (key: string, facing: string): string =>
  `no zone of the coat for ${key} looking ${facing}`;

// readCreature.ts
export const file = 'The file';
export const wholeFileOfOwn = 'a whole file of an own animal in JSON';
export const fileOfFormat = (CREATUREFORMAT: string): string =>
  `a file of format “${CREATUREFORMAT}”`;
export const filesVersion = 'The file’s version';
export const versionFromTo = (CREATUREVERSION: number): string =>
  `a version from 1 to ${CREATUREVERSION}; a higher one is of a newer application, which can open it`;
export const wholeOwnAnimal = 'a whole own animal';

// starters.ts
export const longBodyOnFour = 'a long body on four feet, and a pair of arms with hands';
export const handAndFootCreature = 'Hand-and-foot creature';
export const fourLegsAndPair = 'four legs and a pair of feathered wings on the shoulders';
export const wingedBeast = 'Winged beast';
export const crocodilesLongBodyWith = 'a crocodile’s long body with feathered wings on its back';
export const fenDrake = 'Fen drake';
export const lock = 'lock';
export const feather = 'feather';
export const down = 'down';
export const tuftOfDown = 'tuft of down';
export const tuft = 'tuft';
export const downAllWays = 'soft tufts from the tail forward, loose, none like the next';
export const scale = 'scale';
export const fold = 'fold';
export const hair = 'hair';
export const skin = 'skin';
