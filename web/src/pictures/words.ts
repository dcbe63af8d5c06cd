/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// AddPictures.vue
export const newPicture = 'New picture';
export const whatNewPicturesShow = 'What new pictures show';
export const reading = 'Reading';
export const addPictures = 'Add pictures';
export const pictureFiles = 'Picture files';
export const takeDemonstrations = (length: string | number): string =>
  `Take the demonstration’s ${length}`;
export const fromSide = 'from the side';
export const fromFront = 'from the front';
export const fromAbove = 'from above';
export const fromBehind = 'from behind';
export const onePhotographOfStance = 'one photograph of the stance';
export const add = (name: string | number): string => `Add ${name}`;
export const addPictures2 = (length: string | number): string => `Add ${length} pictures`;
export const picturesCouldNotBe = (message: string | number): string =>
  `The pictures could not be kept in this browser: ${message}. Make room, or bring in smaller ones.`;

// LandmarkGuide.vue
export const sidesToPlace = 'Sides to place';
export const whereItIs = (name: string | number): string => `Where it is: ${name}`;
export const placed = 'Placed';
export const clickOn = 'Click on';
export const skipIt = 'Skip it';
export const takeAway = 'Take away';
export const next = 'Next';
export const clickAgainForMean = 'Click again for a mean';
export const againForMean = 'again for a mean';
export const everyLandmarkAskedFor = 'Every landmark asked for is placed or skipped.';
export const ofPlaced = (placedCount: string | number, length: string | number): string =>
  `${placedCount} of ${length} placed`;
export const clicks = (id: string | number): string => ` · ${id} clicks`;
export const saveAsTps = 'Save as TPS';
export const allAsCsv = 'All as CSV';
export const readTpsOrCsv = 'Read TPS or CSV';
export const landmarkFile = 'Landmark file';
export const bothSides = 'Both sides';
export const left = 'Left';
export const right = 'Right';
export const orientationOnly = 'orientation only';
export const takeLandmarksFrom = (name: string | number): string => `Take landmarks from ${name}`;

// OutlinePart.vue
export const tracedRoundAnimalOutline =
  'Traced round the animal, an outline from the side gives the depths of the body and one from above its widths, wherever both ends of a bone are placed.';
export const stopTracing = 'Stop tracing';
export const goOnTracing = 'Go on tracing';
export const traceOutline = 'Trace the outline';
export const onePointBack = 'One point back';
export const clear = 'Clear';
export const takeFromIt = (which: string | number): string => `Take ${which} from it`;
export const pointsItClosesBy = (length: string | number): string =>
  `${length} points; it closes by itself.`;
export const takeShapeFromOutline = 'Take the shape from the outline';
export const sectionsTookTheirFrom = (
  sections: string | number,
  what: string | number,
  bones: string | number,
): string =>
  `${sections} sections took their ${what} from it: ${bones}. They stand in Mass, under Shape.`;
export const takeBackPointOf = 'Take back a point of the outline';
export const clearOutline = 'Clear the outline';

// PictureBoard.ts
export const mousedownTouchstart = 'mousedown touchstart';
export const mouseupTouchend = 'mouseup touchend';
export const clickTap = 'click tap';
export const dragstartDragmove = 'dragstart dragmove';
export const atkinsonHyperlegibleNextVariable = 'Atkinson Hyperlegible Next Variable, sans-serif';

// PictureCanvas.vue
export const howPictureIsShown = 'How the picture is shown';
export const larger = 'Larger';
export const smaller = 'Smaller';
export const fit = 'Fit';
export const brightness = 'Brightness';
export const fade = 'Fade';
export const arrowsNudgeShiftTenfold = 'arrows nudge · shift tenfold · n next';

// PictureDecisions.vue
export const seenFrom = 'Seen from the';
export const changeView = 'Change the view';
export const headPoints = 'The head points';
export const changeWhereHeadPoints = 'Change where the head points';
export const turnByQuarter = 'Turn by a quarter';
export const clickTwoCorners = 'Click two corners';
export const crop = 'Crop';
export const showWholePicture = 'Show the whole picture';
export const showAll = 'Show all';
export const scaleFrom = 'Scale from';
export const nowOtherEnd = 'Now the other end';
export const clickOneEndOf = 'Click one end of it';
export const markScaleAgain = 'Mark the scale again';
export const markTwoPointsOf = 'Mark two points of known length';
export const nowItsOtherEnd = 'Now its other end';
export const drawLevelAgain = 'Draw the level again';
export const drawLevelLine = 'Draw a level line';
export const knownLengthInLife = 'Known length, in life';
export const howSureItIs = 'How sure it is (95 %)';
export const howSureKnownLength = 'How sure the known length is';
export const camerasDistanceIfPhotograph = 'Camera’s distance, if a photograph';
export const camerasDistance = 'Camera’s distance';
export const none = 'none';
export const animalNearerThanScale = 'Animal nearer than the scale';
export const changeDepth = 'Change the depth';
export const lensShowsAnimalsMiddle = (part: string | number, shrink: string | number): string =>
  `The lens shows the animal’s middle ${part} % too large; lengths are multiplied by ${shrink}. Each landmark is corrected by its own depth as soon as another view shows it.`;
export const scaleLifeInPixel = 'Scale, life in a pixel';
export const thisPictureGivesNo = (gapwords: string | number): string =>
  `This picture gives no lengths yet: ${gapwords}.`;
export const fromYourRepeatedClicks = 'from your repeated clicks';
export const commonPractice = 'common practice';
export const withoutLevelLineHalf = '; without a level line half a degree is left open';
export const oneClickLiesWithin = (
  sigmaPx: string | number,
  which: string | number,
  which2: string | number,
): string => `One click lies within ${sigmaPx} px (${which})${which2}.`;
export const side = 'side';
export const front = 'front';
export const above = 'above';
export const behind = 'behind';
export const onePhotograph = 'one photograph';
export const toLeft = 'to the left';
export const toRight = 'to the right';
export const twoPoints = 'two points';
export const takeScaleFromBone = 'Take the scale from a bone';
export const takeScaleFromTwo = 'Take the scale from two points';
export const knownLength = 'Known length';
export const howSure = 'How sure';
export const cameraDistance = 'Camera distance';
export const nearerThanScale = 'Nearer than the scale';
export const changeKnownLength = 'Change the known length';
export const changeCamerasDistance = 'Change the camera’s distance';
export const turnPicture = 'Turn the picture';

// PictureStrip.vue
export const pictures = 'Pictures';
export const placed2 = (length: string | number): string => `${length} placed`;

// pdfPages.ts
export const page = (name: string | number, n: string | number): string => `${name}, page ${n}`;

// takeIn.ts
export const thisPieceHasPictures = (
  name: string | number,
  mostpictures: string | number,
): string =>
  `${name}: this piece has ${mostpictures} pictures already, which is the most it takes. Remove one first.`;
export const thisPdfCouldNot = (name: string | number, message: string | number): string =>
  `${name}: this PDF could not be read (${message}). Save the page as a PNG or JPEG picture and bring that.`;
export const pictureIsDamagedAnd = (name: string | number, message: string | number): string =>
  `${name}: the picture is damaged and could not be opened (${message}). Open it in another program and save it anew.`;
export const itsHeadSpeaksOf = (
  name: string | number,
  widthPx: string | number,
  heightPx: string | number,
  widthPx2: string | number,
  heightPx2: string | number,
): string =>
  `${name}: its head speaks of ${widthPx} × ${heightPx} pixels and ${widthPx2} × ${heightPx2} were found. Save it anew.`;

// usePictureDesk.ts
export const place = (name: string | number): string => `Place ${name}`;
export const markScale = 'Mark the scale';
export const drawLevelLine2 = 'Draw the level line';
export const cropPicture = 'Crop the picture';
export const moveLandmark = 'Move a landmark';
export const nudgeLandmark = 'Nudge a landmark';
export const takeLandmarkAway = 'Take a landmark away';

// usePictureImage.ts
export const thisBrowserDoesNot = (name: string | number): string =>
  `This browser does not keep the picture “${name}”: it was brought in elsewhere. Its landmarks stand; bring the picture in again to see them on it.`;
export const pictureCouldNotBe = (name: string | number, message: string | number): string =>
  `The picture “${name}” could not be shown: ${message}`;
export const pictureCouldNotBeRead = (name: string | number, error: string | number): string =>
  `The picture “${name}” could not be read from this browser’s store: ${error}`;

// SwatchFromPicture.vue and useSwatch.ts
export const fromPicture = 'From a picture';
export const colourFromPicture = (label: string): string => `From a picture: ${label}`;
export const layCardBeside =
  'Lay a grey card or white paper beside it in the same light, out of the sun, with nothing shining. The card’s own light is then taken out of the colour.';
export const choosePicture = 'Choose a picture';
export const whatIsSet = 'What a touch of the picture sets';
export const placeOfCard = 'Place of the card';
export const placeOfSwatch = 'Place of the colour';
export const whatCard = 'What the card is';
export const greyCard = 'Grey card';
export const whitePaper = 'White paper';
export const pictureToPickFrom =
  'The picture: a touch or the arrow keys move what is chosen above it';
export const markOfCard = '1';
export const markOfSwatch = '2';
export const areaIsEven = 'An even area.';
export const areaIsUneven = 'An uneven area: move it off edges, shadows and shine.';
export const tooMuchLight =
  'Brighter than paper can be: there is shine in it, or the card lies in shade.';
export const takeColour = 'Take this colour';
export const cardIsBlack = 'What is marked as the card is black: move it onto the card.';
export const noPictureIn = (name: string): string =>
  `${name} holds no picture that a browser shows: PNG, JPEG or WebP are.`;
