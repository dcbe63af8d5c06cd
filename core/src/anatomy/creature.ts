import { list, num, text, z } from '../units/schema.ts';

/** The own animal's file by name and version. */
export const CREATURE_FORMAT = 'keen-sinew-animal';
export const CREATURE_VERSION = 1;

/** How far a part may be made smaller or larger than its donor's. */
export const GRAFT_SIZE_LIMITS = { min: 0.02, max: 50 } as const;

const factor = num(GRAFT_SIZE_LIMITS.min, GRAFT_SIZE_LIMITS.max);
const slug = z.string().check(z.regex(/^[a-z][a-z0-9-]{0,39}$/));
const animalId = text(1, 60);

/** A part lent by an animal of the library and set onto a bone of the trunk. */
export const graftSchema = z.strictObject({
  id: slug,
  name: text(1, 60),
  from: animalId,
  /** Part of the donor's plan. */
  part: text(1, 40),
  /** Bone by key that it starts from, and how far along it: 0 its start, 1 its end. */
  onBone: text(1, 40),
  at: num(0, 1),
  size: factor,
});

/**
 * An animal of one's own, as decisions: which animal of the library it starts from, what it loses,
 * which parts of others it takes, and what is changed. Everything else is derived.
 */
export const creatureSchema = z.strictObject({
  format: z.literal(CREATURE_FORMAT),
  version: z.literal(CREATURE_VERSION),
  id: z.string().check(z.regex(/^[a-z0-9-]{1,60}$/)),
  name: text(1, 60),
  base: animalId,
  /** A factor on the whole animal. */
  size: factor,
  /** Parts of the base that it does not have. */
  without: list(text(0, 40), 0, 20),
  grafts: list(graftSchema, 0, 8),
  /** Life lengths changed, mm by bone key. */
  lengthsMm: z.record(text(0, 60), num(0.1, 8000)),
  /** Girth changed, as a factor by part. */
  girth: z.record(text(0, 60), num(0.2, 5)),
  eyeMm: z.nullable(num(0.1, 500)),
  /** What it may weigh, kg, where the maker decides that. */
  massKg: z.nullable(z.tuple([z.number().check(z.positive()), z.number().check(z.positive())])),
});

export type Creature = z.infer<typeof creatureSchema>;
export type Graft = z.infer<typeof graftSchema>;

/** A new own animal that is still a copy of one in the library. */
export const newCreature = (id: string, name: string, base: string): Creature => ({
  format: CREATURE_FORMAT,
  version: CREATURE_VERSION,
  id,
  name,
  base,
  size: 1,
  without: [],
  grafts: [],
  lengthsMm: {},
  girth: {},
  eyeMm: null,
  massKg: null,
});

/** The text of an own animal's file: readable JSON, ending in a line break. */
export const creatureText = (creature: Creature): string =>
  `${JSON.stringify(creature, null, 2)}\n`;
