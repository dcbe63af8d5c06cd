/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// ClayOnHand.vue
export const name = 'Name';
export const kind = 'Kind';
export const left = 'Left';
export const packetCosts = 'A packet costs';
export const remove = 'Remove';
export const clayOnHandName = 'Clay on hand, name';
export const kind2 = (name: string | number): string => `${name}, kind`;
export const left2 = (name: string | number): string => `${name}, left`;
export const priceOfPacket = (name: string | number): string => `${name}, price of a packet`;
export const notKnown = 'not known';
export const noClayIsEntered =
  'No clay is entered, so the shopping list has all that a piece takes. A piece finds its clay here by its kind and its name.';
export const addClay = 'Add clay';
export const addClayOnHand = 'Add clay on hand';
export const firmOvenClay = 'Firm oven clay';
export const changeClayOnHand = 'Change clay on hand';
export const removeClayOnHand = 'Remove clay on hand';
export const priceOfPacket2 = 'Price of a packet';

// OvenPart.vue
export const changeOven = 'Change the oven';
export const airLeftAllRound = 'Air left all round';
export const airLeftAllRoundIn = 'Air left all round in the oven';
export const changeAirInOven = 'Change the air in the oven';
export const fanOn = 'Fan on';
export const switchOvensFan = 'Switch the oven’s fan';
export const thermometerLessDial = 'Thermometer less dial';
export const enterWhatThermometerShows = 'Enter what a thermometer shows';
export const insideLong = 'Inside, long';
export const insideDeep = 'Inside, deep';
export const insideHigh = 'Inside, high';

// PacePart.vue
export const handWorkTakesTimes = 'Hand work takes, times the usual';
export const changeYourPace = 'Change your pace';
export const sittingAtBench = 'A sitting at the bench';
export const changeLengthOfSitting = 'Change the length of a sitting';
export const timeThatHandWork = 'Time that hand work takes';
export const sitting = 'A sitting';

// PaintsOnHand.vue
export const driesTo = 'Dries to';
export const paintName = 'Paint, name';
export const colour = (name: string | number): string => `${name}, colour`;
export const noPaintIsEntered =
  'No paint is entered. With paints here, Colour says what to mix for every layer, and the shopping list names only what is short.';
export const addPaint = 'Add a paint';
export const paint = 'Paint';
export const changePaint = 'Change a paint';
export const removePaint = 'Remove a paint';

// SheetsPart.vue
export const widthOfFoil = 'Width of the foil';
export const gaugeOfFoil = 'Gauge of the foil';
export const packedDensityGMl = 'Packed density, g/ml';
export const packedDensityOfFoil = 'Packed density of the foil';
export const packedDensity = 'Packed density';
export const sheetOfPaper = 'A sheet of paper';
export const changePaper = 'Change the paper';
export const widthOfSheetOf = 'Width of a sheet of clay';
export const lengthOfSheetOf = 'Length of a sheet of clay';
export const changeFoil = 'Change the foil';
export const changeSheet = 'Change the sheet';

// ToolChoices.vue
export const fromWord = 'from';
export const narrowestStrokesAreFrom =
  'Narrowest strokes are from common practice: press your own tool into a scrap and measure it.';
export const putToolAway = 'Put a tool away';
export const addTool = 'Add a tool';

// WireOnHand.vue
export const wireOnHandMetal = 'Wire on hand, metal';
export const wireOnHandDiameter = 'Wire on hand, diameter or gauge';
export const wireOnHandLengths = 'Wire on hand, lengths';
export const thisWire = ' this wire';
export const noWireIsEntered =
  'No wire is entered, so everything must be bought. Enter what lies in the drawer to see what can be cut from it.';
export const addWireOnHand = 'Add wire on hand';
export const changeWireOnHand = 'Change wire on hand';
export const removeWireOnHand = 'Remove wire on hand';
export const lengthsOnHand = 'Lengths on hand';
export const lengths = (length: string | number): string => `${length} lengths`;
export const upToLengths = (mostlengths: string | number): string => `up to ${mostlengths} lengths`;

// WorkshopNote.vue
export const keptIn = 'Kept in the';
export const workshop = 'workshop';
export const everyPieceReadsIt = ': every piece reads it there.';

// WorkshopPage.vue
export const allPieces = 'All pieces';
export const workshop2 = 'Workshop';
export const whatYouHaveAnd = 'What you have and how you work. Every piece reads it from here.';
export const saveToFile = 'Save to a file';
export const takeInFromFile = 'Take in from a file';
export const workshopFile = 'Workshop file';
export const storedWorkshopWasDamaged = (damage: string | number): string =>
  `The stored workshop was damaged and set aside. ${damage}`;
export const wireOnHand = 'Wire on hand';
export const clayOnHand = 'Clay on hand';
export const paintsOnHand = 'Paints on hand';
export const oven = 'Oven';
export const pace = 'Pace';
export const toolsForTexture = 'Tools for texture';
export const foilPaperSheetsOf = 'Foil, paper, sheets of clay';
export const openingWorkshop = 'Opening the workshop';
export const wasNotTakenIn = (name: string | number, sentence: string | number): string =>
  `${name} was not taken in. ${sentence}`;
export const whatWasMissingHere = 'What was missing here was taken over.';
export const whatWasMissingHereWas = (kept: string | number): string =>
  `What was missing here was taken over. Kept as they were here: ${kept}.`;

// OwnStuffs.vue
export const noStuffs =
  'A second clay, a resin, a bead of unknown plastic: enter what its label says, and it can be chosen for parts made apart and for found things.';
export const ownStuff = 'Another clay';
export const stuffName = 'Clay or stuff, name';
export const curesInOven = 'Cures in the oven';
export const curesInOvenOf = (name: string): string => `Cures in the oven: ${name}`;
export const changeStuff = 'Change a clay or stuff';
export const addStuff = 'Add a clay or stuff';
export const removeStuff = 'Remove a clay or stuff';

// StuffLabel.vue
export const stuffBears = 'Bears at most';
export const stuffDensity = 'Weighs';
export const stuffCuresAt = 'Cures at';
export const stuffMinutes = 'For minutes';
export const stuffPerMm = 'For each thickness';

// WorkshopPage.vue
export const stuffsByLabel = 'Clays and stuffs by their labels';
export const whatProbeTold = 'What a probe told of it';
export const forgetLearnt = 'Forget it';
export const warmsBy = (rate: string): string => `it warms by ${rate}`;
export const filmIs = (film: string, low: string, high: string): string =>
  `its air has a film of ${film} (${low} to ${high})`;
export const forgetWhatProbe = 'Forget what a probe told of the oven';
export const learntOn = (on: string, facts: string): string => `${on}: ${facts}.`;

// OwnTools.vue
export const changeOwnTool = 'Change a tool of your own';
export const addOwnTool = 'Add a tool of your own';
export const removeOwnTool = 'Remove a tool of your own';
export const ownTool = 'Own tool';
export const nameOfOwnTool = 'Name of the tool';
export const narrowestOf = (name: string): string => `Narrowest stroke of ${name}`;
export const narrowest = 'Narrowest stroke';
export const pressAndMeasure =
  'Press it into a scrap, and measure the narrowest stroke that it makes.';

// PaintsOnHand.vue
export const more = 'More';
export const addByName = 'Add by its common name';
export const takePalette = 'Take in a palette (.gpl)';
export const givePalette = 'Palette (.gpl)';

// PaintDetails.vue
export const onTestTile = 'On your test tile';
export const tileLooks = (name: string): string => `${name} on your test tile`;
export const ovenMakesIt = (hex: string): string =>
  `Out of the oven about ${hex}, from memory: bake a tile of it, and enter what it became.`;
export const addTile = 'I have a test tile of it';
export const dropTile = 'No test tile';
export const PAINT_KIND_NAMES = {
  paint: 'Paint',
  pastel: 'Pastel',
  clay: 'Coloured clay',
} as const;
export const OPACITY_NAMES = {
  opaque: 'Hides',
  'semi-opaque': 'Nearly hides',
  'semi-transparent': 'Half clear',
  transparent: 'Clear',
} as const;
export const LIGHT_NAMES = {
  unknown: 'Not known',
  excellent: 'Lightfast',
  good: 'Good in light',
  fades: 'Fades',
} as const;
export const kindOfPaint = (name: string): string => `What ${name} is`;
export const hidingOf = (name: string): string => `How ${name} hides`;
export const lightOf = (name: string): string => `${name} in light`;
export const tintedWith = 'One part with so many of white dries to';
export const partsOfWhite = (name: string): string => `Parts of white to ${name}`;
export const tintLooks = (name: string): string => `Tint of ${name}`;
export const onCard = 'One coat over black, over white';
export const overBlack = (name: string): string => `${name} over black`;
export const overWhite = (name: string): string => `${name} over white`;
export const packHolds = 'A tube holds, ml or g';
export const packHoldsOf = (name: string): string => `A tube of ${name} holds`;
export const packCosts = 'A tube costs';
export const packCostsOf = (name: string): string => `A tube of ${name} costs`;
export const addTint = 'Add a tint with white';
export const dropTint = 'Without the tint';
export const addCard = 'Add a black and white card';
export const dropCard = 'Without the card';
export const tintHint =
  'A tint tells how strong it is, a card how it hides. Photograph dry swatches beside a grey card, in daylight without gloss.';

// SuppliesOnHand.vue
export const suppliesOnHand = 'Everything else on hand';
export const SUPPLY_WORDS = {
  ...{ foil: 'Foil', tape: 'Tape', binding: 'Tie wire', fibre: 'Fibre', glue: 'Glue' },
  ...{ primer: 'Primer', varnish: 'Varnish', solvent: 'Solvent', board: 'Board', rod: 'Rod' },
  ...{ eyes: 'Eyes', part: 'Part', hardware: 'Hardware', tool: 'Tool', other: 'Other' },
} as const;
export const UNIT_WORDS = { piece: 'pieces', g: 'g', ml: 'ml', m: 'm' } as const;
export const countedIn = 'In';
export const countedIn2 = (name: string): string => `What ${name} is counted in`;
export const packetHolds = 'Packet holds';
export const packetHolds2 = (name: string): string => `A packet of ${name} holds`;
export const liesAt = 'Where';
export const liesAt2 = (name: string): string => `Where ${name} lies`;
export const openedOn = 'Opened';
export const openedOn2 = (name: string): string => `${name}, opened on`;
export const addSupply = 'Add a lot';
export const newSupply = 'New lot';
export const changeSupply = 'Change a lot';
export const removeSupply = 'Remove a lot';
export const takeInSupplies = 'Take in a table of lots';
export const noSupplies =
  'Nothing is entered: foil, tape, fibre, glue, primer, varnish, boards, rods, eyes, tools.';
export const supplyName = 'Name of the lot';
export const asTable = 'Save as a table (CSV)';
export const supplyTable = 'Table of lots';
export const takeInTable = 'Take in a table (CSV)';
export const wireLiesAt = 'Where this wire lies';
