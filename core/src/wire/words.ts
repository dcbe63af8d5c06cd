/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// armatureSteps.ts
export const printShopSheets = 'Print the shop sheets';
export const printSheetsAtNever =
  'Print the sheets at 100 %, never “fit to page”, and measure the 100 mm bar before anything is cut.';
export const barsToMeasure = 'Bars to measure';
export const bindArmature = 'Bind the armature';
export const holdItAgainstSheets = 'Hold it against the 1:1 sheets from the side and the front.';
export const placesToBind = 'Places to bind';
export const setItOnIts = 'Set it on its base';
export const hole = 'the hole';
export const allHoles = (length: number): string => `all ${length} holes`;
export const pushPegsThroughAnd = (which: string): string =>
  `Push the pegs through ${which}, and fix them below. Shake the base: the armature must not move. What moves now cracks the clay later.`;
export const pegsToFix = 'Pegs to fix';
export const twistIntoTrunkUp = (limbs: string): string =>
  `Twist ${limbs} into the trunk up to their folds, and lash where the ends part. `;
export const windRoundSpineAnd = (
  limbs: string,
  turns: string,
  which: string,
  binder: string,
): string =>
  `Wind ${limbs} ${turns} round the spine${which}, and lash every crossing with ${binder} until nothing slips. `;
export const lashToWireBeside = (rods: string, binder: string): string =>
  `Lash ${rods} to the wire beside with ${binder}, in two places each, until nothing slips. `;
export const bindBesideWiresThey = (thin: string): string =>
  `Bind ${thin} beside the wires they sit on. `;
export const thisTakes = 'This takes ';
export const ofWord = (binder: string): string => ` of ${binder}. `;
export const piecesToCutAnd = 'Pieces to cut and check';
export const andOf = (count: number): string => `, and ${count} of `;
export const cut = (id: string, name: string): string => `Cut ${id}, ${name}`;
export const cut2 = (which: string, metalName: string, sizeText: string): string =>
  `Cut ${which}${metalName}, ${sizeText}: `;
export const markWithTape = (namedEnd: string): string => `. Mark the ${namedEnd} with tape.`;
export const twistStrandsTogetherEvenly = (strands: number): string =>
  `Twist the ${strands} strands together evenly. `;
export const leaveItStraightRoll = 'Leave it straight: roll it on a flat board until it lies true.';
export const bendItCountedFrom = (length: string, namedEnd: string): string =>
  `Bend it ${length}, counted from the ${namedEnd}`;
export const firstMarkIsAt = '; the first mark is at ';
export const bentTo = ', bent to ';
export const bendsToMarkAnd = 'Bends to mark and make';
export const metresToTwist = 'Metres to twist';
export const wiresToLayOn = 'Wires to lay on the sheet';
export const cutThinWires = 'Cut the thin wires: ';
export const cutThinWires2 = 'Cut the thin wires';
export const keepEachKindTogether = '. Keep each kind together.';
export const cutShaftsOfParts = 'Cut the shafts of the parts';
export const forPartsMadeApart = 'For parts made apart: ';
export const ofEach = (
  which: string,
  id: string,
  name: string,
  count: number,
  metalName: string,
  size: string,
): string => `${which}${id} ${name}, ${count} of ${metalName}, ${size}, each `;
export const roughenThemSoThat = '. Roughen them, so that the clay holds.';
export const drillBase = 'Drill the base';
export const sawBoardOf = 'Saw a board of ';
export const andMarkItsFront = ' and mark its front. From the front left corner, ';
export const hole2 = (which: string, number: number): string => `${which}hole ${number}: `;
export const acrossDrill = ' across, drill ';
export const holesToMarkAnd = 'Holes to mark and drill';

// baseHardware.ts
export const forEachRod = 'For each rod';
export const threadedRods = 'Threaded rods';
export const nuts = (thread: string): string => `Nuts ${thread}`;
export const oneAboveAndOne = 'one above and one below the board: common practice';
export const washers = (thread: string): string => `Washers ${thread}`;
export const oneUnderEachNut = 'one under each nut: common practice';
export const springWashers = (thread: string): string => `Spring washers ${thread}`;
export const belowSoThatIt = 'below, so that it does not work loose';

// baseHoles.ts
export const baseFrontToBack = 'Base, front to back';
export const baseLeftToRight = 'Base, left to right';
export const wherePegGoesThrough = 'where the peg goes through the top of the board';
export const exactStraightPeg = 'exact: a straight peg';
export const holeLeans = (number: number): string => `Hole ${number}, leans`;
export const sidewaysOnLengthOf = 'Sideways on the length of the peg';
export const upwardsOnSame = 'Upwards on the same';
export const noughtIsSquareTo = 'Nought is square to the board.';
export const pegOfAsPosed = (name: string): string => `peg of the ${name}, as posed`;
export const hole3 = (number: number, label: string): string => `Hole ${number}, ${label}`;
export const fromFrontEdge = 'from the front edge';
export const fromLeftEdge = 'from the left edge';
export const clearanceHoleFor = (id: string): string => `clearance hole for ${id}`;
export const firstDrillOfAt = 'the first drill of at least d + clearance';
export const drillsThatAreSold = 'the drills that are sold';
export const wire = 'Wire';
export const clearance = 'Clearance';
export const isoMediumSeriesFrom = 'ISO 273, medium series, from memory';
export const drillsThatAreSoldCommon = 'drills that are sold; common practice';
export const squareToBoard = 'square to the board';
export const front = 'the front';
export const frontRight = 'front right';
export const right = 'the right';
export const rearRight = 'rear right';
export const rear = 'the rear';
export const rearLeft = 'rear left';
export const left = 'the left';
export const frontLeft = 'front left';
export const topLeansTo = (names: string): string => `top leans to ${names}`;

// bindings.ts
export const thickerWireToMiddle = 'Thicker wire, to the middle of the tie';
export const thinnerWireToMiddle = 'Thinner wire, to the middle of the tie';
export const fromAxisToAxis = 'From axis to axis';
export const differenceOfRadii = 'Difference of the radii';
export const startOf = (id: string): string => `start of ${id}`;
export const inAll = (name: string): string => `${name}, in all`;
export const bindings = (label: string): string => `Bindings: ${label}`;
export const each = (label: string): string => `Each: ${label}`;
export const commonPractice = (why: string): string => `common practice; ${why}`;
export const turnsOnEachDiagonal = 'Turns on each diagonal';
export const halfTurns = 'Half the turns';
export const whatItIsBound = 'What it is bound to';
export const tie = 'Tie';
export const tailToTwistOff = 'Tail to twist off';
export const geometryOfBeltsNumber = 'geometry of belts; the number of turns is common practice';

// boardSize.ts
export const setByYou = 'Set by you';
export const spreadOfFeet = 'Spread of the feet, and of what keeps it from tipping';
export const overhang = 'Overhang';
export const boardsAreCutTo = 'Boards are cut to full';
export const commonPractice2 = 'common practice';

// byHand.ts
export const about = (title: string): string => `${title}, about`;
export const each2 = (what: string): string => `Each: ${what}`;
export const usualPaceAtBench =
  'usual pace at the bench (common practice); your own log tells better';

// coilDraft.ts
export const tailEnd = 'tail end';
export const coilOfTurnsOn = (turns: string, formerMm: string, longMm: string): string =>
  `a coil of ${turns} turns on a former of ${formerMm} mm, drawn out to ${longMm} mm`;
export const alongSpineTailEnd = 'Along the spine, tail end to head';
export const bends = 'Bends';
export const bonesOfPosedModel = 'bones of the posed model, bends rounded';
export const takenUpByCoil = 'Taken up by the coil';
export const formerInsideOfCoil = 'Former, the inside of the coil';
export const fromTurnToTurn = 'From turn to turn';
export const barrelAlongItsAxis = 'Barrel, along its axis';
export const turns = 'Turns';
export const geometryOfHelixAs = 'geometry of the helix; as wide as the sections of the trunk hide';
export const loopInHeadThat = 'Loop in the head that carries its core';
export const foldOrLoop = 'Fold or loop';
export const hookAboveHeadTo = 'Hook above the head, to hang the work by';
export const hook = 'Hook';

// cover.ts
export const stretchFromTo = (name: string, name2: string): string =>
  `stretch from the ${name} to the ${name2}`;

// coverWorking.ts
export const clayCover = (place: string): string => `Clay cover, ${place}`;
export const atPlaceWhereClay = 'At the place where the clay over it is thinnest.';
export const axisBelowSkin = 'Axis below the skin';
export const thicknessOfWireThere = 'Thickness of the wire there';
export const coverWanted = 'Cover wanted';
export const sleevesOnPosed =
  'sleeves along the posed bones; a wire nearer than this shows through (common practice)';

// cutLines.ts
export const commonPracticeChangeIt = 'common practice; change it under Allowances';
export const cutLengthIsSum = 'The cut length is the sum of its lines.';
export const wireThatEndsUp =
  'wire that ends up short cannot be lengthened: every allowance is a line of its own';
export const straightsAndArcsOf = 'straights and arcs of the route, added up';
export const exactStraightLinesFrom = 'exact: straight lines from joint to joint, rounded by arcs';
export const margin = 'Margin';
export const marginPerBend = 'Margin per bend';

// executedBends.ts
export const withoutOverBendIts = (id: string): string =>
  `${id}, without the over-bend its far end is off by`;
export const bendsMadeToTheir =
  'the bends made to their angles only and let go, against the bends as told';
export const exactStraightLinesAnd = 'exact: straight lines and arcs';
export const whatStaysOfBend = 'What stays of a bend';
export const springbackOfRoundWire = 'springback of round wire; first straights laid on each other';

// fineDrafts.ts
export const leftOutByYou = 'left out by you';
export const holdsWithoutOne = 'it holds without one';
export const tooShortToNeed = 'too short to need a wire';
export const tooThinToHide = 'too thin to hide a wire under its clay';
export const endsOfWayUp = (part: number): string =>
  `ends ${part} % of the way up, where the part gets too thin for it`;
export const alongItsBones = (name: string): string => `${name}, along its bones`;
export const ofLife = 'Of life';
export const measuredSkeletonUnderMm = (LEASTFINEMM: number): string =>
  `the measured skeleton; under ${LEASTFINEMM} mm clay alone is bent (common practice)`;
export const alike = (count: number): string => `, ${count} alike`;
export const endAt = (first: string): string => `end at the ${first}`;
export const alongBonesShortOf = 'Along the bones, short of the tip';
export const besideWireItIs = 'Beside the wire it is bound to';
export const tieEnd = 'Tie end';

// foldedDrafts.ts
export const foldedAt = (name: string, fold: string): string => `${name}, folded at the ${fold}`;
export const rightEnd = (name: string): string => `${name}, right end`;
export const leftEndFootTo = 'Left end, foot to crossing';
export const rightEndFootTo = 'Right end, foot to crossing';
export const alongSpineToFold = (fold: string): string =>
  `Along the spine to the fold at the ${fold}, there and back`;
export const fromCrossingToFold = 'From the crossing to the fold';
export const foldItself = 'The fold itself';

// formingBend.ts
export const yourOwnTestBend = 'your own test bend of this metal';

// hinges.ts
export const thicknessesThatAreSold = 'the thicknesses that are sold';
export const thicknessAtJoint = 'Thickness at the joint';
export const sectionsOfBodyAs = 'sections of the body as posed; shares are common practice';
export const itsShareOfThickness = 'Its share of the thickness';
export const tubeInside = 'tube, inside';
export const pinPlay = 'pin + play';
export const pin = 'The pin';
export const play = 'Play';
export const leafAlongEachBone = 'leaf along each bone';
export const timesThickness = 'Times the thickness';
export const freeOfPuttyOn = 'free of putty on each side';
export const halfThickness = 'Half the thickness';
export const farthestFlexion = 'Farthest flexion';

// limbDraft.ts
export const tip = (side: string): string => `${side} tip`;
export const roundSpineAt = (turns: string, over: string): string =>
  `${turns} round the spine at the ${over}`;
export const mmToBeBound = (lengthMm: string): string => `${lengthMm} mm to be bound on`;
export const savedByRoundingBends = 'Saved by rounding the bends';
export const withItsBendsRounded = 'With its bends rounded';
export const straightFromJointTo = 'Straight from joint to joint';
export const vectorGeometryNeutralAxis = 'vector geometry; neutral axis at the centreline';
export const alongBonesBallTo = 'Along the bones, ball to ball';
export const alongBones = 'Along the bones';
export const jointsPassed = 'Joints passed';
export const bonesOfPosedModelJoint = 'bones of the posed model, joint to joint';
export const throughSolesToBase = 'Through the soles to the base';
export const fromBallOfFoot = 'From the ball of a foot to the ground';
export const feetAsPosed = (length: number): string => `${length} feet as posed`;
export const pegsThroughBase = 'Pegs through the base';
export const feetWithPeg = 'Feet with a peg';
export const thicknessOfBase = 'Thickness of the base';
export const belowBaseNutAnd = 'Below the base, nut and washers';
export const nutAndWashers = 'Nut and washers';
export const turnsRoundSpine = 'Turns round the spine';
export const halfOfSpineAnd = 'Half of spine and wire together';
export const fromTurnToTurnTouching = 'From turn to turn, touching';
export const besideNextWireTo = 'Beside the next wire, to be bound';
export const endsBesideAnotherWire = 'Ends beside another wire';
export const overlap = 'Overlap';

// ownRoutes.ts
export const part = (name: string, n: number): string => `${name}, part ${n}`;
export const strandCut = (id: string, name: string): string => `${id}2 ${name}, strand, cut`;
export const strand = (name: string): string => `${name}, strand`;

// planBends.ts
export const lengthRotationAngleTables =
  'length–rotation–angle tables of tube bending (common practice); vector geometry';
export const bend = (number: number, label: string): string => `Bend ${number}, ${label}`;
export const woundBeforeIt = 'wound before it';
export const straightBeforeIt = 'straight before it';
export const straightLineFromJoint = 'Straight line from joint to joint';
export const setBackOfBend = 'Set-back of the bend before';
export const setBackOfThis = 'Set-back of this bend';
export const arcBeginsAtMark = 'The arc begins at the mark.';
export const wireUsedBeforeFrom = 'Wire used before, from the cut end';
export const itsMiddle = 'its middle';
export const bendByHandAt = 'Bend by hand at it, or round a former whose corner it meets.';
export const bendRadiusOfFinished = 'Bend radius of the finished wire';
export const angle = 'Angle';
export const firstBendSetsPlane = 'The first bend sets the plane.';
export const fromPlaneOfBend =
  'from the plane of the bend before to the plane of this one, about the wire between; clockwise seen from the named end is plus';
export const exactStraightLinesFromJoint = 'exact: straight lines from joint to joint';
export const changeOfDirectionOf = 'change of direction of the wire at the joint';
export const bendTo = 'bend to';
export const radiusToFormIs =
  'The radius to form is found so that a round wire that yields at Y springs back to R.';
export const finishedBendRadius = 'Finished bend radius';
export const radiusToFormUnder = 'Radius to form under the pliers';
export const flowStressAtThis = 'Flow stress at this bend';
export const mpa = 'MPa';
export const bendToByPublished = 'Bend to, by the published sheet formula';
export const kalpakjianSchmidChAnd = (source: string): string =>
  `Kalpakjian & Schmid, ch. 16, and its closed form for round wire; Y: ${source}`;

// planStock.ts
export const toBuyMm = (metalName: string, kind: string): string =>
  `To buy: ${metalName} ${kind} mm`;
export const whatNoLengthOn =
  'what no length on hand gives, by the way of cutting that leaves least to buy';
export const provenNoWayLeaves = 'proven: no way leaves less';
export const bestFoundSeeBound = 'best found; see the bound';
export const neededInAll = 'Needed in all';
export const cutFromWireOn = 'Cut from wire on hand';
export const noWayOfCutting = 'No way of cutting leaves less than';
export const searchOverAllWays =
  'search over all ways of cutting: proven that none leaves less to buy';
export const bestOfWaysOf =
  'best of 20 000 ways of cutting; between this and the bound it is not known whether one is better';
export const lengthsToBuyAs = 'Lengths to buy, as sold';
export const fewestEqualLengthsThat =
  'fewest equal lengths that give all missing pieces, with what the saw takes';
export const provenFewerDoNot = 'proven: fewer do not do';
export const soldInLengthsOf = 'Sold in lengths of';
export const lostAtEachCut = 'Lost at each cut';
export const noFewerCanDo = 'No fewer can do';
export const searchOverAllWaysOf = 'search over all ways of cutting: proven that fewer do not do';
export const bestThatSearchFound =
  'best that the search found; the bound says how many fewer there might be';
export const theyCost = 'They cost';
export const lengthsToBuy = 'Lengths to buy';
export const priceOfOne = 'Price of one';
export const yourOwnPricesIn = 'your own prices, in your own money';
export const allWireToBuy = 'All wire to buy';

// plannedWire.ts
export const times = (count: number): string => `${count} times`;

// rodDraft.ts
export const pegUnder = (name: string): string => `peg under the ${name}`;
export const rod = (name: string): string => `Rod, ${name}`;
export const endUnderBase = 'end under the base';
export const spine = 'the spine';
export const ballOf = (name: string): string => `ball of the ${name}`;
export const wireOfLimb = 'the wire of the limb';
export const pegOfIron = 'peg of the iron';
export const fromBaseUpTo = 'From the base up to its end';
export const bonesOfPosedModel2 = 'bones of the posed model';
export const pegThroughBase = 'Peg through the base';
export const longerByItsSlant = 'Longer by its slant';
export const besideToBeLashed = (beside: string): string => `Beside ${beside}, to be lashed`;

// routeEdits.ts
export const route = 'The route';
export const twice = (ref: string): string => `“${ref}” twice`;
export const placeThatWireDoes = 'a place that the wire does not go over yet';
export const places = (length: number): string => `${length} places`;
export const upToPlaces = (MOSTPOINTS: number): string => `up to ${MOSTPOINTS} places`;
export const place = (length: number): string => `${length} place`;
export const twoPlacesOrMore = 'two places or more';
export const split = 'The split';
export const endOfWire = 'an end of the wire';
export const jointBetweenItsEnds = 'a joint between its ends';
export const parts = (length: number): string => `${length} parts`;
export const upToParts = (MOSTWAYS: number): string => `up to ${MOSTWAYS} parts`;
export const wiresToJoin = 'The wires to join';
export const endsMmApart = (best: string): string => `ends ${best} mm apart`;
export const endsThatMeetWithin = (nearMm: string): string => `ends that meet within ${nearMm} mm`;
export const joinedWire = 'The joined wire';

// routePoints.ts
export const crossingOverSpineAt = (over: string): string =>
  `crossing over the spine at the ${over}`;
export const endOf = (bone: string): string => `end of the ${bone}`;
export const middleOf = (bone: string, bone2: string): string => `${bone}middle of the ${bone2}`;

// routeRef.ts
export const at = (boneId: string, along: number): string => `${boneId} at ${along}`;
export const of2 = (over: string, contactId: string): string => `${over} of ${contactId}`;
export const crossingOf = (pairId: string): string => `crossing of ${pairId}`;

// shafts.ts
export const eachCut = (id: string, name: string): string => `${id} ${name}, each cut`;
export const endToStickIn = 'End to stick in or bind';
export const sizeOfPartIn = 'size of the part in the library; the end is common practice';
export const each3 = (name: string): string => `${name}, each`;
export const sizeOfPartInLibrary = 'size of the part in the library';

// spineDraft.ts
export const spineStrand = (strand: string): string => `Spine, ${strand}`;
export const neckStrand = 'neck strand';
export const shortStrand = 'short strand';
export const fromWord = (name: string, from_: string): string => `${name} from ${from_}`;
export const cut3 = (own: string, name: string): string => `${own} ${name}, cut`;
export const alongTailOneStrand = 'Along the tail, one strand';
export const alongSpineTailRoot = 'Along the spine, tail root to head';
export const alongSpineToHead = 'Along the spine to the head';
export const tieEndWhereIt = 'Tie end where it begins';
export const takenUpByTwist = 'Taken up by the twist';
export const twistedWithStrandsAlong = (n: number): string =>
  `Twisted with ${n} strands, along its centre`;
export const helixRadiusOfStrands = (n: number): string => `Helix radius of ${n} strands`;
export const pitchOneFullTurn = 'Pitch, one full turn';
export const geometryOfHelix = 'geometry of the helix';

// spineStrands.ts
export const ofTailFromIts = (part: number): string => `${part} % of the tail from its tip`;
export const rootOfTail = 'the root of the tail';
export const tailEnd2 = 'the tail end';
export const rootOfNeck = 'the root of the neck';

// tailDraft.ts
export const alongTailAndInto = 'Along the tail and into the trunk';
export const tieEndInTrunk = 'Tie end in the trunk';

// wireDraft.ts
export const cut4 = (text: string): string => `${text}, cut`;

// wireSnags.ts
export const bend2 = (bend: number, name: string): string => `bend ${bend} (${name})`;

// armatureSteps.ts
export const eachAfter = ' each';

// armatureSteps.ts
export const straighten = 'Straighten';

// armatureSteps.ts
export const bend3 = 'Bend';

// armatureSteps.ts
export const backBetween = ' back, ';

// coilDraft.ts
export const spineWithItsCoil = 'Spine with its coil';
export const strandAlone = 'strand';

// wallRodDraft.ts, boardFrame.ts
export const wallRod = 'Rod out of the wall';
export const rodMeetsColumn = 'column, where the rod meets it';
export const pegInPlate = 'peg through the plate';
export const endOfWallRod = 'column, end of the rod';
export const endBehindPlate = 'end behind the plate';
export const plateTopToBottom = 'Plate, top to bottom';
export const plateLeftToRight = 'Plate, left to right';
export const fromUpperEdge = 'from the upper edge';

// armatureSteps.ts, on a wall
export const setItOnPlate = 'Set it on its plate';
export const drillPlate = 'Drill the plate';
export const andMarkItsTop =
  ' and mark its top. From the upper left corner, as one looks at its front, ';
export const downBetween = ' down, ';

// rodKeys.ts
export const keyBent = 'End bent into a groove';
export const keyBentHow =
  'Bend the end of the rod square below the board and lay it into a groove cut there: round wire in a round hole turns.';
export const keyPin = 'Pin beside it';
export const keyPinHow =
  'Drill a second, thin hole beside the rod and set a pin in it that is lashed to the wire above: one rod alone lets the piece turn.';
export const keyFlat = 'Flat filed on it';
export const keyFlatHow =
  'File a flat along the end of the rod and roughen it, so that it cannot turn in its glue.';
export const keyNone = 'Nothing';

// rodDraft.ts, limbDraft.ts
export const pegIntoPerch = 'Peg, into what it stands on';
export const pegsIntoPerch = 'Pegs, into what they stand on';
export const depthInPerch = 'Deep in it';
export const bentAgainstTurning = 'Bent under the board, against turning';

// perchOnBoard.ts
export const uprightsThick = 'Uprights under it, thick';
export const thinnestDowelThat = 'thinnest dowel sold that bears what leans over it';
export const dowelsThatAreSold = 'dowels that are sold';
export const weightOnBranch = 'Weight on it';
export const centreBesideBranch = 'Centre of mass beside it, or a push';
export const woodBearsMemory = 'Beech in bending, with a factor of four';
export const thicknessNeeded = 'Thickness needed';
export const bendingOfRoundBar = 'bending of a round bar, d = ∛(32·F·a/(n·π·σ))';
export const seat = (name: string, what: string): string => `${name}, ${what}`;
export const placeOfSupport = 'place of the support as the stance has it';
export const exactAsDrawn = 'exact, as drawn';
export const supportsCommonPractice = 'common practice in mounting';
export const screw = 'Screw';
export const uprightLong = (name: string): string => `${name}, upright, cut`;
export const branchAboveBoard = 'Branch above the board';
export const shareOfBoard = 'Share of the board that it goes into';
export const shareOfBranch = 'Share of the branch that it goes into';
export const branchThick = 'Branch, thick';
export const screwsFromBelow = (d: number, long: number): string =>
  `Wood screws ${d} × ${long} mm, from below`;
export const placesWhereHeld = 'Places where it is held';

// boardSnags.ts
export const atFront = 'front';
export const atRear = 'rear';
export const atLeft = 'left';
export const atRight = 'right';
export const body = 'body';

// baseHoles.ts, in a perch
export const deep = 'deep';
export const fromItsLeftEnd = 'from its left end';
export const fromItsFront = 'from its front';
export const roundFromTopLine = 'forwards round from its top line';

// baseHardware.ts
export const keyPins = (d: number, long: number): string =>
  `Steel pins ${d} × ${long} mm, against turning`;
export const oneBesideEachRod = 'one beside each rod, so that the piece cannot turn';
export const epoxyForRods = 'Two-part epoxy, dabs';
export const oneDabForEach = 'one for each rod that is glued in';

// perchSteps.ts
export const forPerch = (name: string): string => `. For the ${name}: `;
export const setPerchOn = (name: string): string => `Cut, drill and set the ${name}`;
export const cutPerchTo = (name: string, thick: string): string =>
  `Cut a ${name}, ${thick} mm thick, to `;
export const buildRock =
  'Build the rock of foam or foil on wire mesh, or take a found one that stands firm, ';
export const drillHolesIn = '. Drill into it, straight down as the piece stands: ';
export const andDeep = ', deep ';
export const screwItFromBelow = '. Screw it on from below with glue between.';
export const cutUprights = '. Cut its uprights to ';
export const glueUprights = ' and glue them into the board and up into it.';
export const testPerch = ' Push it to all sides: it must not move.';
export const rockBeforeArmature =
  ' Push it to all sides: it must not move. Its clay goes on before the feet stand on it.';
export const perchToSet = 'Perch to set';

// armatureSteps.ts, glued, free or hung
export const glueRodsIn = ' Glue rods in with two-part epoxy and let it set before any load.';
export const standItUp = 'Stand it up';
export const standItUpHow =
  'It has no pegs and no board: set it on a level table and bend ankles and toes until it stands by itself with all feet down, and again when the clay is on.';
export const hangItUp = 'Hang it up';
export const hangItUpHow =
  'It has no base: hang it by its hook and see that it hangs as drawn, and again when the clay is on. Bake it lying on wadding.';
export const timesToTry = 'Times to try';
export const goesBeyondBoard = (side: string): string => `The body goes beyond the board, ${side}`;
export const boxRoundBody = 'box round the posed body against the edges of the board';
export const boardMayBeShorter =
  'a board may be shorter than the animal: what goes beyond it is knocked against first';
