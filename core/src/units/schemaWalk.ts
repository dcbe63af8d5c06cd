/** Between what a number may lie, in its own unit. */
export interface NumberLimits {
  readonly min: number;
  readonly max: number;
}

/** A check of a number: which way it limits, and where. */
interface Check {
  readonly check: string;
  readonly value?: unknown;
}

/** What of a schema is needed to walk down it: its definition, with the checks of a number. */
export interface SchemaNode {
  readonly _zod: {
    readonly def: {
      readonly shape?: Readonly<Record<string, SchemaNode>>;
      readonly element?: SchemaNode;
      readonly valueType?: SchemaNode;
      readonly options?: readonly SchemaNode[];
      readonly innerType?: SchemaNode;
      readonly type?: string;
      readonly checks?: readonly { readonly _zod: { readonly def: Check } }[];
    };
  };
}

/** A schema's alternatives, with what may be absent unwrapped. */
function forms(node: SchemaNode): readonly SchemaNode[] {
  const { options, innerType } = node._zod.def;
  if (options !== undefined) return options.flatMap(forms);
  return innerType === undefined ? [node] : forms(innerType);
}

/** The schema of a field; of any entry of a list or record where the key is a star. */
export function childOf(node: SchemaNode, key: string): SchemaNode | undefined {
  for (const form of forms(node)) {
    const { shape, valueType, element } = form._zod.def;
    if (shape !== undefined && Object.hasOwn(shape, key)) return shape[key];
    if (key === '*') return valueType ?? element;
  }
  return undefined;
}

/** Both limits of a schema's number; undefined where it has no such number or sets only one. */
export function limitsIn(node: SchemaNode): NumberLimits | undefined {
  for (const form of forms(node)) {
    const { type, checks = [] } = form._zod.def;
    const limit = (check: string): unknown =>
      checks.find((one) => one._zod.def.check === check)?._zod.def.value;
    const [min, max] = [limit('greater_than'), limit('less_than')];
    if (type === 'number' && typeof min === 'number' && typeof max === 'number')
      return { min, max };
  }
  return undefined;
}
