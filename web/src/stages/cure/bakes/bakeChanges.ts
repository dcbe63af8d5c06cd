import {
  freeId,
  type BakePin,
  type BakeRecord,
  type Defect,
  type FoundThing,
  type OvenLog,
  type Working,
  type Workpiece,
} from '@keen-sinew/core';
import type { RunningBake } from '../../../stores/ovenStore.ts';
import { withPart } from '../../withPart.ts';

/** A record without one of its keys. */
const without = <T>(of: Readonly<Record<string, T>>, key: string): Record<string, T> =>
  Object.fromEntries(Object.entries(of).filter(([name]) => name !== key));

/** The minutes of a bake set, or left to follow. */
export const withMinutes = (p: Workpiece, bake: string, minutes: number | null): Workpiece =>
  withPart(p, 'cure', {
    minutes:
      minutes === null ? without(p.cure.minutes, bake) : { ...p.cure.minutes, [bake]: minutes },
  });

/** A thing put into a bake, into one of its own, or left to follow. */
export const withPin = (p: Workpiece, item: string, pin: BakePin | null): Workpiece =>
  withPart(p, 'cure', {
    pins: pin === null ? without(p.cure.pins, item) : { ...p.cure.pins, [item]: pin },
  });

/** A bake done with the heat gun, or in the oven. */
export const withGun = (p: Workpiece, bake: string, isOn: boolean): Workpiece =>
  withPart(p, 'cure', {
    gun: [...p.cure.gun.filter((id) => id !== bake), ...(isOn ? [bake] : [])],
  });

/** A found thing changed, added, or taken away where `part` is null. */
export function withThing(p: Workpiece, id: string, part: Partial<FoundThing> | null): Workpiece {
  const { things } = p.cure;
  if (part === null)
    return withPart(p, 'cure', {
      things: things.filter((thing) => thing.id !== id),
      pins: without(p.cure.pins, `found:${id}`),
    });
  return withPart(p, 'cure', {
    things: things.map((thing) => (thing.id === id ? { ...thing, ...part } : thing)),
  });
}

export const withNewThing = (p: Workpiece, thing: Omit<FoundThing, 'id'>): Workpiece =>
  withPart(p, 'cure', {
    things: [
      ...p.cure.things,
      {
        ...thing,
        id: freeId(
          'found',
          p.cure.things.map(({ id }) => id),
        ),
      },
    ],
  });

/** A bake that was taken out, kept with the piece. */
export const withLog = (p: Workpiece, bake: RunningBake, on: string): Workpiece => {
  const { bake: of, dialC, by, ballMm, readings } = bake;
  const log: OvenLog = {
    ...{ bake: of, on, dialC, by, ballMm, note: '', readings: [...readings] },
    id: freeId(
      'log',
      p.cure.log.map(({ id }) => id),
    ),
  };
  return withPart(p, 'cure', { log: [...p.cure.log, log] });
};

/** A kept bake changed, or thrown away where `part` is null. */
export const withLogPart = (p: Workpiece, id: string, part: Partial<OvenLog> | null): Workpiece =>
  withPart(p, 'cure', {
    log:
      part === null
        ? p.cure.log.filter((log) => log.id !== id)
        : p.cure.log.map((log) => (log.id === id ? { ...log, ...part } : log)),
  });

/** What went wrong, added to what is to be mended; or taken out of it. */
export const withDefect = (p: Workpiece, defect: Omit<Defect, 'id'>): Workpiece =>
  withPart(p, 'cure', {
    defects: [
      ...p.cure.defects,
      {
        ...defect,
        id: freeId(
          'mend',
          p.cure.defects.map(({ id }) => id),
        ),
      },
    ],
  });
export const withoutDefect = (p: Workpiece, id: string): Workpiece =>
  withPart(p, 'cure', { defects: p.cure.defects.filter((defect) => defect.id !== id) });

/** What a trace told, taken over into the workshop's oven: its offset, how it warms, and its film where there was a ball. */
export function withLearnt(
  p: Workpiece,
  { offset, warming, log }: Pick<BakeRecord, 'offset' | 'warming' | 'log'>,
  film: Working | null,
): Workpiece {
  const { ovenLearnt, ovenOffsetC } = p.cure;
  const range = film?.range;
  return withPart(p, 'cure', {
    ovenOffsetC: offset === null ? ovenOffsetC : Math.round(offset.value),
    ovenLearnt: {
      on: log.on,
      warmingCPerMin: warming?.value ?? ovenLearnt?.warmingCPerMin ?? null,
      film:
        film === null || range === undefined
          ? (ovenLearnt?.film ?? null)
          : { typical: film.value, low: range[0], high: range[1] },
    },
  });
}
