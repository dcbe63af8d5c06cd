import type { OrderItem } from '../bakes/bakeOrder.ts';

/** Bake number of each thing that cures, by its id. */
type Numbering = ReadonlyMap<string, number>;

/** When a thing that is only put on is on the piece: before this bake; after all where nothing asks for it. */
function placedBefore({ id, pin }: OrderItem, items: readonly OrderItem[], of: Numbering): number {
  const asked = items.filter(({ after }) => after.includes(id)).map((item) => of.get(item.id)!);
  return Math.min(typeof pin === 'number' ? pin : Infinity, ...asked);
}

/** Whether a numbering keeps every rule, read off the rules one by one; bakes without anything are passed over. */
export function keepsRules(items: readonly OrderItem[], of: Numbering): boolean {
  const byId = new Map(items.map((item) => [item.id, item]));
  for (const item of items) {
    const { id, curesC, pin } = item;
    const at = curesC === null ? placedBefore(item, items, of) : of.get(id)!;
    if (typeof pin === 'number' && at !== pin && curesC !== null) return false;
    if (typeof pin === 'number' && at < pin) return false;
    for (const name of item.after) {
      const before = byId.get(name);
      if (before !== undefined && before.curesC !== null && of.get(name)! >= at) return false;
    }
    if (curesC === null) continue;
    for (const name of item.with) if (of.has(name) && of.get(name) !== at) return false;
    const mates = [...of].filter(([other, n]) => n === at && other !== id).map(([other]) => other);
    const isTold = (other: string): boolean =>
      item.with.includes(other) || byId.get(other)!.with.includes(id);
    if (pin === 'alone' && !mates.every(isTold)) return false;
  }
  return [...new Set(of.values())].every((n) => {
    const range = rangeByRule(items, of, n);
    return range[0] <= range[1];
  });
}

/** Temperatures that a bake may have, by the rule. */
export function rangeByRule(
  items: readonly OrderItem[],
  of: Numbering,
  n: number,
): readonly [number, number] {
  const curing = items.filter(({ id }) => of.get(id) === n);
  const before = items.filter((item) =>
    item.curesC === null ? placedBefore(item, items, of) <= n : of.get(item.id)! < n,
  );
  return [
    Math.max(...curing.map(({ curesC }) => curesC![0])),
    Math.min(...curing.map(({ curesC }) => curesC![1]), ...before.map(({ standsC }) => standsC)),
  ];
}

/**
 * The fewest bakes of a few things and how many numberings reach that, by trying every numbering; null where none
 * keeps the rules.
 */
export function bakesByTrial(
  items: readonly OrderItem[],
): { readonly bakes: number; readonly ways: number } | null {
  const ids = items.flatMap(({ id, curesC }) => (curesC === null ? [] : [id]));
  const pins = items.map(({ pin }) => (typeof pin === 'number' ? pin : 0));
  const last = Math.max(0, ...pins);
  // Where something is put in a later bake, bakes before it may be passed over.
  const lengths = last > 0 ? [ids.length + last] : [...ids.keys()].map((i) => i + 1);
  for (const most of lengths) {
    let best = null as { readonly bakes: number; readonly ways: number } | null;
    for (const numbering of numberings(ids, most)) {
      const bakes = new Set(numbering.values()).size;
      if ((best !== null && bakes > best.bakes) || (last === 0 && bakes < most)) continue;
      if (!keepsRules(items, numbering)) continue;
      best = best?.bakes === bakes ? { bakes, ways: best.ways + 1 } : { bakes, ways: 1 };
    }
    if (best !== null) return best;
  }
  return ids.length === 0 && keepsRules(items, new Map()) ? { bakes: 0, ways: 1 } : null;
}

function* numberings(ids: readonly string[], most: number): Generator<Map<string, number>> {
  const [first, ...rest] = ids;
  if (first === undefined) {
    yield new Map();
    return;
  }
  for (const numbering of numberings(rest, most))
    for (let n = 1; n <= most; n++) yield new Map([[first, n], ...numbering]);
}
