import type { PaintData } from './pigments.ts';
import type { ByPlace, LayerId, LayerKind } from './schools.ts';
import type { PaintKind } from '../piece/colourSchema.ts';

/** A colour of the shelf, as what mixes. */
export interface Tube extends PaintData {
  readonly name: string;
  readonly kind: PaintKind;
}

/** A layer of a zone as it is to be laid. */
export interface LayerAsked {
  readonly id: LayerId;
  readonly hex: string;
  readonly kind: LayerKind;
  readonly covers: ByPlace;
  readonly paint: number;
  /** Null where it is asked how many cover. */
  readonly coats: number | null;
}

/** A zone to colour: what is under it, what it should look like, and its layers. */
export interface ZoneAsked {
  readonly id: string;
  readonly hex: string;
  readonly groundHex: string;
  readonly textured: boolean;
  readonly areaCm2: number;
  readonly kind: PaintKind;
  readonly layers: readonly LayerAsked[];
}

/** What is worked out in one go for a whole animal. */
export interface PaintQuestion {
  readonly zones: readonly ZoneAsked[];
  readonly tubes: readonly Tube[];
  /** Of how many tubes all of it is mixed. */
  readonly few: number;
  /** Tubes that are used whatever is found, by id. */
  readonly fixed: readonly string[];
  readonly maxParts: number;
}

/** Parts of tubes by id, what they look like, and how far off that is. */
export interface MixedRecipe {
  readonly parts: readonly { readonly tubeId: string; readonly parts: number }[];
  readonly hex: string;
  readonly difference: number;
}

/** How a layer looks when it lies there. */
export interface LayerLook {
  readonly id: LayerId;
  readonly coats: number;
  /** How much of a black ground it shows against a white one: 1 hides all. */
  readonly hides: number;
  readonly hexes: readonly [hollow: string, flat: string, ridge: string, tip: string];
  readonly mean: string;
}

/** A rung between shade and light: so many parts of the darkest mix of a zone and of its lightest. */
export interface Rung {
  readonly shade: number;
  readonly light: number;
  readonly hex: string;
}

export interface ZoneLook {
  readonly id: string;
  readonly layers: readonly LayerLook[];
  /** How far off the whole zone is in the end, CIEDE2000. */
  readonly difference: number;
  readonly hex: string;
  /** Ready mixes between its darkest and its lightest; none where it has not two. */
  readonly ladder: readonly Rung[];
}

/** The answer: the tubes, a recipe for each colour, and how the zones look layer by layer. */
export interface PaintAnswer {
  readonly few: Readonly<Record<PaintKind, readonly string[]>>;
  /** By kind and colour: `paint #8a6a4c`. */
  readonly recipes: Readonly<
    Record<string, { readonly best: MixedRecipe; readonly second: MixedRecipe | null }>
  >;
  /** The pigment that would bring most beside those, and how much nearer the whole comes; null where none does. */
  readonly oneMore: { readonly id: string; readonly name: string; readonly nearer: number } | null;
  readonly zones: readonly ZoneLook[];
}

/** The name of a recipe in an answer. */
export const recipeKey = (kind: PaintKind, hex: string): string => `${kind} ${hex}`;
