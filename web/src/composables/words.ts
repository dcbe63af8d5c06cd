/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// offline.ts
export const thisAddressIsNeither =
  'This address is neither localhost nor HTTPS, so the browser will not keep the application for use without a network. Your pieces are kept all the same.';
export const beingMadeReadyFor = 'Being made ready for use without a network.';
export const keptInThisBrowser = 'Kept in this browser: it opens without a network from now on.';
export const browserWouldNotKeep = (message: string | number): string =>
  `The browser would not keep the application for use without a network (${message}). Your pieces are kept all the same.`;

// usePiecePlan.ts
export const piecePlan = 'piece plan';
export const planner = 'planner';
export const body = 'The body';
export const surface = 'The finished form';
export const shape = 'The shape';
export const heat = 'The heat';
export const paint = 'Recipes and layers';
export const markings = 'The markings';
export const coat = 'The coat';

// useUndoKeys.ts
export const inputNotTypeInput =
  'input:not([type]), input[type="text"], input[type="search"], textarea';

// defects.ts
export const partIsMissing =
  'A part of the application could not be fetched: perhaps a newer version has taken its place. Your work is saved.';
export const wentWrong = (reason: string): string =>
  `Something of the application went wrong (${reason}). Your work is as it was.`;
export const loadAgain = 'Load the page again';

// offline.ts, newer versions
export const newVersionIsReady = 'A newer version of this application is ready.';
export const takeIt = 'Take it';
export const otherTabTookNewer =
  'Another tab has taken a newer version of this application. This one is older, and goes on: load it again when it suits you.';
