/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// useCaliper.ts
export const simulatedCaliperDoesNot =
  'The simulated caliper does not answer: it needs the application’s own server (npm start). Type the readings instead.';

// openProbe.ts
export const simulatedProbeDoesNot =
  'The simulated probe does not answer: it needs the application’s own server (npm start). Type the readings of a thermometer instead; what was read so far is kept.';
