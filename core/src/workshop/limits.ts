import { pieceSchema } from '../piece/pieceSchema.ts';
import { childOf, limitsIn, type NumberLimits, type SchemaNode } from '../units/schemaWalk.ts';
import { z } from '../units/schema.ts';
import { workshopSchema } from './workshopSchema.ts';

export type { NumberLimits } from '../units/schemaWalk.ts';

/** The two documents as one tree: the sections of a piece, and its workshop under that name. */
const documents = z.strictObject({ ...pieceSchema.shape, workshop: workshopSchema });

/**
 * The limits of a number of the documents (or of an own animal, whose schema is then given), read from
 * its schema by its path ("wire.coverMm", "workshop.oven.offsetC", with a star for any key or index:
 * "mass.shells.*.shellMm"), so that fields and files allow the same. Throws where there is no such
 * number: a defect.
 */
export function limitsOf(path: string, schema: unknown = documents): NumberLimits {
  let node: SchemaNode | undefined = schema as SchemaNode;
  for (const key of path.split('.')) node = node && childOf(node, key);
  const limits = node && limitsIn(node);
  if (limits === undefined) throw new Error(`the document has no limited number “${path}”`);
  return limits;
}

/** The same for a length, as the fields for lengths take it. */
export function lengthLimits(
  path: string,
  schema: unknown = documents,
): { readonly minMm: number; readonly maxMm: number } {
  const { min, max } = limitsOf(path, schema);
  return { minMm: min, maxMm: max };
}
