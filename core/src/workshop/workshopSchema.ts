import { BUILT_IN_METAL_IDS } from '../piece/metalIds.ts';
import { ownStuffId } from '../piece/fittingsSchema.ts';
import { CLAY_IDS, TOOL_IDS } from '../piece/materialIds.ts';
import { metalIdSchema, wireSizeSchema } from '../piece/wireSchema.ts';
import { boxSchema } from '../piece/pieceSchema.ts';
import { WORK_KINDS } from '../piece/step.ts';
import { LIGHT_CLASSES, OPACITIES, PAINT_KINDS } from '../piece/colourSchema.ts';
import { hex, list, num, text, whole, z } from '../units/schema.ts';

/** The document's own name and version, so that a foreign file is told from a damaged one. */
export const WORKSHOP_FORMAT = 'keen-sinew-workshop';
export const WORKSHOP_VERSION = 4;

const lengthMm = (min: number, max: number): z.ZodMiniNumber => num(min, max);
const price = z.nullable(num(0, 100_000));
/** Where a lot lies, and the day on which it was opened; null while it is closed. */
const lot = { where: text(0, 60), opened: z.nullable(z.iso.date()) };

/** Stuffs that are no wire, clay or paint. */
export const SUPPLY_KINDS = [
  ...(['foil', 'tape', 'binding', 'fibre', 'glue', 'primer', 'varnish', 'solvent'] as const),
  ...(['board', 'rod', 'eyes', 'part', 'hardware', 'tool', 'other'] as const),
] as const;
export type SupplyKind = (typeof SUPPLY_KINDS)[number];
/** What a supply is counted in. */
export const SUPPLY_UNITS = ['piece', 'g', 'ml', 'm'] as const;
export type SupplyUnit = (typeof SUPPLY_UNITS)[number];

/** Wire on hand: the same metal and size, in one or more lengths. */
const stockSchema = z.strictObject({
  id: text(1, 40),
  metal: metalIdSchema,
  size: wireSizeSchema,
  lengthsMm: list(lengthMm(10, 100_000), 0, 50),
  where: text(0, 60),
});

/** Wire as a shop sells it: one length, and its price in the maker's own money. */
const soldSchema = z.strictObject({
  metal: metalIdSchema,
  size: wireSizeSchema,
  lengthMm: lengthMm(50, 500_000),
  price,
});

const ownMetalSchema = z.strictObject({
  id: z.string().check(z.regex(/^own-[a-z0-9]{1,12}$/)),
  name: text(1, 40),
  eMPa: num(1000, 500_000),
  yieldMPa: num(1, 3000),
  densityKgM3: num(500, 25_000),
  leastInsideDiameters: num(0, 20),
});

const wireSchema = z.strictObject({
  stock: list(stockSchema, 0, 40),
  sold: list(soldSchema, 0, 40),
  ownMetals: list(ownMetalSchema, 0, 20),
  /** Bends tried on a wire of the workshop, by metal: how far they sprang back. */
  testBends: z.record(
    metalIdSchema,
    z.strictObject({
      diameterMm: lengthMm(0.2, 12),
      radiusMm: lengthMm(0.5, 200),
      relaxedDeg: num(30, 90),
    }),
  ),
  sawLossMm: lengthMm(0, 5),
  /** Offcuts shorter than this are not kept. */
  keepMm: lengthMm(0, 1000),
});

/** Clay on hand, and what a packet of it weighs and costs. */
const claySchema = z.strictObject({
  id: text(1, 40),
  classId: z.enum(CLAY_IDS),
  name: text(1, 60),
  grams: num(0, 100_000),
  packetPrice: price,
  ...lot,
});

/** A paint, pastel or coloured clay on hand, by the colour that it dries to. */
const paintSchema = z.strictObject({
  id: text(1, 40),
  name: text(1, 60),
  kind: z.enum(PAINT_KINDS),
  hex,
  /** What the user's own test tile looks like, dry or out of the oven; it goes before the colour above. */
  tile: z.nullable(hex),
  /** So many parts of white to one of it, and what that dries to: its strength. */
  tint: z.nullable(z.strictObject({ white: num(0.5, 50), hex })),
  opacity: z.enum(OPACITIES),
  /** One coat over a card with a black and a white field; the class tells where there is none. */
  card: z.nullable(z.strictObject({ overBlack: hex, overWhite: hex })),
  light: z.enum(LIGHT_CLASSES),
  /** What is left of it: ml of paint, g of pastel and clay. */
  ml: num(0, 10_000),
  /** What a tube, stick or packet holds, and its price. */
  packMl: z.nullable(num(0.5, 10_000)),
  price,
  ...lot,
});

/** What a probe told of an oven. */
const learntSchema = z.strictObject({
  on: z.iso.date(),
  /** How fast it warms, °C a minute. */
  warmingCPerMin: z.nullable(num(0.1, 200)),
  /** Film coefficient of its air on clay, W/(m²·K), and between what it lies; null without a probe in a ball of clay. */
  film: z.nullable(z.strictObject({ typical: num(1, 300), low: num(0.5, 300), high: num(1, 400) })),
});

/** A clay or another stuff by its own label. */
const ownStuffSchema = z.strictObject({
  id: ownStuffId,
  name: text(1, 60),
  gPerMl: num(0.02, 25),
  /** The most that it bears, °C. */
  standsC: num(20, 1000),
  /** How it cures in the oven; null for what does not. */
  cures: z.nullable(
    z.strictObject({ temperatureC: num(40, 300), minutes: num(1, 600), perMm: lengthMm(1, 50) }),
  ),
});

/** A stretch of a day at the bench. */
const stretchSchema = z
  .strictObject({ from: whole(0, 1439), to: whole(1, 1440) })
  .check(({ value, issues }) => {
    if (value.to <= value.from)
      issues.push({
        code: 'custom',
        input: value.to,
        path: ['to'],
        message: `an end at minute ${value.to} is not after a start at minute ${value.from}`,
      });
  });

/** A step that was ticked with its time. */
const recordSchema = z.strictObject({
  piece: text(1, 80),
  step: text(1, 60),
  work: z.enum(WORK_KINDS),
  estimatedMin: num(0.01, 100_000),
  actualMin: num(0.01, 100_000),
  on: z.iso.date(),
});

/** Anything else on hand, lot by lot. */
const supplySchema = z.strictObject({
  id: text(1, 40),
  kind: z.enum(SUPPLY_KINDS),
  name: text(1, 60),
  unit: z.enum(SUPPLY_UNITS),
  amount: num(0, 1e6),
  /** What a packet holds as it is sold, and its price. */
  pack: z.nullable(num(0.01, 1e6)),
  price,
  ...lot,
});

/** Of what lot something was used, and for what. */
const usedSchema = z.strictObject({
  piece: text(1, 60),
  step: text(1, 60),
  of: z.enum(['clay', 'paint', 'supply', 'wire']),
  lot: text(1, 40),
  /** In the lot's own unit; of wire mm. */
  amount: num(0, 1e6),
  /** The stick that a wire was cut from, mm; null for what is no wire. */
  stickMm: z.nullable(lengthMm(10, 100_000)),
});

/** What a lesson comes back at. */
export const LESSON_ABOUT = ['step', 'work', 'material', 'animal'] as const;

/** What was learnt from a piece, to be told again where it helps. */
const lessonSchema = z.strictObject({
  id: text(1, 40),
  /** The piece that it was learnt at, by name. */
  piece: text(1, 80),
  on: z.iso.date(),
  words: text(1, 500),
  about: z.strictObject({ kind: z.enum(LESSON_ABOUT), id: text(1, 60) }),
});

/** A tool of the maker's own, pressed into a scrap and measured. */
const ownToolSchema = z.strictObject({
  id: text(1, 40),
  name: text(1, 60),
  leastMm: lengthMm(0.03, 40),
  how: text(0, 120),
});

/** Everything that belongs to the maker and not to a piece; nothing that can be derived. */
export const workshopSchema = z
  .strictObject({
    format: z.literal(WORKSHOP_FORMAT),
    version: z.literal(WORKSHOP_VERSION),
    oven: z.strictObject({
      inside: boxSchema,
      /** Air left all round what goes in. */
      airMm: lengthMm(0, 200),
      fan: z.boolean(),
      /** A thermometer in the oven less what the dial says. */
      offsetC: num(-60, 60),
      /** What its own traces told; null before any was taken over. */
      learnt: z.nullable(learntSchema),
    }),
    wire: wireSchema,
    clays: list(claySchema, 0, 40),
    /** Clays and stuffs of the maker's own, by their labels. */
    stuffs: list(ownStuffSchema, 0, 40),
    foil: z.strictObject({
      widthMm: lengthMm(100, 1000),
      gaugeMm: lengthMm(0.005, 0.1),
      packedGPerMl: num(0.1, 2.7),
    }),
    paperMm: lengthMm(0.03, 1),
    /** The largest sheet of clay that the table or the clay machine gives. */
    claySheet: z.strictObject({ widthMm: lengthMm(20, 2000), lengthMm: lengthMm(20, 2000) }),
    tools: list(z.enum(TOOL_IDS), 0, TOOL_IDS.length),
    /** Tools of the maker's own, by the narrowest stroke that each was measured to make. */
    ownTools: list(ownToolSchema, 0, 40),
    paints: list(paintSchema, 0, 120),
    /** Time that hand work takes against the usual: 1 is usual, 2 takes twice as long. */
    pace: num(0.2, 5),
    /** How long one sitting at the bench is, hours. */
    sittingH: num(0.25, 16),
    /** Hours at the bench: by weekday from Monday on, minutes of the day, in order; and days without any. */
    hours: z.strictObject({
      week: list(list(stretchSchema, 0, 4), 7, 7),
      daysOff: list(z.iso.date(), 0, 400),
    }),
    /** What steps took, against what they had been estimated to: by piece and step. */
    records: list(recordSchema, 0, 4000),
    supplies: list(supplySchema, 0, 200),
    /** What ticked steps took from the lots above; a step that is opened again gives it back. */
    used: list(usedSchema, 0, 8000),
    /** What an hour of the maker's work costs; null where nobody said. */
    hourRate: price,
    /** What is put on top of material and work, percent. */
    marginPercent: num(0, 1000),
    lessons: list(lessonSchema, 0, 1000),
  })
  .check(({ value: { wire }, issues }) => {
    const known = new Set<string>([...BUILT_IN_METAL_IDS, ...wire.ownMetals.map(({ id }) => id)]);
    const used: [path: (string | number)[], id: string][] = [
      ...wire.stock.map(({ metal }, i): [(string | number)[], string] => [
        ['wire', 'stock', i, 'metal'],
        metal,
      ]),
      ...wire.sold.map(({ metal }, i): [(string | number)[], string] => [
        ['wire', 'sold', i, 'metal'],
        metal,
      ]),
      ...Object.keys(wire.testBends).map((id): [(string | number)[], string] => [
        ['wire', 'testBends', id],
        id,
      ]),
    ];
    for (const [path, id] of used)
      if (!known.has(id))
        issues.push({
          code: 'custom',
          input: id,
          path,
          message: `“${id}” is no metal of this workshop: allowed are ${[...known].join(', ')}`,
        });
  });

/** The one document of a workshop. */
export type Workshop = z.infer<typeof workshopSchema>;
export type StockEntry = Workshop['wire']['stock'][number];
export type SoldEntry = Workshop['wire']['sold'][number];
export type OwnStuff = Workshop['stuffs'][number];
export type OwnTool = Workshop['ownTools'][number];
export type OvenLearnt = NonNullable<Workshop['oven']['learnt']>;
export type OwnMetal = Workshop['wire']['ownMetals'][number];
export type ClayOnHand = Workshop['clays'][number];
export type TimeRecordOfStep = Workshop['records'][number];
export type Supply = Workshop['supplies'][number];
export type UsedOfLot = Workshop['used'][number];
export type Lesson = Workshop['lessons'][number];
export type PaintOnHand = Workshop['paints'][number];
