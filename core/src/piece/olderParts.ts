import type { VersionedData } from '../units/versions.ts';

/* Parts of older documents as today's; each is frozen with the step of `migrations.ts` that it serves. */

export type Data = VersionedData;

/** A part of a document as data; nothing where it is missing or no object, which the schema then tells. */
export const partOf = (of: Data, key: string): Data => {
  const part = of[key];
  return typeof part === 'object' && part !== null && !Array.isArray(part) ? (part as Data) : {};
};

/** Sections of version 11 were widest halfway, and as square over that line as under it. */
export const evenSided = (section: unknown): unknown =>
  typeof section === 'object' && section !== null
    ? { widest: 0, squareBelow: (section as Data)['squareness'], ...section }
    : section;

/** What two animals of version 11 could do that they cannot any more, under what they do instead. */
const OTHER_GAITS: Readonly<Record<string, readonly [gaits: readonly string[], now: string]>> = {
  'eurasian-otter': [['pace', 'canter', 'gallop'], 'bound'],
  'woolly-mammoth': [['trot', 'pace', 'canter', 'gallop'], 'amble'],
};

export function withGaitsOf(animalId: unknown, stance: Data): Data {
  const other = typeof animalId === 'string' ? OTHER_GAITS[animalId] : undefined;
  if (other === undefined) return stance;
  const [gaits, now] = other;
  const changed = (of: unknown): unknown => {
    if (typeof of !== 'object' || of === null) return of;
    const gait = partOf(of as Data, 'gait');
    return gaits.some((id) => id === gait['id']) ? { ...of, gait: { ...gait, id: now } } : of;
  };
  const { kept } = stance;
  const own = changed(stance) as Data;
  return Array.isArray(kept) ? { ...own, kept: kept.map(changed) } : own;
}

/** Every entry of a list changed; what is no list stays as it is, for the schema to tell. */
export const each = (of: unknown, change: (entry: unknown) => unknown): unknown =>
  Array.isArray(of) ? of.map(change) : of;

/** An object with some of its fields under new names. */
export function renamed(of: unknown, names: Readonly<Record<string, string>>): unknown {
  if (typeof of !== 'object' || of === null || Array.isArray(of)) return of;
  return Object.fromEntries(
    Object.entries(of).map(([key, value]) => [
      Object.hasOwn(names, key) ? names[key]! : key,
      value,
    ]),
  );
}

/** Routes of version 9 were written in words: `femur.L`, `ear.L@0.9`, `ball:forefoot.L`, `over:hind-legs`. */
export function withRefs(routes: unknown): unknown {
  if (typeof routes !== 'object' || routes === null || Array.isArray(routes)) return routes;
  return Object.fromEntries(
    Object.entries(routes).map(([key, ways]) => [
      key,
      each(ways, (way) => each(way, (ref) => (typeof ref === 'string' ? refOf(ref) : ref))),
    ]),
  );
}

function refOf(ref: string): Data {
  const [head = '', tail] = ref.split(':');
  if (tail !== undefined)
    return head === 'over' ? { over: 'crossing', pairId: tail } : { over: head, contactId: tail };
  const [boneId = '', share] = ref.split('@');
  return share === undefined
    ? { over: 'joint', boneId }
    : { over: 'bone', boneId, along: Number(share) };
}

/** Gaits of version 8 had the usual stride. */
export function withStrides(stance: Data): Data {
  const strided = (of: unknown): unknown =>
    typeof of === 'object' && of !== null && 'gait' in of && of.gait !== null
      ? { ...of, gait: { strideMm: null, ...(of.gait as Data) } }
      : of;
  const { kept } = stance;
  const own = strided(stance) as Data;
  return Array.isArray(kept) ? { ...own, kept: kept.map(strided) } : own;
}

/** Pictures of version 6 had no outline. */
export function withOutlines(references: unknown): unknown {
  const pictures = (references as { pictures?: unknown } | undefined)?.pictures;
  if (!Array.isArray(pictures)) return references;
  return {
    ...(references as Data),
    pictures: pictures.map((picture: unknown) =>
      typeof picture === 'object' && picture !== null ? { outline: [], ...picture } : picture,
    ),
  };
}

/** Version 2 had two sizes to scale by, each a way of its own. */
export function bySize(scale: unknown): unknown {
  const old = scale as { by?: unknown; mm?: unknown } | undefined;
  return old?.by === 'length' || old?.by === 'shoulder-height'
    ? { by: 'size', sizeId: old.by, mm: old.mm }
    : scale;
}

/** Version 15 to 16: minutes of bakes by their names, and what the oven, its trouble and test tiles are kept in. */
export const withBakesByName = (old: Data): Data => {
  const mass = partOf(old, 'mass');
  const { minutes, ...cure } = partOf(old, 'cure');
  const ownMinutes = Object.fromEntries(
    Object.entries(partOf({ minutes }, 'minutes')).filter(([, value]) => value !== null),
  );
  const clay = (key: string): Data => ({ old: false, tile: null, ...partOf(mass, key) });
  return {
    ...old,
    version: 16,
    mass: {
      ...mass,
      clay: clay('clay'),
      shellClay: mass['shellClay'] ? clay('shellClay') : null,
    },
    cure: {
      ...{ pins: {}, gun: [], things: [], log: [], defects: [] },
      ...cure,
      minutes: ownMinutes,
    },
  };
};

/** Version 16 to 17: what a coat's lie, its strokes and its rows are decided by. */
export const withCoatMap = (old: Data): Data => {
  const { zones, ...skin } = partOf(old, 'skin');
  const told = Object.fromEntries(
    Object.entries(partOf({ zones }, 'zones')).map(([id, zone]) => [
      id,
      { hairMm: null, wideMm: null, overlap: null, perCm2: null, ...(zone as Data) },
    ]),
  );
  return {
    ...old,
    version: 17,
    skin: {
      ...{ blendMm: 4, vary: { length: 0.33, deg: 10, locks: 0.5 }, marks: [] },
      pace: { strokesPerMin: 50, scalesPerMin: 25, pressS: 6, tuftS: 8 },
      fibre: {
        ...{ hairsPerTuft: 14, rootMm: 2, trimPercent: 25, micrometre: 30, gPerMl: 1.31 },
        ...{ sparePercent: 25, glueMlPerCm2: 0.03 },
      },
      ...{ rows: {}, stamps: [], backingMm: 1 },
      ...skin,
      zones: told,
    },
  };
};

/** Version 17 to 18: ways to colour, the clay's own colour, and of how few tubes all is mixed. */
export const withWaysToColour = (old: Data): Data => {
  const { zones, ...colour } = partOf(old, 'colour');
  const told = Object.fromEntries(
    Object.entries(partOf({ zones }, 'zones')).map(([id, zone]) => [
      id,
      { school: null, extras: [], marbled: false, ...(zone as Data) },
    ]),
  );
  const fresh = {
    ...{ school: 'light-down', clayHex: '#d3c8b6', few: 4, fixed: [] },
    ...{ maxParts: 8, found: [] },
  };
  const bench = {
    ...{ partsDone: {}, leftOut: {}, own: [], moved: [], log: [], due: null, notBefore: {} },
    cameOut: { grams: null, heightMm: null, lengthMm: null },
    ...partOf(old, 'bench'),
  };
  const felt = { id: 'felt', name: 'Felt', longMm: 300, wideMm: 200, many: 2 };
  const sheets = [{ ...felt, grained: false, thickMm: 1 }];
  const feathers = {
    ...{ rows: {}, grown: {}, shapes: {}, barbMm: null, blades: {} },
    ...{ sheets, gapMm: 2, turns: 6 },
  };
  const skin = { feathers, ...partOf(old, 'skin') };
  return { ...old, version: 18, bench, skin, colour: { ...fresh, ...colour, zones: told } };
};

/** Version 13 to 14: perches with a length of their own, keys against turning, skin over a shell, and pelts. */
export const withPerchLengths = (old: Data): Data => {
  const stance = partOf(old, 'stance');
  const ground = partOf(stance, 'ground');
  const isPerch = ground['kind'] === 'log' || ground['kind'] === 'rock';
  const wire = partOf(old, 'wire');
  return {
    ...old,
    version: 14,
    stance: { ...stance, ...(isPerch ? { ground: { acrossMm: null, ...ground } } : {}) },
    wire: { ...wire, rod: { key: null, ...partOf(wire, 'rod') } },
    mass: { skinMm: 2, ...partOf(old, 'mass') },
    skin: { backingMm: 1, ...partOf(old, 'skin') },
  };
};
