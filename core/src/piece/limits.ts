import { pieceSchema } from './pieceSchema.ts';
import { childOf, limitsIn, type NumberLimits, type SchemaNode } from '../units/schemaWalk.ts';

export type { NumberLimits } from '../units/schemaWalk.ts';

/**
 * The limits of a number of the document (or of an own animal, whose schema is then given), read from
 * its schema by its path ("wire.coverMm", with a star for any key or index: "mass.shells.*.shellMm"),
 * so that fields and files allow the same. Throws where there is no such number: a defect.
 */
export function limitsOf(path: string, schema: unknown = pieceSchema): NumberLimits {
  let node: SchemaNode | undefined = schema as SchemaNode;
  for (const key of path.split('.')) node = node && childOf(node, key);
  const limits = node && limitsIn(node);
  if (limits === undefined) throw new Error(`the document has no limited number “${path}”`);
  return limits;
}

/** The same for a length, as the fields for lengths take it. */
export function lengthLimits(
  path: string,
  schema: unknown = pieceSchema,
): { readonly minMm: number; readonly maxMm: number } {
  const { min, max } = limitsOf(path, schema);
  return { minMm: min, maxMm: max };
}
