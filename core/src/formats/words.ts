/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// bvh.ts
export const offset = (pad: string, offset: string): string => `${pad}  OFFSET ${offset}`;
export const channelsXpositionYpositionZposition = (pad: string): string =>
  `${pad}  CHANNELS 6 Xposition Yposition Zposition Zrotation Xrotation Yrotation`;
export const channelsZrotationXrotationYrotation = (pad: string): string =>
  `${pad}  CHANNELS 3 Zrotation Xrotation Yrotation`;
export const endSite = (pad: string): string => `${pad}  End Site`;
export const offset2 = (pad: string, rest: string): string => `${pad}    OFFSET ${rest}`;
export const frames = (length: number): string => `Frames: ${length}`;
export const frameTime = (frameSeconds: string): string => `Frame Time: ${frameSeconds}`;

// dxf.ts
export const keenSinew = 'Keen Sinew';

// landmarkFiles.ts
export const charactersOf = (count: number): string => `${count} characters`;
export const landmarksOfAtMost = (most: number): string =>
  `a landmark file of at most ${most} characters`;
export const naNa = 'NA NA';
export const line = (fileName: string): string => `${fileName}, line 1`;
export const landmarksWithoutNamesOf = (count: number): string =>
  `${count} landmarks without names of this plan`;
export const line2 = (fileName: string, i: number): string => `${fileName}, line ${i}`;
export const twoNumbersXAnd = 'two numbers, x and y, or NA NA';
export const columnsPictureLandmarkX = 'columns picture, landmark, x_px and y_px';
export const landmarkOfThisAnimals = 'a landmark of this animal’s plan';
export const numbersForXPx = 'numbers for x_px and y_px';
export const noRowOfThis = 'no row of this picture';
export const rowsWhosePictureIs = (name: string): string => `rows whose picture is “${name}”`;
export const pointAtPixels = (outside: string): string => `a point at ${outside} pixels`;
export const pointOnPictureOf = (widthPx: number, heightPx: number): string =>
  `a point on the picture of ${widthPx} × ${heightPx} pixels`;

// pdf.ts
export const ofModel = ', 1:1 of the model';
export const drawnAcrossDownFor = (part: string, part2: string): string =>
  ` Drawn ${part} % across, ${part2} % down for this printer.`;
export const bothBarsAreMm = 'Both bars are 100 mm: measure them before you cut.';
export const pageOf = (page: number, pages: number): string => `, page ${page} of ${pages}`;
export const tileOfColumnRow = (page: number, pages: number, column: number, row: number): string =>
  `, tile ${page} of ${pages} (column ${column}, row ${row})`;

// pictureHeader.ts
export const pictureInPngJpeg = 'a picture in PNG, JPEG or WebP';
export const gifPicture = 'a GIF picture';
export const bmpPicture = 'a BMP picture';
export const tiffPicture = 'a TIFF picture';
export const pdfDocument = 'a PDF document';
export const svgDrawing = 'an SVG drawing';
export const xmlFile = 'an XML file';
export const zipArchive = 'a ZIP archive';
export const jsonText = 'a JSON text';
export const emptyFile = 'an empty file';
export const fileOfAnotherKind = 'a file of another kind';
export const damagedPictureWithoutIts = 'a damaged picture without its size';
export const wholePictureFile = 'a whole picture file';
export const pictureOfPixels = (widthPx: number, heightPx: number): string =>
  `a picture of ${widthPx} × ${heightPx} pixels`;
export const pictureOfAtLeast = (minPx: number): string =>
  `a picture of at least ${minPx} pixels each way`;
export const pictureOfAtMost = (maxMegapixels: number): string =>
  `a picture of at most ${maxMegapixels} megapixels`;

// pieceFile.ts
export const file = 'The file';
export const fileOfFormatOr = (FILEFORMAT: string, PIECEFORMAT: string): string =>
  `a file of format “${FILEFORMAT}” or “${PIECEFORMAT}”`;
export const filesVersion = 'The file’s version';
export const version = (FILEVERSION: number): string => `the version ${FILEVERSION}`;
export const filesPiece = 'The file’s piece';
export const documentOfPiece = 'the document of a piece';

// readBvh.ts
export const charactersInFrame = (count: number, frame: number): string =>
  `${count} characters in frame ${frame}`;
export const moreJointsThan = (most: number): string => `more than ${most} joints`;
export const bvhFile = 'BVH file';
export const characters = (length: number): string => `${length} characters`;
export const atMostCharacters = (MOSTCHARACTERS: number): string =>
  `at most ${MOSTCHARACTERS} characters`;
export const textOfAnotherKind = 'a text of another kind';
export const textThatBeginsWith = 'a text that begins with HIERARCHY and has MOTION';
export const jointsWithOffsetAnd = 'joints with OFFSET and CHANNELS in braces';
export const noFrames = 'no frames';
export const framesWithAtLeast = '“Frames:” with at least 1, and “Frame Time:”';
export const valuesInFrame = (length: number, i: number): string =>
  `${length} values in frame ${i}`;
export const numbersInEachFrame = (wanted: number): string => `${wanted} numbers in each frame`;
export const frames2 = (length: number): string => `${length} frames`;
export const asItSays = (count: number): string => `${count}, as it says`;
export const withoutBrace = (name: string): string => `${name} without a brace`;
export const twoJointsNamed = (name: string): string => `two joints named ${name}`;
export const offsetWithoutThreeNumbers = 'an OFFSET without three numbers';
export const offsetOutsideJoint = 'an OFFSET outside a joint';
export const channelsOf = (name: string): string => `the channels of ${name}`;
export const braceThatIsNot = 'a brace that is not closed';
export const noJoint = 'no joint';

// readPiece.ts
export const wholePieceFileIn = 'a whole piece file in JSON, as this application exports it';
export const versionFromTo = (PIECEVERSION: number): string =>
  `a version from 1 to ${PIECEVERSION}; a higher one is of a newer application, which can open it`;

// stl.ts
export const binaryStlMm = (name: string): string => `binary STL, mm: ${name}`;

// svg.ts
export const atkinsonHyperlegibleNextVerdana = "'Atkinson Hyperlegible Next', Verdana, sans-serif";
export const atkinsonHyperlegibleMonoCourier =
  "'Atkinson Hyperlegible Mono', 'Courier New', monospace";
export const alegreyaGeorgiaSerif = 'Alegreya, Georgia, serif';
export const titleOfModelTitle = (title: string): string =>
  `<title>${title}, 1:1 of the model</title>`;

// landmarkFiles.ts
export const landmarkFileThatIsOurs =
  'a TPS file that begins with LM=, or a CSV table of landmarks as this application writes it';

// landmarkFiles.ts
export const landmarkCountFollows = 'LM= and how many landmarks follow';

// palette.ts
export const palette = 'Palette';
export const headOfPalette = 'a file whose first line is “GIMP Palette”';
export const lineOfPalette = 'Line of the palette';
export const threeNumbersAndName = 'three numbers from 0 to 255 and a name';
export const coloursOfPalette = 'Colours in the palette';
export const coloursUpTo = (most: number): string => `1 to ${most}`;

// diaryMarkdown.ts, suppliesCsv.ts, stepPack.ts
export const plannedAgainstCame = 'Planned against what came out';
export const planned = 'Planned';
export const cameOut = 'Came out as';
export const learnt = 'Learnt';
export const supplyTable = 'Columns of the table';
export const columnsOf = (names: string): string =>
  `a first row with ${names}; the last four may be missing`;
export const columnInRow = (column: string, row: number): string => `“${column}” in row ${row}`;
export const lettersUpTo = (most: number): string => `1 to ${most} letters`;
export const aDay = 'a day as 2026-05-30, or nothing';
export const upTo = (most: number): string => `a number up to ${most}`;
export const ticksAreNotKept = 'This page cannot keep what is ticked when it is closed.';
export const readyOnTable = (things: string): string => `Have ready: ${things}.`;
export const stepDone = 'Done';
