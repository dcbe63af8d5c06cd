import * as say from './words.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { PaintOnHand } from '../workshop/workshopSchema.ts';
import type { MixedRecipe, PaintAnswer, Tube } from './paintQuestion.ts';
import { PAINT_KINDS } from '../piece/colourSchema.ts';
import { usualTubes } from './usualBox.ts';
import { tubeOf } from './paintAsked.ts';
import { shiftWorking } from './bakedColour.ts';

/** Mixed colour that dries on the palette and stays in the brush, against what lies on the piece. Common practice. */
const LOSS = 1.35;

/** A tube that the piece is coloured with: how much of it, and what is left of it. */
export interface TubePlan {
  readonly tube: Tube;
  readonly onHand: PaintOnHand | null;
  readonly needed: Working;
  /** What is to buy; null where enough is there. */
  readonly buy: Working | null;
  /** What that costs; null where nothing is bought, or nobody said the price of a packet. */
  readonly cost: Working | null;
  /** What the oven makes of its colour; null where it does not go through one, and nobody measured it. */
  readonly shift: Working | null;
}

/** Its numbers in the order in which one asks for them. */
export const tubeWorkings = ({ needed, buy, cost, shift }: TubePlan): readonly Working[] =>
  [needed, buy, cost, shift].filter((working) => working !== null);

/** How much of a recipe lies on the piece. */
export interface Spread {
  readonly amount: Working;
  readonly recipe: MixedRecipe;
}

/** The tubes that are used, with how much of each. */
export function tubePlans(
  few: PaintAnswer['few'],
  spreads: readonly Spread[],
  paints: readonly PaintOnHand[],
  fixed: readonly string[],
): readonly TubePlan[] {
  const all = [...paints.map(tubeOf), ...PAINT_KINDS.flatMap(usualTubes)];
  return PAINT_KINDS.flatMap((kind) => few[kind].map((id) => ({ kind, id }))).flatMap(
    ({ kind, id }): TubePlan[] => {
      const tube = all.find((of) => of.id === id && of.kind === kind);
      if (tube === undefined) return [];
      const onHand = paints.find((paint) => paint.id === id) ?? null;
      const needed = neededWorking(tube, spreads);
      // A tube that no recipe takes is none of these, unless it is kept by hand.
      if (needed.value === 0 && !fixed.includes(id)) return [];
      const buy = buyWorking(tube, onHand, needed);
      const cost = buy && onHand && costWorking(buy, onHand);
      return [{ tube, onHand, needed, buy, cost, shift: onHand && shiftWorking(onHand) }];
    },
  );
}

const unitOf = ({ kind }: Tube): 'ml' | 'g' => (kind === 'paint' ? 'ml' : 'g');

function neededWorking(tube: Tube, spreads: readonly Spread[]): Working {
  const used = spreads.flatMap(({ amount, recipe }) => {
    const all = recipe.parts.reduce((sum, { parts }) => sum + parts, 0);
    const own = recipe.parts.find(({ tubeId }) => tubeId === tube.id)?.parts ?? 0;
    return own === 0 || amount.unit !== unitOf(tube) ? [] : [{ amount, share: own / all }];
  });
  return {
    id: `colour.tube.${tube.kind}.${tube.id}`,
    stage: 'colour',
    label: say.neededOf(tube.name),
    value: LOSS * used.reduce((sum, { amount, share }) => sum + amount.value * share, 0),
    unit: unitOf(tube),
    digits: 1,
    provenance: 'derived',
    formula: 'V = Σ (vᵢ · pᵢ) · s',
    inputs: [
      ...used.flatMap(({ amount, share }) => [
        asInput('vᵢ', amount),
        input('pᵢ', say.shareOfRecipe, share, 'ratio', 'derived'),
      ]),
      input('s', say.driesOnPalette, LOSS, 'ratio', 'memory'),
    ],
    source: say.recipesTimesLayers,
  };
}

function buyWorking(tube: Tube, onHand: PaintOnHand | null, needed: Working): Working | null {
  const left = onHand?.ml ?? 0;
  if (left >= needed.value) return null;
  const pack = onHand?.packMl ?? null;
  const unit = unitOf(tube);
  const common = {
    id: `${needed.id}.buy`,
    stage: 'colour',
    label: say.toBuyOf(tube.name),
    provenance: 'derived',
    source: say.shelfOfWorkshop,
  } as const;
  const inputs = [
    asInput('V', needed),
    input('L', say.leftOnShelf, left, unit, onHand === null ? 'derived' : 'own'),
  ];
  if (pack === null)
    return { ...common, inputs, value: needed.value - left, unit, digits: 1, formula: 'V − L' };
  return {
    ...common,
    value: Math.ceil((needed.value - left) / pack),
    unit: 'count',
    formula: 'n = ⌈(V − L) / P⌉',
    inputs: [...inputs, input('P', say.packHolds, pack, unit, 'own')],
  };
}

/** What whole packets of a tube cost. */
const costWorking = (buy: Working, { packMl, price, name }: PaintOnHand): Working | null =>
  price === null || packMl === null
    ? null
    : {
        ...{ id: `${buy.id}.cost`, stage: 'colour', label: say.costOf(name) },
        ...{ value: buy.value * price, unit: 'money', provenance: 'derived', formula: 'n · P' },
        inputs: [asInput('n', buy), input('P', say.priceOfOne, price, 'money', 'own')],
        source: say.pricesOfWorkshop,
      };
