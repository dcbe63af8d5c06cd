import * as say from './words.ts';
import { freeId } from '../units/freeId.ts';
import type { Piece, WireChoice } from '../piece/pieceSchema.ts';
import { newWorkshop } from './newWorkshop.ts';
import type { OwnMetal, OwnStuff, Workshop } from './workshopSchema.ts';

/** Two workshops made into one. */
export interface Adopted {
  readonly workshop: Workshop;
  /** Metals and stuffs of the other workshop that have another id here. */
  readonly metals: ReadonlyMap<string, string>;
  /** What both have, each otherwise, and stayed as it was here: words for a list. */
  readonly kept: readonly string[];
}

/** What is one value in a workshop, with its words. */
const SINGLE = {
  oven: say.oven,
  foil: say.foil,
  paperMm: say.paper,
  claySheet: say.largestSheetOfClay,
  tools: say.tools,
  pace: say.pace,
  sittingH: say.lengthOfSitting,
  hours: say.hoursAtBench,
  hourRate: say.priceOfAnHour,
  marginPercent: say.whatIsPutOnTop,
} as const satisfies Partial<Record<keyof Workshop, string>>;

/** Data with the keys of its objects in one order: what was typed and what was read from a file compare alike. */
const ordered = (_: string, value: unknown): unknown =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
    : value;
const same = (a: unknown, b: unknown): boolean =>
  JSON.stringify(a, ordered) === JSON.stringify(b, ordered);

/** Without its id: what it is. */
const content = ({ id: _id, ...rest }: { readonly id: string }): object => rest;

/** Entries of another list that this one does not have, under ids that are free here. */
function added<T extends { readonly id: string }>(
  mine: readonly T[],
  theirs: readonly T[],
  stem: string,
): T[] {
  const out = [...mine];
  for (const entry of theirs) {
    if (out.some((other) => same(content(other), content(entry)))) continue;
    out.push({
      ...entry,
      id: freeId(
        stem,
        out.map(({ id }) => id),
      ),
    });
  }
  return out;
}

/** Metals and stuffs of another workshop taken in, and the ids under which they now go. */
export function adoptMetals(
  mine: Workshop,
  theirs: Workshop,
): Pick<Adopted, 'workshop' | 'metals'> {
  const metals: OwnMetal[] = [...mine.wire.ownMetals];
  const renamed = new Map<string, string>();
  for (const metal of theirs.wire.ownMetals) {
    const known = metals.find((other) => same(content(other), content(metal)));
    const used = new Set(metals.map(({ id }) => id));
    const id = known?.id ?? (used.has(metal.id) ? freeId('own', used) : metal.id);
    if (known === undefined) metals.push({ ...metal, id });
    if (id !== metal.id) renamed.set(metal.id, id);
  }
  const stuffs: OwnStuff[] = [...mine.stuffs];
  for (const stuff of theirs.stuffs) {
    const known = stuffs.find((other) => same(content(other), content(stuff)));
    const used = new Set(stuffs.map(({ id }) => id));
    const id = known?.id ?? (used.has(stuff.id) ? freeId('stuff', used) : stuff.id);
    if (known === undefined) stuffs.push({ ...stuff, id });
    if (id !== stuff.id) renamed.set(stuff.id, id);
  }
  return {
    workshop: { ...mine, wire: { ...mine.wire, ownMetals: metals }, stuffs },
    metals: renamed,
  };
}

/**
 * Takes over from another workshop what this one lacks: stock, prices, metals, test bends, clays,
 * paints, supplies, lessons, records; and settings that nobody has changed here. What both have otherwise stays as it
 * is here. What steps used of lots is not taken over: it could not be given back to them.
 */
export function adoptWorkshop(mine: Workshop, theirs: Workshop): Adopted {
  const { workshop, metals } = adoptMetals(mine, theirs);
  const here = (id: string): string => metals.get(id) ?? id;
  const sold = [...workshop.wire.sold];
  for (const entry of theirs.wire.sold.map((other) => ({ ...other, metal: here(other.metal) })))
    if (!sold.some(({ metal, size }) => metal === entry.metal && same(size, entry.size)))
      sold.push(entry);
  const fresh = newWorkshop();
  const kept: string[] = [];
  const single = <K extends keyof typeof SINGLE>(key: K): Workshop[K] => {
    if (same(mine[key], theirs[key]) || same(theirs[key], fresh[key])) return mine[key];
    if (same(mine[key], fresh[key])) return theirs[key];
    kept.push(SINGLE[key]);
    return mine[key];
  };
  const oneOfWire = (key: 'sawLossMm' | 'keepMm'): number =>
    mine.wire[key] === fresh.wire[key] ? theirs.wire[key] : mine.wire[key];
  const joined: Workshop = {
    ...workshop,
    ...(Object.fromEntries(
      (Object.keys(SINGLE) as (keyof typeof SINGLE)[]).map((key) => [key, single(key)]),
    ) as Pick<Workshop, keyof typeof SINGLE>),
    wire: {
      ...workshop.wire,
      stock: added(
        workshop.wire.stock,
        theirs.wire.stock.map((entry) => ({ ...entry, metal: here(entry.metal) })),
        'coil',
      ),
      sold,
      testBends: {
        ...Object.fromEntries(
          Object.entries(theirs.wire.testBends).map(([metal, bend]) => [here(metal), bend]),
        ),
        ...workshop.wire.testBends,
      },
      sawLossMm: oneOfWire('sawLossMm'),
      keepMm: oneOfWire('keepMm'),
    },
    clays: added(mine.clays, theirs.clays, 'clay'),
    paints: added(mine.paints, theirs.paints, 'paint'),
    ownTools: added(mine.ownTools, theirs.ownTools, 'tool'),
    supplies: added(mine.supplies, theirs.supplies, 'supply'),
    lessons: added(mine.lessons, theirs.lessons, 'lesson'),
    records: [
      ...mine.records,
      ...theirs.records.filter(
        (of) => !mine.records.some(({ piece, step }) => piece === of.piece && step === of.step),
      ),
    ],
  };
  return { workshop: joined, metals, kept };
}

/** A piece whose metals and stuffs go by other ids. */
export function withMetals(piece: Piece, metals: ReadonlyMap<string, string>): Piece {
  if (metals.size === 0) return piece;
  const led = <T extends { readonly metal: string }>(of: T): T => ({
    ...of,
    metal: metals.get(of.metal) ?? of.metal,
  });
  const { wire } = piece;
  const stuffOf = <T extends string | null>(id: T): T | string =>
    (id === null ? undefined : metals.get(id)) ?? id;
  return {
    ...piece,
    fittings: {
      ...piece.fittings,
      made: Object.fromEntries(
        Object.entries(piece.fittings.made).map(([key, making]) => [
          key,
          { ...making, material: stuffOf(making.material) },
        ]),
      ),
    },
    cure: {
      ...piece.cure,
      things: piece.cure.things.map((thing) => ({ ...thing, stuff: stuffOf(thing.stuff) })),
    },
    wire: {
      ...wire,
      spine: led(wire.spine),
      limbs: Object.fromEntries(
        Object.entries(wire.limbs).map(([key, choice]): [string, WireChoice] => [key, led(choice)]),
      ),
      rod: led(wire.rod),
      binder: led(wire.binder),
      fine: Object.fromEntries(
        Object.entries(wire.fine).map(([key, choice]) => [key, choice && led(choice)]),
      ),
    },
  };
}
