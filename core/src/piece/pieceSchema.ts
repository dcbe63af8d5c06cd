import { creatureSchema } from '../anatomy/creature.ts';
import { EXTENTS } from '../anatomy/extent.ts';
import { cureSchema } from './cureSchema.ts';
import { fittingsSchema } from './fittingsSchema.ts';
import { placeSchema } from './placeSchema.ts';
import { CLAY_IDS } from './materialIds.ts';
import { PROVENANCES } from '../anatomy/provenance.ts';
import { STAGES } from './working.ts';
import { referencesSchema } from './referencesSchema.ts';
import { shapeSchema } from '../anatomy/shapeSchema.ts';
import { stanceSchema } from './stanceSchema.ts';
import { suggestedWireSchema, wireSchema } from './wireSchema.ts';
import { benchSchema } from './benchSchema.ts';
import { colourSchema } from './colourSchema.ts';
import { skinSchema } from './skinSchema.ts';
import { hex, list, num, text, z } from '../units/schema.ts';

export type { SectionStation, Shape } from '../anatomy/shapeSchema.ts';
export type { Counterweight, KeptStance } from './stanceSchema.ts';
export type { WireChoice } from './wireSchema.ts';
export type { BakeMethod } from './cureSchema.ts';

/** The document's own name and version, so that a foreign file is told from a damaged one. */
export const PIECE_FORMAT = 'keen-sinew-piece';
export const PIECE_VERSION = 19;

const lengthMm = (min: number, max: number): z.ZodMiniNumber => num(min, max);

/** Life lengths a user may give: from an insect's segment to the largest land animals. */
export const LIFE_LENGTH_LIMITS = { minMm: 0.1, maxMm: 8000 } as const;
/** Model lengths a user may ask for. */
export const MODEL_LENGTH_LIMITS = { minMm: 5, maxMm: 5000 } as const;
/** Eyes that a scale may be made for. */
export const EYE_LENGTH_LIMITS = { minMm: 0.5, maxMm: 60 } as const;
/** How far a scale may go either way, life millimetres to one of the model: 50 times to a 200th. */
export const RATIO_LIMITS = { min: 0.02, max: 200 } as const;

/** What is inside a region: packed foil, a hollow ball, or nothing but clay. */
export const CORES = ['foil', 'hollow', 'solid'] as const;
export type Core = (typeof CORES)[number];

/** The inside of an oven or a box. */
export const boxSchema = z.strictObject({
  lengthMm: lengthMm(20, 5000),
  heightMm: lengthMm(20, 5000),
  widthMm: lengthMm(20, 5000),
});

/** One target decides the scale; everything else follows from it. */
export const scaleSchema = z.discriminatedUnion('by', [
  z.strictObject({
    by: z.literal('ratio'),
    lifePerModel: num(RATIO_LIMITS.min, RATIO_LIMITS.max),
  }),
  z.strictObject({
    by: z.literal('size'),
    /** A size of the animal's plan: its length, its shoulder height, its wingspan. */
    sizeId: text(1, 40),
    mm: lengthMm(MODEL_LENGTH_LIMITS.minMm, MODEL_LENGTH_LIMITS.maxMm),
  }),
  z.strictObject({ by: z.literal('oven') }),
  /** The inside of the box that it travels in. */
  z.strictObject({ by: z.literal('box') }),
  /** The board that it stands on. */
  z.strictObject({
    by: z.literal('board'),
    lengthMm: lengthMm(20, 3000),
    widthMm: lengthMm(20, 3000),
  }),
  /** Eyes that are at hand or sold: the scale at which they fit. */
  z.strictObject({
    by: z.literal('eye'),
    mm: lengthMm(EYE_LENGTH_LIMITS.minMm, EYE_LENGTH_LIMITS.maxMm),
  }),
]);

/** How a baked tile of clay bends, and what a needle does to it. */
export const TILE_BENDS = ['springs', 'bends', 'snaps'] as const;
export const TILE_SCRATCHES = ['fine', 'crumbles', 'dents'] as const;

/** What the user read off the packet or measured; null where the class of clay decides. */
const claySchema = z.strictObject({
  classId: z.enum(CLAY_IDS),
  name: text(1, 60),
  label: z.strictObject({
    temperatureC: z.nullable(num(40, 300)),
    limitC: z.nullable(num(20, 300)),
    /** Minutes for this much thickness. */
    minutes: z.nullable(num(1, 600)),
    perMm: z.nullable(lengthMm(1, 50)),
    packetG: z.nullable(num(5, 25_000)),
  }),
  /** A block of it, weighed and measured. */
  weighed: z.nullable(
    z.strictObject({
      grams: num(1, 25_000),
      lengthMm: lengthMm(5, 500),
      widthMm: lengthMm(5, 500),
      heightMm: lengthMm(2, 500),
    }),
  ),
  /** Crumbly with age: it is conditioned before it is used. */
  old: z.boolean(),
  /** What a tile of a new packet told, bent, scratched and looked at; null where none was baked. */
  tile: z.nullable(
    z.strictObject({
      on: z.iso.date(),
      bent: z.enum(TILE_BENDS),
      scratched: z.enum(TILE_SCRATCHES),
      /** Colour raw and baked; null where nobody looked. */
      rawHex: z.nullable(hex),
      bakedHex: z.nullable(hex),
      note: text(0, 200),
    }),
  ),
});

/** Regions built otherwise than the plan of the animal has them. */
const shellsSchema = z.record(
  text(0, 40),
  z.strictObject({ core: z.enum(CORES), shellMm: lengthMm(0.5, 60) }),
);

const massSchema = z.strictObject({
  clay: claySchema,
  /** Another clay for the shells over cores; null where the whole piece is of one. */
  shellClay: z.nullable(claySchema),
  /** Regions that the user built otherwise than the plan has them. */
  shells: shellsSchema,
  shellMm: lengthMm(0.5, 60),
  /** Where a shell or a bare body is baked first: what is left for the skin laid over it. */
  skinMm: lengthMm(0.5, 20),
  sparePercent: num(0, 200),
  /** Regions whose hollow has a hole to the outside, by id. */
  vents: list(text(0, 40), 0, 60),
  /** Clay thicker than this is told: it cracks, and its middle cures late. */
  thickMm: lengthMm(3, 80),
  /** Where section cards are cut; null for the usual places. */
  cards: z.nullable(list(placeSchema, 0, 40)),
});

/** Everything the user decided or measured about a piece; nothing that can be derived. */
export const pieceSchema = z.strictObject({
  format: z.literal(PIECE_FORMAT),
  version: z.literal(PIECE_VERSION),
  id: z.string().check(z.regex(/^[a-z0-9-]{1,60}$/)),
  name: text(1, 80),
  place: text(0, 200),
  measure: z.strictObject({
    animalId: text(1, 60),
    /** The user's own animal, whole, so that the piece stands alone; null for one of the library. */
    creature: z.nullable(creatureSchema),
    /** How much of it the piece is. */
    extent: z.enum(EXTENTS),
    /** Which individual of it: a sex by name, and how young it is, 0 grown up to 1 new-born. */
    individual: z.strictObject({
      sex: z.nullable(text(1, 40)),
      juvenility: num(0, 1),
    }),
    scale: scaleSchema,
    /** Whether it goes into the oven on its board, pegs and all. */
    onBoard: z.boolean(),
    box: z.nullable(boxSchema),
    lifeLengths: z.record(
      text(0, 40),
      z.strictObject({
        mm: lengthMm(LIFE_LENGTH_LIMITS.minMm, LIFE_LENGTH_LIMITS.maxMm),
        provenance: z.enum(PROVENANCES),
        /** Half the width of the range that it lies in with 95 %; null where nobody knows. */
        plusMinusMm: z.nullable(num(0, LIFE_LENGTH_LIMITS.maxMm)),
        /** The day on which it was taken over. */
        on: z.nullable(z.iso.date()),
      }),
    ),
    shape: shapeSchema,
  }),
  /** What it was measured on: pictures with their landmarks, and readings of a specimen. */
  references: referencesSchema,
  stance: stanceSchema,
  wire: wireSchema,
  mass: massSchema,
  fittings: fittingsSchema,
  cure: cureSchema,
  skin: skinSchema,
  colour: colourSchema,
  bench: benchSchema,
  /** What was last suggested by load and size; a decision that is still so is no choice of the user’s. */
  suggested: z.nullable(z.strictObject({ wire: suggestedWireSchema, shells: shellsSchema })),
  confirmed: list(z.enum(STAGES), 0, STAGES.length),
  /** Snags that the maker knows of and lives with: how bad each was then, by its kind and place. */
  accepted: z.record(text(1, 120), num(-1e6, 1e6)),
});

/** The one document of a piece. */
export type Piece = z.infer<typeof pieceSchema>;
export type ScaleChoice = Piece['measure']['scale'];
export type LifeLength = Piece['measure']['lifeLengths'][string];
export type ClayChoice = z.infer<typeof claySchema>;
export type ClayTile = NonNullable<ClayChoice['tile']>;
export type StepDone = Piece['bench']['done'][string];
