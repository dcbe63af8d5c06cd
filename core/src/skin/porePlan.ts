import * as say from './words.ts';
import type { CoatZone } from '../anatomy/coat.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { nearestWhole, plantedCount, spacings } from './planting.ts';

/** Pores pricked into bare skin. */
export interface PorePlan {
  readonly count: Working;
  readonly spacing: Working;
  readonly minutes: Working;
}

/** A bundle of needles pricks so many at once. Common practice. */
const NEEDLES = 7;

/** Pores of a bare zone where the user wants some; null without, or while its skin is not known. */
export function porePlan(
  zone: CoatZone,
  skin: Workpiece['skin'],
  area: Working | null,
): PorePlan | null {
  const perCm2 = skin.zones[zone.id]?.perCm2 ?? null;
  if (zone.covering !== 'skin' || perCm2 === null || area === null) return null;
  const common = (what: string) =>
    ({
      id: `skin.zone.${zone.id}.${what}`,
      stage: 'skin',
      provenance: 'derived',
      target: { kind: 'zone', id: zone.id },
    }) as const;
  const density = input('D', say.poresOnCm2, perCm2, 'count', 'own');
  const oneCm2 = input('c', say.oneCm2, 1, 'cm2', 'derived');
  const count: Working = {
    ...common('pores'),
    label: say.poresOf(zone.name),
    value: nearestWhole(plantedCount(100 * area.value, perCm2)),
    unit: 'count',
    formula: 'N = max(1, ⌊a · D / c⌉)',
    inputs: [asInput('a', area), density, oneCm2],
    source: say.densityTimesArea,
  };
  return {
    count,
    spacing: {
      ...common('pore-spacing'),
      label: say.poresApart(zone.name),
      value: spacings(perCm2).hexMm,
      unit: 'mm',
      digits: 2,
      formula: 's = √(2 · c / (√(3) · D))',
      inputs: [density, oneCm2],
      source: say.hexagons,
    },
    minutes: {
      ...common('minutes'),
      label: say.minutesOfPores(zone.name),
      value: count.value / (skin.pace.strokesPerMin * NEEDLES),
      unit: 'min',
      formula: 't = N / (p · k) · q',
      inputs: [
        asInput('N', count),
        input('p', say.pricksInMinute, skin.pace.strokesPerMin, 'count', 'own'),
        input('k', say.needlesAtOnce, NEEDLES, 'count', 'memory'),
        input('q', say.oneMinute, 1, 'min', 'derived'),
      ],
      source: say.paceOfYours,
    },
  };
}
