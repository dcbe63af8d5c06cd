import { orderRules, type OrderItem, type OrderRules } from './orderRules.ts';

export type { OrderItem } from './orderRules.ts';

/** One bake: what cures in it, and the temperatures that all of it and all before it allow, °C. */
export interface OrderedBake {
  readonly ids: readonly string[];
  readonly rangeC: readonly [low: number, high: number];
}

/** The fewest bakes, or the smallest set of things that cannot be baked together by their rules. */
export type BakeOrder =
  | {
      readonly feasible: true;
      readonly bakes: readonly OrderedBake[];
      /** No order has fewer; where it is less than there are, the search was cut short. */
      readonly atLeast: number;
    }
  | { readonly feasible: false; readonly conflict: readonly string[] };

/** States of the search that are kept at each bake: enough for every piece; beyond it the best are kept. */
const MOST_STATES = 4000;
/** Sets that are tried for the smallest contradiction before one is made smaller thing by thing. */
const MOST_SETS = 20_000;

/**
 * The fewest bakes that the rules allow, each thing as early as that lets it. Every rule is one between two things:
 * before, not after, together, or not together (ranges of temperature that meet in pairs meet in one point). So a set of
 * cured things that holds another one is never worse, and for each temperature only the largest set that is ready need
 * be tried: the search by sets of cured things is exact until it is wider than {@link MOST_STATES}.
 */
export function fewestBakes(items: readonly OrderItem[]): BakeOrder {
  const found = searched(items);
  if (found === null) return { feasible: false, conflict: smallestConflict(items) };
  const { levels, isExact, chain } = found;
  const bakes = levels.map(({ ids, at }) => ({ ids, rangeC: rangeOf(items, ids, levels, at) }));
  return { feasible: true, bakes, atLeast: isExact ? bakes.length : chain };
}

interface Level {
  readonly at: number;
  readonly ids: readonly string[];
}

interface State {
  readonly cured: bigint;
  /** Bakes so far, those that nothing cures in not counted. */
  readonly bakes: number;
  readonly from: State | null;
  readonly at: number;
  readonly took: bigint;
}

function searched(
  items: readonly OrderItem[],
): { levels: readonly Level[]; isExact: boolean; chain: number } | null {
  const rules = orderRules(items);
  if (rules === null) return null;
  const all = (1n << BigInt(rules.groups.length)) - 1n;
  let states: readonly State[] = [{ cured: 0n, bakes: 0, from: null, at: 0, took: 0n }];
  let best: State | null = all === 0n ? states[0]! : null;
  let isExact = true;
  const last = Math.max(rules.lastPin, 0) + rules.groups.length;
  for (let n = 1; n <= last && states.length > 0; n++) {
    const next = new Map<bigint, State>();
    for (const state of states)
      for (const took of candidates(rules, state.cured, n)) {
        const cured = state.cured | took;
        const bakes = state.bakes + (took === 0n ? 0 : 1);
        const known = next.get(cured);
        if (known !== undefined && known.bakes <= bakes) continue;
        next.set(cured, { cured, bakes, from: state, at: n, took });
      }
    const done = next.get(all);
    if (done !== undefined && (best === null || done.bakes < best.bakes)) best = done;
    const limit = best?.bakes ?? Infinity;
    const open = [...next.values()].filter((s) => s.cured !== all && s.bakes + 1 < limit);
    if (open.length > MOST_STATES) isExact = false;
    states =
      open.length > MOST_STATES
        ? open.toSorted((a, b) => size(b.cured) - size(a.cured)).slice(0, MOST_STATES)
        : open;
  }
  return best && { levels: levelsOf(best, rules, items), isExact, chain: rules.chain };
}

const size = (mask: bigint): number => mask.toString(2).replaceAll('0', '').length;

/** What may cure in bake n: for each temperature the largest set that is ready, what has a bake to itself, or nothing. */
function candidates(rules: OrderRules, cured: bigint, n: number): readonly bigint[] {
  const { groups } = rules;
  const isLeft = (i: number): boolean => (cured & (1n << BigInt(i))) === 0n;
  const left = groups.flatMap((group, i) => (isLeft(i) ? [{ ...group, i }] : []));
  // Too late for one of them: this way leads nowhere.
  if (left.some(({ most }) => most < n)) return [];
  const pinned = left.filter(({ most }) => most === n);
  const ready = left.filter(
    ({ least, strict }) => least <= n && strict.every((before) => !isLeft(before)),
  );
  const closed = (entries: readonly (typeof ready)[number][]): bigint => {
    let kept = entries;
    for (;;) {
      const ids = new Set(kept.map(({ i }) => i));
      const next = kept.filter(({ weak }) => weak.every((j) => !isLeft(j) || ids.has(j)));
      if (next.length === kept.length)
        return kept.reduce((sum, { i }) => sum | (1n << BigInt(i)), 0n);
      kept = next;
    }
  };
  const shared = ready.filter(({ isAlone }) => !isAlone);
  const sets = [
    ...left.map(({ low }) => closed(shared.filter((of) => of.low <= low && of.high >= low))),
    ...ready.filter(({ isAlone }) => isAlone).map((group) => closed([group])),
  ];
  const needed = pinned.reduce((sum, { i }) => sum | (1n << BigInt(i)), 0n);
  const whole = [...new Set(sets)].filter((set) => set !== 0n && (set & needed) === needed);
  // A bake may be left out while something waits for a later one.
  const waits = needed === 0n && left.some(({ least }) => least > n);
  return [...whole.toSorted((a, b) => size(b) - size(a)), ...(waits ? [0n] : [])];
}

function levelsOf(
  best: State,
  { groups }: OrderRules,
  items: readonly OrderItem[],
): readonly Level[] {
  const levels: Level[] = [];
  for (let state: State | null = best; state?.from; state = state.from) {
    const { took, at } = state;
    if (took === 0n) continue;
    const members = new Set(
      groups.flatMap(({ ids }, i) => ((took & (1n << BigInt(i))) === 0n ? [] : ids)),
    );
    levels.unshift({ at, ids: items.flatMap(({ id }) => (members.has(id) ? [id] : [])) });
  }
  return levels;
}

/** Temperatures of one bake: what cures in it, and what all that was cured or put on before bears. */
function rangeOf(
  items: readonly OrderItem[],
  ids: readonly string[],
  levels: readonly Level[],
  at: number,
): readonly [number, number] {
  const own = items.filter(({ id }) => ids.includes(id));
  const before = items.filter((item) => isBefore(item, items, levels, at));
  return [
    Math.max(...own.map(({ curesC }) => curesC![0])),
    Math.min(...own.map(({ curesC }) => curesC![1]), ...before.map(({ standsC }) => standsC)),
  ];
}

/** Whether a thing is on the piece before the bake numbered `at`. */
function isBefore(
  item: OrderItem,
  items: readonly OrderItem[],
  levels: readonly Level[],
  at: number,
): boolean {
  const bakeOf = (id: string): number =>
    levels.find(({ ids }) => ids.includes(id))?.at ?? Number.POSITIVE_INFINITY;
  if (item.curesC !== null) return bakeOf(item.id) < at;
  if (typeof item.pin === 'number' && item.pin <= at) return true;
  // What is only put on is put on directly before the first bake that asks for it.
  return items.some(({ id, after }) => after.includes(item.id) && bakeOf(id) <= at);
}

/** The fewest things that cannot be baked by their rules, in the order in which they were given. */
function smallestConflict(items: readonly OrderItem[]): readonly string[] {
  let tried = 0;
  for (let count = 1; count <= items.length; count++)
    for (const set of subsets(items, count)) {
      if (searched(set) === null) return set.map(({ id }) => id);
      if (++tried > MOST_SETS) return lessened(items).map(({ id }) => id);
    }
  return items.map(({ id }) => id);
}

/** A contradiction of which nothing can be left out, though a smaller one may be elsewhere. */
function lessened(items: readonly OrderItem[]): readonly OrderItem[] {
  let kept = items;
  for (const item of items) {
    const without = kept.filter((of) => of !== item);
    if (searched(without) === null) kept = without;
  }
  return kept;
}

function* subsets<T>(of: readonly T[], count: number, from = 0): Generator<readonly T[]> {
  if (count === 0) {
    yield [];
    return;
  }
  for (let i = from; i <= of.length - count; i++)
    for (const rest of subsets(of, count - 1, i + 1)) yield [of[i]!, ...rest];
}
