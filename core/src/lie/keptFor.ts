/** What was made for an owner, by key: made once, and forgotten with its owner, or when many newer keys came. */
export type KeptFor<O extends object, V> = (owner: O, key: number | string, make: () => V) => V;

/** More keys than any skin has zones; a map lists them in the order they came. */
const MOST_KEYS = 48;

/** Nothing kept yet. */
export function keptFor<O extends object, V>(): KeptFor<O, V> {
  const all = new WeakMap<O, Map<number | string, V>>();
  return (owner, key, make) => {
    const its = all.get(owner) ?? new Map<number | string, V>();
    all.set(owner, its);
    const before = its.get(key);
    if (before !== undefined) return before;
    const made = make();
    its.set(key, made);
    if (its.size > MOST_KEYS) its.delete(its.keys().next().value!);
    return made;
  };
}
