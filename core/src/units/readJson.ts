import * as say from './words.ts';
import { accepted, refused, type Parsed } from './problem.ts';

/** How large a document may be; ours are far below. */
export interface JsonLimits {
  /** Characters of its text. */
  readonly characters: number;
  /** Groups and lists inside each other. */
  readonly depth: number;
  /** Values in all. */
  readonly values: number;
}

/** A piece with every picture fully traced and a long way back has about a tenth of this. */
export const JSON_LIMITS: JsonLimits = { characters: 50e6, depth: 40, values: 4e6 };

/** Names that every object answers to without having them: no document of ours uses one. */
const INHERITED: ReadonlySet<string> = new Set(Object.getOwnPropertyNames(Object.prototype));

/**
 * Reads JSON text: its data, or a sentence that says where it is no JSON, or that it is larger, deeper
 * or otherwise named than any document of ours. `whole` says what would have been allowed.
 */
export function readJson(text: string, whole: string, limits = JSON_LIMITS): Parsed<unknown> {
  if (text.length > limits.characters)
    return refused(
      say.file,
      say.charactersOf(text.length),
      say.atMostCharacters(limits.characters),
    );
  const deep = tooDeepAt(text, limits.depth);
  if (deep !== undefined)
    return refused(say.fileLine(lineAt(text, deep)), say.deeper, say.atMostDeep(limits.depth));
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    // Engines tell the place, or that the end came too early; some tell neither of a short text.
    const { message } = error as Error;
    const at = /position (\d+)/.exec(message)?.[1];
    const place = at === undefined ? (/\bend\b/i.test(message) ? text.length : 0) : Number(at);
    const where = place === 0 ? say.file : say.fileLine(lineAt(text, place));
    return refused(where, excerpt(text, place), whole);
  }
  return boundedData(data, limits);
}

/**
 * The same bounds for data that is already read, as a store gives it: there it may also run in circles
 * or hold what no JSON can.
 */
export function boundedData(data: unknown, limits = JSON_LIMITS): Parsed<unknown> {
  let values = 0;
  const open: { readonly value: unknown; readonly path: readonly string[] }[] = [
    { value: data, path: [] },
  ];
  for (let next = open.pop(); next !== undefined; next = open.pop()) {
    const { value, path } = next;
    const where = path.join('.') || say.file;
    values += 1;
    if (values > limits.values)
      return refused(say.file, say.valuesOf(values), say.atMostValues(limits.values));
    if (path.length > limits.depth)
      return refused(path.slice(0, 3).join('.'), say.deeper, say.atMostDeep(limits.depth));
    if (typeof value === 'number' && !Number.isFinite(value))
      return refused(where, String(value), say.number);
    if (typeof value === 'bigint' || typeof value === 'symbol' || typeof value === 'function')
      return refused(where, typeof value, say.plainData);
    if (typeof value !== 'object' || value === null) continue;
    if (!isPlain(value)) return refused(where, say.foreignObject, say.plainData);
    for (const key of Object.keys(value)) {
      if (INHERITED.has(key)) return refused(where, key, say.anotherName);
      open.push({ value: (value as Record<string, unknown>)[key], path: [...path, key] });
    }
  }
  return accepted(data);
}

const isPlain = (value: object): boolean => {
  if (Array.isArray(value)) return true;
  const of: unknown = Object.getPrototypeOf(value);
  // By name and not by identity: data from another page or worker has an Object of its own.
  return of === null || (of as { constructor?: { name?: unknown } }).constructor?.name === 'Object';
};

/** Where text opens more brackets inside each other than allowed; undefined where it never does. */
function tooDeepAt(text: string, most: number): number | undefined {
  let depth = 0;
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i);
    if (code === QUOTE) i = closingQuote(text, i);
    else if (code === OPEN_BRACKET || code === OPEN_BRACE) {
      depth += 1;
      if (depth > most) return i;
    } else if (code === CLOSE_BRACKET || code === CLOSE_BRACE) depth -= 1;
  }
  return undefined;
}

const [QUOTE, BACKSLASH, OPEN_BRACKET, CLOSE_BRACKET, OPEN_BRACE, CLOSE_BRACE] = [...'"\\[]{}'].map(
  (sign) => sign.charCodeAt(0),
) as [number, number, number, number, number, number];

/** The place of the quote that ends a text begun at `from`; the end where there is none. */
function closingQuote(text: string, from: number): number {
  let i = from + 1;
  while (i < text.length && text.charCodeAt(i) !== QUOTE)
    i += text.charCodeAt(i) === BACKSLASH ? 2 : 1;
  return i;
}

const lineAt = (text: string, place: number): number => text.slice(0, place).split('\n').length;

/** What stands at a place of a text, so that it can be found again. */
function excerpt(text: string, place: number): string {
  const here = text.slice(place, place + 24).trim();
  return here === '' ? say.itsEnd : here;
}
