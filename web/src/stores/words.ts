/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// creatureStore.ts
export const notSavedBrowsersStore = (error: string | number): string =>
  `Not saved: the browser’s store refused (${error}). Save the animal to a file.`;
export const changeAnimal = 'Change the animal';

// pieceStorage.ts
export const storedRecordIsNot = 'The stored record is not one of a piece.';
export const storedRecordCannot = (reason: string): string =>
  `The stored record cannot be read (${reason}).`;
export const itCanBeRead = 'It can be read again: save it to a file, and take it in from there.';
export const isOfNewerVersion =
  'It was written by a newer version of this application, and is left as it is: load the page again to get that version, or save it to a file.';

// pieceStore.ts
export const takeOverFrom = (name: string | number): string => `Take over from ${name}`;
export const notSavedBrowsersStoreRefused = (error: string | number): string =>
  `Not saved: the browser’s store refused (${error}). Export the piece to a file.`;

// workshopStore.ts
export const notSavedBrowsersStoreRefusedSave = (error: string | number): string =>
  `Not saved: the browser’s store refused (${error}). Save the workshop to a file.`;
export const takeOverMetalsOf = 'Take over the metals of a piece';
export const takeInWorkshopFrom = 'Take in a workshop from a file';
export const notChanged = (reason: string): string =>
  `Not changed: a part of the application could not be fetched (${reason}). Load the page again.`;
