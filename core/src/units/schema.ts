import * as z from 'zod/mini';

// Zod's fast path builds functions from text, which the content security policy forbids; switching
// it off before any schema is made keeps the browser's console clean and the behaviour the same.
z.config({ jitless: true });

/** A number between two limits, both allowed. */
export const num = (min: number, max: number): z.ZodMiniNumber =>
  z.number().check(z.gte(min), z.lte(max));

/** A whole number between two limits, both allowed. */
export const whole = (min: number, max: number): z.ZodMiniNumber =>
  z.int().check(z.gte(min), z.lte(max));

/** Text of so many characters. */
export const text = (min: number, max: number): z.ZodMiniString =>
  z.string().check(z.minLength(min), z.maxLength(max));

/** A list of so many entries. */
export const list = <S extends z.core.SomeType>(
  of: S,
  min: number,
  max: number,
): z.ZodMiniArray<S> => z.array(of).check(z.minLength(min), z.maxLength(max));

// As a namespace, so that a bundler takes only what is used of it.
export * as z from 'zod/mini';

/** A colour as "#rrggbb", small letters. */
export const hex = z.string().check(z.regex(/^#[0-9a-f]{6}$/));
