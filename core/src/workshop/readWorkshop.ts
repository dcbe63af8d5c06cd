import * as say from './words.ts';
import { diameterMm } from '../units/gauges.ts';
import { accepted, refused, type Parsed } from '../units/problem.ts';
import { boundedData, readJson } from '../units/readJson.ts';
import { refusedBySchema } from '../units/schemaProblem.ts';
import { upTo, type VersionedData, type VersionSteps } from '../units/versions.ts';
import {
  WORKSHOP_FORMAT,
  WORKSHOP_VERSION,
  workshopSchema,
  type Workshop,
} from './workshopSchema.ts';

/** So many days from nine to twelve and from one to five. */
const workdays = (many: number): readonly unknown[] =>
  Array.from({ length: many }, () => [
    { from: 540, to: 720 },
    { from: 780, to: 1020 },
  ]);

const LOT = { where: '', opened: null };
const isData = (of: unknown): of is VersionedData => typeof of === 'object' && of !== null;
/** Entries with what is new of them; what is no list stays for the schema to refuse. */
const eachWith = (entries: unknown, fresh: VersionedData): unknown =>
  Array.isArray(entries)
    ? entries.map((entry: unknown) => (isData(entry) ? { ...fresh, ...entry } : entry))
    : entries;
const withEach = (of: unknown, key: string, fresh: VersionedData): unknown =>
  isData(of) ? { ...of, [key]: eachWith(of[key], fresh) } : of;

/** From version n to n + 1, under n; each step is frozen. */
const STEPS: VersionSteps = {
  /** Version 2 knows what traces told of the oven, and stuffs by their own labels. */
  1: (old) => ({
    stuffs: [],
    ...old,
    version: 2,
    oven: { learnt: null, ...(old['oven'] as VersionedData | undefined) },
  }),
  /** Version 3 knows tools of the maker's own. */
  2: (old) => ({ ownTools: [], ...old, version: 3 }),
  /**
   * Version 4 knows hours at the bench, records of what steps took, supplies lot by lot and what was used of
   * them, an hour's price, lessons, and of paints strength, hiding, lightfastness, packets and prices.
   */
  3: (old) => ({
    hours: { week: [...workdays(5), [], []], daysOff: [] },
    ...{ records: [], supplies: [], used: [], hourRate: null, marginPercent: 0, lessons: [] },
    ...old,
    version: 4,
    wire: withEach(old['wire'], 'stock', { where: '' }),
    clays: eachWith(old['clays'], LOT),
    paints: eachWith(old['paints'], {
      ...{ kind: 'paint', tile: null, tint: null, opacity: 'semi-opaque', card: null },
      ...{ light: 'unknown', packMl: null, price: null, ...LOT },
    }),
  }),
};

/** Reads a workshop's document: version, schema, gauges that must exist. */
export function readWorkshop(data: unknown): Parsed<Workshop> {
  const bounded = boundedData(data);
  if (!bounded.ok) return bounded;
  const head = data as { format?: unknown; version?: unknown } | null;
  if (typeof data !== 'object' || head === null || head.format !== WORKSHOP_FORMAT)
    return refused(say.workshop, head?.format ?? typeof data, say.format(WORKSHOP_FORMAT));
  const current = upTo(WORKSHOP_VERSION, STEPS, data as VersionedData);
  if (current === undefined)
    return refused(say.workshopsVersion, head.version, say.versionFromTo(WORKSHOP_VERSION));
  const parsed = workshopSchema.safeParse(current);
  if (!parsed.success)
    return refusedBySchema(workshopSchema, current, parsed.error.issues, say.wholeWorkshop);
  const { stock, sold } = parsed.data.wire;
  const strange = [...stock, ...sold].find(({ size }) => (diameterMm(size) ?? 0) < 0.1);
  return strange === undefined
    ? accepted(parsed.data)
    : refused(say.wireSize, strange.size, say.sizeOfItsGauge);
}

/** The same from the text of a file. */
export function readWorkshopText(text: string): Parsed<Workshop> {
  const data = readJson(text, say.wholeWorkshopFileIn);
  return data.ok ? readWorkshop(data.value) : data;
}

/** The text of a workshop file: the document, readable, ending in a line break. */
export const workshopText = (workshop: Workshop): string =>
  `${JSON.stringify(workshop, null, 2)}\n`;
