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
  /** Version 4 knows hours at the bench, records of what steps took, strength, hiding, lightfastness, packets and prices of paints, pastels and coloured clays. */
  3: (old) => ({
    hours: { week: [...workdays(5), [], []], daysOff: [] },
    records: [],
    ...old,
    version: 4,
    paints: Array.isArray(old['paints'])
      ? old['paints'].map((paint: unknown) =>
          typeof paint === 'object' && paint !== null
            ? {
                ...{ kind: 'paint', tile: null, tint: null, opacity: 'semi-opaque', card: null },
                ...{ light: 'unknown', packMl: null, price: null },
                ...paint,
              }
            : paint,
        )
      : old['paints'],
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
