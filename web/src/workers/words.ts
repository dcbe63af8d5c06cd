/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// hired.ts
export const couldNotBeStarted = 'A worker of the application could not be started.';
export const wasCancelled = 'It was cancelled.';
