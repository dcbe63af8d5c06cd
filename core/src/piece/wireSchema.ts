import { routeRefSchema } from './placeSchema.ts';
import { list, num, text, whole, z } from '../units/schema.ts';

const mm = (min: number, max: number): z.ZodMiniNumber => num(min, max);

/** How the armature as a whole is made. What each is, and costs, is said in wire/schemes.ts. */
export const SCHEME_IDS = [
  'bound-loops',
  'folded-pair',
  'base-rods',
  'back-iron',
  'coiled-trunk',
  'no-wire',
] as const;
export type SchemeId = (typeof SCHEME_IDS)[number];

/** How one pair of limbs is made, where it differs from the scheme. */
export const LIMB_WAYS = ['loops', 'folded', 'rods', 'none'] as const;
export type LimbWay = (typeof LIMB_WAYS)[number];

/** What holds wires together at a binding. */
export const BINDER_IDS = [
  'tie-wire',
  'paper-tape',
  'thread',
  'putty',
  'solder',
  'hot-glue',
] as const;
export type BinderId = (typeof BINDER_IDS)[number];

/** What keeps a piece on one rod from turning about it. What each is, is said in wire/rodKeys.ts. */
export const ROD_KEYS = ['bent', 'pin', 'flat', 'none'] as const;
export type RodKey = (typeof ROD_KEYS)[number];

/** Threads of rods that are bolted through the base; null for a plain rod. */
export const THREAD_IDS = ['M2', 'M2.5', 'M3', 'M4', 'M5', 'M6', 'M8'] as const;
export type ThreadId = (typeof THREAD_IDS)[number];

export const wireSizeSchema = z.strictObject({
  system: z.enum(['AWG', 'SWG', 'US steel', 'mm']),
  value: num(-6, 60),
});

/** A metal of the table, or one of the user's own. */
export const metalIdSchema = z.string().check(z.regex(/^[a-z0-9-]{1,40}$/));

export const wireChoiceSchema = z.strictObject({
  metal: metalIdSchema,
  size: wireSizeSchema,
  strands: whole(1, 7),
});

/** The places that a route goes over, from its named end. */
const routeSchema = list(routeRefSchema, 2, 60);

/** Thin wires of digits, ears, antennae, fins: by key of the bone; null is left out. */
const fineSchema = z.record(
  text(0, 40),
  z.nullable(z.strictObject({ metal: metalIdSchema, size: wireSizeSchema, count: whole(1, 200) })),
);

/** What of the wire follows from load and size until the user chooses. */
export const suggestedWireSchema = z.strictObject({
  scheme: z.enum(SCHEME_IDS),
  coverMm: mm(0, 10),
  spine: wireChoiceSchema,
  limbs: z.record(text(0, 40), wireChoiceSchema),
  fine: fineSchema,
});

/** Everything decided about the wire. */
export const wireSchema = z.strictObject({
  scheme: z.enum(SCHEME_IDS),
  /** Limb pairs, by id, that are made otherwise than the scheme has them. */
  ways: z.record(text(0, 40), z.enum(LIMB_WAYS)),
  spine: wireChoiceSchema,
  /** By limb pair, or by the contact that a rod holds. */
  limbs: z.record(text(0, 40), wireChoiceSchema),
  /** Rods from the base, or the iron of the back; a size of null is what the load asks for. */
  rod: z.strictObject({
    metal: metalIdSchema,
    size: z.nullable(wireSizeSchema),
    /** Bolted with nuts on this thread; null for a plain rod that is glued in with epoxy. */
    thread: z.nullable(z.enum(THREAD_IDS)),
    /** Null for what is usual: one against turning where the piece stands on one rod alone. */
    key: z.nullable(z.enum(ROD_KEYS)),
  }),
  /** Strands more along the neck. */
  neckStrands: whole(0, 5),
  /** The strands of the spine end one by one along the tail, not all at its root. */
  taperTail: z.boolean(),
  coilPitchInDiameters: num(1.5, 40),
  fine: fineSchema,
  /** Routes drawn by the user, by key of the wire: each a way of its own, none where it is merged. */
  routes: z.record(text(0, 60), list(routeSchema, 0, 6)),
  binder: z.strictObject({
    kind: z.enum(BINDER_IDS),
    metal: metalIdSchema,
    size: wireSizeSchema,
    turns: whole(1, 20),
    tailMm: mm(0, 100),
    overlapMm: mm(5, 200),
  }),
  posable: z.boolean(),
  /** Joints that stay free of putty, by bone. */
  freeJoints: list(text(0, 40), 0, 60),
  bendRadiusInDiameters: num(1, 20),
  /** Where the tool goes: pliers grip at the start of the bend, thumbs press at its middle. */
  bendAt: z.enum(['start', 'middle']),
  coverMm: mm(0, 10),
  twistPitchInDiameters: num(3, 60),
  allowancesMm: z.strictObject({
    fold: mm(0, 200),
    hook: mm(0, 300),
    tieEnd: mm(0, 200),
    nutAndWashers: mm(0, 100),
    margin: mm(0, 200),
    marginPerBend: mm(0, 20),
  }),
  hipTurns: num(0, 10),
});

export type WireOfPiece = z.infer<typeof wireSchema>;
export type WireChoice = z.infer<typeof wireChoiceSchema>;
