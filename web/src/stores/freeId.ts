/** An id out of a name, that none of these is; `nameless` where no letter of it can be in one. */
export function freeId(name: string, ids: readonly string[], nameless = 'piece'): string {
  const stem = name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 40);
  const used = new Set(ids);
  const base = stem === '' ? nameless : stem;
  let id = base;
  for (let n = 2; used.has(id); n++) id = `${base}-${n}`;
  return id;
}
