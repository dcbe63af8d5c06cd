import { pieceSchema } from './pieceSchema.ts';

/** Between what a number of the document may lie, in its own unit. */
export interface NumberLimits {
  readonly min: number;
  readonly max: number;
}

/** What of a schema is needed to walk down it. */
interface Node {
  readonly shape?: Readonly<Record<string, Node>>;
  readonly element?: Node;
  readonly valueType?: Node;
  readonly options?: readonly Node[];
  readonly unwrap?: () => Node;
  readonly minValue?: number | null;
  readonly maxValue?: number | null;
}

const nodes = (node: Node): readonly Node[] => {
  if (node.shape !== undefined || node.minValue !== undefined) return [node];
  if (node.options !== undefined) return node.options.flatMap(nodes);
  if (node.valueType !== undefined || node.element !== undefined) return [node];
  return node.unwrap === undefined ? [node] : nodes(node.unwrap());
};

function child(node: Node, key: string): Node | undefined {
  for (const one of nodes(node)) {
    if (one.shape !== undefined && Object.hasOwn(one.shape, key)) return one.shape[key];
    if (key === '*') return one.valueType ?? one.element;
  }
  return undefined;
}

/**
 * The limits of a number of the document (or of an own animal, whose schema is then given), read from its schema by its path ("wire.coverMm", with a star
 * for any key or index: "mass.shells.*.shellMm"), so that fields and files allow the same. Throws where
 * there is no such number: a defect.
 */
export function limitsOf(path: string, schema: unknown = pieceSchema): NumberLimits {
  let node: Node | undefined = schema as Node;
  for (const key of path.split('.')) node = node && child(node, key);
  const number = node && nodes(node).find(({ minValue }) => typeof minValue === 'number');
  const { minValue: min, maxValue: max } = number ?? {};
  if (typeof min !== 'number' || typeof max !== 'number')
    throw new Error(`the document has no limited number “${path}”`);
  return { min, max };
}

/** The same for a length, as the fields for lengths take it. */
export function lengthLimits(
  path: string,
  schema: unknown = pieceSchema,
): { readonly minMm: number; readonly maxMm: number } {
  const { min, max } = limitsOf(path, schema);
  return { minMm: min, maxMm: max };
}
