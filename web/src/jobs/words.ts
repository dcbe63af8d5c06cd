/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// useJob.ts
export const couldNotBeWorked = (what: string | number, message: string | number): string =>
  `${what} could not be worked out: ${message}`;
