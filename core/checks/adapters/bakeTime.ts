import { bakeMinutes, packetRuleMin } from '../../src/cure/bakeTime.ts';
import type { HeatRequest } from '../../src/cure/heatRequest.ts';
import { heatRun } from '../../src/cure/heatRun.ts';
import { biotNumber, type HeatMaterial } from '../../src/cure/oneTermHeat.ts';
import { num, nums, type Adapter } from '../checkFile.ts';

/** Clay of a stated volumetric heat: with this density the specific heat is the rest of it, kg/m³. */
const DENSITY = 1000;

/** Minutes until the innermost clay of a slab is hot enough, the packet's rule, and the bake of both. */
export const bakeTime: Adapter = (entry) => {
  const given = nums(
    entry,
    'thicknessMm',
    'startC',
    'ovenC',
    'targetC',
    'packetMin',
    'packetPerMm',
  );
  const hold = num(entry, 'holdMin');
  const typical = entry.input['typical'] as Record<string, number> | undefined;
  const [k, rhoC, h] = ['conductivityWPerMK', 'volumetricHeatJPerM3K', 'filmWPerM2K'].map(
    (key) => entry.input[key] as readonly [number, number] | undefined,
  );
  if (!given || hold === undefined || !typical || !k || !rhoC || !h) return {};
  const [thicknessMm, startC, ovenC, targetC, packetMin, perMm] = given;
  const material = (conductivity: number, heat: number, film: number): HeatMaterial => ({
    conductivity,
    specificHeat: heat / DENSITY,
    densityKgM3: DENSITY,
    film,
  });
  const slowest = material(k[0], rhoC[1], h[0]);
  const request: HeatRequest = {
    key: 'check',
    startC,
    cases: [
      {
        id: 'slab',
        place: 'slab',
        ovenC,
        body: { shape: 'slab', innerM: 0, thicknessM: thicknessMm / 1000, coreJPerM2K: 0 },
        typical: material(
          typical['conductivityWPerMK']!,
          typical['volumetricHeatJPerM3K']!,
          typical['filmWPerM2K']!,
        ),
        slowest,
        quickest: material(k[1], rhoC[0], h[1]),
        targetC,
      },
    ],
  };
  const { reachMin, quickestMin, slowestMin } = heatRun(request).results[0]!;
  const rule = packetRuleMin(packetMin, perMm, thicknessMm);
  return {
    slowMin: slowestMin,
    typicalMin: reachMin,
    fastMin: quickestMin,
    packetRuleMin: rule,
    bakeMin: reachMin === null ? null : bakeMinutes(rule, reachMin, hold),
    upToMin: slowestMin === null ? null : bakeMinutes(rule, slowestMin, hold),
    biotSlow: biotNumber(slowest, thicknessMm / 1000),
  };
};
