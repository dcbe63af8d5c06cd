import * as say from './words.ts';
import { hexToOklch, oklchToHex, type Oklch } from './colourSpaces.ts';

/** The steps from the base of a zone, dark into the hollows and light onto the ridges. */
export const LAYER_IDS = ['base', 'hollows', 'ridge-1', 'ridge-2'] as const;
export type LayerId = (typeof LAYER_IDS)[number];

/** A layer of paint: what it is, how much of the skin it covers, and its colour by a rule. */
export interface LayerRule {
  readonly id: LayerId;
  readonly name: string;
  /** Steps of lightness from the base. */
  readonly steps: number;
  /** Chroma against the base: shadows a little richer, worn tips paler. */
  readonly chroma: number;
  /** Share of the skin that takes it: a wash runs everywhere, a dry brush catches ridges. */
  readonly share: number;
  readonly how: string;
}

/** Dark wash into the hollows, then drier and lighter on the ridges. Shares: common practice. */
export const LAYERS: readonly LayerRule[] = Object.freeze<LayerRule[]>([
  { id: 'base', name: say.base, steps: 0, chroma: 1, share: 1, how: say.brushedOnThinCoats },
  {
    id: 'hollows',
    name: say.hollows,
    steps: -1.5,
    chroma: 1.05,
    share: 0.5,
    how: say.thinWashWipedOff,
  },
  {
    id: 'ridge-1',
    name: say.ridges,
    steps: 1,
    chroma: 0.92,
    share: 0.25,
    how: say.dryBrushedAcross,
  },
  {
    id: 'ridge-2',
    name: say.tips,
    steps: 2,
    chroma: 0.82,
    share: 0.12,
    how: say.dryBrushedOnTips,
  },
]);

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
