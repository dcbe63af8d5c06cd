import { PIECE_VERSION } from './pieceSchema.ts';
import {
  bySize,
  each,
  evenSided,
  partOf,
  renamed,
  withGaitsOf,
  withBakesByName,
  withCoatMap,
  withPerchLengths,
  withOutlines,
  withRefs,
  withStrides,
  withWaysToColour,
} from './olderParts.ts';
import { upTo, type VersionedData, type VersionSteps } from '../units/versions.ts';

/**
 * From version n to n + 1, under n. Each step is frozen: what it adds is written out here as it was then,
 * so that a later change of a default changes no old piece.
 */
const STEPS: VersionSteps = {
  /** Version 1 ended at the wire; version 2 goes on to the varnish. */
  1: (old) => ({
    ...old,
    version: 2,
    mass: {
      clay: {
        classId: 'oven-firm',
        name: 'Firm oven clay',
        label: { temperatureC: null, limitC: null, minutes: null, perMm: null, packetG: null },
        weighed: null,
      },
      shells: {},
      shellMm: 5,
      foil: { widthMm: 300, gaugeMm: 0.015, packedGPerMl: 0.8 },
      sparePercent: 15,
      paperMm: 0.1,
    },
    cure: {
      method: 'shell-first',
      partsFirst: true,
      fan: false,
      ovenOffsetC: 0,
      setC: null,
      minutes: null,
      nearC: 10,
      holdMin: 15,
    },
    skin: { tools: ['needle', 'wire-brush', 'probe', 'ball'], zones: {} },
    colour: { primer: 'grey', step: 0.08, baseCoats: 2, zones: {} },
    bench: { done: {} },
  }),
  /** Version 3 knows own animals, sexes and young, rods, and scales by any size of the plan. */
  2: (old) => {
    const measure = partOf(old, 'measure');
    const stance = partOf(old, 'stance');
    return {
      ...old,
      version: 3,
      measure: {
        creature: null,
        figure: { sex: null, youth: 0 },
        ...measure,
        scale: bySize(measure['scale']),
      },
      stance: { ...stance, base: { rodMm: 60, ...partOf(stance, 'base') } },
    };
  },
  /** Version 4 keeps pictures and readings, and how sure an own length is. */
  3: (old) => {
    const measure = partOf(old, 'measure');
    const lengths = Object.entries(partOf(measure, 'lifeLengths')).map(([key, length]) => [
      key,
      typeof length === 'object' ? { plusMinusMm: null, on: null, ...length } : length,
    ]);
    return {
      references: { pictures: [], specimen: { name: '', lifePerSpecimen: 1 }, readings: {} },
      ...old,
      version: 4,
      measure: { box: null, ...measure, lifeLengths: Object.fromEntries(lengths) },
    };
  },
  /** Version 5 knows gaits, grounds, kept stances, weights and hooks. */
  4: (old) => ({
    ...old,
    version: 5,
    stance: {
      gait: null,
      locked: [],
      ground: { kind: 'flat' },
      hold: 'base',
      weight: null,
      tiltDeg: 10,
      kept: [],
      ...partOf(old, 'stance'),
    },
  }),
  /** Version 6 knows six schemes, own routes and metals, bindings, and what wire costs. */
  5: (old) => ({
    ...old,
    version: 6,
    wire: {
      ways: {},
      rod: { metal: 'steel-annealed', size: { system: 'mm', value: 2 }, thread: null },
      neckStrands: 0,
      taperTail: false,
      coilPitchInDiameters: 6,
      fine: {},
      routes: {},
      binder: {
        kind: 'tie-wire',
        metal: 'steel-annealed',
        size: { system: 'mm', value: 0.4 },
        turns: 3,
        tailMm: 15,
        overlapMm: 25,
      },
      posable: false,
      freeJoints: [],
      bendAt: 'start',
      ownMetals: [],
      sold: [],
      keepMm: 60,
      ...partOf(old, 'wire'),
    },
  }),
  /** Version 7 knows own sections, muscles and fat, hollow cores, vents and section cards. */
  6: (old) => ({
    ...old,
    version: 7,
    measure: {
      shape: { sections: {}, bulk: {}, fatMm: {} },
      ...partOf(old, 'measure'),
    },
    references: withOutlines(old['references']),
    mass: {
      sheet: { widthMm: 180, lengthMm: 250 },
      vents: [],
      thickMm: 12,
      cards: null,
      ...partOf(old, 'mass'),
    },
  }),
  /** Version 8 knows another clay for the shells. */
  7: (old) => ({ ...old, version: 8, mass: { shellClay: null, ...partOf(old, 'mass') } }),
  /**
   * Version 9 knows minutes for each bake, air round a piece in its oven and whether its board goes in,
   * rods as thick as the load asks for, and strides of one's own. Clay counts as hot at the low end of what it cures at, not
   * some degrees below the oven.
   */
  8: (old) => {
    const { nearC: _near, minutes = null, ...cure } = partOf(old, 'cure');
    return {
      ...old,
      version: 9,
      measure: { ovenAirMm: 10, onBoard: false, ...partOf(old, 'measure') },
      stance: withStrides(partOf(old, 'stance')),
      cure: { ...cure, minutes: { parts: null, shell: minutes, finish: minutes } },
    };
  },
  /**
   * Version 10 says where by places and references, calls the individual by its name, and leaves to the
   * workshop what is the workshop's; that comes out beside the piece, as the first version of a workshop.
   */
  9: (old) => {
    const { figure, oven, ovenAirMm, ...measure } = partOf(old, 'measure');
    const { sex = null, youth = 0 } = (figure ?? {}) as { sex?: unknown; youth?: unknown };
    const stance = partOf(old, 'stance');
    const { stock, sold, ownMetals, testBends, sawLossMm, keepMm, ...wire } = partOf(old, 'wire');
    const { foil, paperMm, sheet, ...mass } = partOf(old, 'mass');
    const { fan, ovenOffsetC, ...cure } = partOf(old, 'cure');
    const { tools, ...skin } = partOf(old, 'skin');
    return {
      ...old,
      version: 10,
      measure: { ...measure, individual: { sex, juvenility: youth } },
      stance: { ...stance, weight: renamed(stance['weight'], { at: 'along' }) },
      wire: { ...wire, routes: withRefs(wire['routes']) },
      cure,
      skin,
      mass: {
        ...mass,
        cards: each(mass['cards'], (c) => renamed(c, { bone: 'boneId', at: 'along' })),
      },
      workshop: {
        format: 'keen-sinew-workshop',
        version: 1,
        oven: {
          inside: oven ?? { lengthMm: 400, heightMm: 250, widthMm: 350 },
          airMm: ovenAirMm,
          fan,
          offsetC: ovenOffsetC,
        },
        wire: { stock, sold, ownMetals, testBends, sawLossMm, keepMm },
        clays: [],
        foil,
        paperMm,
        claySheet: sheet,
        tools,
        paints: [],
        pace: 1,
        sittingH: 2,
      },
    };
  },
  /** Version 11 knows where the eyes look, how far their lids are open, and eyes of the user's own. */
  10: (old) => {
    const measure = partOf(old, 'measure');
    const eyes = {
      ...{ diameterMm: null, along: null, around: null },
      ...{ wide: null, high: null, slitDeg: null },
    };
    return {
      ...old,
      version: 11,
      measure: { ...measure, shape: { eyes, ...partOf(measure, 'shape') } },
      stance: { gaze: null, lids: 1, ...partOf(old, 'stance') },
    };
  },
  /** Version 12 knows where sections are widest, features of the head, and gaits by animal. */
  11: (old) => {
    const measure = partOf(old, 'measure');
    const shape = partOf(measure, 'shape');
    const head = {
      nostril: { along: null, around: null, long: null, wide: null, turnDeg: null },
      ...{ teeth: null, stands: {} },
    };
    const sections = Object.fromEntries(
      Object.entries(partOf(shape, 'sections')).map(([key, list]) => [key, each(list, evenSided)]),
    );
    return {
      ...old,
      version: 12,
      measure: { ...measure, shape: { head, ...shape, sections } },
      stance: withGaitsOf(measure['animalId'], partOf(old, 'stance')),
    };
  },
  /** Version 13 knows pieces of a head alone, tails spread, snags accepted, and what was suggested. */
  12: (old) => ({
    accepted: {},
    suggested: null,
    ...old,
    version: 13,
    measure: { extent: 'whole', ...partOf(old, 'measure') },
    stance: { fan: 1, ...partOf(old, 'stance') },
  }),
  /** Version 14 knows perches with a length of their own, keys against turning, skin over a shell, and pelts. */
  13: withPerchLengths,
  /** Version 15 knows parts made apart: what is set on the skin, changed, of another stuff, or made apart from the body. */
  14: (old) => {
    const measure = partOf(old, 'measure');
    const shape = partOf(measure, 'shape');
    const eyes = { pupil: null, hex: null, ...partOf(shape, 'eyes') };
    return {
      fittings: { made: {}, apart: [], clearanceMm: 0.2 },
      ...old,
      version: 15,
      measure: { ...measure, shape: { features: {}, things: [], ...shape, eyes } },
    };
  },
  /** Version 16 knows bakes by what is in them, found things, what the oven did, what went wrong, and test tiles. */
  15: withBakesByName,
  /** Version 17 knows the lie of the coat, strokes, planting, rows of scales and stamps. */
  16: withCoatMap,
  /** Version 18 knows ways to colour, the clay's own colour, and few tubes. */
  17: withWaysToColour,
  /** Version 19 knows markings, and what a picture shows of each zone. */
  18: (old) => ({
    ...old,
    version: 19,
    colour: { markings: null, seen: {}, ...partOf(old, 'colour') },
  }),
};

/**
 * Brings an older document to today's version, one step at a time. Undefined where the version is
 * unknown or newer than this application.
 */
export function migrate(data: VersionedData): VersionedData | undefined {
  return upTo(PIECE_VERSION, STEPS, data);
}
