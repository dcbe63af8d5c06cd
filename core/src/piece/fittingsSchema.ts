import { list, num, text, whole, z } from '../units/schema.ts';

/** What a part made apart is made of. */
export const FITTING_MATERIALS = [
  'clay',
  'wire',
  'glass',
  'bead',
  'resin',
  'putty',
  'sheet',
  'wood',
  'fibre',
] as const;
export type FittingMaterialId = (typeof FITTING_MATERIALS)[number];

/** The id of a stuff of the workshop. */
export const ownStuffId = z.string().check(z.regex(/^stuff-[a-z0-9]{1,12}$/));

/** How parts made apart are made, and what of the body is; where nothing is said it follows. */
export const fittingsSchema = z.strictObject({
  /** By the id of the part; null where it follows. */
  made: z.record(
    text(0, 60),
    z.strictObject({
      /** Of those that everybody has, or of the workshop's own by its id. */
      material: z.nullable(z.union([z.enum(FITTING_MATERIALS), ownStuffId])),
      spare: z.nullable(whole(0, 99)),
    }),
  ),
  /** Bones of the left side or the midline that are made apart, with all that they bear, and joined later. */
  apart: list(text(1, 60), 0, 12),
  /** Between what is made apart and the wire that it slides over, all round, mm. */
  clearanceMm: num(0.05, 3),
});

/** Parts made apart of a new piece. */
export const NEW_FITTINGS: FittingsChoice = Object.freeze({
  made: {},
  apart: [],
  clearanceMm: 0.2,
});

export type FittingsChoice = z.infer<typeof fittingsSchema>;
export type FittingMaking = FittingsChoice['made'][string];

/** A part made apart of which nothing is decided. */
export const AS_IT_FOLLOWS: FittingMaking = Object.freeze({ material: null, spare: null });
