/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// LedgerPanel.vue
export const closeLedger = 'Close the ledger';
export const openLedger = 'Open the ledger';
export const ledger = 'Ledger';
export const numbersOf = (name: string | number): string => `Numbers of ${name}`;
export const confirmedReopenThisStage = 'Confirmed. Reopen this stage';
export const confirmThisStage = 'Confirm this stage';
export const reopen = 'Reopen';
export const confirm = 'Confirm';

// WorkingDetail.vue
export const workingOf = (label: string | number): string => `Working of ${label}`;
export const read = (method: string | number): string => `Read: ${method}`;
export const asFineAs = (resolution: string | number): string => `As fine as: ${resolution}`;
export const trueValueLiesIn =
  'The true value lies in this range with 95 %: clicks, scales and readings; not the pose.';
export const usualTo = (range: string | number, range2: string | number): string =>
  `Usual: ${range} to ${range2}`;
