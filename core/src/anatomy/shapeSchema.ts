import { list, num, text, z } from '../units/schema.ts';

const lifeMm = (min: number, max: number): z.ZodMiniNumber => num(min, max);

/** How square a section may be: 1.4 nearly a diamond, 2 an ellipse, 6 nearly a brick. */
export const SQUARENESS = { min: 1.4, max: 6 } as const;
/** How far the bulk of a muscle may be changed, as a factor on its volume. */
export const BULK = { min: 0.3, max: 3 } as const;
/** Half sizes and offsets of a section in life, mm. */
export const SECTION_MM = { min: 0.05, max: 3000 } as const;

const stationSchema = z.strictObject({
  at: num(0, 1),
  halfDepth: lifeMm(SECTION_MM.min, SECTION_MM.max),
  halfWidth: lifeMm(SECTION_MM.min, SECTION_MM.max),
  squareness: num(SQUARENESS.min, SQUARENESS.max),
  up: lifeMm(-SECTION_MM.max, SECTION_MM.max),
  side: lifeMm(-SECTION_MM.max, SECTION_MM.max),
});

/** Eyes of the user's own, left and right alike; null where they are the animal's. */
const eyesSchema = z.strictObject({
  /** Of the eyeball in life. */
  diameterMm: z.nullable(lifeMm(0.1, 200)),
  /** Along the bone of the head, and degrees about it from the back. */
  along: z.nullable(num(-0.2, 1.2)),
  around: z.nullable(num(0, 180)),
  /** Opening between the lids, in diameters of the ball. */
  wide: z.nullable(num(0.1, 1.5)),
  high: z.nullable(num(0.05, 1.5)),
  /** How much higher the outer corner lies. */
  slitDeg: z.nullable(num(-60, 60)),
});

/** Eyes as the library has them. */
const LIBRARY_EYES = Object.freeze({
  ...{ diameterMm: null, along: null, around: null },
  ...{ wide: null, high: null, slitDeg: null },
});

/** The shape of the living animal where the user has another one than the library. Life mm. */
export const shapeSchema = z.strictObject({
  /**
   * Sections by bone: by key for both sides alike, or by id (`femur.L`) where one side was shaped by
   * itself on purpose.
   */
  sections: z.record(text(0, 60), list(stationSchema, 2, 24)),
  /** Bulk of a muscle by id, a factor on its volume. */
  bulk: z.record(text(0, 60), num(BULK.min, BULK.max)),
  /** Fat under the skin beyond the library's condition, by region; less than nothing is leaner. */
  fatMm: z.record(text(0, 40), lifeMm(-100, 300)),
  /** The first pair of eyes, where they are other than the animal's. */
  eyes: eyesSchema,
});

export type Shape = z.infer<typeof shapeSchema>;
export type SectionStation = z.infer<typeof stationSchema>;

/** The library's shape. */
export const LIBRARY_SHAPE: Shape = Object.freeze({
  ...{ sections: {}, bulk: {}, fatMm: {} },
  eyes: LIBRARY_EYES,
});
