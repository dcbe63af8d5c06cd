import { z } from 'zod';

const tolerance = z.object({ abs: z.number().optional(), rel: z.number().optional() });

const caseSchema = z.object({
  id: z.string(),
  title: z.string().default(''),
  kind: z.enum(['value', 'range', 'property', 'fact']),
  input: z.record(z.string(), z.unknown()),
  expected: z.record(z.string(), z.unknown()),
  compare: tolerance
    .extend({
      anglesModulo360: z.boolean().optional(),
      keys: z.record(z.string(), tolerance).optional(),
    })
    .default({}),
  basis: z.string().default(''),
});

/** The form of a file of check values: a topic, and cases with inputs and expected results. */
export const checkFileSchema = z.object({ topic: z.string(), cases: z.array(caseSchema) });

export type CheckCase = z.infer<typeof caseSchema>;
export type CheckFile = z.infer<typeof checkFileSchema>;

/**
 * Computes what the core says for a case: a value under each expected key that it covers, told from
 * the shape of the input, never from the case's id. Keys left out are not covered.
 */
export type Adapter = (checkCase: CheckCase) => Readonly<Record<string, unknown>>;

/** A named input as a number, or undefined. */
export const num = (checkCase: CheckCase, key: string): number | undefined => {
  const value = checkCase.input[key];
  return typeof value === 'number' ? value : undefined;
};

/** Several named inputs as numbers, or undefined where one is missing. */
export function nums<const K extends readonly string[]>(
  checkCase: CheckCase,
  ...keys: K
): { readonly [I in keyof K]: number } | undefined {
  const values = keys.map((key) => num(checkCase, key));
  return values.includes(undefined) ? undefined : (values as { readonly [I in keyof K]: number });
}
