/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// logPicture.ts
export const pictureNotKept = (name: string): string =>
  `“${name}” was not kept: this browser has no room for it, or does not let pages keep anything.`;

// LogPicture.vue
export const pictureOf = (title: string): string => `Picture: ${title}`;
export const pictureElsewhere = 'This browser does not have the picture.';

// LogStage.vue, LogList.vue, NewEntry.vue
export const diary = 'Diary of the piece';
export const searchIn = 'Search the diary';
export const asDiary = 'Diary with pictures (ZIP)';
export const diaryNotMade = (reason: string): string => `The diary could not be packed: ${reason}`;
export const diaryIsPacked = 'The diary is packed';
export const nothingYet =
  'Nothing is written down yet: ticked steps, bakes, notes, attempts and pictures come here by their days.';
export const nothingFound = (words: string): string => `Nothing in the diary has “${words}”.`;
export const KINDS = {
  ...{ sitting: 'Sitting', note: 'Note', attempt: 'Attempt', step: 'Step', bake: 'Bake' },
  defect: 'Defect',
} as const;
export const minutesOf = (minutes: number): string => `${minutes} min`;
export const removeEntry = (title: string): string => `Remove “${title}” from the log`;
export const remove = 'Remove';
export const asLesson = 'Learn from it';
export const writeEntry = 'Write into the log';
export const kindOfEntry = 'Kind of entry';
export const atStep = 'At step';
export const wholePiece = 'the piece as a whole';
export const whatHappened = 'What happened';
export const nothingWritten = 'Write what happened, or add a picture: an empty entry is not kept.';
export const keepEntry = 'Keep it';
export const pictureFile = 'Picture for the log';
export const withPicture = 'With a picture';

// LessonList.vue
export const lessons = 'Lessons';
export const lesson = 'Lesson';
export const comesBack = 'Comes back at';
export const keepLesson = 'Keep the lesson';
export const removeLesson = 'Remove a lesson';
export const noLessons =
  'No lessons yet. “Learn from it” beside an entry makes one; it comes back at such a step of the next piece.';
export const comesBackAt = (kind: 'step' | 'work' | 'material' | 'animal', id: string): string =>
  ({
    step: `such a step: ${id}`,
    work: `all such work: ${id}`,
    material: `this stuff: ${id}`,
    animal: `this animal: ${id}`,
  })[kind];
