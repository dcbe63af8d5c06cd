import * as say from './words.ts';
import type { ExtraId, School } from '../piece/colourSchema.ts';
import { hexToOklch, oklchToHex, type Oklch } from './colourSpaces.ts';

/** Places of a textured skin: down in its strokes, between, on them, and at their tips. */
export const SKIN_PLACES = ['hollow', 'flat', 'ridge', 'tip'] as const;
export type ByPlace = readonly [hollow: number, flat: number, ridge: number, tip: number];

/** What of a skin each place is, with strokes in it and smooth. Common practice. */
export const PLACE_SHARES = {
  textured: [0.3, 0.3, 0.28, 0.12],
  smooth: [0.06, 0.86, 0.06, 0.02],
} as const satisfies Readonly<Record<string, ByPlace>>;

/** Layers in the order in which they go on, whatever the way. */
export const LAYER_IDS = [
  'powder-shade',
  'powder-base',
  'powder-light',
  'powder-marking',
  'under',
  'base',
  'glaze',
  'marking',
  'hollows',
  'ridge-1',
  'ridge-2',
  'stipple',
  'over-glaze',
  'metallic',
  'glitter',
  'details',
] as const;
export type LayerId = (typeof LAYER_IDS)[number];

/** How a layer goes on: hiding, as a film that runs, over what stands out, or as a powder. */
export type LayerKind = 'cover' | 'film' | 'dry' | 'powder';

/** A layer: what it is, where it lies, and its colour by a rule. */
export interface LayerRule {
  readonly id: LayerId;
  readonly name: string;
  readonly kind: LayerKind;
  /** Steps of lightness from the target. */
  readonly steps: number;
  /** Chroma against the target's: shadows a little richer, worn tips paler. */
  readonly chroma: number;
  /** Share of each place that it covers; of a film how thick it lies there against an even one. */
  readonly covers: ByPlace;
  /** Share of undiluted paint in what is brushed on. */
  readonly paint: number;
  /** How long it dries to the touch, minutes. */
  readonly dryMin: number;
  readonly how: string;
}

const ALL: ByPlace = [1, 1, 1, 1];

const RIDGES: LayerRule = {
  ...{ id: 'ridge-1', name: say.ridges, kind: 'dry', steps: 1, chroma: 0.92 },
  ...{ covers: [0, 0.1, 0.55, 0.8], paint: 1, dryMin: 10, how: say.dryBrushedAcross },
};
const TIPS: LayerRule = {
  ...{ id: 'ridge-2', name: say.tips, kind: 'dry', steps: 2, chroma: 0.82 },
  ...{ covers: [0, 0, 0.15, 0.6], paint: 1, dryMin: 10, how: say.dryBrushedOnTips },
};
const WASH: LayerRule = {
  ...{ id: 'hollows', name: say.hollows, kind: 'film', steps: -1.5, chroma: 1.05 },
  ...{ covers: [1.9, 0.55, 0.2, 0.05], paint: 0.25, dryMin: 30, how: say.thinWashWipedOff },
};
const BASE: LayerRule = {
  ...{ id: 'base', name: say.base, kind: 'cover', steps: 0, chroma: 1 },
  ...{ covers: ALL, paint: 0.8, dryMin: 20, how: say.brushedOnThinCoats },
};

const UNDER: LayerRule = {
  ...{ id: 'under', name: say.underpainting, kind: 'cover', steps: -2, chroma: 1.05 },
  ...{ covers: ALL, paint: 0.8, dryMin: 20, how: say.darkIntoEveryHollow },
};

/** The first coat of a marking: over the dry paint of its zone, and under the washes. */
const MARKING: LayerRule = {
  ...{ id: 'marking', name: say.markings, kind: 'cover', steps: 0, chroma: 1 },
  ...{ covers: ALL, paint: 0.7, dryMin: 20, how: say.markingOverDryBase },
};
/** A glaze that goes over all, last but for what flashes. */
const OVER_GLAZE: LayerRule = {
  ...{ id: 'over-glaze', name: say.lastGlaze, kind: 'film', steps: -0.4, chroma: 1.2 },
  ...{ covers: ALL, paint: 0.15, dryMin: 40, how: say.glazedLast },
};

/** Layers beside those of a way, as a zone has them by choice. Shares: common practice. */
const EXTRAS: Readonly<Record<ExtraId, LayerRule>> = {
  under: UNDER,
  glaze: OVER_GLAZE,
  stipple: {
    ...{ id: 'stipple', name: say.stippling, kind: 'dry', steps: 1.4, chroma: 1 },
    ...{ covers: [0.2, 0.2, 0.2, 0.2], paint: 0.7, dryMin: 10, how: say.dabbedAsDots },
  },
  metallic: {
    ...{ id: 'metallic', name: say.metallic, kind: 'dry', steps: 1.5, chroma: 1.1 },
    ...{ covers: [0, 0.05, 0.25, 0.4], paint: 1, dryMin: 20, how: say.drawnThinlyItFlashes },
  },
  glitter: {
    ...{ id: 'glitter', name: say.glitter, kind: 'dry', steps: 1, chroma: 1.2 },
    ...{ covers: [0.08, 0.08, 0.08, 0.08], paint: 1, dryMin: 30, how: say.glitterSparkles },
  },
};

/** The one layer of what is no coat: eyes, mouth, teeth, claws. */
export const DETAIL: LayerRule = {
  ...{ id: 'details', name: say.details, kind: 'cover', steps: 0, chroma: 1 },
  ...{ covers: ALL, paint: 0.9, dryMin: 20, how: say.withPointOfSmallBrush },
};

/** The layers of a way with those that are chosen beside them, in the order in which they go on. */
export function layersWith(school: School, extras: readonly ExtraId[]): readonly LayerRule[] {
  const own = LAYERS_OF[school];
  if (!isPainted(school)) return own;
  const more = extras.map((id) => EXTRAS[id]).filter(({ id }) => own.every((of) => of.id !== id));
  return [...own, ...more].toSorted((a, b) => LAYER_IDS.indexOf(a.id) - LAYER_IDS.indexOf(b.id));
}

/**
 * The layers of one colour of a marking in a way: one coat over its zone, lighter again on the strokes where there are
 * some, and what is chosen beside it. In coloured clay it is laid in, and has none.
 */
export function markingLayers(
  school: School,
  extras: readonly ExtraId[],
  textured: boolean,
): readonly LayerRule[] {
  if (school === 'coloured-clay') return [];
  if (school === 'pastel')
    return [{ ...MARKING, id: 'powder-marking', kind: 'powder', paint: 1, dryMin: 0 }];
  const more = extras.map((id) => EXTRAS[id]);
  return [MARKING, ...(textured ? [RIDGES] : []), ...more].toSorted(
    (a, b) => LAYER_IDS.indexOf(a.id) - LAYER_IDS.indexOf(b.id),
  );
}

/** The layers of each way. Shares, water and drying times: common practice. */
export const LAYERS_OF: Readonly<Record<School, readonly LayerRule[]>> = Object.freeze({
  'light-down': [
    { ...BASE, steps: 0.8, chroma: 0.92 },
    {
      ...{ id: 'glaze', name: say.glaze, kind: 'film', steps: 0, chroma: 1.1 },
      ...{ covers: ALL, paint: 0.3, dryMin: 40, how: say.glazedOverAll },
    } as const,
    WASH,
    RIDGES,
    TIPS,
  ],
  'dark-up': [
    UNDER,
    { ...BASE, covers: [0.25, 0.9, 1, 1], kind: 'dry', paint: 1, how: say.overbrushedFlat },
    RIDGES,
    TIPS,
  ],
  'over-clay': [
    { ...BASE, kind: 'film', covers: ALL, paint: 0.4, dryMin: 30, how: say.thinOverClay },
    WASH,
    RIDGES,
  ],
  'coloured-clay': [],
  pastel: [
    {
      ...{ id: 'powder-shade', name: say.powderShade, kind: 'powder', steps: -1.2, chroma: 1.05 },
      ...{ covers: [0.9, 0.35, 0.1, 0.05], paint: 1, dryMin: 0, how: say.powderIntoHollows },
    } as const,
    {
      ...{ id: 'powder-base', name: say.powderBase, kind: 'powder', steps: 0, chroma: 1 },
      ...{ covers: [0.3, 0.85, 0.85, 0.8], paint: 1, dryMin: 0, how: say.powderOverAll },
    } as const,
    {
      ...{ id: 'powder-light', name: say.powderLight, kind: 'powder', steps: 1.2, chroma: 0.9 },
      ...{ covers: [0, 0.1, 0.5, 0.7], paint: 1, dryMin: 0, how: say.powderOnRidges },
    } as const,
  ],
});

/** Which ways paint is brushed on after the bakes; the others bring their colour into the clay or onto it raw. */
export const isPainted = (school: School): boolean =>
  school !== 'coloured-clay' && school !== 'pastel';

/** Colour of a layer from the target: lightness by steps in OKLab, hue kept, chroma by rule. */
export function layerColour(target: Oklch, rule: LayerRule, step: number): Oklch {
  const [l, c, h] = target;
  return [Math.min(0.99, Math.max(0.04, l + rule.steps * step)), c * rule.chroma, h];
}

/** The same from and to "#rrggbb"; an unreadable target is a defect, as the document was read. */
export function layerHex(targetHex: string, rule: LayerRule, step: number): string {
  const target = hexToOklch(targetHex);
  if (target === undefined) throw new Error(`not a colour: ${targetHex}`);
  return oklchToHex(layerColour(target, rule, step));
}

/** What of a skin a layer covers, and with paint how thick: by places and their shares. */
export const coveredOf = ({ covers }: LayerRule, textured: boolean): number =>
  PLACE_SHARES[textured ? 'textured' : 'smooth'].reduce(
    (sum, share, place) => sum + share * covers[place]!,
    0,
  );
