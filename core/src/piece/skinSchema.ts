import { LIE_MARK_KINDS } from '../anatomy/lieMark.ts';
import { featherSchema, NEW_FEATHERS } from './featherSchema.ts';
import { list, num, text, whole, z } from '../units/schema.ts';

const lengthMm = (min: number, max: number): z.ZodMiniNumber => num(min, max);

/** How a coat is made. */
export const COAT_METHODS = [
  'carved',
  'stamped',
  'planted',
  'fibre',
  'flock',
  'wefts',
  'pelt',
  'smooth',
] as const;
export type CoatMethod = (typeof COAT_METHODS)[number];

/** A zone made otherwise than the library has it; null keeps what is usual. */
const zoneSchema = z.strictObject({
  method: z.enum(COAT_METHODS),
  /** Length of its hair, feathers or scales, life mm. */
  hairMm: z.nullable(lengthMm(0.2, 1000)),
  /** Width of a lock, feather or scale, life mm. */
  wideMm: z.nullable(lengthMm(0.02, 400)),
  /** Share of a stroke that lies on the one before. */
  overlap: z.nullable(num(0, 0.9)),
  /** Hairs that are planted, or fibres laid, on a square centimetre of the model. */
  perCm2: z.nullable(num(0.5, 5000)),
});

/** A line of the lie, a parting, a ridge or a whorl, by places that outlive stance and scale. */
const markSchema = z.strictObject({
  id: text(1, 40),
  kind: z.enum(LIE_MARK_KINDS),
  places: list(
    z.strictObject({ boneId: text(1, 40), along: num(-1, 2), around: num(-180, 180) }),
    1,
    60,
  ),
  /** Whether the other side has it too. */
  mirrored: z.boolean(),
  /** Of a parting or a ridge: degrees between its line and the hair beside it; of a whorl: 0 stands off, 90 circles. */
  turnDeg: num(-180, 180),
  /** Of a whorl, life mm. */
  radiusMm: lengthMm(0.5, 2000),
});

/** A stamp or a roller that presses scales. */
const stampSchema = z.strictObject({
  id: text(1, 40),
  name: text(1, 60),
  kind: z.enum(['stamp', 'roller']),
  /** The zone that it is for. */
  zone: text(1, 40),
  /** Scales side by side on its face, and one after the other; round a roller. */
  across: whole(1, 60),
  along: whole(1, 200),
  /** Of a roller, as it is measured. */
  diameterMm: lengthMm(2, 200),
});

export const skinSchema = z.strictObject({
  zones: z.record(text(0, 40), zoneSchema),
  /** Thickness of the hide or cloth that a pelt is on, as it comes from the packet. */
  backingMm: lengthMm(0.1, 10),
  /** Strokes of one zone run into the next over so much of the model. */
  blendMm: num(0, 60),
  /** How strokes vary: share of their length and degrees either way, and how far they gather into locks. */
  vary: z.strictObject({ length: num(0, 0.9), deg: num(0, 60), locks: num(0, 1) }),
  marks: list(markSchema, 0, 80),
  /** What the hand does in a minute, or how long one takes. */
  pace: z.strictObject({
    strokesPerMin: num(1, 400),
    scalesPerMin: num(0.5, 200),
    pressS: num(1, 600),
    tuftS: num(0.5, 600),
  }),
  fibre: z.strictObject({
    hairsPerTuft: whole(1, 400),
    /** What of a hair lies in the clay or the glue. */
    rootMm: num(0, 40),
    /** What is cut off when it is trimmed, of what is seen. */
    trimPercent: num(0, 300),
    micrometre: num(1, 2000),
    gPerMl: num(0.05, 3),
    sparePercent: num(0, 300),
    glueMlPerCm2: num(0, 2),
  }),
  /** Rows of scales otherwise than counted: by tube. */
  rows: z.record(
    text(0, 40),
    z.strictObject({ round: z.nullable(whole(4, 400)), along: z.nullable(whole(1, 3000)) }),
  ),
  stamps: list(stampSchema, 0, 24),
  feathers: featherSchema,
});

export type LieMarkChoice = z.infer<typeof markSchema>;
export type StampChoice = z.infer<typeof stampSchema>;

/** A coat as a new piece has it; paces and fibres are common practice. */
export const NEW_SKIN = Object.freeze({
  zones: {},
  backingMm: 1,
  blendMm: 4,
  vary: { length: 0.33, deg: 10, locks: 0.5 },
  marks: [],
  pace: { strokesPerMin: 50, scalesPerMin: 25, pressS: 6, tuftS: 8 },
  fibre: {
    hairsPerTuft: 14,
    rootMm: 2,
    trimPercent: 25,
    micrometre: 30,
    gPerMl: 1.31,
    sparePercent: 25,
    glueMlPerCm2: 0.03,
  },
  rows: {},
  stamps: [],
  feathers: NEW_FEATHERS,
}) satisfies z.infer<typeof skinSchema>;

export type ZoneChoice = z.infer<typeof zoneSchema>;

/** A zone as it is while nothing but its method is decided. */
export const usualZone = (method: CoatMethod): ZoneChoice => ({
  method,
  hairMm: null,
  wideMm: null,
  overlap: null,
  perCm2: null,
});
