import type { Json } from './mutation.ts';

/**
 * A failing document made as plain as it can be: part by part it is put back to what a sound document
 * has there, from the largest parts down, as long as it still fails. Returns what still differs, by
 * path: the smallest failing case in words.
 */
export function smallest(
  failing: Json,
  sound: Json,
  fails: (document: Json) => boolean,
): { readonly document: Json; readonly differs: Readonly<Record<string, Json | undefined>> } {
  let document = failing;
  const differs: Record<string, Json | undefined> = {};
  const visit = (path: readonly string[]): void => {
    const [have, want] = [at(document, path), at(sound, path)];
    if (JSON.stringify(have) === JSON.stringify(want)) return;
    const simpler = withAt(document, path, want);
    if (fails(simpler)) document = simpler;
    else if (isGroup(have) && isGroup(want))
      for (const key of new Set([...Object.keys(have), ...Object.keys(want)]))
        visit([...path, key]);
    else differs[path.join('.')] = have;
  };
  visit([]);
  return { document, differs };
}

type Group = Readonly<Record<string, Json>>;

const isGroup = (data: Json | undefined): data is Group =>
  typeof data === 'object' && data !== null && !Array.isArray(data);

const at = (data: Json, path: readonly string[]): Json | undefined =>
  path.reduce<Json | undefined>((here, key) => (isGroup(here) ? here[key] : undefined), data);

function withAt(data: Json, [key, ...rest]: readonly string[], value: Json | undefined): Json {
  if (key === undefined) return value ?? null;
  const group = data as Group;
  const { [key]: old, ...others } = group;
  if (rest.length === 0 && value === undefined) return others;
  return { ...group, [key]: rest.length === 0 ? value! : withAt(old!, rest, value) };
}
