import type { Workpiece } from '../workshop/workpiece.ts';
import type { StockEntry, UsedOfLot } from '../workshop/workshopSchema.ts';
import type { MaterialPlan } from './shoppingList.ts';
import { planStock, type StockPlan, type ToCut } from '../wire/planStock.ts';

/** What a step takes of a stuff, from which lots in their order. */
export interface LotTake {
  readonly of: 'clay' | 'paint' | 'supply';
  readonly lots: readonly string[];
  /** In the lots' own unit. */
  readonly amount: number;
}

/** What a step cuts off one stick of wire, its saw losses included, mm. */
export interface StickTake {
  readonly lot: string;
  readonly stickMm: number;
  readonly amountMm: number;
}

/** What leaves the workshop when a step is ticked. */
export interface StepTakes {
  readonly stuffs: readonly LotTake[];
  readonly sticks: readonly StickTake[];
}

/** What a step takes, by the materials and the cutting plan of its piece. */
export const takesOf = (
  stepId: string,
  materials: readonly MaterialPlan[],
  stock: StockPlan,
  sawLossMm: number,
): StepTakes => ({
  stuffs: materials.flatMap(({ kind, lots, usedAt, need }): readonly LotTake[] => {
    const share = usedAt.find(({ step }) => step === stepId)?.share ?? 0;
    if (kind === 'wire' || share === 0 || lots.length === 0) return [];
    const of = kind === 'clay' || kind === 'paint' ? kind : 'supply';
    return [{ of, lots, amount: share * need.value }];
  }),
  sticks: sticksOf(stepId, stock, sawLossMm),
});

/**
 * What a cutting step takes of a workshop as it is now: the cutting plan is made anew, so that several steps can be
 * ticked one after the other without a plan between them.
 */
export const wireTakes = (piece: Workpiece, wire: ToCut, stepId: string): StepTakes => {
  const done = new Set(Object.keys(piece.bench.done));
  return takesOf(stepId, [], planStock(wire, piece.wire, done), piece.wire.sawLossMm);
};

/** Sticks as the cutting plan names them: “coil-1 no. 2”. */
const STICK = /^(.*) no\. \d+$/;

function sticksOf(stepId: string, stock: StockPlan, sawLossMm: number): readonly StickTake[] {
  return stock.groups.flatMap(({ cutting, pieces }) => {
    const own = new Set(pieces.flatMap(({ id, step }) => (step === stepId ? [id] : [])));
    return cutting.sticks.flatMap(({ stick, pieces: cut }): readonly StickTake[] => {
      const its = cut.filter(({ id }) => own.has(id));
      const lot = STICK.exec(stick.id)?.[1];
      if (its.length === 0 || lot === undefined) return [];
      const mm = its.reduce((sum, of) => sum + of.mm + sawLossMm, 0);
      return [{ lot, stickMm: stick.mm, amountMm: Math.min(stick.mm, mm) }];
    });
  });
}

/** The workshop with what a step takes taken from its lots, as far as they reach, and written down. */
export function withStockTaken(piece: Workpiece, step: string, takes: StepTakes): Workpiece {
  const { used } = piece.atHand;
  const lots = lotsOf(piece.atHand);
  const taken = takes.stuffs.flatMap((take) => fromLots(take, lots[take.of]));
  const cut = sticksCut(piece, takes.sticks);
  const records = [...taken, ...cut.taken].map((of): UsedOfLot => ({
    piece: piece.id,
    step,
    ...of,
  }));
  if (records.length === 0) return piece;
  return {
    ...piece,
    wire: { ...piece.wire, stock: cut.stock },
    atHand: { ...piece.atHand, ...withAmounts(piece.atHand, lots), used: [...used, ...records] },
  };
}

/** The workshop with what a step had taken back in its lots; what lots are gone stays used. */
export function withStockBack(piece: Workpiece, step: string): Workpiece {
  const { used } = piece.atHand;
  const its = used.filter((of) => of.piece === piece.id && of.step === step);
  if (its.length === 0) return piece;
  const lots = lotsOf(piece.atHand);
  for (const { of, lot, amount } of its) {
    if (of === 'wire') continue;
    const left = lots[of].get(lot);
    if (left !== undefined) lots[of].set(lot, left + amount);
  }
  return {
    ...piece,
    wire: { ...piece.wire, stock: sticksBack(piece.wire.stock, its) },
    atHand: {
      ...piece.atHand,
      ...withAmounts(piece.atHand, lots),
      used: used.filter((of) => !its.includes(of)),
    },
  };
}

/** What is left in the lots of a kind, by id. */
type Lots = Readonly<Record<LotTake['of'], Map<string, number>>>;
type Taken = Omit<UsedOfLot, 'piece' | 'step'>;

const amountsOf = <K extends string>(
  lots: readonly ({ readonly id: string } & Readonly<Record<K, number>>)[],
  key: K,
): Map<string, number> => new Map(lots.map((lot) => [lot.id, lot[key]]));

const lotsOf = ({ clays, paints, supplies }: Workpiece['atHand']): Lots => ({
  clay: amountsOf(clays, 'grams'),
  paint: amountsOf(paints, 'ml'),
  supply: amountsOf(supplies, 'amount'),
});

const withAmounts = (
  { clays, paints, supplies }: Pick<Workpiece['atHand'], 'clays' | 'paints' | 'supplies'>,
  lots: Lots,
): Pick<Workpiece['atHand'], 'clays' | 'paints' | 'supplies'> => ({
  clays: clays.map((lot) => ({ ...lot, grams: lots.clay.get(lot.id)! })),
  paints: paints.map((lot) => ({ ...lot, ml: lots.paint.get(lot.id)! })),
  supplies: supplies.map((lot) => ({ ...lot, amount: lots.supply.get(lot.id)! })),
});

/** Takes an amount from lots in their order, as far as they reach. */
function fromLots({ of, lots, amount }: LotTake, left: Map<string, number>): readonly Taken[] {
  let missing = amount;
  return lots.flatMap((lot): readonly Taken[] => {
    const taken = Math.min(missing, left.get(lot) ?? 0);
    if (taken <= 0) return [];
    missing -= taken;
    left.set(lot, left.get(lot)! - taken);
    return [{ of, lot, amount: taken, stickMm: null }];
  });
}

/** Sticks count as equally long within this, mm. */
const SAME_MM = 0.01;

/** Cuts sticks; what is left of one and too short to keep is used with it. */
function sticksCut(
  { wire }: Workpiece,
  takes: readonly StickTake[],
): { readonly stock: Workpiece['wire']['stock']; readonly taken: readonly Taken[] } {
  const taken: Taken[] = [];
  const stock = takes.reduce((entries, { lot, stickMm, amountMm }) => {
    return entries.map((entry) => {
      const at = entry.id === lot ? entry.lengthsMm.findIndex(isLong(stickMm)) : -1;
      const found = entry.lengthsMm[at];
      if (found === undefined) return entry;
      const rest = found - amountMm;
      const keeps = rest >= Math.max(wire.keepMm, LEAST_STICK_MM);
      taken.push({ of: 'wire', lot, amount: keeps ? amountMm : found, stickMm: found });
      return { ...entry, lengthsMm: entry.lengthsMm.toSpliced(at, 1, ...(keeps ? [rest] : [])) };
    });
  }, wire.stock);
  return { stock, taken };
}

/** The shortest length that a stock may have, mm. */
const LEAST_STICK_MM = 10;

const isLong =
  (mm: number) =>
  (of: number): boolean =>
    Math.abs(of - mm) <= SAME_MM;

/** Puts lengths back: onto the rest that they were cut from, or beside it where that was cut again. */
function sticksBack(
  stock: readonly StockEntry[],
  used: readonly UsedOfLot[],
): Workpiece['wire']['stock'] {
  return stock.map((entry) =>
    used
      .filter(({ of, lot }) => of === 'wire' && lot === entry.id)
      .reduceRight((all, { amount, stickMm }) => {
        const at = all.lengthsMm.findIndex(isLong(stickMm! - amount));
        return {
          ...all,
          lengthsMm: at < 0 ? [...all.lengthsMm, amount] : all.lengthsMm.toSpliced(at, 1, stickMm!),
        };
      }, entry),
  );
}
