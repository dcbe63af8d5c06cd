import { list, num, text, z } from '../units/schema.ts';
import { WORK_KINDS } from './step.ts';

/** What an entry of the log tells: work that went on, something seen, or a try and what was wrong with it. */
export const LOG_KINDS = ['sitting', 'note', 'attempt'] as const;
export type LogKind = (typeof LOG_KINDS)[number];

/** Steps of the maker's own begin so; no step of the plan does. */
export const OWN_STEP = 'own.';
/** Pictures of the log begin so; no picture that is measured on does. */
export const LOG_PICTURE = 'log-';

const stepId = text(1, 60);

const ownStepSchema = z.strictObject({
  id: z.string().check(z.regex(/^own\.[a-z0-9]{1,12}$/)),
  title: text(1, 80),
  sentence: text(0, 500),
  work: z.enum(WORK_KINDS),
  minutes: z.nullable(num(0, 10_000)),
  /** The step that it needs; null where it may be done at any time. */
  after: z.nullable(stepId),
});

const logEntrySchema = z.strictObject({
  id: text(1, 40),
  /** When, by the user's own clock: 2026-05-30T14:05. */
  at: z.string().check(z.regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/)),
  kind: z.enum(LOG_KINDS),
  /** The step that it belongs to; null for the piece as a whole. */
  step: z.nullable(stepId),
  words: text(0, 1000),
  minutes: z.nullable(num(0, 10_000)),
  /** A picture that the browser keeps with the piece. */
  picture: z.nullable(z.string().check(z.regex(/^log-[a-z0-9-]{1,40}$/))),
});

export const benchSchema = z.strictObject({
  /** Steps ticked off, by id. */
  done: z.record(
    text(0, 60),
    z.strictObject({
      /** The day, as the user's calendar has it: 2026-05-30. */
      on: z.iso.date(),
      minutes: z.nullable(num(0, 10_000)),
      note: text(0, 500),
    }),
  ),
  /** Parts of steps that are done, by the step. */
  partsDone: z.record(stepId, list(text(1, 40), 0, 80)),
  /** Steps that are left out knowingly, and why. */
  leftOut: z.record(stepId, text(0, 200)),
  own: list(ownStepSchema, 0, 60),
  /** Steps put right behind others, one move after the other; null puts first. */
  moved: list(z.strictObject({ step: stepId, after: z.nullable(stepId) }), 0, 200),
  /** What went on, oldest first. */
  log: list(logEntrySchema, 0, 2000),
  /** What the finished piece came out as; null where nobody weighed or measured. */
  cameOut: z.strictObject({
    grams: z.nullable(num(0.01, 1e6)),
    heightMm: z.nullable(num(1, 10_000)),
    lengthMm: z.nullable(num(1, 10_000)),
  }),
  /** The day by which it should be ready. */
  due: z.nullable(z.iso.date()),
  /** Steps that are not begun before a day, by id. */
  notBefore: z.record(stepId, z.iso.date()),
});

export type BenchChoice = z.infer<typeof benchSchema>;
export type OwnStep = BenchChoice['own'][number];
export type LogEntry = BenchChoice['log'][number];

/** A piece at which nothing was done. */
export const newBench = (): BenchChoice => ({
  ...{ done: {}, partsDone: {}, leftOut: {}, own: [], moved: [], log: [] },
  ...{ cameOut: { grams: null, heightMm: null, lengthMm: null }, due: null, notBefore: {} },
});
