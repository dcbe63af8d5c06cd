import { list, num, text, whole, z } from '../units/schema.ts';

/** What is baked by itself before the surface is laid over it: shells over cores, the whole bare body, or nothing. */
export const BAKE_METHODS = ['shell-first', 'body-first', 'all-at-once'] as const;
export type BakeMethod = (typeof BAKE_METHODS)[number];

/** What went wrong with a bake. */
export const DEFECTS = ['crack', 'bubble', 'broken', 'under-baked', 'scorched', 'drooped'] as const;
export type DefectKind = (typeof DEFECTS)[number];

/** When something that is found or ready-made is on the piece: from the start, before the surface, or when all is baked. */
export const THING_TIMES = ['first', 'surface', 'last'] as const;
export type ThingTime = (typeof THING_TIMES)[number];

/** Limits of a reading, °C. */
const READING = num(-40, 500);
const MOST_MIN = 24 * 60;

/** A bake as it was: what the dial said, what a probe in the air showed, and one in a ball of clay beside the piece. */
const ovenLogSchema = z.strictObject({
  id: text(1, 40),
  /** The bake of the plan that it was. */
  bake: text(1, 60),
  /** The day, as the user's calendar has it. */
  on: z.iso.date(),
  dialC: num(0, 300),
  by: z.enum(['probe', 'typed']),
  /** Minutes since the piece went in, °C of the air beside it, °C in the middle of the ball; null where none was. */
  readings: list(
    z.strictObject({ min: num(0, MOST_MIN), airC: READING, ballC: z.nullable(READING) }),
    1,
    3000,
  ),
  /** Across the ball of clay with the second probe, mm; null without one. */
  ballMm: z.nullable(num(5, 80)),
  note: text(0, 500),
});

export const cureSchema = z.strictObject({
  method: z.enum(BAKE_METHODS),
  partsFirst: z.boolean(),
  setC: z.nullable(num(0, 300)),
  /** Minutes of the bakes that the user set, by bake; the others follow. */
  minutes: z.record(text(1, 60), num(1, MOST_MIN)),
  /** How long it stays in once the coldest clay is hot enough. */
  holdMin: num(0, 240),
  /** Things that the user put into a bake, by number, or that have one to themselves. */
  pins: z.record(text(1, 80), z.union([z.literal('alone'), whole(1, 20)])),
  /** Bakes of small parts that a heat gun does instead of the oven. */
  gun: list(text(1, 60), 0, 12),
  /** Found and ready-made things on the piece: a stone, a bottle, a twig. */
  things: list(
    z.strictObject({
      id: text(1, 40),
      name: text(1, 60),
      /** Of the stuffs that are known, or of the workshop's own. */
      stuff: text(1, 40),
      when: z.enum(THING_TIMES),
    }),
    0,
    20,
  ),
  log: list(ovenLogSchema, 0, 60),
  /** What went wrong, and is to be mended. */
  defects: list(
    z.strictObject({
      id: text(1, 40),
      kind: z.enum(DEFECTS),
      /** The bake after which it was seen. */
      bake: text(1, 60),
      where: text(0, 120),
      on: z.iso.date(),
    }),
    0,
    40,
  ),
});

export type CureChoice = z.infer<typeof cureSchema>;
export type OvenLog = CureChoice['log'][number];
export type OvenReading = OvenLog['readings'][number];
export type Defect = CureChoice['defects'][number];
export type FoundThing = CureChoice['things'][number];
export type BakePin = CureChoice['pins'][string];

/** Bakes of a new piece, on common practice: a shell first, small parts before, a quarter of an hour longer. */
export const NEW_CURE: CureChoice = Object.freeze({
  method: 'shell-first',
  partsFirst: true,
  setC: null,
  minutes: {},
  holdMin: 15,
  pins: {},
  gun: [],
  things: [],
  log: [],
  defects: [],
});
