import { FREEDOMS } from '../anatomy/bodyPlan.ts';
import { weightSchema } from './placeSchema.ts';
import { list, num, text, z } from '../units/schema.ts';

const lengthMm = (min: number, max: number): z.ZodMiniNumber => num(min, max);

const anglesSchema = z.partialRecord(z.enum(FREEDOMS), num(-180, 180));

/** A moment of a gait: where in the stride, 0 to 1. */
const gaitSchema = z.strictObject({
  id: text(1, 40),
  moment: num(0, 1),
  /** Same foot to same foot, life mm; null for what is usual in the gait. */
  strideMm: z.nullable(lengthMm(0.1, 30_000)),
});

const along = num(-5000, 5000);
/** From a point of a rock to the next: steeper is a step. */
export const ROCK_STEP_MM = 0.1;

/** What it stands on, mm of the model; x forward from the root of the spine. */
export const groundSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('flat') }),
  /** Rises from a place on, towards the head where positive. */
  z.strictObject({ kind: z.literal('slope'), deg: num(-45, 45), fromMm: along }),
  z.strictObject({ kind: z.literal('step'), riseMm: lengthMm(0.5, 1000), fromMm: along }),
  /** A log on the base or a branch above it, lying across. */
  z.strictObject({
    kind: z.literal('log'),
    atMm: along,
    topMm: lengthMm(0.5, 2000),
    diameterMm: lengthMm(1, 2000),
    /** Its length across the base; null for what the feet on it need. */
    acrossMm: z.nullable(lengthMm(5, 3000)),
  }),
  /** Round and upright, its middle line under the animal's; level on top. */
  z.strictObject({
    kind: z.literal('post'),
    atMm: along,
    topMm: lengthMm(0.5, 2000),
    diameterMm: lengthMm(1, 2000),
  }),
  /** Seen from the side, from back to front. */
  z.strictObject({
    kind: z.literal('rock'),
    points: list(z.tuple([along, num(0, 2000)]), 2, 40).check(
      z.refine(
        (points) => points.every(([x], i) => i === 0 || x - points[i - 1]![0] >= ROCK_STEP_MM),
        {
          message: `the points of a rock from back to front, each ${ROCK_STEP_MM} mm or more farther forward than the last`,
        },
      ),
    ),
    /** Its width across the base; null for what the feet on it need. */
    acrossMm: z.nullable(lengthMm(5, 3000)),
  }),
]);

/** Where both eyes look, mm of the model: from halfway between them, in the axes of the head. */
const gazeSchema = z.strictObject({
  aheadMm: num(-5000, 5000),
  leftMm: num(-5000, 5000),
  upMm: num(-5000, 5000),
});

/** A stance under a name of the user's. */
const keptStanceSchema = z.strictObject({
  id: text(1, 40),
  name: text(1, 60),
  presetId: text(1, 40),
  gait: z.nullable(gaitSchema),
  anglesDeg: z.record(text(0, 40), anglesSchema),
  lifted: z.nullable(list(text(0, 40), 0, 20)),
});

/** How it stands, on what, and how it is held. */
export const stanceSchema = z.strictObject({
  presetId: text(1, 40),
  /** A moment of a gait in place of the stance. */
  gait: z.nullable(gaitSchema),
  anglesDeg: z.record(text(0, 40), anglesSchema),
  lifted: z.nullable(list(text(0, 40), 0, 20)),
  beyondLimits: z.boolean(),
  /** Null: straight out of their lids. */
  gaze: z.nullable(gazeSchema),
  /** How far the lids are open, as a share of how the animal is told. */
  lids: num(0, 1.5),
  /** How many times as wide as closed its tail feathers are spread. */
  fan: num(1, 3),
  /** Bones whose joints a drag leaves as they are, and feet that stay where they stand. */
  locked: list(text(0, 40), 0, 200),
  ground: groundSchema,
  /** How the piece is held: on its base, free on any table, hung from a hook, or on a wall. */
  hold: z.enum(['base', 'free', 'hanging', 'wall']),
  weight: z.nullable(weightSchema),
  /** The tilt that the piece on its base must survive, degrees. */
  tiltDeg: num(1, 45),
  kept: list(keptStanceSchema, 0, 60),
  base: z.strictObject({
    lengthMm: z.nullable(lengthMm(20, 3000)),
    widthMm: z.nullable(lengthMm(20, 3000)),
    thicknessMm: lengthMm(2, 100),
    /** How high a rod holds a swimming or flying body above the base. */
    rodMm: lengthMm(0, 1000),
  }),
});

export type KeptStance = z.infer<typeof keptStanceSchema>;
export type Counterweight = z.infer<typeof weightSchema>;
