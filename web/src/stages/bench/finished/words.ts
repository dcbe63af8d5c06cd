/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// FinishedStage.vue
export const finishedPiece = 'The finished piece';
export const howKept = 'How it is kept and cleaned';
export const weakest = 'Where it breaks first';
export const howPacked = 'How it is packed and carried';
export const madeOf = 'What it is made of';
export const cameOut = 'Planned, and what came out';
export const cameOutAs = (what: string): string => `${what}: came out as`;
export const notMeasured = 'not measured';
export const enterCame = 'Enter what came out';
export const cameHint =
  'Hours are those that were logged with ticked steps, against what they had been estimated to.';
export const boxFor = 'A box for it';
export const careOnPaper = 'A care card to go with it is among the files.';
