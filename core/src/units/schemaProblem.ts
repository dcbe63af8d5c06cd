import * as say from './words.ts';
import { refused, type Parsed } from './problem.ts';
import { childOf, limitsIn, type SchemaNode } from './schemaWalk.ts';

/** What of a schema's complaint is read here; its own sentence only where we wrote it. */
interface Issue {
  readonly code?: string;
  readonly path: readonly PropertyKey[];
  readonly message: string;
  readonly expected?: string;
  readonly origin?: string;
  readonly minimum?: unknown;
  readonly maximum?: unknown;
  readonly inclusive?: boolean;
  readonly values?: readonly unknown[];
  readonly format?: string;
  readonly pattern?: string;
  readonly keys?: readonly string[];
  readonly errors?: readonly (readonly Issue[])[];
  readonly issues?: readonly Issue[];
  readonly options?: readonly unknown[];
}

const TYPES: Readonly<Record<string, string>> = {
  number: say.number,
  int: say.wholeNumber,
  string: 'text',
  boolean: say.trueOrFalse,
  array: say.list,
  tuple: say.list,
  object: say.groupOfNamedFields,
  record: say.groupOfNamedFields,
  null: 'nothing',
  date: say.date,
};

const FORMATS: Readonly<Record<string, string>> = {
  date: say.dateWrittenAsYear,
  datetime: say.dateAndTime,
};

/** What is counted of texts and lists. */
const COUNTED: Readonly<Record<string, readonly [what: string, of: string]>> = {
  string: ['text', 'characters'],
  array: [say.list, 'entries'],
  tuple: [say.list, 'entries'],
  object: [say.group, 'fields'],
  set: [say.list, 'entries'],
};

const quoted = (value: unknown): string =>
  typeof value === 'string' ? `“${value}”` : String(value);
const either = (values: readonly unknown[]): string =>
  values.length === 1 ? quoted(values[0]) : say.oneOf(values.map(quoted).join(', '));

/**
 * Refuses data that a schema refused, in our own words: where (as a path), what stood there, and what
 * is allowed, told from the code of the first complaint and from the limits that the schema sets there.
 */
export function refusedBySchema(
  schema: unknown,
  data: unknown,
  issues: readonly unknown[],
  whole: string,
): Parsed<never> {
  const first = issues[0] as Issue | undefined;
  if (first === undefined) return refused(say.file, undefined, whole);
  const { issue, path } = deepest(first, first.path);
  const strangers = issue.code === 'unrecognized_keys' ? (issue.keys ?? []) : [];
  const received = strangers.length > 0 ? strangers.join(', ') : valueAt(data, path);
  return refused(
    path.map(String).join('.') || say.file,
    received,
    allowedBy(issue, nodeAt(schema as SchemaNode, path)),
  );
}

/** Of a choice of forms the complaint that got farthest: the form that was meant. */
function deepest(
  issue: Issue,
  path: readonly PropertyKey[],
): { readonly issue: Issue; readonly path: readonly PropertyKey[] } {
  const branches =
    issue.errors?.map((error) => error[0]).filter((issue) => issue !== undefined) ?? [];
  const inner = branches.reduce<Issue | undefined>(
    (best, branch) => (best === undefined || branch.path.length > best.path.length ? branch : best),
    undefined,
  );
  if (inner === undefined || inner.path.length === 0) return { issue, path };
  return deepest(inner, [...path, ...inner.path]);
}

/** What is allowed where an issue arose, as the end of a sentence: "a number from 0.1 to 60". */
function allowedBy(issue: Issue, node: SchemaNode | undefined): string {
  switch (issue.code) {
    case 'invalid_type':
      return issue.expected === 'number' || issue.expected === 'int'
        ? number(issue, node, TYPES[issue.expected]!)
        : (TYPES[issue.expected ?? ''] ?? say.valueOfKind(issue.expected ?? ''));
    case 'too_small':
    case 'too_big':
      return COUNTED[issue.origin ?? ''] === undefined
        ? number(issue, node, say.number)
        : counted(issue, COUNTED[issue.origin!]!);
    case 'not_multiple_of':
      return say.wholeNumber;
    case 'invalid_value':
      return either(issue.values ?? []);
    case 'invalid_format':
      return FORMATS[issue.format ?? ''] ?? say.textOfForm(issue.pattern ?? issue.format ?? '');
    case 'unrecognized_keys':
      return say.onlyFieldsThatFormat;
    case 'invalid_union':
      return issue.options === undefined
        ? union(issue)
        : say.groupWhoseKindIs(either(issue.options));
    case 'invalid_key':
    case 'invalid_element':
      return issue.issues?.[0] === undefined ? say.anotherName : allowedBy(issue.issues[0], node);
    default:
      return issue.message;
  }
}

/** Any of the forms of a choice: "a number or one of “auto”, “none”". */
function union(issue: Issue): string {
  const forms = (issue.errors ?? []).flatMap((error) =>
    error[0] === undefined ? [] : [allowedBy(error[0], undefined)],
  );
  return forms.length === 0 ? say.anotherForm : [...new Set(forms)].join(' or ');
}

/** A number with both of its limits where the schema sets both, else with the one that was crossed. */
function number(issue: Issue, node: SchemaNode | undefined, what: string): string {
  const limits = node === undefined ? undefined : limitsIn(node);
  if (limits !== undefined) return say.fromTo(what, limits.min, limits.max);
  if (issue.minimum !== undefined)
    return issue.inclusive === false
      ? say.above(what, String(issue.minimum))
      : say.ofOrMore(what, String(issue.minimum));
  if (issue.maximum !== undefined)
    return issue.inclusive === false
      ? say.below(what, String(issue.maximum))
      : say.ofOrLess(what, String(issue.maximum));
  return what;
}

function counted(issue: Issue, [what, of]: readonly [string, string]): string {
  return issue.minimum === undefined
    ? say.ofAtMost(what, String(issue.maximum), of)
    : say.ofAtLeast(what, String(issue.minimum), of);
}

function nodeAt(schema: SchemaNode, path: readonly PropertyKey[]): SchemaNode | undefined {
  return path.reduce<SchemaNode | undefined>(
    (node, key) => node && (childOf(node, String(key)) ?? childOf(node, '*')),
    schema,
  );
}

function valueAt(data: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (at, key) =>
      typeof at === 'object' && at !== null && Object.hasOwn(at, key)
        ? (at as never)[key]
        : undefined,
    data,
  );
}
