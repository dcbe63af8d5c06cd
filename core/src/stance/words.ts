/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// planGait.ts
export const strideInLifeSame = 'Stride in life, same foot to same foot';
export const wayOfFootUnder = 'Way of a foot under the body';
export const shareOfStrideOn = 'Share of the stride on the ground';
export const ofUsualWayWithin = 'Of the usual way, within these limbs’ reach';
export const strideWanted = 'Stride wanted';
export const kinematicsDutyFactorsAfter =
  'kinematics; duty factors after M. Hildebrand (1965), from memory';
export const strideOnModel = 'Stride on the model';
export const strideInLife = 'Stride in life';
export const scale = 'Scale';
export const scale2 = 'scale';
export const gravity = 'Gravity';
export const hipAboveGround = 'Hip above the ground';
export const strideOverHipHeight = 'Stride over hip height';
export const stride = 'Stride';
export const belowWalkToTrot = (relative: string): string =>
  `below 2.0 a walk, to 2.9 a trot, above it a run (T. Thulborn 1990, from memory): by this a ${relative}`;
export const speedInLife = 'Speed in life';
export const rMcnAlexanderNature =
  'R. McN. Alexander, Nature 261 (1976), with lengths in metres; constants from memory. Good to about half and double.';
export const froudeNumber = 'Froude number';
export const speed = 'Speed';
export const walkersChangeToTrot =
  'walkers change to a trot or run near 0.5 (R. McN. Alexander; from memory)';
export const oneStrideTakes = 'One stride takes';
export const kinematics = 'kinematics';

// planStance.ts
export const highestPointOfPosed = 'highest point of the posed skin above the base';
export const boxRoundPosedSkin = 'box round the posed skin';
export const exactPrimitivesOfFlesh = 'exact: the primitives of the flesh on the posed bones';
export const forwardKinematicsOfMeasured =
  'forward kinematics of the measured skeleton with its flesh';
export const tallAsPosed = 'Tall as posed';
export const longAsPosed = 'Long as posed';
export const wideAsPosed = 'Wide as posed';
export const frontOfTrunk = 'front of the trunk';
export const rearOfTrunk = 'rear of the trunk';
export const gapUnder = (name: string): string => `Gap under the ${name}`;
export const heightOfBonesEnd = 'Height of the bone’s end';
export const paddingUnderIt = 'Padding under it';
export const groundThere = 'Ground there';
export const rodFromBaseCarries = 'a rod from the base carries the body here';
export const bodySettlesUntilIts = 'the body settles until its lowest skin touches';
export const bodySettlesUntilItsLowest = 'the body settles until its lowest foot touches';
export const asStanceOrMoment =
  'as the stance or the moment of its gait has it, feet planted on these bones';
export const plantedFeetMeetGround = 'planted feet meet the ground within a thousandth of a limb';
export const setByYou = 'Set by you';
export const zeroInRestStance = (positive: string): string =>
  `zero in the rest stance; positive ${positive}; limits from memory`;

// gazeWorkings.ts
export const eyeTurnsBy = { left: 'Left eye turns', right: 'Right eye turns' } as const;
export const besideItsWay = 'point beside the way that the eye looks';
export const alongItsWay = 'point along the way that the eye looks';
export const eyeTurnsAtMost = (deg: number): string =>
  `from the middle of its lids; an eye turns about ${deg}°, general knowledge of mammals`;

// wallHold.ts
export const wallName = 'wall';
export const columnBeforeWall = 'Joint of the column before the wall';
export const squareToWall = 'from the joint square to the wall';
export const exactAsPosed = 'exact for the stance as it is posed';
export const wallStandsWhere =
  'behind a head the wall stands at the joint that lies farthest back, beside a relief in its middle';

// perch.ts
export const perchNames = { log: 'log', branch: 'branch', post: 'post', rock: 'rock' } as const;
const capital = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);
export const perchLong = (name: string): string => `${capital(name)}, length`;
export const perchHigh = (name: string): string => `${capital(name)}, height`;
export const perchWide = (name: string): string => `${capital(name)}, across the base`;
export const perchWeighs = (name: string): string => `${capital(name)}, weight`;
export const notLessThan = 'Not less than';
export const spreadOfFeetOnIt = 'Spread of the feet on it';
export const beyondOutermostFoot = 'Beyond the outermost foot';
export const cutTo = 'Cut to full steps of';
export const perchCommonPractice = 'common practice: a hand’s breadth of wood beyond the feet';
export const volumeOfPerch = 'Its volume';
export const densityOfPerch = 'Air-dry wood, or foam and foil under clay';
export const perchDensities = 'densities from memory; weigh the thing itself where it matters';
