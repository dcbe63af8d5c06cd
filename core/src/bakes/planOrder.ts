import { fewestBakes, type BakeOrder } from './bakeOrder.ts';
import { SHELL, SURFACE, type BakeItem } from './bakeItems.ts';

/** What contradicts what, and what would help. */
export interface Conflict {
  readonly items: readonly BakeItem[];
  /**
   * Take a thing out of the bake that the user put it in; set what heat harms when all is baked; or choose clays that
   * bear each other's heat; or nothing is left for a bake before the one that it was put in.
   */
  readonly remedy: 'unpin' | 'set-after' | 'other-clay' | 'moves-up';
}

/** What kind of bake it is, by what it is for; a second one of a kind has a number behind it. */
export type BakeKind = 'parts' | 'shell' | 'apart' | 'finish' | 'late' | 'setting';

/** A bake of the piece: what cures in it, what is already hard, what may not be in it yet. */
export interface PlannedBake {
  readonly id: string;
  readonly kind: BakeKind;
  /** Counted from 1. */
  readonly number: number;
  readonly items: readonly BakeItem[];
  readonly rangeC: readonly [low: number, high: number];
  /** Cured in a bake before, and hot again in this one. */
  readonly hard: readonly BakeItem[];
  /** Put on without curing, and there already. */
  readonly there: readonly BakeItem[];
  /** Not on the piece yet. */
  readonly later: readonly BakeItem[];
  /** In an oven; or it sets in the room. */
  readonly inOven: boolean;
}

/** The order of the bakes of a piece. Where its rules contradict each other, it is that of what is left of them. */
export interface OrderPlan {
  readonly items: readonly BakeItem[];
  readonly bakes: readonly PlannedBake[];
  /** No order has fewer. */
  readonly atLeast: number;
  readonly conflicts: readonly Conflict[];
}

/** Above this it is an oven that cures, °C. */
const OVEN_FROM_C = 40;

/** The fewest bakes of everything, and every contradiction on the way to them. */
export function planOrder(items: readonly BakeItem[]): OrderPlan {
  const conflicts: Conflict[] = [];
  let kept = items;
  let order: BakeOrder = fewestBakes(kept);
  // Each round takes a rule away, so that it ends.
  while (!order.feasible) {
    const { conflict } = order;
    const set = kept.filter(({ id }) => conflict.includes(id));
    const told = items.filter(({ id }) => conflict.includes(id));
    const remedy = remedyOf(set);
    conflicts.push({ items: told, remedy });
    kept = relaxed(kept, set, remedy);
    order = fewestBakes(kept);
  }
  const { bakes, atLeast } = order;
  const bakeOf = (id: string): number => {
    const at = bakes.findIndex(({ ids }) => ids.includes(id));
    return at < 0 ? Infinity : at + 1;
  };
  // Whatever was let go to find an order, what is on the piece is on it.
  const isThere = (item: BakeItem, number: number): boolean =>
    (typeof item.pin === 'number' && item.pin <= number) ||
    items.some(({ id, after }) => after.includes(item.id) && bakeOf(id) <= number);
  const planned = bakes.map(({ ids, rangeC }, i): PlannedBake => {
    const number = i + 1;
    const of = kept.filter(({ id }) => ids.includes(id));
    const placed = items.filter(({ curesC }) => curesC === null);
    return {
      ...{ id: '', number, items: of, rangeC, kind: kindOf(of, rangeC, bakeOf(SURFACE) < number) },
      hard: kept.filter(({ id, curesC }) => curesC !== null && bakeOf(id) < number),
      there: placed.filter((item) => isThere(item, number)),
      later: items.filter((item) =>
        item.curesC === null ? !isThere(item, number) : bakeOf(item.id) > number,
      ),
      inOven: rangeC[1] > OVEN_FROM_C,
    };
  });
  const movedUp = kept
    .filter(({ id, pin, curesC }) => curesC !== null && typeof pin === 'number' && bakeOf(id) < pin)
    .map((item): Conflict => ({ items: [item], remedy: 'moves-up' }));
  return {
    ...{ items, bakes: withIds(planned), atLeast },
    conflicts: [...conflicts, ...movedUp],
  };
}

function kindOf(
  items: readonly BakeItem[],
  [, high]: readonly [number, number],
  isAfter: boolean,
): BakeKind {
  const has = (id: string): boolean => items.some((item) => item.id === id);
  if (has(SURFACE)) return 'finish';
  if (has(SHELL)) return 'shell';
  if (high <= OVEN_FROM_C) return 'setting';
  if (isAfter) return 'late';
  return items.some(({ kind }) => kind === 'body-part') ? 'apart' : 'parts';
}

const withIds = (bakes: readonly PlannedBake[]): readonly PlannedBake[] =>
  bakes.map((bake, i) => {
    const nth = bakes.slice(0, i).filter(({ kind }) => kind === bake.kind).length + 1;
    return { ...bake, id: nth === 1 ? bake.kind : `${bake.kind}-${nth}` };
  });

function remedyOf(set: readonly BakeItem[]): Conflict['remedy'] {
  if (set.some(({ pin }) => pin !== undefined && pin !== null)) return 'unpin';
  return set.some(({ curesC }) => curesC === null) ? 'set-after' : 'other-clay';
}

/** The things without the rule that a contradiction takes away. */
function relaxed(
  items: readonly BakeItem[],
  set: readonly BakeItem[],
  remedy: Conflict['remedy'],
): readonly BakeItem[] {
  const ids = new Set(set.map(({ id }) => id));
  if (remedy === 'unpin')
    return items.map((item) => (ids.has(item.id) ? { ...item, pin: null } : item));
  const placed = new Set(set.flatMap(({ id, curesC }) => (curesC === null ? [id] : [])));
  if (remedy === 'set-after')
    return items.map((item) => ({ ...item, after: item.after.filter((id) => !placed.has(id)) }));
  const isTied = set.some((item) => [...item.after, ...item.with].some((id) => ids.has(id)));
  return items.map((item) => {
    if (!ids.has(item.id)) return item;
    const [low, high] = item.curesC!;
    // First the order among them goes; where they are alone against each other, what they bear.
    return isTied
      ? {
          ...item,
          after: item.after.filter((id) => !ids.has(id)),
          with: item.with.filter((id) => !ids.has(id)),
        }
      : { ...item, standsC: Infinity, curesC: [low, Math.max(low, high)] as const };
  });
}
