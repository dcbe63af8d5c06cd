/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// PieceFrame.vue
export const skipToSheet = 'Skip to the sheet';
export const workshopWasChangedMeanwhile =
  'The workshop was changed meanwhile: what this step did there was left as it is now.';
export const thisPieceWasChanged =
  'This piece was changed in another tab. What is shown here is older.';
export const takeNewerState = 'Take the newer state';
export const itsPreviousGoodCopy = 'Its previous good copy was taken.';
export const storedPieceIsDamaged = (
  id: string | number,
  which: string | number,
  sentence: string | number,
): string => `The stored piece “${id}” is damaged and was set aside. ${which} ${sentence}`;
export const workingOutBody = (bodyProgress: string | number): string =>
  `Working out the body, ${bodyProgress} %`;

// PieceGate.vue
export const noPieceOfThis = 'No piece of this name';
export const thereIsNoPiece = (id: string | number): string =>
  `There is no piece “${id}” in this browser. It may have been made in another browser, or removed.`;
export const allPieces = 'All pieces';
export const openingPiece = 'Opening the piece';
export const pieceIsNewer = 'This piece is of a newer version';
export const pieceIsOfNewerVersion =
  'A newer version of this application has written it, and it is left as it is. Load the page again to get that version; under all pieces it can be saved to a file.';

// TabConflict.vue
export const changedInTwoTabs =
  'This piece was changed in another tab too. Nothing of yours is written until you choose:';
export const here = 'Here';
export const inOtherTab = 'In the other tab';
export const nothingYet = 'nothing yet';
export const lastStep = (label: string): string => `last: ${label}`;
export const lastStepAt = (label: string, name: string, time: string): string =>
  `last: ${label}, of “${name}”, saved ${time}`;
export const keepWhatIsHere = 'Keep what is here';
export const takeTheirs = 'Take the other';
export const keepBoth = 'Keep both';

// StorageNotice.vue
export const storeIsFull =
  'Nothing more is saved: the browser has no more room. Your work is held in this page: save your pieces to files before you close it, then remove pieces with many pictures, or free room on this device.';
export const storeRefuses = (reason: string): string =>
  `Nothing is saved: the browser refuses to write (${reason}). Your work is held in this page: save your pieces to files before you close it. In a private window, or where site data are blocked, allow them for this address.`;
export const storeIsShut = (reason: string): string =>
  `The browser’s store cannot be read (${reason}), so nothing is written over what it may hold. Work is held in this page: save it to files before you close it, and load the page again; where site data are blocked, allow them for this address.`;
export const picturesTake = (megabytes: number): string => `Pictures take ${megabytes} MB of it.`;
export const saveThemToFiles = 'Save pieces to files';
export const tryAgain = 'Try again';

// DefectPage.vue
export const cannotBeShown = 'This page cannot be shown';
export const defectOfOurs =
  'That is a fault of the application, not of yours. The other pages may work.';
export const partIsMissing = 'A part of the application is missing';
export const perhapsNewVersion =
  'It could not be fetched: perhaps a newer version has taken its place, or the server is not running. Load the page again.';
export const yourPieceIsKept = 'Your piece is as you left it, with the way back.';
export const loadPageAgain = 'Load the page again';
export const takeBackLast = (label: string): string => `Take back: ${label}`;
export const savePieceToFile = 'Save this piece to a file';
export const whatEngineSays = (message: string): string =>
  `What the browser says of it: ${message}`;

// SnagLine.vue
export const listAll = 'List all';
export const toFix = (part: string | number): string => `${part} to fix`;
export const toWatch = (part: string | number): string => `${part} to watch`;
export const nothingToFixAnd = 'Nothing to fix and nothing to watch.';
export const next = 'Next';
export const showMe = 'Show me';

// SnagList.vue
export const everythingThatIsWrong = 'Everything that is wrong now';
export const wrongNow = 'Wrong now';
export const toFix2 = 'To fix';
export const toWatch2 = 'To watch';

// SpineNav.vue
export const stages = 'Stages';
export const notConfirmedYet = 'not confirmed yet';
export const toFix3 = 'to fix';
export const toWatch3 = 'to watch';
export const something = (told: string | number, which: string | number): string =>
  `${told}, something ${which}`;

// TopLine.vue
export const nameOfPiece = 'Name of the piece';
export const rename = 'Rename';
export const scale = 'Scale';
export const tallAsPosed = 'Tall as posed';
export const clay = 'Clay';
export const undoCtrlZ = (undoLabel: string | number): string => `Undo: ${undoLabel} (Ctrl+Z)`;
export const nothingToUndo = 'Nothing to undo';
export const undo = 'Undo';
export const redoCtrlShiftZ = (redoLabel: string | number): string =>
  `Redo: ${redoLabel} (Ctrl+Shift+Z)`;
export const nothingToRedo = 'Nothing to redo';
export const redo = 'Redo';
export const switchToInchesOunces = 'Switch to inches, ounces and °F';
export const switchToMillimetresGrams = 'Switch to millimetres, grams and °C';
export const nightBench = 'Night bench';
export const paperByDay = 'Paper by day';
export const sheetsAndFilesP = 'Sheets and files (P)';
export const printShopSheets = 'Print shop sheets';
export const ownStance = 'Own stance';
export const notSaved = 'Not saved';
export const saving = 'Saving';
export const saved = (part: string | number): string => `Saved ${part}`;
export const renamePiece = 'Rename the piece';

// WorkingChip.vue
export const howIsWorkedOut = (label: string | number): string => `How “${label}” is worked out`;

// KeysDialog.vue, keys.ts
export const keys = 'Keys';
export const keysListed = 'Every key, listed (?)';
export const everywhere = 'Everywhere';
export const keysThisPage = 'this list';
export const keysUndo = 'take the last change back';
export const keysRedo = 'do it again';
export const keysFromControl = 'from one control to the next, and back';
export const keysPutBack = 'put back what is typed, close what is open, pick nothing';
export const inPiece = 'In a piece';
export const keysNextSnag = 'go to the place of the snag that is told';
export const sheetsAndFiles = 'sheets and files';
export const onSheet = 'On the sheet';
export const keysZoom = 'nearer, farther (the wheel, or two fingers)';
export const keysWholeSheet = 'the whole sheet';
export const keysHandle = 'move the handle that is focused';
export const onPictures = 'On a picture';
export const keysNudge = 'nudge the landmark, or the picture';
export const keysNudgeFar = 'ten times as far';
export const keysPlace = 'place in the middle';
export const keysTakeAway = 'take the landmark away';
export const keysNextLandmark = 'the next landmark';
export const keysPictureZoom = 'nearer, farther, the whole picture';
export const atTape = 'With tape and caliper';
export const keysReading = 'take the reading; alone, go on to the next bone';
export const atBench = 'At the bench';
export const keysNextPage = 'the next page';
export const keysPageBack = 'the page before';
export const keysTick = 'tick the step off';
export const keysLeaveBench = 'leave the bench';

// SnagList.vue, SnagLine.vue: what is known
export const iKnow = 'I know';
export const iKnowTitle = 'Counted apart from now on; it comes back when it gets worse';
export const knownToYou = 'Known to you';
export const tellAgain = 'Tell me again';
export const known = (count: number): string => `${count} known`;
export const acceptSnag = 'Take note of a snag';
export const recallSnag = 'Be told of a snag again';

// FirstVisit.vue
export const welcome = 'Welcome';
export const threeSentences =
  'This is a demonstration: an otter a third as large as life, measured once, from which every other number follows; touch any number to see how. The bones on the left are the stages of the work, from the first measure to the bench. Your own pieces begin behind the mark at the upper left.';
export const walkThroughStages = 'Walk through the stages';
export const closeWelcome = 'Close';
