/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// BodyPending.vue
export const bodyIsBeingWorked = 'The body is being worked out. These numbers follow in a moment.';
