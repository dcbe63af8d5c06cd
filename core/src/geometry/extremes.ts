/** The least of many numbers, Infinity for none; unlike a call with all of them, of any length. */
export const least = (values: Iterable<number>): number => {
  let found = Infinity;
  for (const value of values) found = Math.min(found, value);
  return found;
};

/** The greatest of many numbers, −Infinity for none; of any length. */
export const greatest = (values: Iterable<number>): number => {
  let found = -Infinity;
  for (const value of values) found = Math.max(found, value);
  return found;
};
