/** The first of stem-1, stem-2, … that is not used. */
export function freeId(stem: string, used: Iterable<string>): string {
  const taken = new Set(used);
  let n = 1;
  while (taken.has(`${stem}-${n}`)) n++;
  return `${stem}-${n}`;
}
