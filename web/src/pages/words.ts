/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// NotFound.vue
export const noSuchPage = 'No such page';
export const addressDoesNotBelong = 'The address does not belong to any stage of a piece.';
export const allPieces = 'All pieces';

// OpenLast.vue
export const opening = 'Opening';

// PiecesPage.vue
export const keenSinew = 'Keen Sinew';
export const oneMeasuredSkeletonEverything =
  'One measured skeleton; everything else is worked out from it.';
export const besidePieces = 'Beside the pieces';
export const workshop = 'Workshop';
export const libraryOfAnimals = 'Library of animals';
export const yourPieces = 'Your pieces';
export const thereIsNoPiece =
  'There is no piece yet. Make one below, or bring the demonstration back.';
export const bringDemonstrationBack = 'Bring the demonstration back';
export const saveToFile = 'Save to a file';
export const remove = 'Remove';
export const recordIsKept = (id: string | number, sentence: string | number): string =>
  `The stored piece “${id}” is kept aside and not opened. ${sentence}`;
export const saveItAsItIs = 'Save it as it is';
export const letItGo = 'Let it go';
export const newPiece = 'A new piece';
export const notSureWhich = 'Not sure which?';
export const openLibraryOfAnimals = 'Open the library of animals';
export const toSeeThemSide = 'to see them side by side, or to put one together yourself.';
export const name = 'Name';
export const otterAtWeir = 'Otter at the weir';
export const nameOfNewPiece = 'Name of the new piece';
export const animal = 'Animal';
export const makePiece = 'Make the piece';
export const takeInPieceFrom = 'Take in a piece from a file';
export const pieceFile = 'Piece file';
export const newWord = (name: string | number): string => `New ${name}`;
export const wasNotTakenIn = (name: string | number, sentence: string | number): string =>
  `${name} was not taken in. ${sentence}`;
export const bringsWorkshopOfIts = (name: string | number): string =>
  `${name} brings a workshop of its own; yours stays as it is. `;
export const takeOverFrom = (name: string | number): string => `Take over from ${name}`;
export const takeOverWhatIs = 'Take over what is missing here';
export const openingArchive = 'Opening the archive';
export const packingArchive = 'Packing the piece with its pictures';
export const isRemoved = (name: string | number): string => `“${name}” is removed. `;
export const putItBack = 'Put it back';
export const wasNotSaved = (name: string | number, message: string | number): string =>
  `${name} was not saved. ${message}`;
export const scaleBy = (sizeId: string | number): string => `scale by ${sizeId}`;
export const scaleByItsEyes = 'scale by its eyes';
export const scaleBy2 = (byWord: string | number): string => `scale by the ${byWord}`;

// NewPiece.vue, how much
export const howMuchOfIt = 'How much of it';

// StartWishes.vue
export const howLarge = 'How large';
export const handySize = 'a handy model';
export const ovenSize = 'as the oven takes';
export const howItStands = 'How it stands';
export const whichCoat = 'Coat';
export const carvedCoat = 'carved in the clay';
export const plantedCoat = 'planted hair';
export const posableWish = 'Posable: joints stay free';

// StartPreview.vue
export const whatItWillBe = 'What it will be';
export const workingItOut = 'Working out what it will be…';
export const scaleOfIt = 'Scale';
export const spineOfIt = (strands: number, size: string): string => `Spine of ${strands} × ${size}`;
export const aboutAsHeavy = 'Weight, about';
export const baseLong = 'Base, long';
export const baseWide = 'Base, wide';
export const plateLong = 'Plate, high';
export const plateWide = 'Plate, wide';

// StartWishes.vue
export const ownAnimal = (name: string): string => `${name} (your own)`;

// StartPreview.vue
export const formOfIt = 'The finished form';

// NewPiece.vue
export const measuredBy = 'Measured by';
export const sizesOfLibrary = 'sizes of the library';
export const picturesOfMine = 'pictures of my own';

// pieceState.ts
export const isFinished = 'finished';
export const stepsDone = (done: number, all: number): string => `${done} of ${all} steps done`;
export const nextIs = (title: string): string => `next: ${title}`;
export const dueOn = (day: string): string => `due ${day}`;

// PieceList.vue, the shelf
export const searchPieces = 'Search by name, animal or place';
export const orderedBy = 'Ordered by';
export const ORDER_WORDS = {
  ...{ name: 'by name', due: 'by due date', left: 'by what is left' },
} as const;
export const noPieceHas = (words: string): string =>
  `No piece has “${words}” in its name, animal or place.`;
