import fc from 'fast-check';

/** Data as JSON gives it. */
export type Json = null | boolean | number | string | readonly Json[] | JsonGroup;
interface JsonGroup {
  readonly [name: string]: Json;
}
type Path = readonly (string | number)[];

/** What stands anywhere in a document, by the way down to it; the document itself first. */
export function pathsOf(data: Json, path: Path = []): readonly Path[] {
  const inner: readonly (readonly [string | number, Json])[] = Array.isArray(data)
    ? data.map((value, i) => [i, value as Json] as const)
    : typeof data === 'object' && data !== null
      ? Object.entries(data)
      : [];
  return [path, ...inner.flatMap(([key, value]) => pathsOf(value, [...path, key]))];
}

/** Text that has tripped readers elsewhere: inherited names, formulas, markup, signs of no width. */
const HOSTILE_TEXTS = [
  '',
  ' ',
  'constructor',
  '__proto__',
  'valueOf',
  'toString',
  'hasOwnProperty',
  '../../etc/passwd',
  '=1+1',
  '<script>alert(1)</script>',
  'a\u0000b',
  '\ud800',
  '\u202egnp.exe',
  'e\u0301'.repeat(40),
  '9'.repeat(400),
  'NaN',
  '2026-02-30',
  '#12345',
] as const;

const HOSTILE_NUMBERS = [0, -0, -1, 1, 0.5, 1e-308, 1e308, -1e308, 2 ** 53, 45, 90, 180, 360];

const nested = (depth: number): Json =>
  Array.from({ length: depth }).reduce<Json>((inner) => [inner], 0);

const hostile: fc.Arbitrary<Json> = fc.oneof(
  fc.constantFrom<Json>(...HOSTILE_TEXTS),
  fc.constantFrom<Json>(...HOSTILE_NUMBERS),
  fc.constantFrom<Json>(null, true, false, [], {}, [null], { a: 1 }, nested(6), nested(90)),
  fc.constantFrom<Json>('x'.repeat(5000), [...'x'.repeat(5000)]),
  fc.double({ noNaN: true, noDefaultInfinity: true }),
  fc.string({ unit: 'binary', maxLength: 12 }),
);

/** One change of a document. Where it stands is told as a share of all places. */
interface Blow {
  readonly at: number;
  readonly from: number;
  readonly kind: 'put' | 'drop' | 'add' | 'rename' | 'copy' | 'scale' | 'repeat';
  readonly value: Json;
  readonly name: string;
  readonly factor: number;
}

/** Even, not drawn to its ends, so that every place of a document is struck alike. */
const share = fc.noBias(fc.nat(999_999)).map((n) => n / 1e6);

const blow: fc.Arbitrary<Blow> = fc.record({
  at: share,
  from: share,
  kind: fc.constantFrom('put', 'drop', 'add', 'rename', 'copy', 'scale', 'repeat'),
  value: hostile,
  name: fc.oneof(fc.constantFrom<string>(...HOSTILE_TEXTS), fc.string({ maxLength: 8 })),
  factor: fc.constantFrom(-1, 0, 0.001, 0.5, 1.0001, 2, 10, 1e6),
});

/** One to three changes anywhere in a document. */
export const blows = fc.array(blow, { minLength: 1, maxLength: 3 });

/** A document after some blows. */
export const struck = (data: Json, all: readonly Blow[]): Json => all.reduce(afterBlow, data);

function afterBlow(data: Json, { at, from, kind, value, name, factor }: Blow): Json {
  const [whole, ...inner] = pathsOf(data);
  const paths = inner.length === 0 ? [whole!] : inner;
  const path = paths[Math.floor(at * paths.length)]!;
  const here = valueAt(data, path);
  switch (kind) {
    case 'put':
      return put(data, path, value);
    case 'drop':
      return put(data, path, undefined);
    case 'copy':
      return put(data, path, valueAt(data, paths[Math.floor(from * paths.length)]!));
    case 'scale':
      return typeof here === 'number' ? put(data, path, here * factor) : put(data, path, value);
    case 'repeat':
      return Array.isArray(here) && here.length > 0
        ? put(data, path, [...here, ...here, ...here] as Json)
        : put(data, path, value);
    case 'rename':
      return typeof here === 'object' && here !== null && !Array.isArray(here)
        ? put(data, path, renamedFirst(here as JsonGroup, name))
        : put(data, path, value);
    case 'add':
      return Array.isArray(here)
        ? put(data, path, [...(here as Json[]), value])
        : typeof here === 'object' && here !== null
          ? put(data, path, withKey(here as JsonGroup, name, value))
          : put(data, path, value);
  }
}

function renamedFirst(group: JsonGroup, name: string): Json {
  const [first, ...rest] = Object.entries(group);
  return first === undefined ? group : withKey(Object.fromEntries(rest), name, first[1]);
}

/** A group with an own field of any name, `__proto__` too, as JSON.parse makes it. */
function withKey(group: JsonGroup, name: string, value: Json): JsonGroup {
  const copy: Record<string, Json> = { ...group };
  Object.defineProperty(copy, name, {
    value,
    enumerable: true,
    configurable: true,
    writable: true,
  });
  return copy;
}

function valueAt(data: Json, path: Path): Json {
  return path.reduce<Json>((at, key) => (at as Record<string | number, Json>)[key]!, data);
}

/** The document with another value at a place; without it where that is undefined. */
function put(data: Json, [key, ...rest]: Path, value: Json | undefined): Json {
  if (key === undefined) return value ?? null;
  if (Array.isArray(data)) {
    const list = data as readonly Json[];
    if (rest.length === 0 && value === undefined) return list.filter((_, i) => i !== key);
    return list.map((entry, i) => (i === key ? put(entry, rest, value) : entry));
  }
  const group = data as JsonGroup;
  if (rest.length === 0 && value === undefined)
    return Object.fromEntries(Object.entries(group).filter(([name]) => name !== key));
  return withKey(group, String(key), put(group[key]!, rest, value));
}

/** Changes of the text itself: cut short, a sign put in, out or over. */
export const textBlow = fc.record({
  at: share,
  kind: fc.constantFrom('cut', 'insert', 'drop', 'over'),
  with: fc.oneof(
    fc.constantFrom('"', '{', '[', '}', ',', '\\', '\u0000', '\ufeff', '-', 'e999', '\r', '\t'),
    fc.constantFrom('['.repeat(60_000), '{"a":'.repeat(60_000), '9'.repeat(2000)),
  ),
});

/** Text after such a change. */
export function struckText(
  text: string,
  { at, kind, with: sign }: typeof textBlow extends fc.Arbitrary<infer T> ? T : never,
): string {
  const place = Math.floor(at * text.length);
  const [head, tail] = [text.slice(0, place), text.slice(place)];
  if (kind === 'cut') return head;
  if (kind === 'drop') return head + tail.slice(1);
  return head + sign + (kind === 'insert' ? tail : tail.slice(sign.length));
}
