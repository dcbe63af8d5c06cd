/** An id out of a name, that none of these is. */
export function freeId(name: string, ids: readonly string[]): string {
  const stem = name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 40);
  const used = new Set(ids);
  const base = stem === '' ? 'piece' : stem;
  let id = base;
  for (let n = 2; used.has(id); n++) id = `${base}-${n}`;
  return id;
}
