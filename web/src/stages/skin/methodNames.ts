import * as say from './words.ts';
import type { CoatMethod } from '@keen-sinew/core';

/** What each way to make a coat is called. */
export const METHOD_NAMES: Readonly<Record<CoatMethod, string>> = {
  carved: say.inClay,
  stamped: say.stamped,
  planted: say.planted,
  fibre: say.fibreOnIt,
  flock: say.flockOnIt,
  wefts: say.weftsOnIt,
  pelt: say.peltOnIt,
  smooth: say.smooth,
};
