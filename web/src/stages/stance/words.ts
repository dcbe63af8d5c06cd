/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// BalanceControl.vue
export const howItIsHeld = 'How it is held';
export const tiltThatItMust = 'Tilt that it must survive';
export const smallestBaseByThickness = 'Smallest base by thickness of the board';
export const board = (unit: string | number): string => `Board ${unit}`;
export const long = 'Long';
export const wide = 'Wide';
export const boardG = 'Board g';
export const weightInside = 'Weight inside';
export const takeItOut = 'take it out';
export const changeWeight = 'Change the weight';
export const metal = 'Metal';
export const metalOfWeight = 'Metal of the weight';
export const changeMetalOfWeight = 'Change the metal of the weight';
export const weightInBodyWould = 'A weight in the body would bring the centre inside the feet:';
export const gIn = (
  grams: string | number,
  boneId: string | number,
  along: string | number,
): string => `${grams} g in the ${boneId}, ${along}`;
export const onBase = 'On a base';
export const hanging = 'Hanging';
export const onWall = 'On a wall';
export const holdIt = (hold: string | number): string => `Hold it: ${hold}`;
export const changeTiltToSurvive = 'Change the tilt to survive';
export const putWeightInto = (boneId: string | number): string => `Put a weight into the ${boneId}`;
export const takeWeightOut = 'Take the weight out';
export const weight = 'Weight';
export const tilt = 'Tilt';
export const along = (at: string | number): string => `${at} % along`;

// CompareTable.vue
export const dashedOnSheetAll = (
  name: string | number,
  length: string | number,
  part: string | number,
): string =>
  `Dashed on the sheet: “${name}”. All ${length} bones have the same length in both; the greatest difference is ${part} mm, which is rounding.`;
export const movedMost = 'Moved most';
export const here = (unit: string | number): string => `Here ${unit}`;
export const there = 'There';
export const moved = 'Moved';
export const turned = 'Turned °';

// DragHandles.vue
export const drag = (name: string | number): string => `Drag: ${name}`;
export const turn = (name: string | number): string => `Turn the ${name}`;
export const reachWith = (name: string | number): string => `Reach with the ${name}`;
export const moveTrunk = 'Move the trunk';

// FeetRows.vue
export const isOnBase = (name: string | number): string => `The ${name} is on the base`;
export const lockWhereItStands = (name: string | number): string =>
  `Lock the ${name} where it stands`;
export const lockedWhereItStands = 'Locked where it stands';
export const lockItWhereIt = 'Lock it where it stands';
export const plantFeetBendEach = 'Plant the feet: bend each leg until its foot touches';
export const plant = (name: string | number): string => `Plant the ${name}`;
export const lift = (name: string | number): string => `Lift the ${name}`;
export const unlock = 'Unlock';
export const lock = 'Lock';
export const textWord = (which: string | number, name: string | number): string =>
  `${which} the ${name}`;
export const plantFeet = 'Plant the feet';

// GaitPace.vue
export const strideInLife = 'Stride in life';
export const speedInLife = 'Speed in life';
export const theseLimbsDoNot = (stride: string | number, own: string | number): string =>
  `These limbs do not reach so far within their limits: ${stride} is what they do of the ${own} asked for.`;
export const takeUsualStride = 'Take the usual stride';
export const changeStride = 'Change the stride';

// GaitPanel.vue
export const footfallsThroughOneStride =
  'Footfalls through one stride; a bar is a foot on the ground';
export const momentOf = (name: string | number): string => `Moment of the ${name}`;
export const ofStride = (percent: string | number): string => `${percent} % of the stride`;
export const eighthBack = 'An eighth back';
export const eighth = '‹ an eighth';
export const eighthOn = 'An eighth on';
export const eighth2 = 'an eighth ›';
export const slide = (name: string | number): string => `Slide the ${name}`;

// GroundControl.vue
export const standsOn = 'Stands on';
export const ground = 'Ground';
export const changeGround = (label: string | number): string => `Change the ground: ${label}`;
export const bringItUnderMiddle = 'Bring it under the middle of the feet';
export const flat = 'Flat';
export const slope = 'Slope';
export const step = 'Step';
export const log = 'Log';
export const branch = 'Branch';
export const post = 'Post';
export const rock = 'Rock';
export const flatGround = 'flat ground';
export const standOn = (which: string | number): string => `Stand on ${which}`;
export const risesByMinusFalls = 'Rises by, minus falls';
export const fromAheadOfHip = 'From, ahead of the hip';
export const stepUp = 'Step up';
export const itsTopAboveBase = 'Its top above the base';
export const middleAheadOfHip = 'Middle, ahead of the hip';
export const bringLogUnderFeet = 'Bring the log under the feet';

// JointTable.vue
export const partOfBody = 'Part of the body';
export const joint = 'Joint';
export const limits = 'Limits';
export const degrees = 'Degrees';
export const lockAndReset = 'Lock and reset';
export const degrees2 = (label: string | number): string => `${label}, degrees`;
export const lock2 = (label: string | number): string => `Lock ${label}`;
export const lockedDragsLeaveIt = 'Locked: drags leave it alone';
export const lockItAgainstDrags = 'Lock it against drags';
export const reset = (label: string | number): string => `Reset ${label}`;
export const reset2 = 'reset';
export const column = 'Column';
export const leftLimbs = 'Left limbs';
export const rightLimbs = 'Right limbs';
export const set = (label: string | number): string => `Set ${label}`;
export const text2 = (which: string | number, joint: string | number): string =>
  `${which} the ${joint}`;

// KeptStances.vue
export const nameOfStance = 'Name of the stance';
export const name = 'A name';
export const keepThisStance = 'Keep this stance';
export const takeUp = (name: string | number): string => `Take up ${name}`;
export const takeUp2 = 'take up';
export const compareWith = (name: string | number): string => `Compare with ${name}`;
export const compare = 'compare';
export const remove = (name: string | number): string => `Remove ${name}`;
export const remove2 = 'remove';
export const keepStanceToCome =
  'Keep a stance to come back to it, or to compare another one with it.';
export const fromAnotherPiece = 'From another piece';
export const stanceOfAnotherPiece = 'Stance of another piece';
export const choose = 'choose';
export const stancesAreKeptWhich = (most: string | number): string =>
  `${most} stances are kept, which is the most: remove one first.`;
export const keepStance = (called: string | number): string => `Keep the stance “${called}”`;
export const takeUp3 = (called: string | number): string => `Take up “${called}”`;
export const remove3 = (name: string | number): string => `Remove “${name}”`;
export const takeStanceOf = (name: string | number): string => `Take the stance of ${name}`;
export const broughtWithinThisAnimals = (cut: string | number): string =>
  `Brought within this animal’s limits: ${cut}.`;
export const thisAnimalDoesNot = (missing: string | number): string =>
  `This animal does not have: ${missing}.`;

// LimbEdits.vue
export const limbs = 'Limbs';
export const whichLimbs = 'Which limbs';
export const copyLeftToRight = 'Copy left to right';
export const copyRightToLeft = 'Copy right to left';
export const straightenLeft = 'Straighten left';
export const straightenRight = 'Straighten right';
export const swapLeftAndRight = 'Swap left and right, whole body';
export const allLimbs = 'All limbs';
export const copyFromToOther = (name: string | number, fromWord: string | number): string =>
  `Copy ${name} from the ${fromWord} to the other side`;
export const swapLeftAndRight2 = 'Swap left and right';
export const straighten = (name: string | number, side: string | number): string =>
  `Straighten ${name}, ${side}`;

// StanceFiles.vue
export const saveAsBvh = 'Save as BVH';
export const saveStrideFrames = (frames: string | number): string =>
  `Save the stride, ${frames} frames`;
export const takeInBvhFile = 'Take in a BVH file';
export const bvhFile = 'BVH file';
export const allBearNamesOf = 'All bear names of this plan: its turns are taken as they are.';
export const sayWhichBoneEach =
  'Say which bone each joint moves; what is left out keeps its place.';
export const frame = (frame: string | number): string => `Frame ${frame}`;
export const frameOfFile = 'Frame of the file';
export const fileFaces = 'The file faces';
export const alongZ = 'along z';
export const alongX = 'along x';
export const boneOf = (name: string | number): string => `Bone of ${name}`;
export const takeThisStance = 'Take this stance';
export const withinLimitsOfThis = (missed: string | number): string =>
  `Within the limits of this animal these miss the file: ${missed}.`;
export const nothing = 'nothing';
export const couldNotBeRead = (name: string | number, message: string | number): string =>
  `${name} could not be read: ${message}.`;
export const takeStanceFromBvh = 'Take the stance from a BVH file';
export const byWord = (name: string | number, deg: string | number): string => `${name} by ${deg}°`;

// StanceStage.vue
export const posedSkeletonDrawnTo = 'The posed skeleton, drawn to scale';
export const sideFrontAndPlan =
  'Side, front and plan of the posed skeleton; drag a joint to turn it, or type its angle';
export const whatIsShown = 'What is shown';
export const whatDragDoes = 'What a drag does';
export const outOfReachBy = (shortfallMm: string | number): string =>
  `Out of reach by ${shortfallMm}: bones keep their length, and joints their limits.`;
export const noFartherLegIs =
  'No farther: a leg is at its end, and its foot stays where it is planted.';
export const dragPawHandHead =
  'Drag a paw, a hand, the head or the tip of the tail: its whole limb follows, the trunk stays.';
export const dragTrunkFeetThat =
  'Drag the trunk: the feet that are down stay where they are, and the legs follow.';
export const dragJointEachView =
  'Drag a joint: each view turns it about the axis that it looks along. Bones keep their length; the body settles on its lowest foot.';
export const stance = 'Stance';
export const momentOfGait = 'A moment of a gait';
export const gait = 'Gait';
export const chooseOneAndSlide =
  'Choose one, and slide through its stride: any moment is a stance to go on from.';
export const sizeAsPosed = 'Size as posed';
export const feetOnGround = 'Feet on the ground';
export const balanceUnpegged = 'Balance, unpegged';
export const jointAngles = 'Joint angles';
export const allowAnglesBeyondLimits = 'Allow angles beyond the limits';
export const face = 'Face';
export const keptStances = 'Kept stances';
export const bones = 'Bones';
export const silhouette = 'Silhouette';
export const whatWiresBear = 'What the wires bear';
export const inSpace = 'In space';
export const dragTurnsJoint = 'A drag turns a joint';
export const dragReaches = 'A drag reaches';
export const dragMovesTrunk = 'A drag moves the trunk';
export const takeStance = (presetId: string | number): string => `Take the stance “${presetId}”`;
export const takeGait = (id: string | number): string => `Take the gait “${id}”`;
export const allowAnyAngle = 'Allow any angle';
export const keepToLimits = 'Keep to the limits';

// stanceChanges.ts
export const ownStance = 'Own stance';
export const fromHere = 'From';
export const thick = 'Thick';
export const top = 'Top';
export const middle = 'Middle';
export const down = 'down';
export const lifted = 'lifted';
export const joints = { one: 'joint', other: 'joints' };
export const frames = { one: 'frame', other: 'frames' };

// StanceSpace.vue
export const stanceInSpaceWithJoints = 'The stance in space; drag to turn it or one of its joints';
export const dragJointInSpace =
  'Drag the end of a bone to turn its joint, as the view looks along it; drag beside it to turn the view.';

// FeetRows.vue, what is no foot
export const rodUpTo = (name: string): string => `rod from the base up to the ${name}`;
export const liesOnGround = (name: string): string => `${name}, lies on the ground`;

// BalanceControl.vue, no room
export const weightFitsNowhere =
  'A weight that would bring the centre inside fits nowhere under the clay of this piece.';

// TailFan.vue
export const tailFan = 'Tail feathers';
export const tailSpread = 'Spread, of the closed width';
export const tailSpreadSlider = 'Spread of the tail feathers in hundredths';
export const spreadTail = 'Spread the tail feathers';

// GroundControl.vue, GroundHandles.vue
export const shapeGround = 'Shape the ground';
export const dragGround = 'Drag to shape what the piece stands on';
export const changeItsWidth = 'Change how wide it is';
export const acrossBase = 'Across the base';
export const asFeetNeed = 'as its feet need';
export const boulder = 'Boulder';
export const ledge = 'Ledge';
export const ramp = 'Ramp';
export const peak = 'Peak';
export const rockToBeginWith = 'Rock to begin with';
export const takeRockShape = (shape: string): string => `Take a ${shape}`;
export const rockLong = 'Long, back to front';
export const rockHigh = 'High';
export const onePointMore = 'One point more';
export const onePointLess = 'One point less';
export const dragItOnSheet =
  'Its squares in the side view are dragged to shape it; the feet follow.';

// BalanceControl.vue
export const free = 'Free';
export const freeHasNoPegs =
  'It stands on any table by itself: no pegs, no board, nothing to drill.';
