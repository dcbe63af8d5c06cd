import * as say from './words.ts';
import type { PlannedBake } from '../bakes/planOrder.ts';
import type { ClayFigures } from '../mass/clayFigures.ts';
import { asGiven, asInput, input, type Working } from '../piece/working.ts';
import { ROOM_C } from './heatRequest.ts';
import type { Workpiece } from '../workshop/workpiece.ts';

/** Where to set the dial for a bake, and what the oven then is; null for what sets in the room. */
export interface OvenNumbers {
  readonly dial: Working | null;
  readonly oven: Working | null;
}

/** No oven. */
const NO_OVEN: OvenNumbers = { dial: null, oven: null };

/**
 * Dial and oven of each bake: as hot as the hottest of its clays asks, within what all that is in it bears. Bakes that
 * are as hot as the finish share its numbers.
 */
export function bakeOvens(
  bakes: readonly PlannedBake[],
  figures: ClayFigures,
  cure: Workpiece['cure'],
): ReadonlyMap<string, OvenNumbers> {
  const usual = ovenNumbers('', figures.temperature, cure);
  return new Map(
    bakes.map((bake): [string, OvenNumbers] => {
      const wanted = bake.inOven ? wantedFor(bake) : null;
      if (wanted === null) return [bake.id, NO_OVEN];
      return [
        bake.id,
        wanted.value === figures.temperature?.value
          ? usual
          : ovenNumbers(`.${bake.id}`, wanted, cure),
      ];
    }),
  );
}

/** How hot a bake is to be: the temperature of one of its clays, or what the things in it leave of it. */
function wantedFor({ id, items, rangeC: [low, high] }: PlannedBake): Working | null {
  const asked = items.flatMap(({ clay }) =>
    clay?.temperature ? [{ hottest: clay.temperature, limitC: clay.limit.value }] : [],
  );
  const first = asked.toSorted((a, b) => b.hottest.value - a.hottest.value)[0];
  if (first === undefined) return null;
  const { hottest, limitC } = first;
  // A label that asks for more than its own limit is not bent to it, but told.
  if (hottest.value > limitC || (hottest.value >= low && hottest.value <= high)) return hottest;
  return {
    ...hottest,
    id: `cure.wanted.${id}`,
    label: say.wantedInBake,
    value: Math.min(high, Math.max(low, hottest.value)),
    provenance: 'derived',
    formula: 'T = min(b, max(a, c))',
    inputs: [
      asInput('c', hottest),
      input('a', say.leastOfBake, low, 'degC', 'derived'),
      input('b', say.mostOfBake, high, 'degC', 'derived'),
    ],
    source: say.whatAllInItAllow,
    range: [low, high],
  } as Working;
}

/** What a small oven warms by while nobody has watched it, K a minute: from memory. */
const USUAL_WARMING = 10;

/** Minutes until the oven is as hot as a bake asks, as fast as its traces warmed; null where it needs no oven. */
export function preheatMinutes(
  { id }: Pick<PlannedBake, 'id'>,
  oven: Working | null,
  { ovenLearnt }: Pick<Workpiece['cure'], 'ovenLearnt'>,
): Working | null {
  if (oven === null) return null;
  const learnt = ovenLearnt?.warmingCPerMin ?? null;
  const rate = learnt ?? USUAL_WARMING;
  return {
    id: `cure.preheat.${id}`,
    stage: 'cure',
    label: say.preheatFor,
    value: (oven.value - ROOM_C) / rate,
    unit: 'min',
    provenance: learnt === null ? 'memory' : 'derived',
    formula: 't = (T − r) / w',
    inputs: [
      asInput('T', oven),
      input('r', say.room, ROOM_C, 'degC', 'memory'),
      learnt === null
        ? input('w', say.usualOvenWarmsBy, rate, 'K/min', 'memory')
        : input('w', say.ovenWarmsBy, rate, 'K/min', 'measured'),
    ],
    source: learnt === null ? say.untilTraceIsKnown : say.asItsTracesWarmed,
  };
}

/** Dial plus what a thermometer shows over it. */
function ovenNumbers(suffix: string, wanted: Working | null, cure: Workpiece['cure']): OvenNumbers {
  if (wanted === null) return NO_OVEN;
  const offset = input('o', say.thermometerInOvenLess, cure.ovenOffsetC, 'kelvin', 'measured');
  const own = cure.setC !== null;
  const dial: Working = {
    id: `cure.dial${suffix}`,
    stage: 'cure',
    label: say.setDialTo,
    value: cure.setC ?? wanted.value - cure.ovenOffsetC,
    unit: 'degC',
    provenance: own ? 'own' : 'derived',
    ...(cure.setC !== null
      ? asGiven(say.setByYou, cure.setC, 'degC', 'own')
      : { formula: 'dial = T − o', inputs: [asInput('T', wanted), offset] }),
    source: say.smallOvensAreOften,
  };
  const oven: Working = {
    id: `cure.oven${suffix}`,
    stage: 'cure',
    label: say.ovenIsThenAt,
    value: dial.value + cure.ovenOffsetC,
    unit: 'degC',
    provenance: 'derived',
    formula: 'T = dial + o',
    inputs: [asInput('dial', dial), offset],
    source: say.readingOfThermometerIn,
    ...(wanted.range === undefined ? {} : { range: wanted.range }),
  };
  return { dial, oven };
}
