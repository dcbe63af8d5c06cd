import * as say from './words.ts';
import type { SoldEntry, StockEntry } from '../workshop/workshopSchema.ts';
import type { WireDecisions } from '../workshop/workpiece.ts';
import { input, type Working } from '../piece/working.ts';
import { sizeText } from '../units/gauges.ts';
import { metalById } from './metals.ts';
import type { PlannedWire } from './plannedWire.ts';
import type { Shaft } from './shafts.ts';
import {
  cutFromStock,
  fewestSticks,
  type CutPiece,
  type CuttingPlan,
  type SticksToBuy,
} from './stockCutting.ts';
import { choiceDiameterMm, sameWire } from './wireStock.ts';

/** One kind of wire the piece needs: what is cut from stock, and what must be bought. */
export interface StockGroup {
  readonly metal: StockEntry['metal'];
  readonly metalName: string;
  readonly size: StockEntry['size'];
  readonly sizeText: string;
  /** What is still to cut. */
  readonly pieces: readonly WirePiece[];
  /** The same with what is cut already. */
  readonly all: readonly WirePiece[];
  readonly cutting: CuttingPlan;
  readonly buy: Working;
  /** As the shop sells it; null where that is not entered. */
  readonly sold: SoldEntry | null;
  /** Lengths to buy as the shop sells them, and what they cost; null where that is not entered. */
  readonly lengths: (SticksToBuy & { readonly sold: SoldEntry; readonly working: Working }) | null;
  readonly cost: Working | null;
}

/** All kinds of wire: what of each is cut from what is there, and what is to be bought. */
export interface StockPlan {
  readonly groups: readonly StockGroup[];
  /** All that is to be bought, where every price is known. */
  readonly cost: Working | null;
  readonly workings: readonly Working[];
}

type Kind = Pick<StockEntry, 'metal' | 'size'>;

/** A length to cut, with the wire that it is cut from. */
export interface WirePiece extends CutPiece {
  /** The wire that it is part of: A of the strand A2; null for a shaft, which has no place. */
  readonly wireId: string | null;
  /** The step in which it is cut. */
  readonly step: string;
  readonly name: string;
  readonly metal: string;
  readonly size: StockEntry['size'];
  readonly diameterMm: number;
  readonly densityKgM3: number;
}

/** What pieces are cut for: the wires of the armature, and the shafts of parts made apart. */
export interface ToCut {
  readonly wires: readonly PlannedWire[];
  readonly shafts: readonly Shaft[];
}

/** Every piece to cut: a wire's own length, as often as it is needed, its shorter strands, shafts. */
export function cutPieces({ wires, shafts }: ToCut): readonly WirePiece[] {
  const times = (count: number, id: string, mm: number, of: PlannedWire | Shaft): WirePiece[] =>
    Array.from({ length: count }, () => ({
      id,
      mm,
      wireId: 'route' in of ? of.id : null,
      step: 'route' in of ? cutStepId(of) : SHAFT_STEP,
      name: of.name,
      metal: of.metal,
      size: of.size,
      diameterMm: of.diameterMm,
      densityKgM3: of.densityKgM3,
    }));
  return [
    ...wires
      .filter(({ otherEndOf }) => otherEndOf === null)
      .flatMap((wire) => [
        ...times(wire.count, wire.id, wire.cut.value, wire),
        ...wire.moreStrands.flatMap(({ id, count, cut }) => times(count, id, cut.value, wire)),
      ]),
    ...shafts.flatMap((shaft) =>
      shaft.cut === null ? [] : times(shaft.count, shaft.id, shaft.cut.value, shaft),
    ),
  ];
}

/** The steps in which wires are cut: each large one by itself, thin ones together, shafts together. */
export const THIN_STEP = 'wire.thin.cut';
export const SHAFT_STEP = 'wire.shafts';
const cutStepId = ({ id, kind }: PlannedWire): string =>
  kind === 'fine' ? THIN_STEP : `wire.${id}.cut`;
/** The steps of these that cut wire, in one line. */
export const cutSteps = (done: Readonly<Record<string, unknown>>): string =>
  Object.keys(done)
    .filter((id) => id === THIN_STEP || id === SHAFT_STEP || /^wire\..+\.cut$/.test(id))
    .sort()
    .join(' ');

/**
 * Groups the pieces by wire and cuts each group from the stock of the same wire. Pieces whose step is done are cut
 * already: their wire has left the stock.
 */
export function planStock(
  toCut: ToCut,
  wire: WireDecisions,
  isDone: ReadonlySet<string> = new Set(),
): StockPlan {
  const all = cutPieces(toCut);
  const kinds: Kind[] = [];
  for (const kind of all) if (!kinds.some((entry) => sameWire(entry, kind))) kinds.push(kind);
  const groups = kinds.map((kind, i): StockGroup => {
    const its = all.filter((piece) => sameWire(piece, kind));
    const pieces = its.filter(({ step }) => !isDone.has(step));
    const sticks = wire.stock
      .filter((entry) => sameWire(entry, kind))
      .flatMap((entry) => entry.lengthsMm.map((mm, n) => ({ id: `${entry.id} no. ${n + 1}`, mm })));
    const cutting = cutFromStock(pieces, sticks, wire.sawLossMm);
    const { name: metalName } = metalById(kind.metal, wire.ownMetals);
    const lengths = lengthsToBuy(i, kind, cutting.missing, wire);
    return {
      metal: kind.metal,
      size: kind.size,
      metalName,
      sizeText: sizeText(kind.size),
      pieces,
      all: its,
      cutting,
      sold: wire.sold.find((entry) => sameWire(entry, kind)) ?? null,
      buy: buyWorking(i, kind, metalName, pieces, cutting),
      lengths,
      cost: lengths === null ? null : costOf(i, lengths),
    };
  });
  const cost = totalCost(groups);
  return {
    groups,
    cost,
    workings: [
      ...groups.flatMap(({ buy, lengths, cost: own }) =>
        [buy, lengths?.working, own].filter((entry) => entry !== undefined && entry !== null),
      ),
      ...(cost === null ? [] : [cost]),
    ],
  };
}

function buyWorking(
  index: number,
  kind: Kind,
  metalName: string,
  pieces: readonly CutPiece[],
  { missing, proven, boundMm }: CuttingPlan,
): Working {
  const need = pieces.reduce((sum, piece) => sum + piece.mm, 0);
  const missingMm = missing.reduce((sum, piece) => sum + piece.mm, 0);
  return {
    id: `wire.stock.${index + 1}.buy`,
    stage: 'wire',
    label: say.toBuyMm(metalName, choiceDiameterMm(kind).toFixed(2)),
    value: missingMm,
    unit: 'mm',
    provenance: 'derived',
    reading: {
      method: say.whatNoLengthOn,
      resolution: proven ? say.provenNoWayLeaves : say.bestFoundSeeBound,
      checkedBy: 'core/src/wire/stock.test.ts',
    },
    inputs: [
      input('need', say.neededInAll, need, 'mm', 'derived'),
      input('cut', say.cutFromWireOn, need - missingMm, 'mm', 'derived'),
      input('bound', say.noWayOfCutting, boundMm, 'mm', 'derived'),
    ],
    source: proven ? say.searchOverAllWays : say.bestOfWaysOf,
  };
}

function lengthsToBuy(
  index: number,
  kind: Kind,
  missing: readonly CutPiece[],
  wire: WireDecisions,
): StockGroup['lengths'] {
  const sold = wire.sold.find((entry) => sameWire(entry, kind));
  if (sold === undefined || missing.length === 0) return null;
  const found = fewestSticks(missing, sold.lengthMm, wire.sawLossMm);
  const { sticks, bound, proven } = found;
  if (sticks === undefined) return null;
  return {
    ...found,
    sold,
    working: {
      id: `wire.stock.${index + 1}.lengths`,
      stage: 'wire',
      label: say.lengthsToBuyAs,
      value: sticks,
      unit: 'count',
      provenance: 'derived',
      reading: {
        method: say.fewestEqualLengthsThat,
        resolution: proven ? say.provenFewerDoNot : say.bestFoundSeeBound,
        checkedBy: 'core/src/wire/stock.test.ts',
      },
      inputs: [
        input('l', say.soldInLengthsOf, sold.lengthMm, 'mm', 'own'),
        input('loss', say.lostAtEachCut, wire.sawLossMm, 'mm', 'own'),
        input('bound', say.noFewerCanDo, bound, 'count', 'derived'),
      ],
      source: proven ? say.searchOverAllWaysOf : say.bestThatSearchFound,
    },
  };
}

function costOf(
  index: number,
  { sold, working }: NonNullable<StockGroup['lengths']>,
): Working | null {
  if (sold.price === null) return null;
  return {
    id: `wire.stock.${index + 1}.cost`,
    stage: 'wire',
    label: say.theyCost,
    value: working.value * sold.price,
    unit: 'money',
    provenance: 'derived',
    formula: 'lengths · price',
    inputs: [
      input('lengths', say.lengthsToBuy, working.value, 'count', 'derived'),
      input('price', say.priceOfOne, sold.price, 'money', 'own'),
    ],
    source: say.yourOwnPricesIn,
  };
}

function totalCost(groups: readonly StockGroup[]): Working | null {
  const needed = groups.filter(({ buy }) => buy.value > 0);
  const costs = needed.flatMap(({ cost }) => (cost === null ? [] : [cost]));
  if (costs.length === 0 || costs.length < needed.length) return null;
  return {
    id: 'wire.stock.cost',
    stage: 'wire',
    label: say.allWireToBuy,
    value: costs.reduce((sum, { value }) => sum + value, 0),
    unit: 'money',
    provenance: 'derived',
    formula: 'Σ cᵢ',
    inputs: costs.map(({ label, value }) => input('cᵢ', label, value, 'money', 'derived')),
    source: say.yourOwnPricesIn,
  };
}
