/** A thing that cures, or that is put on without curing, as the order of the bakes sees it. */
export interface OrderItem {
  readonly id: string;
  /** °C between which it cures; null for what is only put on. Setting at room temperature counts as a bake. */
  readonly curesC: readonly [low: number, high: number] | null;
  /** The most that it bears once it is part of the piece, °C. */
  readonly standsC: number;
  /** Ids that are cured, or put on, before it is added. */
  readonly after: readonly string[];
  /** Ids that cure in the same bake. */
  readonly with: readonly string[];
  /**
   * The bake that the user put it in, counted from 1 (what does not cure is on the piece from that bake on), or a
   * bake that it has to itself.
   */
  readonly pin?: number | 'alone' | null;
}

/** Things that cure in one bake, with what lies between them and the others. */
export interface OrderGroup {
  readonly ids: readonly string[];
  /** Temperatures at which all of them cure, °C. */
  readonly low: number;
  readonly high: number;
  /** Groups, by number, that are cured in an earlier bake, or not in a later one. */
  readonly strict: readonly number[];
  readonly weak: readonly number[];
  /** The first and the last bake that it may be in. */
  readonly least: number;
  readonly most: number;
  readonly isAlone: boolean;
}

/** All rules of an order, between groups. */
export interface OrderRules {
  readonly groups: readonly OrderGroup[];
  /** The longest chain of groups that each come after the one before: no order has fewer bakes. */
  readonly chain: number;
  readonly lastPin: number;
}

/** A rule between two things that cure: the first before the second, or not after it. */
interface Edge {
  readonly from: string;
  readonly to: string;
  readonly isStrict: boolean;
}

/** The rules between groups; null where they contradict each other whatever the order. Names of things that are not there are passed over. */
export function orderRules(items: readonly OrderItem[]): OrderRules | null {
  const curing = items.filter(({ curesC }) => curesC !== null);
  const edges = [...orderEdges(items, curing), ...heatEdges(curing)];
  if (edges.some(({ from, to, isStrict }) => isStrict && from === to)) return null;
  const members = grouped(curing, edges);
  const groupOf = new Map(members.flatMap((ids, i) => ids.map((id) => [id, i] as const)));
  const bounds = pinBounds(items, curing);
  const groups = members.map((ids, i): OrderGroup => {
    const own = curing.filter(({ id }) => ids.includes(id));
    const before = (strict: boolean): readonly number[] => [
      ...new Set(
        edges
          .filter(({ to, isStrict }) => isStrict === strict && ids.includes(to))
          .map(({ from }) => groupOf.get(from)!)
          .filter((group) => strict || group !== i),
      ),
    ];
    return {
      ids,
      low: Math.max(...own.map(({ curesC }) => curesC![0])),
      high: Math.min(...own.map(({ curesC }) => curesC![1])),
      strict: before(true),
      weak: before(false),
      least: Math.max(...ids.map((id) => bounds.get(id)![0])),
      most: Math.min(...ids.map((id) => bounds.get(id)![1])),
      isAlone: own.some(({ pin }) => pin === 'alone'),
    };
  });
  const isBroken = groups.some(
    ({ low, high, strict, least, most, isAlone, ids }, i) =>
      low > high || strict.includes(i) || least > most || (isAlone && hasStrangers(ids, items)),
  );
  if (isBroken) return null;
  const pins = items.map(({ pin }) => (typeof pin === 'number' ? pin : 0));
  return { groups, chain: longestChain(groups), lastPin: Math.max(0, ...pins) };
}

/** What wants a bake to itself shares it with nothing but what it was told to cure with. */
const hasStrangers = (ids: readonly string[], items: readonly OrderItem[]): boolean =>
  ids.length > 1 &&
  ids.some((id) =>
    items.every(
      (item) =>
        !(item.id === id && item.with.some((name) => ids.includes(name))) &&
        !(ids.includes(item.id) && item.with.includes(id)),
    ),
  );

/** What must be cured before what, by itself or through what is only put on. */
function orderEdges(items: readonly OrderItem[], curing: readonly OrderItem[]): readonly Edge[] {
  const byId = new Map(items.map((item) => [item.id, item]));
  return curing.flatMap(({ id: to, after }) =>
    after.flatMap((name): readonly Edge[] => {
      const before = byId.get(name);
      if (before === undefined) return [];
      if (before.curesC !== null) return [{ from: name, to, isStrict: true }];
      // Put on directly before this bake: what is cured before it, and what is too hot for it, comes earlier.
      const earlier = curing.filter(
        ({ id, curesC }) => before.after.includes(id) || curesC![0] > before.standsC,
      );
      return earlier.map(({ id }) => ({ from: id, to, isStrict: true }));
    }),
  );
}

/** What cures hotter than another thing bears once it is hard is not baked after it. */
const heatEdges = (curing: readonly OrderItem[]): readonly Edge[] =>
  curing.flatMap(({ id: from, curesC }) =>
    curing
      .filter(({ id, standsC }) => id !== from && curesC![0] > standsC)
      .map(({ id: to }) => ({ from, to, isStrict: false })),
  );

/** Things that cure together: told so, or each not after the other. */
function grouped(
  curing: readonly OrderItem[],
  edges: readonly Edge[],
): readonly (readonly string[])[] {
  const ids = curing.map(({ id }) => id);
  const links = [
    ...edges,
    ...curing.flatMap(({ id, with: together }) =>
      together
        .filter((name) => ids.includes(name))
        .flatMap((name) => [
          { from: id, to: name },
          { from: name, to: id },
        ]),
    ),
  ];
  const reach = new Map(ids.map((id) => [id, reachable(id, links)]));
  const left = new Set(ids);
  return ids.flatMap((id) => {
    if (!left.has(id)) return [];
    const own = ids.filter(
      (other) => other === id || (reach.get(id)!.has(other) && reach.get(other)!.has(id)),
    );
    own.forEach((of) => left.delete(of));
    return [own];
  });
}

function reachable(
  from: string,
  links: readonly { readonly from: string; readonly to: string }[],
): ReadonlySet<string> {
  const seen = new Set<string>();
  const open = [from];
  for (let id = open.pop(); id !== undefined; id = open.pop())
    for (const link of links)
      if (link.from === id && !seen.has(link.to)) {
        seen.add(link.to);
        open.push(link.to);
      }
  return seen;
}

/** The first and last bake of each thing that cures, by where the user put it and what is only put on. */
function pinBounds(
  items: readonly OrderItem[],
  curing: readonly OrderItem[],
): ReadonlyMap<string, readonly [number, number]> {
  const placed = items.filter(({ curesC, pin }) => curesC === null && typeof pin === 'number');
  return new Map(
    curing.map(({ id, pin, curesC, after }): [string, readonly [number, number]] => {
      const own = typeof pin === 'number' ? [pin] : [];
      const least = placed.filter((of) => after.includes(of.id)).map((of) => of.pin as number);
      const most = placed
        .filter((of) => of.after.includes(id) || curesC![0] > of.standsC)
        .map((of) => (of.pin as number) - 1);
      return [id, [Math.max(1, ...own, ...least), Math.min(Infinity, ...own, ...most)]];
    }),
  );
}

function longestChain(groups: readonly OrderGroup[]): number {
  const known = new Map<number, number>();
  const upTo = (i: number): number => {
    const told = known.get(i);
    if (told !== undefined) return told;
    const { strict, weak } = groups[i]!;
    const value = Math.max(1, ...strict.map((j) => upTo(j) + 1), ...weak.map(upTo));
    known.set(i, value);
    return value;
  };
  return Math.max(0, ...groups.map((_, i) => upTo(i)));
}
