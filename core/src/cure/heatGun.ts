import * as say from './words.ts';
import { curesFromC } from '../bakes/cureRange.ts';
import type { PlannedBake } from '../bakes/planOrder.ts';
import { input, type Working } from '../piece/working.ts';
import type { HeatCase } from './heatCases.ts';
import { FILM, heatMaterials, ROOM_C } from './heatRequest.ts';
import { oneTermTimeS } from './oneTermHeat.ts';

/** Clay thicker than this is scorched outside before it is hot inside: no work for a heat gun, mm. Common practice. */
export const GUN_MOST_MM = 5;
/** It is kept hot for so long after that, minutes: common practice. */
const GUN_HOLD_MIN = 2;

/**
 * Minutes with a heat gun whose air is as hot at the part as the oven would be; null where something in the bake is too
 * thick for it, or of the body. By the first term of the series of a cylinder or a ball (Incropera & DeWitt, ch. 5).
 */
export function gunMinutes(
  bake: PlannedBake,
  name: string,
  cases: readonly HeatCase[],
  airC: number,
): Working | null {
  if (bake.kind !== 'parts' && bake.kind !== 'late') return null;
  const [thickest] = cases.toSorted((a, b) => b.thicknessMm - a.thicknessMm);
  if (thickest === undefined || thickest.thicknessMm > GUN_MOST_MM) return null;
  const targetC = curesFromC(thickest.figures);
  if (airC <= targetC) return null;
  const { typical, slowest, quickest } = heatMaterials(thickest, FILM.gun);
  const remaining = (airC - targetC) / (airC - ROOM_C);
  const minutes = (of: typeof typical): number =>
    GUN_HOLD_MIN + oneTermTimeS(thickest.body.shape, of, thickest.body.thicknessM, remaining) / 60;
  return {
    id: `cure.gun.${bake.id}`,
    stage: 'cure',
    label: say.withHeatGun(name),
    value: minutes(typical),
    unit: 'min',
    provenance: 'derived',
    reading: {
      method: say.firstTermOfSeries,
      resolution: say.exactForRound,
      checkedBy: 'core/src/cure/heatGun.test.ts',
    },
    inputs: [
      input('d', thickest.place, thickest.thicknessMm, 'mm', 'derived'),
      input('T', say.lowEndOfWhat, targetC, 'degC', 'memory'),
      input('air', say.airAtPart, airC, 'degC', 'derived'),
      input('h', say.filmBeforeGun, FILM.gun[2], 'W/m2K', 'memory'),
      input('hold', say.keptInAfterThat, GUN_HOLD_MIN, 'min', 'memory'),
    ],
    source: say.gunCommonPractice,
    range: [minutes(quickest), minutes(slowest)],
  };
}
