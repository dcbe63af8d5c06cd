/**
 * Remembers the last call of a pure function: the same arguments (by identity) give the same object
 * back. The document is replaced part by part when it changes, so a stage whose part did not change
 * is not computed again, and what is drawn from it keeps its identity.
 */
export function memoizeLast<A extends readonly unknown[], R>(
  fn: (...args: A) => R,
): (...args: A) => R {
  let last: { readonly args: A; readonly result: R } | undefined;
  return (...args) => {
    if (last !== undefined && args.every((arg, i) => arg === last?.args[i])) return last.result;
    last = { args, result: fn(...args) };
    return last.result;
  };
}
