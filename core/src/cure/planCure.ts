import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { bakeItems } from '../bakes/bakeItems.ts';
import { planOrder } from '../bakes/planOrder.ts';
import type { CurePlan, StagedBake } from './curePlan.ts';
import type { RegionBuild } from '../mass/buildUp.ts';
import type { FittingsPlan } from '../fittings/fittingsPlan.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import { clayFigures } from '../mass/clayFigures.ts';
import { answerTo, type Answer } from '../piece/answer.ts';
import { input, type Working } from '../piece/working.ts';
import type { MassPlan } from '../mass/planMass.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import { bakeOvens } from './bakeOvens.ts';
import { bakeStage, type BakeStage } from './bakeStages.ts';
import { bindingHeatSnags } from './bindingHeat.ts';
import { cureSnags } from './cureSnags.ts';
import { heatCases } from './heatCases.ts';
import { heatRequest } from './heatRequest.ts';
import type { HeatRun } from './heatRun.ts';
import { mayGoIn, outOf } from './mayGoIn.ts';
import { packetRules } from './packetRules.ts';
import { planJoining } from './planJoining.ts';
import { heatWorkings } from './heatWorkings.ts';
import { supports } from './support.ts';

/** What Cure reads. */
export interface CureInputs {
  readonly cure: Workpiece['cure'];
  /** Clays and shells, as decided in Mass. */
  readonly choice: Workpiece['mass'];
  readonly binder: Workpiece['wire']['binder'];
  readonly builds: readonly RegionBuild[];
  readonly measure: MeasurePlan;
  readonly stance: StancePlan;
  readonly onBoard: boolean;
  readonly fittings: FittingsPlan;
  /** Between a part made apart and the wire in it, all round, mm. */
  readonly clearanceMm: number;
  readonly wire: WirePlan;
  readonly mass: MassPlan | null;
  /** The answer of the heat calculation; null, or that of an older request, while it is out. */
  readonly run: Answer<HeatRun> | null;
}

/**
 * The fewest bakes, with temperatures and times. `mass` tells how thick the clay is; while it is null, only what
 * is made apart is known. `run` may be null, or still that of an older request.
 */
// eslint-disable-next-line max-lines-per-function -- the way from things to bakes, in one look
export function planCure(inputs: CureInputs): CurePlan {
  const { cure, choice, binder, builds, measure, stance, fittings, wire, mass, run } = inputs;
  const { skeleton } = measure;
  const figures = clayFigures(choice.clay);
  const shellFigures = choice.shellClay && clayFigures(choice.shellClay, 'shell-clay');
  const order = planOrder(
    bakeItems({
      ...{ cure, figures, shellFigures, fittings, wire, binder: binder.kind },
      hasShell: builds.some(({ core }) => core !== 'solid'),
      hasSolid: builds.some(({ core }) => core === 'solid'),
      hasFoil: builds.some(({ core }) => core === 'foil'),
      onBoard: inputs.onBoard,
    }),
  );
  const ovens = bakeOvens(order.bakes, figures, cure);
  const cases = order.bakes.flatMap((bake) =>
    heatCases(bake, {
      ...{ skeleton, mass, figures, shellFigures, packedGPerMl: choice.foil.packedGPerMl },
      ...{ fittings: fittings.fittings, bodyParts: fittings.bodyParts },
    }),
  );
  const inOven = cases.filter(({ bake }) => (ovens.get(bake)?.oven ?? null) !== null);
  const request =
    inOven.length === 0 ? null : heatRequest(inOven, (bake) => ovens.get(bake)!.oven!.value, cure);
  const answered = answerTo(request?.key ?? null, run);
  const packets = packetRules(cases, mass);
  const heat = request && answered ? heatWorkings(request, answered, cure) : [];
  const lies = {
    ...{ fittings: fittings.fittings, fine: wire.fine, hold: stance.hold },
    onBoard: inputs.onBoard,
    blades: (skeleton.animal.blades ?? []).map(({ name }) => name),
  };
  const stages = order.bakes.map((bake): StagedBake => {
    const stage = bakeStage(bake, ovens.get(bake.id)!, { cure, cases, packets, heat });
    return {
      ...stage,
      supports: supports(bake, lies),
      out: outOf(stage).map(({ name }) => name),
    };
  });
  const last = stages.find(({ kind }) => kind === 'finish');
  const [dial, oven] = [last?.dial ?? null, last?.oven ?? null];
  const bakes = bakesWorking(stages);
  const { numbers, ...joining } = planJoining({
    ...{ skeleton, fittings, wire, mass, clearanceMm: inputs.clearanceMm },
  });
  const plan = {
    ...{ figures, shellFigures, order, cases, request, run: answered, stages, dial, oven },
    ...{ packets, heat, bakes, mayGoIn: mayGoIn(order, stages), ...joining },
  };
  return {
    ...plan,
    workings: [
      figures.temperature,
      figures.limit,
      ...ovenNumbers(stages),
      figures.time,
      figures.perMm,
      ...(shellFigures
        ? [shellFigures.temperature, shellFigures.limit, shellFigures.time, shellFigures.perMm]
        : []),
      ...packets.flatMap((packet) => [packet.thickness, packet.time]),
      ...heat.map((entry) => entry.working),
      ...stages.flatMap((stage) => [
        stage.preheat,
        stage.needed,
        stage.bake,
        stage.cooling,
        stage.gun,
      ]),
      bakes,
      ...numbers,
    ].filter((entry) => entry !== null),
    snags: [
      ...cureSnags(plan, [choice.clay, choice.shellClay]),
      ...bindingHeatSnags(binder.kind, wire, plan),
    ],
  };
}

/** Dial and oven of every bake, each once, those of the last first. */
const ovenNumbers = (stages: readonly BakeStage[]): readonly (Working | null)[] => [
  ...new Set(stages.toReversed().flatMap(({ dial, oven }) => [dial, oven])),
];

const bakesWorking = (stages: readonly BakeStage[]): Working => ({
  id: 'cure.bakes',
  stage: 'cure',
  label: stages.some(({ inOven }) => inOven) ? say.bakes : say.roundsOfSetting,
  value: stages.length,
  unit: 'count',
  provenance: 'derived',
  formula: 'N = Σ Nᵢ',
  inputs: stages.map((stage) => input('Nᵢ', stage.name, 1, 'count', 'own')),
  source: say.fewestThatRulesAllow,
});
