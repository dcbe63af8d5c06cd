/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// creatureStore.ts
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
export const wayEnds =
  'This step was damaged in the store and leads to no piece: the way ends here. Your piece is as it was.';
export const nameOfMine = (name: string): string => `${name} (kept here)`;

// workshopStore.ts
// workshopStorage.ts
export const workshopIsOfNewerVersion =
  'The stored workshop was written by a newer version of this application and is left as it is: load the page again to get that version. Until then this page has a new one, which is not kept.';

// All stores.
export const notSavedBecause = (reason: string): string => `Not saved: ${reason}`;
export const changedInAnotherTab = 'it was changed in another tab since.';
export const takeOverMetalsOf = 'Take over the metals of a piece';
export const takeInWorkshopFrom = 'Take in a workshop from a file';
export const notChanged = (reason: string): string =>
  `Not changed: a part of the application could not be fetched (${reason}). Load the page again.`;
