import * as say from './words.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { CoatMethod } from '../piece/skinSchema.ts';
import type { Limb, LimbArea } from './limbAreas.ts';
import type { ZonePlan } from './zonePlan.ts';

/** Minutes of one kind of work on one limb. */
export interface LimbWork {
  readonly limb: Limb;
  readonly method: CoatMethod;
  readonly minutes: Working;
}

/** Hours of the coat: by kind of work and limb, and in all. */
export interface CoatWork {
  readonly limbs: readonly LimbWork[];
  readonly total: Working;
}

/** A limb with less than this of a kind of work is not named by itself, min. */
const LEAST_MIN = 0.5;

/** Shares the minutes of each zone out to limbs by their skin of it; null while that is not known. */
export function coatWork(
  zones: readonly ZonePlan[],
  areas: readonly LimbArea[] | null,
): CoatWork | null {
  if (areas === null) return null;
  const timed = zones.flatMap((entry, place) =>
    entry.minutes === null ? [] : [{ entry, place, minutes: entry.minutes }],
  );
  const whole = (place: number): number =>
    areas.filter(({ zone }) => zone === place).reduce((sum, { mm2 }) => sum + mm2, 0);
  const groups = new Map<string, { limb: Limb; method: CoatMethod; inputs: [Working, number][] }>();
  for (const { limb, zone, mm2 } of areas) {
    const found = timed.find(({ place }) => place === zone);
    if (found === undefined || mm2 === 0) continue;
    const { method } = found.entry;
    const key = `${limb.id}.${method}`;
    const group = groups.get(key) ?? { limb, method, inputs: [] };
    group.inputs.push([found.minutes, mm2 / whole(zone)]);
    groups.set(key, group);
  }
  const limbs = [...groups.entries()]
    .map(([key, { limb, method, inputs }]): LimbWork => ({
      ...{ limb, method },
      minutes: limbMinutes(key, limb, inputs),
    }))
    .filter(({ minutes }) => minutes.value >= LEAST_MIN)
    .sort((a, b) => b.minutes.value - a.minutes.value);
  return { limbs, total: totalWorking(timed.map(({ minutes }) => minutes)) };
}

const limbMinutes = (
  key: string,
  limb: Limb,
  inputs: readonly (readonly [Working, number])[],
): Working => ({
  id: `skin.work.${key}`,
  stage: 'skin',
  label: say.limbNamed(limb.name, limb.side),
  value: inputs.reduce((sum, [minutes, share]) => sum + minutes.value * share, 0),
  unit: 'min',
  provenance: 'derived',
  formula: 'T = Σ (tᵢ · aᵢ)',
  inputs: inputs.flatMap(([minutes, share]) => [
    asInput('tᵢ', minutes),
    input('aᵢ', say.shareOfZoneHere, share, 'ratio', 'derived'),
  ]),
  source: say.minutesBySkin,
});

const totalWorking = (all: readonly Working[]): Working => ({
  id: 'skin.work.total',
  stage: 'skin',
  label: say.handWorkOfCoat,
  value: all.reduce((sum, { value }) => sum + value, 0),
  unit: 'min',
  provenance: 'derived',
  formula: 'T = Σ tᵢ',
  inputs: all.map((minutes) => asInput('tᵢ', minutes)),
  source: say.minutesOfZones,
});
