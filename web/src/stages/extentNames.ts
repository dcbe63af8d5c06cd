import type { Extent } from '@keen-sinew/core';
import * as say from './words.ts';

/** How much of an animal a piece is, in words. */
export const EXTENT_NAMES: Readonly<Record<Extent, string>> = {
  whole: say.wholeAnimal,
  head: say.headAndNeck,
  relief: say.headInRelief,
};
