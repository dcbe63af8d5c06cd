import { list, num, text, whole, z } from '../units/schema.ts';
import { PUPILS } from './face.ts';
import { SET_KINDS } from './thingKinds.ts';

const lifeMm = (min: number, max: number): z.ZodMiniNumber => num(min, max);
const hexSchema = z.string().check(z.regex(/^#[0-9a-f]{6}$/));

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
  /** What of the ball is seen, and the colour of its iris. */
  pupil: z.nullable(z.enum(PUPILS)),
  hex: z.nullable(hexSchema),
});

/** Eyes as the library has them. */
const LIBRARY_EYES = Object.freeze({
  ...{ diameterMm: null, along: null, around: null },
  ...{ wide: null, high: null, slitDeg: null, pupil: null, hex: null },
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

/** How far a part made apart may be changed. */
const featureChangeSchema = z.strictObject({
  /** Factors on its length and its thickness. */
  long: z.nullable(num(0.1, 5)),
  thick: z.nullable(num(0.1, 5)),
  /** How far it is moved along its bone, in shares of it, and about it, degrees away from the back. */
  along: z.nullable(num(-1, 1)),
  around: z.nullable(num(-180, 180)),
  /** Left out of the piece. */
  gone: z.boolean(),
});

/** A part made apart as the library has it. */
export const LIBRARY_FEATURE: FeatureChange = Object.freeze({
  ...{ long: null, thick: null, along: null, around: null },
  gone: false,
});

/** On which sides a thing stands: both alike, one, or once where it is told. */
export const THING_SIDES = ['both', 'left', 'right', 'middle'] as const;

/** Where on the skin a thing starts: along a bone of the left side or the midline, degrees about it from the back to the left. */
const placeFields = {
  boneId: text(1, 60),
  along: num(-0.5, 1.5),
  around: num(-180, 180),
} as const;

/** A thing of the user's own that is set on the skin, life mm. */
const thingSchema = z.strictObject({
  id: z.string().check(z.regex(/^[a-z0-9-]{1,40}$/)),
  name: text(1, 60),
  kind: z.enum(SET_KINDS),
  ...placeFields,
  /** How far its root lies off the skin; less than nothing is in it. */
  offMm: lifeMm(-500, 500),
  sides: z.enum(THING_SIDES),
  /** Along its curve, and across its root in the plane that it turns in. */
  lengthMm: lifeMm(0.1, 3000),
  thickMm: lifeMm(0.05, 2000),
  /** Its breadth across that plane, in thicknesses. */
  breadth: num(0.02, 20),
  /** Thickness of its tip as a share of its root's. */
  tip: num(0, 2),
  /** From straight out of the skin towards the rear, and that way turned about straight out. */
  leanDeg: num(-120, 120),
  twistDeg: num(-180, 180),
  /** How far its tip has turned from its root, and how far the plane that it turns in. */
  turnDeg: num(-720, 720),
  curlDeg: num(-1080, 1080),
  hex: z.nullable(hexSchema),
  /** More of them, evenly to another place, each a little larger or smaller than the one before. */
  row: z.nullable(z.strictObject({ many: whole(2, 60), ...placeFields, endShare: num(0.05, 10) })),
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
  /** Parts made apart that are other than the library's, by id. */
  features: z.record(text(0, 60), featureChangeSchema),
  /** Things of the user's own, set on the skin. */
  things: list(thingSchema, 0, 60),
});

export type Shape = z.infer<typeof shapeSchema>;
export type FeatureChange = z.infer<typeof featureChangeSchema>;
export type Thing = z.infer<typeof thingSchema>;
export type ThingSide = (typeof THING_SIDES)[number];
export type SectionStation = z.infer<typeof stationSchema>;

/** The library's shape. */
export const LIBRARY_SHAPE: Shape = Object.freeze({
  ...{ sections: {}, bulk: {}, fatMm: {} },
  eyes: LIBRARY_EYES,
  head: LIBRARY_HEAD,
  ...{ features: {}, things: [] },
});
