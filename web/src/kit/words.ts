/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// ColourField.vue
export const byEye = (label: string | number): string => `${label}, by eye`;
export const colour = 'Colour';
export const sixDigitsSuchAs = 'six digits such as #6d6558';

// NameField.vue
export const toLetters = (most: string | number): string => `1 to ${most} letters`;
export const reset = 'reset';

// WireSizeField.vue
export const whichTable = (label: string | number): string => `${label}: which table?`;
export const sizeWithItsTable = 'a size with its table; choose below which one it is';

// JobProgress.vue
export const tryAgain = 'Try again';
export const wasCancelled = 'Cancelled. These numbers are not worked out.';
export const workItOut = 'Work it out';
export const howFar = 'How far it is';
export const cancel = 'Cancel';

// CautionSign.vue
export const cautions = 'Cautions';
export const cautionAsBefore = 'a caution, as before';
export const cautionsAsBefore = (length: string | number): string =>
  `${length} cautions, as before`;

// DialogBox.vue
export const close = 'Close';
