/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// planMeasure.ts
export const life = (name: string): string => `${name}, life`;
export const takenAs = 'Taken as';
export const measuredFrom = (measured: string, bone: string): string =>
  `measured from ${measured}${bone}`;
export const model = (name: string): string => `${name}, model`;
export const definitionOfScale = 'definition of a scale';
export const takenOverOn = (takenOn: string): string => `; taken over on ${takenOn}`;
export const exactFleshOnBones =
  'exact: the flesh on the bones in the first stance, or in the one named';
export const scale = 'Scale';
export const sumOfBonesUsual = 'sum of the bones; usual range from memory';
export const heightOfBonesWith =
  'height of the bones with their flesh, standing; usual range from memory';
export const distanceOfBonesEnds = 'distance of the bones’ ends, spread; usual range from memory';

// proportions.ts
export const foreLimb = 'Fore limb';
export const hindLimb = 'Hind limb';
export const TrunkThanAny = (
  line: string,
  share: string,
  which: string,
  group: string,
  which2: string,
  knownAnimal: string,
  knownShare: string,
): string =>
  `${line} ${share} × trunk: ${which} than any ${group} here (${which2}: ${knownAnimal}, ${knownShare}).`;

// scaleEffects.ts
export const atItsThinnest = (plainName: string): string => `${plainName}, at its thinnest`;
export const thickness = (name: string): string => `${name}, thickness`;
export const oneStrokeWide = (name: string): string => `${name}, one stroke wide`;
export const definitionOfScaleLess = (LEASTMM: number): string =>
  `definition of a scale; less than ${LEASTMM} mm cannot be made in clay, common practice`;

// scaleWorking.ts
export const definitionOfScaleLife = 'definition of a scale: life length over model length';
export const scaleChosen = 'Scale chosen';
export const eyeAcross = 'Eye, across';
export const wanted = (name: string): string => `${name}, wanted`;
export const smallestScaleAtWhich =
  'the smallest scale at which the body and the board under it fit, whichever way round, with the air all round';
export const exactBoxesOfPosed = 'exact: boxes of the posed body and of the board';
export const posedLengthLife = 'Posed length, life';
export const posedHeightLife = 'Posed height, life';
export const posedWidthLife = 'Posed width, life';
export const longSide = (name: string): string => `${name}, long side`;
export const height = (name: string): string => `${name}, height`;
export const shortSide = (name: string): string => `${name}, short side`;
export const airLeftAllRound = 'Air left all round';
export const boardThatGoesIn = 'Board that goes in with it';
export const pegsAndNutsBelow = 'Pegs and nuts below it';
export const boardLongSide = 'Board, long side';
export const boardShortSide = 'Board, short side';

// proportions.ts
export const head = 'Head';

// proportions.ts
export const neck = 'Neck';

// proportions.ts
export const trunk = 'Trunk';

// proportions.ts
export const tail = 'Tail';

// scaleWorking.ts
export const oven = 'Oven';

// scaleWorking.ts
export const box = 'Box';
