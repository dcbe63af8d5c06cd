import * as say from './words.ts';
import type { Provenance } from './provenance.ts';

/** How a coat shines when it is finished, from dull to running wet. */
export const SHEENS = ['matt', 'satin', 'gloss', 'wet'] as const;
export type Sheen = (typeof SHEENS)[number];

/** What a zone of skin is covered with. */
export const COVERINGS = ['hair', 'feather', 'down', 'scale', 'skin'] as const;
export type Covering = (typeof COVERINGS)[number];

/** What one of it is called, and what one stroke of a tool stands for. */
export const COVERING_WORDS: Readonly<
  Record<
    Covering,
    {
      readonly one: string;
      readonly stroke: string;
      readonly shortStroke: string;
      readonly lie: string;
    }
  >
> = {
  hair: { one: say.hair, stroke: say.lockOfHair, shortStroke: say.lock, lie: say.lieOfHairAway },
  feather: {
    one: say.feather,
    stroke: say.feather,
    shortStroke: say.feather,
    lie: say.rowsFromTailForward,
  },
  down: {
    one: say.down,
    stroke: say.tuftOfDown,
    shortStroke: say.tuft,
    lie: say.downAllWays,
  },
  scale: {
    one: say.scale,
    stroke: say.scale,
    shortStroke: say.scale,
    lie: say.rowsRoundBodyEach,
  },
  skin: { one: say.skin, stroke: say.fold, shortStroke: say.fold, lie: say.foldsOfSkin },
};

export const wordsOf = (zone: CoatZone) => COVERING_WORDS[zone.covering ?? 'hair'];

/** Which way a patch of skin looks in the rest stance: back, flank, belly. */
export const FACINGS = ['up', 'side', 'down'] as const;
export type Facing = (typeof FACINGS)[number];

/** Skin looks up or down where its normal is within 60° of upright. */
const UPRIGHT = Math.cos(Math.PI / 3);

/** Which way skin looks whose unit normal rises by so much in the rest stance, by its place in {@link FACINGS}. */
export const facingOf = (rise: number): 0 | 1 | 2 => (rise > UPRIGHT ? 0 : rise < -UPRIGHT ? 2 : 1);

/** A life size that is only roughly known: typical, and its usual range. */
export interface RoughSize {
  readonly mm: number;
  readonly range: readonly [number, number];
  readonly provenance: Provenance;
}

/**
 * A zone of the coat: the bones whose skin it covers (by key), and which way that skin looks (all
 * ways where not said). Zones are asked in order; the first that fits a patch has it.
 */
export interface CoatZone {
  readonly id: string;
  readonly name: string;
  /** What it is made of; hair where not said. */
  readonly covering?: Covering;
  readonly bones: readonly string[];
  readonly facing?: readonly Facing[];
  /** Of scales: round or many-cornered, side by side, none over another. */
  readonly beads?: boolean;
  /** Length of the hair, feather or scale that is seen. Null for bare skin. */
  readonly hair: RoughSize | null;
  /** Width of a lock, as hairs cling together, of a feather or a scale: what a stroke stands for. */
  readonly lock: RoughSize | null;
  /** Angle between hair and skin, degrees: how flat the coat lies. */
  readonly lieDeg: number;
  /** Colour to aim at, sRGB, from memory. */
  readonly hex: string;
  readonly sheen: Sheen;
}

/** The zone of the coat that a patch of skin belongs to. */
export const zoneOf = (
  coat: readonly CoatZone[],
  boneKey: string,
  facing: Facing,
): CoatZone | undefined =>
  coat.find(
    (zone) =>
      zone.bones.includes(boneKey) && (zone.facing === undefined || zone.facing.includes(facing)),
  );
