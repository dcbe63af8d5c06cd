import { MARKING_EDGES, MARKING_KINDS, type Marking } from '../anatomy/marking.ts';
import { hex, list, num, text, whole, z } from '../units/schema.ts';

/** So many markings are kept of one piece, and so many colours, places and bands of one of them. */
export const MOST_MARKINGS = 40;
export const MARKING_MOST = { colours: 6, places: 24, bands: 12, repeats: 400 } as const;

/** Sizes of markings, life mm. */
const size = num(0.05, 5000);

/** A marking as a document keeps it. */
export const markingSchema = z.strictObject({
  id: text(1, 40),
  name: text(1, 60),
  kind: z.enum(MARKING_KINDS),
  colours: list(z.strictObject({ name: text(1, 60), hex }), 1, MARKING_MOST.colours),
  places: list(
    z.strictObject({ boneId: text(1, 40), along: num(-1, 2), around: num(-180, 180) }),
    0,
    MARKING_MOST.places,
  ),
  part: z.nullable(text(1, 40)),
  widthMm: size,
  stepMm: size,
  lengthMm: num(-5000, 5000),
  bands: list(
    z.strictObject({
      colour: z.nullable(whole(0, MARKING_MOST.colours - 1)),
      mm: size,
      speckle: num(0, 1),
    }),
    0,
    MARKING_MOST.bands,
  ),
  repeats: z.nullable(whole(1, MARKING_MOST.repeats)),
  share: num(0, 1),
  edge: z.enum(MARKING_EDGES),
  edgeMm: size,
  vary: num(0, 1),
  seed: whole(0, 9999),
  mirrored: z.boolean(),
  spreads: z.boolean(),
  over: z.boolean(),
});

/** A marking that is read; to the rest of the house it is a {@link Marking}. */
export type MarkingChoice = z.infer<typeof markingSchema> & Marking;
