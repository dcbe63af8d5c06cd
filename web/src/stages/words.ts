/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// BodyPending.vue
export const tryAgain = 'Try again';
export const bodyIsBeingWorked = (which: string | number): string =>
  `The body is being worked out${which}. These numbers follow in a moment.`;
