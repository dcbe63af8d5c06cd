import { BUILT_IN_METAL_IDS } from './metalIds.ts';
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

/** Threads of rods that are bolted through the base; null for a plain rod. */
export const THREAD_IDS = ['M2', 'M2.5', 'M3', 'M4', 'M5', 'M6', 'M8'] as const;
export type ThreadId = (typeof THREAD_IDS)[number];

export const wireSizeSchema = z.strictObject({
  system: z.enum(['AWG', 'SWG', 'US steel', 'mm']),
  value: num(-6, 60),
});

/** A metal of the table, or one of the user's own. */
const metalSchema = z.string().check(z.regex(/^[a-z0-9-]{1,40}$/));

export const wireChoiceSchema = z.strictObject({
  metal: metalSchema,
  size: wireSizeSchema,
  strands: whole(1, 7),
});

/** Wire the user owns: the same metal and size, in one or more lengths. */
export const stockSchema = z.strictObject({
  id: text(1, 40),
  metal: metalSchema,
  size: wireSizeSchema,
  lengthsMm: list(mm(10, 100_000), 0, 50),
});

/** Wire as a shop sells it: one length, and its price in the user's own money. */
const soldSchema = z.strictObject({
  metal: metalSchema,
  size: wireSizeSchema,
  lengthMm: mm(50, 500_000),
  price: z.nullable(num(0, 100_000)),
});

const ownMetalSchema = z.strictObject({
  id: z.string().check(z.regex(/^own-[0-9]{1,3}$/)),
  name: text(1, 40),
  eMPa: num(1000, 500_000),
  yieldMPa: num(1, 3000),
  densityKgM3: num(500, 25_000),
  leastInsideDiameters: num(0, 20),
});

/** Points of a route, by reference to the skeleton; read in wire/routePoints.ts. */
const routeSchema = list(text(1, 60), 2, 60);

/** Everything decided about the wire. */
export const wireSchema = z
  .strictObject({
    scheme: z.enum(SCHEME_IDS),
    /** Limb pairs, by id, that are made otherwise than the scheme has them. */
    ways: z.record(text(0, 40), z.enum(LIMB_WAYS)),
    spine: wireChoiceSchema,
    /** By limb pair, or by the contact that a rod holds. */
    limbs: z.record(text(0, 40), wireChoiceSchema),
    /** Rods from the base, or the iron of the back; a size of null is what the load asks for. */
    rod: z.strictObject({
      metal: metalSchema,
      size: z.nullable(wireSizeSchema),
      thread: z.nullable(z.enum(THREAD_IDS)),
    }),
    /** Strands more along the neck. */
    neckStrands: whole(0, 5),
    /** The strands of the spine end one by one along the tail, not all at its root. */
    taperTail: z.boolean(),
    coilPitchInDiameters: num(1.5, 40),
    /** Thin wires of digits, ears, antennae, fins: by key of the bone; null is left out. */
    fine: z.record(
      text(0, 40),
      z.nullable(
        z.strictObject({
          metal: metalSchema,
          size: wireSizeSchema,
          count: whole(1, 200),
        }),
      ),
    ),
    /** Routes drawn by the user, by key of the wire: each a way of its own, none where it is merged. */
    routes: z.record(text(0, 60), list(routeSchema, 0, 6)),
    binder: z.strictObject({
      kind: z.enum(BINDER_IDS),
      metal: metalSchema,
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
    sawLossMm: mm(0, 5),
    testBends: z.record(
      metalSchema,
      z.strictObject({
        diameterMm: mm(0.2, 12),
        radiusMm: mm(0.5, 200),
        relaxedDeg: num(30, 90),
      }),
    ),
    ownMetals: list(ownMetalSchema, 0, 20),
    stock: list(stockSchema, 0, 40),
    sold: list(soldSchema, 0, 40),
    /** Offcuts shorter than this are not kept. */
    keepMm: mm(0, 1000),
  })
  .check(({ value: wire, issues }) => {
    const known = new Set<string>([...BUILT_IN_METAL_IDS, ...wire.ownMetals.map(({ id }) => id)]);
    const used: [path: (string | number)[], id: string][] = [
      [['spine', 'metal'], wire.spine.metal],
      [['rod', 'metal'], wire.rod.metal],
      [['binder', 'metal'], wire.binder.metal],
    ];
    for (const [key, limb] of Object.entries(wire.limbs))
      used.push([['limbs', key, 'metal'], limb.metal]);
    for (const [key, entry] of Object.entries(wire.fine))
      if (entry !== null) used.push([['fine', key, 'metal'], entry.metal]);
    wire.stock.forEach((entry, i) => used.push([['stock', i, 'metal'], entry.metal]));
    wire.sold.forEach((entry, i) => used.push([['sold', i, 'metal'], entry.metal]));
    for (const id of Object.keys(wire.testBends)) used.push([['testBends', id], id]);
    for (const [path, id] of used)
      if (!known.has(id))
        issues.push({
          code: 'custom',
          input: id,
          path,
          message: `“${id}” is no metal of this piece: allowed are ${[...known].join(', ')}`,
        });
  });

export type WireDecisions = z.infer<typeof wireSchema>;
export type WireChoice = z.infer<typeof wireChoiceSchema>;
export type StockEntry = z.infer<typeof stockSchema>;
export type SoldEntry = z.infer<typeof soldSchema>;
export type OwnMetal = z.infer<typeof ownMetalSchema>;
