import { FREEDOMS } from '../anatomy/bodyPlan.ts';
import { z } from './zodSetup.ts';

const lengthMm = (min: number, max: number): z.ZodNumber => z.number().min(min).max(max);

const anglesSchema = z.partialRecord(z.enum(FREEDOMS), z.number().min(-180).max(180));

/** A moment of a gait: where in the stride, 0 to 1. */
const gaitSchema = z.strictObject({
  id: z.string().min(1).max(40),
  moment: z.number().min(0).max(1),
  /** Same foot to same foot, life mm; null for what is usual in the gait. */
  strideMm: lengthMm(0.1, 30_000).nullable(),
});

const along = z.number().min(-5000).max(5000);

/** What it stands on, mm of the model; x forward from the root of the spine. */
export const groundSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('flat') }),
  /** Rises from a place on, towards the head where positive. */
  z.strictObject({ kind: z.literal('slope'), deg: z.number().min(-45).max(45), fromMm: along }),
  z.strictObject({ kind: z.literal('step'), riseMm: lengthMm(0.5, 1000), fromMm: along }),
  /** A log on the base or a branch above it, lying across. */
  z.strictObject({
    kind: z.literal('log'),
    atMm: along,
    topMm: lengthMm(0.5, 2000),
    diameterMm: lengthMm(1, 2000),
  }),
  /** Seen from the side, from back to front. */
  z.strictObject({
    kind: z.literal('rock'),
    points: z
      .array(z.tuple([along, z.number().min(0).max(2000)]))
      .min(2)
      .max(40)
      .refine((points) => points.every(([x], i) => i === 0 || x > points[i - 1]![0]), {
        message: 'the points of a rock go from back to front, each farther forward than the last',
      }),
  }),
]);

/** A metal weight inside the body, or none. */
const weightSchema = z.strictObject({
  boneId: z.string().min(1).max(40),
  /** Where along the bone, 0 to 1. */
  at: z.number().min(0).max(1),
  grams: z.number().min(0.1).max(20_000),
  metal: z.enum(['lead', 'steel']),
});

/** A stance under a name of the user's. */
const keptStanceSchema = z.strictObject({
  id: z.string().min(1).max(40),
  name: z.string().min(1).max(60),
  presetId: z.string().min(1).max(40),
  gait: gaitSchema.nullable(),
  anglesDeg: z.record(z.string().max(40), anglesSchema),
  lifted: z.array(z.string().max(40)).max(20).nullable(),
});

/** How it stands, on what, and how it is held. */
export const stanceSchema = z.strictObject({
  presetId: z.string().min(1).max(40),
  /** A moment of a gait in place of the stance. */
  gait: gaitSchema.nullable(),
  anglesDeg: z.record(z.string().max(40), anglesSchema),
  lifted: z.array(z.string().max(40)).max(20).nullable(),
  beyondLimits: z.boolean(),
  /** Bones whose joints a drag leaves as they are, and feet that stay where they stand. */
  locked: z.array(z.string().max(40)).max(200),
  ground: groundSchema,
  /** How the piece is held: on its base, hung from a hook, or on a wall. */
  hold: z.enum(['base', 'hanging', 'wall']),
  weight: weightSchema.nullable(),
  /** The tilt that the piece on its base must survive, degrees. */
  tiltDeg: z.number().min(1).max(45),
  kept: z.array(keptStanceSchema).max(60),
  base: z.strictObject({
    lengthMm: lengthMm(20, 3000).nullable(),
    widthMm: lengthMm(20, 3000).nullable(),
    thicknessMm: lengthMm(2, 100),
    /** How high a rod holds a swimming or flying body above the base. */
    rodMm: lengthMm(0, 1000),
  }),
});

export type KeptStance = z.infer<typeof keptStanceSchema>;
export type Counterweight = z.infer<typeof weightSchema>;
