/** Between what a number may lie, in its own unit. */
export interface NumberLimits {
  readonly min: number;
  readonly max: number;
}

/** What of a schema is needed to walk down it. */
export interface SchemaNode {
  readonly shape?: Readonly<Record<string, SchemaNode>>;
  readonly element?: SchemaNode;
  readonly valueType?: SchemaNode;
  readonly options?: readonly SchemaNode[];
  readonly unwrap?: () => SchemaNode;
  readonly minValue?: number | null;
  readonly maxValue?: number | null;
}

/** A schema's alternatives, with what may be absent unwrapped. */
function forms(node: SchemaNode): readonly SchemaNode[] {
  if (node.shape !== undefined || node.minValue !== undefined) return [node];
  if (Array.isArray(node.options)) return node.options.flatMap(forms);
  if (node.valueType !== undefined || node.element !== undefined) return [node];
  return node.unwrap === undefined ? [node] : forms(node.unwrap());
}

/** The schema of a field; of any entry of a list or record where the key is a star. */
export function childOf(node: SchemaNode, key: string): SchemaNode | undefined {
  for (const form of forms(node)) {
    if (form.shape !== undefined && Object.hasOwn(form.shape, key)) return form.shape[key];
    if (key === '*') return form.valueType ?? form.element;
  }
  return undefined;
}

/** Both limits of a schema's number; undefined where it has no such number or sets only one. */
export function limitsIn(node: SchemaNode): NumberLimits | undefined {
  for (const { minValue: min, maxValue: max } of forms(node))
    if (typeof min === 'number' && typeof max === 'number' && Math.abs(min) < WHOLE && max < WHOLE)
      return { min, max };
  return undefined;
}

/** Whole numbers without a limit of their own count up to this one. */
const WHOLE = Number.MAX_SAFE_INTEGER;
