/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// AllowanceList.vue
export const rodBetweenBaseAnd = 'Clear of the base, on rods';
export const change = (label: string | number): string => `Change ${label}`;
export const thicknessOfBase = 'Thickness of the base';
export const loopOrFoldIn = 'Loop or fold in the head';
export const hookAboveHead = 'Hook above the head';
export const tieEnd = 'Tie end';
export const nutAndWashersEach = 'Nut and washers, each peg';
export const margin = 'Margin';
export const marginPerBend = 'Margin per bend';
export const turnsRoundSpine = 'Turns round the spine';
export const bendRadiusInWire = 'Bend radius, in wire diameters';
export const pitchOfTwistIn = 'Pitch of the twist, in rope diameters';
export const pitchOfCoilIn = 'Pitch of a coil, in wire diameters';
export const leastClayOverWire = 'Least clay over the wire';
export const lostAtEachCut = 'Lost at each cut';
export const changeBase = 'Change the base';

// BasePart.vue
export const boardHasSizeYou = 'The board has the size you set.';
export const fitItToFeet = 'Fit it to the feet';
export const toStandTiltOf = (
  tiltDeg: string | number,
  lengthMm: string | number,
  widthMm: string | number,
): string =>
  `To stand a tilt of ${tiltDeg} it must be at least ${lengthMm} by ${widthMm} (Stance).`;
export const makeItThatLarge = 'Make it that large';
export const nothingGoesThroughBase =
  'Nothing goes through the base. Glue or pin the piece from below, at two points or more.';
export const holeSet = (
  number: string | number,
  foot: string | number,
  wireId: string | number,
  leansTo: string | number,
  which: string | number,
): string => `Hole ${number}: ${foot}, ${wireId}, ${leansTo}; set ${which}`;
export const fromFrontEdge = 'from the front edge';
export const fromLeftEdge = 'from the left edge';
export const leansFromSquare = 'leans from square';
export const sizeBaseByFeet = 'Size the base by the feet';
export const sizeBaseByIts = 'Size the base by its balance';

// BendTable.vue
export const no = 'No.';
export const start = 'Start';
export const middle = 'Middle';
export const turn = 'Turn';
export const angle = 'Angle';
export const bendTo = 'Bend to';
export const first = (feature: string | number): string => `first ${feature}`;
export const straight = 'straight';
export const bend = (
  number: string | number,
  place: string | number,
  part: string | number,
  cell: string | number,
): string => `Bend ${number}, ${place}: ${part} ${cell}`;
export const none = 'none';
export const thenFrom = (
  feature: string | number,
  lengthMm: string | number,
  atMm: string | number,
): string => `then ${feature}: ${lengthMm} from ${atMm}`;
export const startJawOfPliers =
  'Start: the jaw of the pliers at the mark. Middle: by hand, the thumb at the mark.';

// BindingPart.vue
export const boundWith = 'Bound with';
export const holdsToAboutFrom = (part: string | number, holdsToC: string | number): string =>
  `${part}. Holds to about ${holdsToC}, from memory: the packet wins.`;
export const tieWire = 'Tie wire';
export const tieWireDiameterOr = 'Tie wire, diameter or gauge';
export const turnsOnEachDiagonal = 'Turns on each diagonal';
export const crossed = ', crossed';
export const nothingToBindOne = 'Nothing to bind: one wire, or none at all.';
export const changeWhatBindsWires = 'Change what binds the wires';
export const tailToTwistOff = 'Tail to twist off';
export const overlapOfWiresSide = 'Overlap of wires side by side';

// CutTable.vue
export const piece = 'Piece';
export const cut = 'Cut';
export const bends = 'Bends';
export const asAbove = 'as above';
export const andThinWiresShow = (length: string | number): string =>
  `And ${length} thin wires: show them`;

// FineWires.vue
export const noDigitsEarsOr =
  'No digits, ears or fins lie beyond the large wires of this armature.';
export const long = 'long';
export const diameterOrGauge = (plainName: string | number): string =>
  `${plainName}, diameter or gauge`;
export const wiresEach = (plainName: string | number): string => `${plainName}, wires each`;
export const each = 'each';
export const leaveOut = 'Leave out';
export const noWire = (why: string | number): string => `no wire: ${why}`;
export const asUsual = 'As usual';
export const giveItOne = 'Give it one';
export const longMadeApart = 'long, made apart';
export const diameterOrGauge2 = (name: string | number): string => `${name}, diameter or gauge`;
export const thinWireRunsTo =
  'A thin wire runs to short of the tip, and its end is bound beside the wire it sits on.';
export const changeThinWire = (plainName: string | number): string =>
  `Change the thin wire: ${plainName}`;
export const changeShaft = (name: string | number): string => `Change the shaft: ${name}`;

// GaugeTables.vue
export const awgIsAstmB =
  'AWG is ASTM B258, SWG is BS 3737, US steel is the steel wire gauge. The number is a label; the diameter is the fact.';
export const usSteel = 'US steel';

// HingePart.vue
export const thisPieceIsFixed =
  'This piece is fixed in its pose. Switch “Posable” on under Scheme to keep joints free.';
export const allJointsOfLegs = 'All joints of the legs';
export const jointThatStaysFree = 'A joint that stays free';
export const keepJointFree = 'Keep a joint free …';
export const fixIt = 'fix it';
export const freeOfPuttyOn = 'free of putty on each side';
export const pinOfHinge = 'pin of a hinge';
export const tubeInside = 'tube, inside';
export const leafAlongEachBone = 'leaf along each bone';
export const hardPuttyAndBrittle =
  'Hard putty and brittle skins over a joint crack when it moves. Name the joints that must move, and their gaps and hinges are measured.';
export const changeJointsThatStay = 'Change the joints that stay free';

// LoadLegend.vue
export const whatLinesSay = 'What the lines say';

// MetalPart.vue
export const reBending = (name: string | number): string => `Re-bending ${name}:`;
export const commonPractice = (rebends: string | number): string => `${rebends} (common practice).`;
export const name = 'Name';
export const name2 = (name: string | number): string => `${name}, name`;
export const remove = (name: string | number): string => `Remove ${name}`;
export const inUseSoIt = 'In use, so it stays.';
export const addMetalOfYour = 'Add a metal of your own';
export const yourOwnTestBend = 'Your own test bend';
export const yieldMpa = 'Yield, MPa';
export const stiffnessEMpa = 'Stiffness E, MPa';
export const densityKgM = 'Density, kg/m³';
export const leastInsideBendIn = 'Least inside bend, in diameters';
export const ownMetal = (n: string | number): string => `own metal ${n}`;
export const addMetal = 'Add a metal';
export const changeMetal = 'Change a metal';
export const removeMetal = 'Remove a metal';
export const nameOfMetal = 'Name of the metal';
export const toLetters = '1 to 40 letters';

// RouteHandles.vue
export const dragOverAnotherJoint = (id: string | number): string =>
  `Drag ${id} over another joint`;
export const end = 'End';
export const ofDragItTo = (which: string | number, id: string | number): string =>
  `${which} of ${id}: drag it to another place`;
export const letGoGoesOver = (id: string | number, name: string | number): string =>
  `Let go: ${id} goes over the ${name}.`;
export const leadOver = (id: string | number, name: string | number): string =>
  `Lead ${id} over the ${name}`;

// RoutePart.vue
export const split = (id: string | number): string => `Split ${id}`;
export const split2 = 'split';
export const at = (id: string | number, name: string | number): string => ` ${id} at the ${name}`;
export const leaveOutOf = (name: string | number, id: string | number): string =>
  `Leave the ${name} out of ${id}`;
export const leaveOut2 = 'leave out';
export const leftOutPlace = (name: string | number): string => ` the ${name}`;
export const startFromOtherEnd = 'Start from the other end';
export const backToSchemesOwn = 'Back to the scheme’s own way';
export const joinItWith = 'Join it with';
export const joinItWith2 = 'Join it with …';
export const join = 'Join';
export const chooseEditRouteUnder =
  'Choose “Edit the route” under the drawing to drag the wire over other joints there. A wire that ends at a joint gets an overlap and two bindings.';
export const thisIsOtherEnd = 'This is the other end of a folded wire; edit the wire itself.';
export const rodStandsWhereIts =
  'A rod stands where its foot or the trunk is: move that in Stance.';
export const bringBackWhichWas = (name: string | number): string =>
  `Bring back ${name}, which was joined to another`;
export const spine = 'the spine';
export const startFromItsOther = (id: string | number): string => `Start ${id} from its other end`;
export const joinAnd = (id: string | number, id2: string | number): string =>
  `Join ${id} and ${id2}`;

// SchemePart.vue
export const whatCanGoWrong = (risk: string | number): string => `What can go wrong: ${risk}.`;
export const putSchemesAway = 'Put the schemes away';
export const compareAndChangeScheme = 'Compare and change the scheme';
export const asScheme = 'as the scheme';
export const howTheyAreMade = (name: string | number): string => `${name}, how they are made`;
export const posableItsPoseIs = 'Posable: its pose is changed later';
export const posable = 'Posable';
export const suitsThisPieceBest = 'Suits this piece best:';
export const scheme = 'Scheme';
export const wireM = 'Wire m';
export const bind = 'Bind';
export const load = 'Load %';
export const min = 'Min';
export const against = 'Against:';
export const forWord = 'For:';
export const canGoWrong = 'Can go wrong:';
export const take = 'Take';
export const asItIsMade = 'as it is made now';
export const bindPlacesToBind =
  'Bind: places to bind. Load: the most loaded joint as posed, of what bends it, under raw clay. Min: minutes at the bench, common practice.';
export const boundLoops = 'bound loops';
export const rodsInBase = 'rods in the base';
export const noWire2 = 'no wire';
export const foldedPair = 'folded pair';
export const makeItBy = (name: string | number): string => `Make it by ${name}`;
export const makePairOfLimbs = 'Make a pair of limbs otherwise';
export const makeThemAsScheme = 'Make them as the scheme does';
export const keepItPosable = 'Keep it posable';
export const fixItsPose = 'Fix its pose';

// StockGroupPart.vue
export const fromWord = (mm: string | number): string => `From ${mm}:`;
export const left = (pieces: string | number, leftMm: string | number): string =>
  `${pieces}; left ${leftMm}`;
export const nothing = 'nothing';
export const provenNoOtherWay = 'Proven: no other way of cutting leaves less to buy.';
export const notProvenBestNo = (boundMm: string | number): string =>
  `Not proven best; no way of cutting leaves less than ${boundMm} to buy.`;
export const howItIsSold = 'How it is sold';
export const soldInLengthsOf = 'Sold in lengths of';
export const soldInLengthsOf2 = (metalName: string | number, sizeText: string | number): string =>
  `${metalName} ${sizeText}, sold in lengths of`;
export const priceOfOneIn = 'Price of one, in your money';
export const priceOfOne = (metalName: string | number, sizeText: string | number): string =>
  `${metalName} ${sizeText}, price of one`;
export const notEntered = 'not entered';
export const priceOfOne2 = 'Price of one';
export const pieceIsLongerThan =
  'A piece is longer than the length that is sold: buy a coil, or split the wire under “Route”.';
export const toBuyAs = (missing: string | number): string => `To buy as: ${missing}`;
export const changeHowWireIs = 'Change how wire is sold';

// StockPart.vue
export const theyAreCutKeep = 'They are cut: keep the offcuts';
export const offcutsAreKeptFrom = 'Offcuts are kept from';
export const changeWhichOffcutsAre = 'Change which offcuts are kept';
export const cutPiecesKeepOffcuts = 'Cut the pieces, keep the offcuts';

// StrengthTable.vue
export const whatWireBearsAt = 'What the wire bears at each joint, in hundredths of what bends it';
export const joint = 'Joint';
export const posed = 'Posed %';
export const turned = 'Turned %';
export const rodAtBase = 'Rod at the base';
export const pegInBase = 'Peg in the base';
export const rodOfWhatBuckles = 'Rod, of what buckles it';
export const isNotHeldWire = (
  name: string | number,
  at: string | number,
  percent: string | number,
): string =>
  `${name} is not held: the wire gives at the ${at} (${percent} % of what bends it). Prop it until the clay is baked.`;
export const ofWhatBendsBare =
  'Of what bends the bare wire, while the clay is raw and carries nothing; after the bake it carries too. Turned over means held by the trunk, the worst way up.';

// TestBend.vue
export const bendOffcutToExactly =
  'Bend an offcut to exactly 90° round a former, let go, and type what it relaxes to. Wear eye protection: cut ends fly.';
export const metal = 'Metal';
export const metalOfTestBend = 'Metal of the test bend';
export const wireDiameter = 'Wire diameter';
export const testBendWireDiameter = 'Test bend, wire diameter';
export const notTested = 'not tested';
export const radiusToWiresCentre = 'Radius to the wire’s centre';
export const testBendRadius = 'Test bend, radius';
export const relaxesFromTo = 'Relaxes from 90° to';
export const testBendRelaxedAngle = 'Test bend, relaxed angle';
export const useTablesSpringbackAgain = 'Use the table’s springback again';
export const testBendOf = (name: string | number): string => `Test bend of ${name}`;
export const removeTestBend = 'Remove the test bend';

// WireChoiceRow.vue
export const metal2 = (name: string | number): string => `${name}, metal`;
export const strands = (name: string | number): string => `${name}, strands`;
export const strandsTwisted = 'strands twisted';

// WireChoices.vue
export const spine2 = 'Spine';
export const rod = (name: string | number): string => `Rod, ${name}`;
export const asOtherRods = 'As the other rods';
export const rodsFromBase = 'Rods from the base';
export const isThinnestOfShop = (rodMm: string | number): string =>
  `${rodMm} is the thinnest of the shop that bears what it would carry. Type a size to choose it yourself.`;
export const asThickAsLoad = 'As thick as the load asks for';
export const boltedThroughBase = 'Bolted through the base';
export const rodsThread = 'Rods, thread';
export const dropStrandsOneBy = 'Drop strands one by one along the tail';
export const taperTail = 'Taper the tail';
export const foldedOnBodyIn = (unwired: string | number): string =>
  `${unwired}: folded on the body in this stance, or made without wire.`;
export const rodsFromBaseHold =
  'rods from the base hold it, and its fins are cut from sheet and set in.';
export const itsSpineCarriesIt =
  'its spine carries it all, and rods from the base keep it from turning.';
export const thisBodyHasNo = (which: string | number): string =>
  `This body has no limb wires: ${which}`;
export const changeSpineWire = 'Change the spine wire';
export const changeLimbWire = 'Change a limb wire';
export const strandsMoreAlongNeck = 'Strands more along the neck';
export const threaded = (id: string | number): string => `threaded ${id}`;
export const changeRod = 'Change the rod';
export const letRodFollowIts = 'Let the rod follow its load';
export const makeRodAsOthers = 'Make the rod as the others';

// WireSizeField.vue

// WireStage.vue
export const armatureDrawnToScale = 'The armature, drawn to scale';
export const sideAndFrontElevation =
  'Side and front elevation with the wires, the chosen wire laid straight, and the base';
export const whatDrawingIsFor = 'What the drawing is for';
export const dragStretchOfOnto = (id: string | number): string =>
  `Drag a stretch of ${id} onto a joint, or one of its ends to another place.`;
export const chooseWireInCut = 'Choose a wire in the cut list that has a route of its own.';
export const cutList = 'Cut list';
export const noWirePieceIs =
  'No wire: the piece is clay alone. Anything thin droops in the oven; choose another scheme if a limb is longer than it is thick.';
export const bendAtBench = (id: string | number): string => `Bend ${id} at the bench`;
export const whatCutIsMade = (id: string | number): string => `${id}: what the cut is made of`;
export const otherEndOfFolded =
  'The other end of a folded wire: its lengths stand with the wire itself.';
export const bendMarksFrom = (id: string | number, namedEnd: string | number): string =>
  `${id}: bend marks from the ${namedEnd}`;
export const strengthUnderRawClay = (id: string | number): string =>
  `${id}: strength under raw clay`;
export const itsRoute = (id: string | number): string => `${id}: its route`;
export const bindings = 'Bindings';
export const wireOnHand = 'Wire on hand';
export const wiresAndAllowances = 'Wires and allowances';
export const thinWires = 'Thin wires';
export const metalsAndTestBends = 'Metals and test bends';
export const gaugeTables = 'Gauge tables';
export const jointsLeftFree = 'Joints left free';
export const baseHolesFromFront = 'Base, holes from the front left corner';
export const wiresBySide = 'Wires by side';
export const byWhatTheyBear = 'By what they bear';
export const editRoute = 'Edit the route';
export const drill = 'drill';

// BasePart.vue, on a wall
export const fromUpperEdge = 'from the upper edge';
export const fitItToFlesh = 'Fit it to what hangs on it';

// WireChoices.vue
export const gluedWithEpoxy = 'no thread, glued with epoxy';
export const againstTurning = 'Against turning';

// AllowanceList.vue
export const rodIsClearance =
  'How far the lowest foot or fin stays clear of the base: the rods carry the body so high.';

// BasePart.vue
export const noBoardNothingToDrill =
  'There is no board and nothing to drill: it stands free or hangs.';
export const perchOnBoard = (name: string): string => `The ${name} on its board`;
export const roundFromTop = 'Forwards, round from its top line';
export const fromItsFront = 'From its front';
export const fromItsLeftEnd = 'From its left end';
export const deep = 'Deep';
