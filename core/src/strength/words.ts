/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// pegs.ts
export const bears = (name: string): string => `${name} bears`;
export const shareOfWeight = 'Share of the weight';
export const weightOfAllThat = 'Weight of all that does not lie on the ground';
export const leverAlongLineBetween =
  'lever along the line between the two places, held to 0 to 1 (statics)';
export const onePlaceThatHolds = 'the one place that holds the piece';
export const leastSolutionOfForces = 'least solution of forces and moments together (statics)';
export const holdsAgainstTurning = (name: string): string => `${name} holds against turning`;
export const shareOfMomentThat = 'Share of the moment that remains';
export const momentThatForcesLeave = 'Moment that the forces leave';
export const nmm = 'Nmm';
export const stiffnessOfThisLeg = 'Stiffness of this leg, EI/L';
export const equilibriumMomentThatRemains =
  'equilibrium; the moment that remains is shared by the stiffness of the legs, alike where it is not known; a bare contact takes none';
export const atBase = (id: string, name: string): string => `${id} ${name}, at the base`;
export const itsThickness = 'Its thickness';
export const yieldOf = (name: string): string => `Yield of ${name}`;
export const mpa = 'MPa';
export const staticsAndStrengthOf = 'statics and strength of materials; over 100 % it gives';
export const ofWhatBucklesIt = (id: string, name: string): string =>
  `${id} ${name}, of what buckles it`;
export const elasticityOf = (name: string): string => `Elasticity of ${name}`;
export const freeAboveBase = 'Free above the base';
export const lEulerFixedIn = 'L. Euler, 1744: fixed in the base, free at the top, on the safe side';

// strengthSnags.ts
export const text = (part: string, name: string): string => `the ${part}${name}`;
export const baseUnder = (name: string): string => `base under the ${name}`;
export const and = (words: string, part: string | number): string => `${words} and ${part}`;

// strengthWorkings.ts
export const strandsThereWhichMay = 'Strands there, which may slip';
export const wire = (id: string): string => `Wire ${id}`;
export const besideItYieldsAt = (id: string): string => `${id} beside it yields at`;
export const staticsAndStrengthOfMaterials =
  'statics and strength of materials; raw clay carries nothing, a peg holds against turning and a bare foot does not; over 100 % the wire gives';
export const asPosed = 'as posed';
export const momentOfAllThat = 'Moment of all that lies beyond';
export const turnedOver = 'turned over';
export const momentHeldByTrunk = 'Moment, held by the trunk, the worst way up';
export const shareOfWeightOn = (name: string): string => `Share of the weight on the ${name}`;
export const shareOfMomentThatRemains = 'Share of the moment that remains, there';
export const strandsThere = 'Strands there';
export const thinnestThatHoldsHere = (place: string): string =>
  `${place}, thinnest that holds here`;
export const timesItsLoadAs = 'Times its load as posed';
export const momentAsPosed = 'Moment as posed';
export const momentTurnedOver = 'Moment turned over';
export const strengthOfMaterialsHalf =
  'strength of materials; half as much again as it must hold is common practice';
export const thickestThatFitsHere = (place: string): string => `${place}, thickest that fits here`;
export const boneBelowSkinAt = 'Bone below the skin, at its least';
export const coverWanted = 'Cover wanted';
export const strandsAsRopeIn = 'Strands as a rope, in wires';
export const sectionsOfBodyAt =
  'the sections of the body, at the joint and in the middle of its bone';
export const hangsLowerBy = (name: string): string => `${name} hangs lower by`;
export const momentAndWayTo =
  'moment and way to the end over stiffness, added up along every wire on the way';
export const oneStepForEach = 'one step for each bone, within which the moment runs straight';
export const momentAreaMethodWith =
  'moment–area method with E from memory; elastic, as every wire on the way holds';
export const thinnestThatHolds = (id: string): string => `${id}, thinnest that holds`;
export const strands = 'Strands';
export const thickestThatClayCovers = (id: string): string =>
  `${id}, thickest that the clay covers`;
export const thicknessOfWireThere = 'Thickness of the wire there';
export const whatMayBeAdded = 'What may be added before the cover is too thin';
export const strandsThereAsRope = 'Strands there as a rope, in wires';
export const sectionsOfBody = 'the sections of the body';

// planStrength.ts
export const holdsThreeTimes = 'holds three times and more';

// planStrength.ts
export const holds = 'holds';

// planStrength.ts
export const justHolds = 'just holds';

// planStrength.ts
export const givesPropIt = 'gives: prop it until the clay is baked';
