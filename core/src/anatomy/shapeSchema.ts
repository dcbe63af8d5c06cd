import { list, num, text, z } from '../units/schema.ts';

const lifeMm = (min: number, max: number): z.ZodMiniNumber => num(min, max);

/** How square a section may be: 1.4 nearly a diamond, 2 an ellipse, 6 nearly a brick. */
export const SQUARENESS = { min: 1.4, max: 6 } as const;
/** How near to its edges a section may be widest, in halves of its depth. */
export const WIDEST_MOST = 0.9;
/** How far the bulk of a muscle may be changed, as a factor on its volume. */
export const BULK = { min: 0.3, max: 3 } as const;
/** Half sizes and offsets of a section in life, mm. */
export const SECTION_MM = { min: 0.05, max: 3000 } as const;

/** Where on its bone a section may lie; a sleeve may reach a little beyond the ends. */
export const SECTION_AT = { min: -1, max: 3 } as const;

const stationSchema = z.strictObject({
  at: num(SECTION_AT.min, SECTION_AT.max),
  halfDepth: lifeMm(SECTION_MM.min, SECTION_MM.max),
  halfWidth: lifeMm(SECTION_MM.min, SECTION_MM.max),
  /** Over its widest line, and under it. */
  squareness: num(SQUARENESS.min, SQUARENESS.max),
  squareBelow: num(SQUARENESS.min, SQUARENESS.max),
  /** Where it is widest: −1 at its lower edge, 0 halfway, 1 at its upper edge. */
  widest: num(-WIDEST_MOST, WIDEST_MOST),
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

/** What stands on the head, an ear, a horn, a feeler, by key: where it starts and which way it goes; null as it is. */
const standSchema = z.strictObject({
  /** Along the bone that bears it. */
  at: z.nullable(num(-0.2, 1.2)),
  /** From straight up to straight back, seen from the side with the head at rest. */
  backDeg: z.nullable(num(-180, 180)),
  /** Out of the midplane, towards its own side. */
  outDeg: z.nullable(num(-90, 90)),
});

/** Features of a head of the user's own, left and right alike; null where they are the animal's. */
const headSchema = z.strictObject({
  /** The first pair of holes in the skin of the head. */
  nostril: z.strictObject({
    along: z.nullable(num(-0.2, 1.3)),
    around: z.nullable(num(0, 180)),
    /** In shares of the bone. */
    long: z.nullable(num(0.005, 0.5)),
    wide: z.nullable(num(0.005, 0.5)),
    turnDeg: z.nullable(num(-90, 90)),
  }),
  /** Length of all teeth, a factor. */
  teeth: z.nullable(num(0.2, 3)),
  stands: z.record(text(0, 40), standSchema),
});

/** A head as the library has it. */
const LIBRARY_HEAD = Object.freeze({
  nostril: Object.freeze({
    ...{ along: null, around: null, long: null },
    ...{ wide: null, turnDeg: null },
  }),
  teeth: null,
  stands: {},
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
  head: headSchema,
});

export type Shape = z.infer<typeof shapeSchema>;
export type SectionStation = z.infer<typeof stationSchema>;

/** The library's shape. */
export const LIBRARY_SHAPE: Shape = Object.freeze({
  ...{ sections: {}, bulk: {}, fatMm: {} },
  eyes: LIBRARY_EYES,
  head: LIBRARY_HEAD,
});
