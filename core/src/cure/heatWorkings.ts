import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { input, type Working } from '../piece/working.ts';
import type { HeatPlace, HeatRequest } from './heatRequest.ts';
import { HORIZON_MIN, type HeatResult, type HeatRun } from './heatRun.ts';

/** The physical time of each place as a working, its range from the corners of the figures. */
export function heatWorkings(
  request: HeatRequest,
  run: HeatRun,
  cure: Workpiece['cure'],
): readonly { readonly result: HeatResult; readonly working: Working }[] {
  return run.results.flatMap((result) => {
    const entry = request.cases.find((candidate) => candidate.id === result.caseId);
    return entry === undefined ? [] : [{ result, working: heatWorking(entry, result, cure) }];
  });
}

function heatWorking(heatPlace: HeatPlace, result: HeatResult, cure: Workpiece['cure']): Working {
  const { typical } = heatPlace;
  const core = heatPlace.body.coreJPerM2K;
  return {
    id: `cure.heat.${heatPlace.id}`,
    stage: 'cure',
    label: say.innermostClayHotEnough(heatPlace.place.toLowerCase()),
    value: result.reachMin ?? HORIZON_MIN,
    unit: 'min',
    provenance: 'derived',
    reading: {
      method: 'ρc ∂T/∂t = div(k grad T) in the clay, −k ∂T/∂n = h (T − oven) at its surface',
      resolution: say.stepsOfFiveSeconds,
      checkedBy: 'core/src/cure/cure.test.ts',
    },
    inputs: [
      input(
        heatPlace.body.shape === 'slab' ? 'L' : 'r',
        heatPlace.body.shape === 'slab' ? say.thicknessHeatedOnOne : say.radiusHeatedAllRound,
        heatPlace.body.thicknessM * 1000,
        'mm',
        'derived',
      ),
      input('k', say.conductivityOfClay, typical.conductivity, 'W/mK', 'memory'),
      input('c', say.specificHeatOfClay, typical.specificHeat, 'J/kgK', 'memory'),
      input(
        'h',
        cure.ovenLearnt?.film ? say.filmLearnt : cure.fan ? say.filmFanOn : say.filmStillAir,
        typical.film,
        'W/m2K',
        cure.ovenLearnt?.film ? 'measured' : 'memory',
      ),
      ...(core > 0 ? [input('C', say.heatHeldByCore, core, 'J/m2K' as const, 'derived')] : []),
      input('oven', say.oven, heatPlace.ovenC, 'degC', 'derived'),
      input('T', say.lowEndOfWhat, heatPlace.targetC, 'degC', 'memory'),
    ],
    source: say.finiteVolumesWithCrank,
    range: [result.quickestMin ?? HORIZON_MIN, result.slowestMin ?? HORIZON_MIN],
  };
}
