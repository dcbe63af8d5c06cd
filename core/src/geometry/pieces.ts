/** The runs of a list in which something holds, in their order. */
export function pieces<T>(
  list: readonly T[],
  holds: (one: T) => boolean,
): readonly (readonly T[])[] {
  const found: T[][] = [];
  let isIn = false;
  for (const one of list) {
    const now = holds(one);
    if (now && isIn) found.at(-1)!.push(one);
    else if (now) found.push([one]);
    isIn = now;
  }
  return found;
}
