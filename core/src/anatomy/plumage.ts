import type { RoughSize } from './coat.ts';

/** How the vanes of a feather end. */
export type FeatherTip = 'round' | 'pointed' | 'square';

/** A direction in the spread wing laid flat: degrees from a bone (by key), towards the rear edge. */
export type FanEnd = readonly [bone: string, deg: number];

/** A row of large feathers, each numbered as ornithologists do. From memory, as the counts beside them. */
export interface FeatherRow {
  readonly id: 'primaries' | 'secondaries' | 'tail';
  readonly name: string;
  /** The letter before the numbers: P from the wrist outwards, S from the wrist inwards, R from the middle outwards. */
  readonly letter: 'P' | 'S' | 'R';
  /** The zone of the coat that they are. */
  readonly zone: string;
  /** On each wing; of a tail on each side of its middle. */
  readonly many: readonly [least: number, usual: number, most: number];
  /** The longest of them, quill and all, in life. */
  readonly longest: RoughSize;
  /** Lengths as shares of that, from the first to the last, evenly between. */
  readonly formula: readonly number[];
  /** Width of both vanes as a share of the length, and what of the width lies before the shaft. */
  readonly wide: number;
  readonly leading: number;
  readonly tip: FeatherTip;
  /** Feathers whose vane is narrowed towards the tip, by number. */
  readonly notched?: readonly [first: number, last: number];
  /** What of their length they have in this individual; all of it where not said. */
  readonly grown?: number;
  /** How far the shaft turns from root to tip, degrees towards the body. */
  readonly turnDeg: number;
  /** Where the first and the last are rooted, along a bone. */
  readonly root: { readonly bone: string; readonly first: number; readonly last: number };
  /** Which way the first and the last point in the spread wing; of a tail from its bone outwards. */
  readonly fan: { readonly first: FanEnd; readonly last: FanEnd };
}
