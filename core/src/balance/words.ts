/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// balanceSnags.ts
export const oneSide = 'one side';

// balanceWorkings.ts
export const centreOfMassAbove = 'Centre of mass above the base';
export const meanHeightOfClay =
  'mean height of clay, cores and wires on their bones, weighed by their mass';
export const oneCellOfBodys = 'one cell of the body’s grid';
export const fewSectionsOfEach = 'a few sections of each bone';
export const staticsEachCellOf = 'statics; each cell of the body belongs to its nearest bone';
export const staticsThinSectionsOf =
  'statics; thin sections of each bone, until the body is worked out';
export const weightOfPiece = 'Weight of the piece';
export const clayCoresAndWires = 'Clay, cores and wires';
export const metalWeightInside = 'Metal weight inside';
export const stageMass = 'the stage Mass';
export const volumeAtGMl = 'volume at 1.3 g/ml, common practice, until Mass is known';
export const insideFeetBy = 'Inside the feet by';
export const leastDistanceToEdge =
  'least distance to an edge of the outline round the soles; minus is outside';
export const exactStraightEdgesBetween = 'exact: straight edges between points round each sole';
export const feetThatTouch = 'Feet that touch';
export const staticsConvexHullOf =
  'statics; convex hull of the soles, each as wide as its foot is thick, and of toes that touch';
export const tipsAtTiltOf = 'Tips at a tilt of';
export const tipsTowardsAt = (towardsDeg: string): string => `Tips towards ${towardsDeg} at`;
export const staticsUnpeggedAsPegs = 'statics; unpegged, as the pegs of the legs hold much more';
export const carries = (name: string): string => `${name} carries`;
export const onePlaceThatBears = 'The one place that bears all.';
export const shareIsThatOf =
  'The share is that of a lever along the line between the feet, held to 0 to 1.';
export const sharesKeepForcesAnd =
  'The shares keep forces and moments in balance with the least sum of squares.';
export const liesOnGroundBy = 'Lies on the ground by itself';
export const shareOfThisFoot = 'Share of this foot';
export const feetAndRodsThat = 'Feet and rods that bear';
export const staticsLessThanNothing =
  'statics; less than nothing pulls: this foot needs a rod or a long peg, or it lifts off';
export const staticsStiffPieceOn =
  'statics; a stiff piece on equal feet, which pegs may also hold down';

// baseWorkings.ts
export const tiltThatItMust = 'Tilt that it must survive';
export const thicknessOfBoard = 'Thickness of the board';
export const wood = 'Wood';
export const millionthOfMillimetre = 'a millionth of a millimetre';
export const staticsPieceAndBoard = 'statics; piece and board tip as one';
export const smallestBaseFrontTo = 'Smallest base, front to back';
export const smallestBaseLeftTo = 'Smallest base, left to right';
export const onItTipsAt = 'On it, tips at a tilt of';
export const pieceAndBoardTip = 'Piece and board tip together.';
export const commonCentreInsideNearest = 'Common centre inside the nearest edge';
export const commonCentreAboveTable = 'Common centre above the table';
export const weightOfBoard = 'Weight of the board';
export const statics = 'statics';

// hangingWorkings.ts
export const hookFromAlongSpine = (from_: string): string =>
  `Hook, from the ${from_} along the spine`;
export const placeOfSpineStraight =
  'the place of the spine straight above the centre of mass, or nearest to it';
export const exactStraightBones = 'exact: straight bones';
export const staticsWhatHangsComes =
  'statics: what hangs comes to rest with its centre under the hook';
export const hungThereItTilts = 'Hung there, it tilts by';
export const hookBesideCentre = 'Hook beside the centre';
export const centreBelowHook = 'Centre below the hook';
export const pullOnUpperFixing = 'Pull on the upper fixing';
export const gravity = 'Gravity';
export const centreOfMassFrom = 'Centre of mass from the wall';
export const upperFixingAboveLower = 'Upper fixing above the lower';
export const staticsFarSideAgainst =
  'statics; the far side against the wall, a stay at the lowest place';

// tipRose.ts
export const front = 'the front';
export const frontRight = 'the front right';
export const right = 'the right';
export const rearRight = 'the rear right';
export const rear = 'the rear';
export const rearLeft = 'the rear left';
export const left = 'the left';
export const frontLeft = 'the front left';

// weightWorkings.ts
export const thickestHalfOfFlesh = 'Thickest half of the flesh';
export const clayOverIt = 'Clay over it';
export const weight = 'Weight';
export const solidGeometryDensitiesFrom = 'solid geometry; densities from handbooks, from memory';
export const roomThereUnderMm = 'Room there under 2 mm of clay, across';
export const sectionsOfBody = 'the sections of the body';
export const weightInside = (name: string): string => `${name} weight inside`;
export const setByYou = 'Set by you';
export const decisionOfPiece = 'a decision of the piece';
export const asBallAcross = 'As a ball, across';
export const asBallOfAcross = (name: string): string => `As a ball of ${name}, across`;
export const weightThatWouldDo = 'A weight that would do';
export const leastWeightThereThat =
  'the least weight there that brings the centre inside every edge by the wanted margin, and 2 % more';
export const wholeGrams = 'whole grams';
export const balanceOfMomentsAbout = 'balance of moments about the edges of the outline';

// counterweight.ts
export const lead = 'Lead';

// counterweight.ts
export const steel = 'Steel';

// wallWorkings.ts
export const squareToTheWall = 'from the centre of mass square to the wall';
export const fixingFromEdge = 'Fixing from the edge of the plate';
export const plateOnTwoFixings =
  'common practice: one fixing near the upper edge of the plate, one near the lower';
export const plateTurnsAboutLower =
  'statics; the plate would turn about its lower fixing. Weight of piece and hanger: what a wall bears is on the fixing’s label, and a qualified person knows the wall';
