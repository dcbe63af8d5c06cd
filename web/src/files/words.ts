/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// FilesDialog.vue
export const sheetsAndFiles = 'Sheets and files';
export const elevationsWiresWithTheir =
  'Elevations, wires with their marks, the drilled base, core, strokes, colours and the steps, at exactly 1:1 of the model, tiled with a 10 mm overlap. Print at 100 %, never “fit to page”, and measure the 100 mm bar before you cut.';
export const paper = 'Paper';
export const drawingSheets = 'Drawing the sheets';
export const shopSheetsPdf = (paper: string | number): string => `Shop sheets (PDF, ${paper})`;
export const yourPrinterWhatBars = 'Your printer: what the bars measure';
export const sheetsCouldNotBe = (message: string | number): string =>
  `The sheets could not be made: ${message}.`;
export const signsLeftOut = (signs: string): string =>
  `The sheets are made without these signs, which none of their fonts has: ${signs}`;
export const bodyIsStillBeing = 'the body is still being worked out, try again in a moment';
export const noWireOfThis = 'no wire of this piece is bent';
export const archiveCouldNotBe = (reason: string): string =>
  `The archive could not be made. ${reason}`;
export const packingPictures = 'Packing the piece with its pictures';
export const bodyIsStillBeingWorked = 'The body is still being worked out. Try again in a moment.';
export const bendingCardsPdf = 'Bending cards (PDF)';
export const everyBendOnCard =
  'Every bend on a card of its own, six to a page: mark, which way, how far, the shape after it.';
export const cutListCsv = 'Cut list (CSV)';
export const everyWireWithEach = 'Every wire with each allowance as a line, in mm.';
export const bendMarksCsv = 'Bend marks (CSV)';
export const feedMarkTurnAngle = 'Feed, mark, turn, angle and bend-to of every bend.';
export const sideElevationSvg = 'Side elevation (SVG)';
export const frontElevationSvg = 'Front elevation (SVG)';
export const bonesAndOutlineAt =
  'Bones and outline at 1:1 in millimetres, for a drawing or cutting program.';
export const sideElevationDxf = 'Side elevation (DXF)';
export const frontElevationDxf = 'Front elevation (DXF)';
export const armatureInItsOutline =
  'The armature in its outline, a layer for each wire, 1:1 in millimetres.';
export const wiresLaidStraightDxf = 'Wires laid straight (DXF)';
export const everyWireWithIts = 'Every wire with its bend marks, to cut or engrave a rule from.';
export const drilledBaseDxf = 'Drilled base (DXF)';
export const boardWithItsHoles = 'The board with its holes, for a drilling or cutting machine.';
export const stepsCsv = 'Steps (CSV)';
export const workInOrderWith = 'The work in order, with what you logged of it.';
export const shoppingListCsv = 'Shopping list (CSV)';
export const whatToBuyWith = 'What to buy, with quantities.';
export const wholePlanJson = 'Whole plan (JSON)';
export const everyNumberWithIts = 'Every number with its working, and every snag.';
export const lengthsFoundCsv = 'Lengths found (CSV)';
export const whatPicturesTapeAnd =
  'What pictures, tape and caliper say of each bone, in life, ± and from what.';
export const thisPieceJson = 'This piece (JSON)';
export const yourDecisionsAndMeasurements =
  'Your decisions and measurements, to keep or to take in elsewhere.';
export const thisPieceZip = 'This piece (ZIP)';
export const sameWithReferencePictures =
  'The same with the reference pictures that you brought in.';

// archive.ts, pieceZip.ts, textOf.ts
export const archive = 'The archive';
export const unpackedArchive = 'The archive, unpacked';
export const picturesOfPiece = 'The pictures of the piece';
export const withoutDocument = 'files without a piece';
export const archiveWith = (document: string): string => `an archive with a ${document}`;
export const filesIn = (count: number): string => `${count} files`;
export const filesAtMost = (most: number): string => `at most ${most} files`;
export const onlyDocumentAndPictures = (document: string): string =>
  `${document} and pictures by their ids, in the folder pictures`;
export const everyFileOnce = 'every file once';
export const lockedFile = (name: string): string => `${name} under a password`;
export const filesWithoutPassword = 'files without a password';
export const moreThanItSays = 'more bytes than the archive says';
export const bytesAtMost = (most: number): string => `${most} bytes, as it says`;
export const damagedArchive = 'a damaged archive, or none';
export const wholeArchive = 'a whole ZIP archive';
export const megabytes = (count: number): string => `${count} MB`;
export const megabytesAtMost = (most: number): string => `at most ${most} MB`;
export const noPictureAtAll = 'no picture at all';
export const picturesThatPieceNames = (names: string): string =>
  `pictures that its piece names: ${names}`;
export const fileThatCanBeRead = 'a file that can be read';
export const fileThatIsGone = 'a file that the browser cannot read any more';

// PrinterCheck.vue
export const yourPrinter = 'Your printer';
export const printSheetLaySteel =
  'Print a sheet, lay a steel rule or a caliper on its two bars of 100 mm, and type what they measure. Sheets printed from then on make up for it.';
export const sheetsAreDrawnAcross = (factors: string | number, factors2: string | number): string =>
  `Sheets are drawn ${factors} across and ${factors2} down. Measure the next one too: it should be right.`;
export const asItComes = 'As it comes';
export const barAcrossMeasures = 'Bar across measures';
export const barDownMeasures = 'Bar down measures';
export const templatesSvg = 'Templates (SVG)';
export const templatesDxf = 'Templates (DXF)';
export const partsMadeApart =
  'Parts made apart, rows, gauges and formers, wings laid flat, at 1:1: one file for each sheet.';
export const nothingMadeApart = 'Nothing of this piece is made apart: there are no templates.';

// usePieceFiles.ts, coat
export const coatPdf = 'Coat (PDF)';
export const coatFromAllSides =
  'Its lie and strokes from all sides at 1:1, head and parts larger, the skin laid flat, samples';
export const coatCsv = 'Coat (CSV)';
export const zonesWithTheirNumbers = 'Each zone with its sizes, counts and hand work';
export const flatSvg = 'Skin laid flat (SVG)';
export const flatDxf = 'Skin laid flat (DXF)';
export const skinAndStamps = 'Long parts with their rows of scales, and stamps, each a file, in mm';
export const nothingLaidFlat =
  'No part of this animal has rows of scales, and there are no stamps: nothing is laid flat.';
export const feathersPdf = 'Feathers (PDF)';
export const feathersSvg = 'Feathers (SVG)';
export const feathersDxf = 'Feathers (DXF)';
export const feathersAndSheets =
  'Every feather numbered, those to cut on their sheets, thin wings and fins as templates, at 1:1';
export const noFeathersToDraw =
  'This animal has no large feathers, thin wings, fins or membranes to draw.';
export const coatCannotBeHad =
  'the body or its coat was not worked out; the stage says why, and works it out again';

// colourFiles.ts
export const coloursAreSearched = 'Colours and recipes are still being worked out.';
export const coloursPdf = 'Colours (PDF)';
export const cardAndLayers =
  'what to mix, with a square to paint yours beside each, and the piece layer by layer';
export const paletteGplTitle = 'Palette (GPL)';
export const everyColourNamed = 'every colour of the piece and its tubes, for drawing programs';
export const recipesCsvTitle = 'Recipes (CSV)';
export const everyLayerWithRecipe = 'every layer with its mix, amount, water and coats';

// benchFiles.ts
export const stepCardsFour = 'Step cards, four to a page (PDF)';
export const stepCardsOne = 'Step cards, one to a page (PDF)';
export const stepsWithPictures =
  'Every step with its picture, its numbers and what goes wrong there.';
export const stepPack = 'Step pack for a phone (HTML)';
export const stepPackWhat =
  'All steps with pictures as one page that a phone shows with nothing installed and no network.';
export const diaryPdf = 'Diary (PDF)';
export const diaryWhat = 'What went on, day by day, and what was planned against what came out.';
export const diaryZipped = 'Diary with pictures (ZIP)';
export const diaryZippedWhat = 'The same as Markdown, with the pictures of the log.';
export const carePdf = 'Care card (PDF)';
export const careWhat = 'How the piece is kept, packed and carried, and what it is made of.';
export const suppliesTable = 'Lots of the workshop (CSV)';
export const suppliesWhat = 'Everything on hand that is no wire, clay or paint.';

// markingFiles.ts
export const markingsPdf = 'Markings (PDF)';
export const numberedAndFlat = 'numbered areas from all sides, laid flat, masks, and the list';
export const markingsSvg = 'Markings laid flat (SVG)';
export const markingsDxf = 'Markings laid flat (DXF)';
export const flatToTrace = 'tubes, wings and feathers at 1:1, a layer a colour';
export const masksSvg = 'Masks (SVG)';
export const masksDxf = 'Masks (DXF)';
export const masksToCut = 'outlines to cut at 1:1, a layer a colour';
export const nothingMarked =
  'Nothing is marked on what can be laid flat: add a marking in Colour first.';
export const markingsAreLaid =
  'The markings are still being laid on the skin; try again in a moment.';
