import * as say from './words.ts';
import { ROUNDING } from '../mass/clayBatches.ts';
import type { StepDone } from '../piece/pieceSchema.ts';
import type { Sentence } from '../piece/step.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { Unit } from '../units/quantity.ts';
import type { AtHand } from '../workshop/workpiece.ts';
import type { Supply } from '../workshop/workshopSchema.ts';
import { clayLot, packetsCost, packetsToBuy } from './atHand.ts';
import { paintLines, supplyLines, type MaterialLine, type MaterialWork } from './materialLines.ts';

/** One stuff of the piece: what it takes, what is there, what is to buy. */
export interface MaterialPlan extends MaterialLine {
  /** Lots of the workshop that it is taken from, the opened before the closed. */
  readonly lots: readonly string[];
  /** What lies in those lots; null where there is none. */
  readonly onHand: Working | null;
  readonly quantity: Working;
  /** What that costs; null where nothing is bought, or nobody said a price. */
  readonly cost: Working | null;
  /** What of it lies in the finished piece is worth; null where nobody said a price. */
  readonly worth: Working | null;
}

/** One thing to have, with its quantity. */
export interface ShoppingLine {
  readonly id: string;
  readonly what: Sentence;
  readonly quantity: Working;
  /** What else is known of it: its cost, what of a tube is needed. */
  readonly beside: readonly Working[];
}

type Done = Readonly<Record<string, StepDone>>;

/** Everything that the piece takes, with what is there and what is to buy of it. */
export function materialsOf(of: MaterialWork, done: Done): readonly MaterialPlan[] {
  const { atHand } = of.piece;
  return [
    ...of.wire.stock.groups.map(wireMaterial),
    ...supplyLines(of).map((line) => supplyMaterial(line, atHand, done)),
    ...of.mass.batches.map((batch) => clayMaterial(batch, atHand, done)),
    ...paintLines(of.colour).map((line) => paintMaterial(line, atHand, done)),
  ];
}

/** What of the materials is not there. */
export const shoppingList = (materials: readonly MaterialPlan[]): readonly ShoppingLine[] =>
  materials
    .filter(({ quantity }) => quantity.value > 0)
    .map(({ quantity, what, beside, cost }) => ({
      ...{ id: quantity.id, what, quantity },
      beside: cost === null ? beside : [...beside, cost],
    }));

/** A wire's sticks are cut by the plan of its stage, which leaves out what is cut already; worth is all of it. */
function wireMaterial(group: MaterialWork['wire']['stock']['groups'][number]): MaterialPlan {
  const { buy, cost, all, sold, metalName } = group;
  const mmOf = (pieces: typeof all): number => pieces.reduce((sum, { mm }) => sum + mm, 0);
  const need: Working = {
    ...{ id: `bench.need.${buy.id}`, stage: 'bench', label: say.wireToCut(metalName) },
    value: mmOf(all),
    ...{ unit: 'mm', provenance: 'derived', formula: 'Σ lᵢ' },
    inputs: all.map(({ id, mm }) => input('lᵢ', id, mm, 'mm', 'derived')),
    source: say.cutListInWire,
  };
  const steps = [...new Set(all.map(({ step }) => step))];
  return {
    ...{ id: buy.id, kind: 'wire', what: [`${metalName}, ${group.sizeText}`], need },
    usedAt: steps.map((step) => ({
      step,
      share: mmOf(all.filter((of) => of.step === step)) / need.value,
    })),
    ...{ words: [], beside: [], own: null, lots: [], onHand: null, quantity: buy, cost },
    worth: worthOf(need, sold && { pack: sold.lengthMm, price: sold.price }),
  };
}

function clayMaterial(
  batch: MaterialWork['mass']['batches'][number],
  { clays }: AtHand,
  done: Done,
): MaterialPlan {
  const { figures, grams } = batch;
  const lots = inUse(clayLot(batch, clays));
  const line: MaterialLine = {
    ...{ id: grams.id, kind: 'clay', what: [say.packetsOf(figures.name), figures.packet] },
    ...{ need: grams, usedAt: [{ step: 'mass.condition', share: 1 }], words: [], beside: [] },
    own: null,
  };
  const isDone = doneShare(line, done) > 0;
  const onHand = lots.map(({ grams: amount }) => amount);
  const reckoned = packetsToBuy(batch, clays) ?? batch.packets;
  const price = lots.find(({ packetPrice }) => packetPrice !== null)?.packetPrice ?? null;
  return {
    ...line,
    lots: lots.map(({ id }) => id),
    onHand: onHandOf(grams, onHand),
    quantity: isDone ? toBuy(line, 1, onHand, figures.packet.value) : reckoned,
    cost: isDone ? null : packetsCost(batch, reckoned, clays),
    worth: worthOf(grams, { pack: figures.packet.value, price }),
  };
}

function paintMaterial(line: MaterialLine, { paints }: AtHand, done: Done): MaterialPlan {
  const lots = paints.filter(({ id }) => line.own?.lots.includes(id));
  const share = doneShare(line, done);
  const { buy, cost } = line.own!;
  const sold = lots[0] === undefined ? null : { pack: lots[0].packMl, price: lots[0].price };
  const onHand = lots.map(({ ml }) => ml);
  const bought = lots.length === 0 && buy === null ? line.need : buy;
  const quantity =
    share === 0 && bought !== null ? bought : toBuy(line, share, onHand, sold?.pack ?? null);
  return {
    ...line,
    beside: lots.length === 0 && line.own?.buy === null ? [] : [line.need],
    lots: lots.map(({ id }) => id),
    onHand: onHandOf(line.need, onHand),
    quantity,
    cost: share === 0 ? cost : costOf(quantity, sold),
    worth: worthOf(line.need, sold),
  };
}

function supplyMaterial(line: MaterialLine, { supplies }: AtHand, done: Done): MaterialPlan {
  const lots = inUse(supplies.filter((of) => isOf(of, line)));
  const share = doneShare(line, done);
  const sold = lots.find(({ price }) => price !== null) ?? lots[0] ?? null;
  const onHand = lots.map(({ amount }) => amount);
  const isPlain = share === 0 && lots.length === 0;
  const quantity = isPlain ? line.need : toBuy(line, share, onHand, sold?.pack ?? null);
  return {
    ...line,
    beside: isPlain ? line.beside : [...line.beside, line.need],
    lots: lots.map(({ id }) => id),
    onHand: onHandOf(line.need, onHand),
    quantity,
    cost: costOf(quantity, sold),
    worth: worthOf(line.need, sold),
  };
}

/** Units of supplies as the numbers of a plan have them. */
const UNIT_OF: Readonly<Record<Supply['unit'], Unit>> = {
  ...{ piece: 'count', g: 'g', ml: 'ml', m: 'm' },
};

/** Whether a lot is what a line asks for: its kind, its unit, and one of its words. */
function isOf({ kind, unit, name }: Supply, line: MaterialLine): boolean {
  const words = ` ${name.toLowerCase()}`;
  return (
    kind === line.kind &&
    UNIT_OF[unit] === line.need.unit &&
    (line.words.length === 0 || line.words.some((word) => words.includes(word)))
  );
}

/** The opened lots first, the earliest of them before the others. */
const inUse = <T extends { readonly opened: string | null }>(lots: readonly T[]): readonly T[] =>
  lots.toSorted((a, b) => (a.opened ?? '9').localeCompare(b.opened ?? '9'));

const doneShare = ({ usedAt }: MaterialLine, done: Done): number =>
  usedAt.reduce((sum, { step, share }) => sum + (done[step] === undefined ? 0 : share), 0);

const onHandOf = (need: Working, amounts: readonly number[]): Working | null =>
  amounts.length === 0
    ? null
    : {
        ...{ id: `bench.hand.${need.id}`, stage: 'bench', label: say.onHandInWorkshop },
        value: amounts.reduce((sum, amount) => sum + amount, 0),
        ...{ unit: need.unit, digits: need.digits ?? 0, provenance: 'own', formula: 'Σ hᵢ' },
        inputs: amounts.map((amount) => input('hᵢ', say.oneLot, amount, need.unit, 'own')),
        source: say.stockOfWorkshop,
      };

/** What is to buy once what is used and what is there are taken off; whole packets where they are known. */
function toBuy(
  { need }: MaterialLine,
  share: number,
  onHand: readonly number[],
  pack: number | null,
): Working {
  const used = share * need.value;
  const here = onHand.reduce((sum, amount) => sum + amount, 0);
  const left = Math.max(0, need.value - used - here);
  const inputs = [
    asInput('V', need),
    input('d', say.usedInDoneSteps, used, need.unit, 'derived'),
    input('h', say.onHandInWorkshop, here, need.unit, 'own'),
  ];
  const common = {
    id: `bench.buy.${need.id}`,
    stage: 'bench',
    label: say.toBuyOf(need.label),
    provenance: 'derived',
    source: say.stockOfWorkshop,
  } as const;
  if (pack === null)
    return {
      ...common,
      ...{ value: left, unit: need.unit, digits: need.digits ?? 0, inputs },
      formula: 'max(0, V − d − h)',
    };
  return {
    ...common,
    ...{ value: Math.ceil(left / pack - ROUNDING), unit: 'count' },
    formula: '⌈max(0, V − d − h) / P − ε⌉',
    inputs: [
      ...inputs,
      input('P', say.packHolds, pack, need.unit, 'own'),
      input('ε', say.whatRoundingErrorMay, ROUNDING, 'ratio', 'memory'),
    ],
  };
}

type Sold = Pick<Supply, 'pack' | 'price'>;

/** What whole packets cost; null where the quantity is no number of packets, or there is no price. */
const costOf = (quantity: Working, sold: Sold | null): Working | null =>
  sold === null || sold.price === null || sold.pack === null || quantity.value === 0
    ? null
    : {
        ...{ id: `${quantity.id}.cost`, stage: 'bench', label: say.cost(quantity.label) },
        ...{ value: quantity.value * sold.price, unit: 'money', formula: 'c = N · P' },
        ...{ provenance: 'derived', source: say.pricesOfWorkshopIn },
        inputs: [asInput('N', quantity), input('P', say.priceOfPacket, sold.price, 'money', 'own')],
      };

/** What so much of a packet is worth. */
const worthOf = (need: Working, sold: Sold | null): Working | null =>
  sold === null || sold.price === null || sold.pack === null
    ? null
    : {
        ...{ id: `bench.worth.${need.id}`, stage: 'bench', label: say.worthOf(need.label) },
        ...{ value: (need.value / sold.pack) * sold.price, unit: 'money', formula: 'V / p · P' },
        ...{ provenance: 'derived', source: say.pricesOfWorkshopIn },
        inputs: [
          asInput('V', need),
          input('p', say.packHolds, sold.pack, need.unit, 'own'),
          input('P', say.priceOfPacket, sold.price, 'money', 'own'),
        ],
      };
