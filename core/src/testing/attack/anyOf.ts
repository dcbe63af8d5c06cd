import fc from 'fast-check';

/** What of a schema is needed to make values of it. */
interface Node {
  readonly _zod: {
    readonly def: {
      readonly type: string;
      readonly shape?: Readonly<Record<string, Node>>;
      readonly element?: Node;
      readonly keyType?: Node;
      readonly valueType?: Node;
      readonly options?: readonly Node[];
      readonly innerType?: Node;
      readonly items?: readonly Node[];
      readonly entries?: Readonly<Record<string, string>>;
      readonly values?: readonly unknown[];
      readonly format?: string;
      readonly pattern?: RegExp;
      readonly checks?: readonly { readonly _zod: { readonly def: Check } }[];
    };
  };
}

interface Check {
  readonly check: string;
  readonly value?: unknown;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly format?: string;
  readonly pattern?: RegExp;
}

/** Values for what a schema leaves open, by path (`wire.freeJoints.*`); a record's keys end in `.#`. */
export type Known = Readonly<Record<string, fc.Arbitrary<unknown>>>;

/**
 * Values over the whole range of a schema: every limit itself, every kind of a choice, empty and full.
 * `known` gives names that must exist. Throws at a kind of schema that it does not know.
 */
export function anyOf(node: unknown, known: Known = {}, path = ''): fc.Arbitrary<unknown> {
  const own = known[path];
  if (own !== undefined) return own;
  const { _zod } = node as Node;
  const { def } = _zod;
  const below = (part: string): string => (path === '' ? part : `${path}.${part}`);
  switch (def.type) {
    case 'object':
      return fc.record(
        Object.fromEntries(
          Object.entries(def.shape!).map(([key, inner]) => [key, anyOf(inner, known, below(key))]),
        ),
        // As JSON gives it: a group with a prototype.
        { noNullPrototype: true },
      );
    case 'record':
      return anyRecord(def as Required<typeof def>, known, path);
    case 'array': {
      const { min, max } = limitsOf(def, 'min_length', 'max_length');
      return fc.array(anyOf(def.element, known, below('*')), {
        minLength: min ?? 0,
        maxLength: Math.min(max ?? 5, Math.max(5, min ?? 0)),
      });
    }
    case 'tuple':
      return fc.tuple(...def.items!.map((item) => anyOf(item, known, below('*'))));
    case 'union':
      return fc.oneof(...def.options!.map((option) => anyOf(option, known, path)));
    case 'nullable':
      return fc.option(anyOf(def.innerType, known, path), { nil: null });
    case 'enum':
      return fc.constantFrom(...Object.values(def.entries!));
    case 'literal':
      return fc.constantFrom(...def.values!);
    case 'boolean':
      return fc.boolean();
    case 'number':
      return anyNumber(def);
    case 'string':
      return anyText(def);
    default:
      throw new Error(`${path}: no values of the kind ${def.type}`);
  }
}

type Definition = Node['_zod']['def'];

function anyRecord(def: Definition, known: Known, path: string): fc.Arbitrary<unknown> {
  // Inherited names are no names of a record, and refused before the schema.
  const names = (known[`${path}.#`] ?? anyOf(def.keyType, known, `${path}.#`)).filter(
    (name) => !((name as string) in {}),
  );
  const entry = fc.tuple(names as fc.Arbitrary<string>, anyOf(def.valueType, known, `${path}.*`));
  return fc.array(entry, { maxLength: 5 }).map((entries) => Object.fromEntries(entries));
}

function limitsOf(
  { checks = [] }: Definition,
  least: string,
  most: string,
): { readonly min: number | undefined; readonly max: number | undefined } {
  const value = (name: string): number | undefined => {
    const check = checks.find(({ _zod }) => _zod.def.check === name)?._zod.def;
    const found = check?.value ?? check?.minimum ?? check?.maximum;
    return found === undefined ? undefined : Number(found);
  };
  return { min: value(least), max: value(most) };
}

function anyNumber(def: Definition): fc.Arbitrary<number> {
  const { min = -1e6, max = 1e6 } = limitsOf(def, 'greater_than', 'less_than');
  const isWhole = def.format === 'safeint';
  const inside = isWhole
    ? fc.integer({ min, max })
    : fc.double({ min, max, noNaN: true, noDefaultInfinity: true });
  // JSON has no negative zero.
  return fc.oneof(fc.constantFrom(min, max), inside).map((value) => value + 0);
}

function anyText(def: Definition): fc.Arbitrary<string> {
  const formats = [def, ...(def.checks ?? []).map(({ _zod }) => _zod.def)];
  if (formats.some(({ format }) => format === 'date'))
    return fc.constantFrom('2026-05-30', '1999-12-31', '2028-02-29');
  const pattern = formats.find((each) => each.pattern !== undefined)?.pattern;
  if (pattern !== undefined) return fc.stringMatching(pattern);
  const { min = 0, max = 40 } = limitsOf(def, 'min_length', 'max_length');
  return fc
    .oneof(
      fc
        .constantFrom('constructor', 'valueOf', 'Ð“ <b>&"\'', '\u0007\u0000')
        .filter((text) => text.length >= min && text.length <= max),
      fc.string({ unit: 'grapheme', minLength: min, maxLength: Math.min(12, max) }),
    )
    .filter((text) => text.length >= min && text.length <= max);
}
