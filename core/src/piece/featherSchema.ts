import { list, num, text, whole, z } from '../units/schema.ts';

/** How the feathers of a row are made. */
export const FEATHER_WAYS = ['pressed', 'leaves', 'cut'] as const;
export type FeatherWay = (typeof FEATHER_WAYS)[number];

/** A row of feathers made otherwise than the library has it; null keeps what is usual. */
const rowSchema = z.strictObject({
  way: z.enum(FEATHER_WAYS),
  many: z.nullable(whole(1, 60)),
  /** Of the longest, life mm. */
  longestMm: z.nullable(num(1, 3000)),
  /** Least share of a feather that lies under its neighbour. */
  overlap: z.nullable(num(0, 0.9)),
});

/** Where along a feather its vanes are shaped by hand, as shares of its length. */
export const SHAPE_STATIONS = [0.2, 0.35, 0.5, 0.65, 0.8, 0.92] as const;
const sides = list(num(0.1, 2.5), SHAPE_STATIONS.length, SHAPE_STATIONS.length);

/** An outline shaped by hand: width of each vane at those places, over what it has by itself. */
const shapeSchema = z.strictObject({ before: sides, behind: sides });

/** So many kinds of sheet may be told. */
export const MOST_SHEETS = 12;

/** Felt, paper or cloth that feathers are cut from. */
const sheetSchema = z.strictObject({
  id: text(1, 40),
  name: text(1, 60),
  longMm: num(20, 2000),
  wideMm: num(20, 2000),
  many: whole(0, 100),
  /** It has a grain along its length, and every shaft lies along that. */
  grained: z.boolean(),
  thickMm: num(0.02, 10),
});

/** How a thin wing, a fin or a membrane is made: pressed on the piece, of clay over a wire, or of sheet over a wire. */
export const BLADE_WAYS = ['pressed', 'clay', 'sheet'] as const;
export type BladeWay = (typeof BLADE_WAYS)[number];

/** A thin wing, fin or membrane made otherwise than usual; null keeps the least that its stuff allows. */
const bladeSchema = z.strictObject({
  way: z.enum(BLADE_WAYS),
  thickMm: z.nullable(num(0.02, 20)),
  wireMm: z.nullable(num(0.1, 4)),
});

export const featherSchema = z.strictObject({
  /** By the row's id. */
  rows: z.record(text(0, 40), rowSchema),
  /** What a feather has grown to, of its length, by side and number ("L.P3"): 0 is missing. */
  grown: z.record(text(0, 12), num(0, 1)),
  /** Outlines shaped by hand, by feather ("P3") or by row, whose feathers have it where none of their own is. */
  shapes: z.record(text(0, 40), shapeSchema),
  /** From one barb that is drawn to the next, model mm; null for what is usual, 0 for none. */
  barbMm: z.nullable(num(0, 10)),
  /** Thin wings, fins and membranes, by the id of their blade. */
  blades: z.record(text(0, 40), bladeSchema),
  sheets: list(sheetSchema, 0, MOST_SHEETS),
  /** Left free between feathers on a sheet, and to its edge. */
  gapMm: num(0, 30),
  /** Turns of a shaft's wire round the wire of the wing. */
  turns: num(0, 30),
});

export type FeatherChoice = z.infer<typeof featherSchema>;
export type FeatherShape = z.infer<typeof shapeSchema>;
export type FeatherSheet = z.infer<typeof sheetSchema>;

/** Feathers as a new piece has them: pressed into the clay. */
export const NEW_FEATHERS = Object.freeze({
  rows: {},
  grown: {},
  shapes: {},
  barbMm: null,
  blades: {},
  sheets: [
    {
      ...{ id: 'felt', name: 'Felt', longMm: 300, wideMm: 200 },
      ...{ many: 2, grained: false, thickMm: 1 },
    },
  ],
  gapMm: 2,
  turns: 6,
}) satisfies FeatherChoice;
