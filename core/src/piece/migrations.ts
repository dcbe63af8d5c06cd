import {
  GROWN_UP,
  laterStages,
  NEW_MASS,
  NEW_STANCE,
  NEW_WIRE,
  NO_REFERENCES,
  ROD_MM,
} from './newPiece.ts';
import { PIECE_VERSION } from './pieceSchema.ts';
import { LIBRARY_SHAPE } from './shapeSchema.ts';

type Step = (old: Record<string, unknown>) => Record<string, unknown>;

/**
 * From version n to n + 1, under n. Version 1 ended at the wire; version 2 goes on to the varnish,
 * and an older piece takes the defaults of the stages it did not know. Version 3 knows own animals,
 * sexes and young, rods, and scales by any size of the plan. Version 4 keeps pictures and readings, and
 * how sure an own length is. Version 5 knows gaits, grounds, kept stances, weights and hooks. Version 6
 * knows six schemes, own routes and metals, bindings, and what wire costs. Version 7 knows own
 * sections, muscles and fat, hollow cores, vents and section cards. Version 8 knows another clay for
 * the shells.
 */
const STEPS: Readonly<Record<number, Step>> = {
  7: (old) => ({
    ...old,
    version: 8,
    mass: { shellClay: null, ...(old['mass'] as Record<string, unknown>) },
  }),
  6: (old) => ({
    ...old,
    version: 7,
    measure: { shape: LIBRARY_SHAPE, ...(old['measure'] as Record<string, unknown>) },
    references: withOutlines(old['references'] as Record<string, unknown> | undefined),
    mass: { ...NEW_MASS, ...(old['mass'] as Record<string, unknown>) },
  }),
  5: (old) => ({
    ...old,
    version: 6,
    wire: { ...NEW_WIRE, ...(old['wire'] as Record<string, unknown>) },
  }),
  4: (old) => ({
    ...old,
    version: 5,
    stance: { ...NEW_STANCE, ...(old['stance'] as Record<string, unknown>) },
  }),
  1: (old) => ({ ...old, ...laterStages(), version: 2 }),
  2: (old) => {
    const measure = old['measure'] as Record<string, unknown>;
    const stance = old['stance'] as Record<string, unknown>;
    const base = (stance?.['base'] ?? {}) as Record<string, unknown>;
    return {
      ...old,
      version: 3,
      measure: { creature: null, figure: GROWN_UP, ...measure, scale: bySize(measure?.['scale']) },
      stance: { ...stance, base: { rodMm: ROD_MM, ...base } },
    };
  },
  3: (old) => {
    const measure = old['measure'] as Record<string, unknown>;
    const lengths = (measure?.['lifeLengths'] ?? {}) as Record<string, Record<string, unknown>>;
    const unsure = Object.entries(lengths).map(([key, length]) => [
      key,
      { plusMinusMm: null, on: null, ...length },
    ]);
    return {
      references: NO_REFERENCES,
      ...old,
      version: 4,
      measure: { box: null, ...measure, lifeLengths: Object.fromEntries(unsure) },
    };
  },
};

/** Pictures of version 6 had no outline. */
function withOutlines(references: Record<string, unknown> | undefined): unknown {
  const pictures = references?.['pictures'];
  if (!Array.isArray(pictures)) return references;
  return {
    ...references,
    pictures: pictures.map((one: Record<string, unknown>) => ({ outline: [], ...one })),
  };
}

/** Version 2 had two sizes to scale by, each a way of its own. */
function bySize(scale: unknown): unknown {
  const old = scale as { by?: unknown; mm?: unknown } | undefined;
  return old?.by === 'length' || old?.by === 'shoulder-height'
    ? { by: 'size', sizeId: old.by, mm: old.mm }
    : scale;
}

/**
 * Brings an older document to today's version, one step at a time. Undefined where the version is
 * unknown or newer than this application.
 */
export function migrate(data: Record<string, unknown>): Record<string, unknown> | undefined {
  let current = data;
  while (current['version'] !== PIECE_VERSION) {
    const step = STEPS[current['version'] as number];
    if (step === undefined) return undefined;
    current = step(current);
  }
  return current;
}
