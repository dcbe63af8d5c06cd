import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { type PacketRule, type CurePlan } from './curePlan.ts';
import type { RegionBuild } from '../mass/buildUp.ts';
import type { FittingsPlan } from '../fittings/fittingsPlan.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import { clayFigures, type ClayFigures } from '../mass/clayFigures.ts';
import { answerTo, type Answer } from '../piece/answer.ts';
import { asGiven, asInput, input, type Working } from '../piece/working.ts';
import type { MassPlan } from '../mass/planMass.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import { bakeStages, type BakeStage } from './bakeStages.ts';
import { packetRuleMin } from './bakeTime.ts';
import { bindingHeatSnags } from './bindingHeat.ts';
import { cureSnags } from './cureSnags.ts';
import { heatCases, heatRequest, type ClayKind, type HeatCase } from './heatRequest.ts';
import type { HeatRun } from './heatRun.ts';
import { planJoining } from './planJoining.ts';
import { heatWorkings } from './heatWorkings.ts';

/** What Cure reads. */
export interface CureInputs {
  readonly cure: Workpiece['cure'];
  /** Clays and shells, as decided in Mass. */
  readonly choice: Workpiece['mass'];
  readonly binder: Workpiece['wire']['binder'];
  readonly builds: readonly RegionBuild[];
  readonly measure: MeasurePlan;
  readonly fittings: FittingsPlan;
  /** Between a part made apart and the wire in it, all round, mm. */
  readonly clearanceMm: number;
  readonly wire: WirePlan;
  readonly mass: MassPlan | null;
  /** The answer of the heat calculation; null, or that of an older request, while it is out. */
  readonly run: Answer<HeatRun> | null;
}

/**
 * Temperatures and times of the bakes. `mass` tells how thick the clay is; while it is null, only what
 * is made apart is known. `run` may be null, or still that of an older request.
 */
export function planCure(inputs: CureInputs): CurePlan {
  const { cure, choice, binder, builds, measure, fittings, wire, mass, run } = inputs;
  const figures = clayFigures(choice.clay);
  const shellFigures = choice.shellClay && clayFigures(choice.shellClay, 'shell-clay');
  const clayOf = ({ kind }: HeatCase): ClayFigures =>
    kind === 'shell' ? (shellFigures ?? figures) : figures;
  const cases = heatCases(choice, fittings.fittings, mass);
  const { dial, oven } = ovenWorkings(figures, cure);
  const request = oven && heatRequest(cases, clayOf, cure, oven.value);
  const answered = answerTo(request?.key ?? null, run);
  const packets = cases
    .filter((heatCase) => heatCase.id !== 'shell-holding')
    .map((heatCase) => ruleOf(heatCase, clayOf(heatCase), mass));
  const heat = request && answered ? heatWorkings(request, answered, cure) : [];
  const { setting } = figures.clay;
  const hasShell = builds.some(({ core }) => core !== 'solid');
  const stages = bakeStages({ cure, hasShell, setting, packets, cases, heat });
  const bakes = bakesWorking(stages, setting === 'oven');
  const { clearanceMm } = inputs;
  const { numbers, ...joining } = planJoining({
    ...{ skeleton: measure.skeleton, fittings, wire, mass, clearanceMm },
  });
  const plan = {
    figures,
    shellFigures,
    cases,
    request,
    run: answered,
    stages,
    dial,
    oven,
    packets,
    heat,
    bakes,
    ...joining,
  };
  return {
    ...plan,
    workings: [
      figures.temperature,
      figures.limit,
      dial,
      oven,
      figures.time,
      figures.perMm,
      ...(shellFigures
        ? [shellFigures.temperature, shellFigures.limit, shellFigures.time, shellFigures.perMm]
        : []),
      ...packets.flatMap((packet) => [packet.thickness, packet.time]),
      ...heat.map((entry) => entry.working),
      ...stages.flatMap((stage) => [stage.needed, stage.bake]),
      bakes,
      ...numbers,
    ].filter((entry) => entry !== null),
    snags: [...cureSnags(plan), ...bindingHeatSnags(binder.kind, wire, plan)],
  };
}

/** Where to set the dial, and what the oven then is: dial plus what a thermometer shows over it. */
function ovenWorkings(
  figures: ClayFigures,
  cure: Workpiece['cure'],
): Pick<CurePlan, 'dial' | 'oven'> {
  const wanted = figures.temperature;
  if (wanted === null) return { dial: null, oven: null };
  const offset = input('o', say.thermometerInOvenLess, cure.ovenOffsetC, 'kelvin', 'measured');
  const own = cure.setC !== null;
  const dial: Working = {
    id: 'cure.dial',
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
    id: 'cure.oven',
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

const RULE_LABELS: Readonly<Record<ClayKind, readonly [thick: string, time: string]>> = {
  solid: [say.thickestSolidPart, say.solidParts],
  shell: [say.thickestShell, say.shell],
  parts: [say.thickestPartMadeApart, say.partsMadeApart],
};

/** The packet's rule for one thickness: so long for each so many millimetres, as a minimum. */
function ruleOf(heatCase: HeatCase, figures: ClayFigures, mass: MassPlan | null): PacketRule {
  const { kind } = heatCase;
  const measured = mass?.thickness.every((region) => region.measured) ?? false;
  const thickness: Working = {
    id: `cure.thickness.${kind}`,
    stage: 'cure',
    label: RULE_LABELS[kind][0],
    value: heatCase.thicknessMm,
    unit: 'mm',
    provenance: 'derived',
    formula: 'd',
    inputs: [input('d', heatCase.place, heatCase.thicknessMm, 'mm', 'derived')],
    note: kind === 'parts' ? say.diameterOfEye : say.thickestClayThereAs,
    source:
      kind === 'parts'
        ? say.clawsAndTeethAre
        : measured
          ? say.largestBallOfClay
          : say.depthOfFleshAt,
  };
  return { kind, thickness, time: packetTime(kind, thickness, figures) };
}

function packetTime(kind: ClayKind, thickness: Working, figures: ClayFigures): Working {
  const { setting } = figures.clay;
  const [low, high] = figures.time.range ?? [figures.time.value, figures.time.value];
  const chemical = setting === 'chemical';
  const inOven = setting === 'oven';
  const rule = (time: number): number =>
    chemical ? time : packetRuleMin(time, figures.perMm.value, thickness.value);
  return {
    id: `cure.packet.${kind}`,
    stage: 'cure',
    label: `${RULE_LABELS[kind][1]}, ${inOven ? say.byPacketsRuleAt : say.setOrDryIn}`,
    value: rule(figures.time.value),
    unit: figures.time.unit,
    provenance: 'derived',
    formula: chemical ? 't = T' : 't = T · max(1, d / p)',
    inputs: [asInput('T', figures.time), asInput('d', thickness), asInput('p', figures.perMm)],
    source: inOven ? say.ruleOfPacketCounted : say.commonPracticeWarmDry,
    range: [rule(low), rule(high)],
  };
}

const bakesWorking = (stages: readonly BakeStage[], oven: boolean): Working => ({
  id: 'cure.bakes',
  stage: 'cure',
  label: oven ? say.bakes : say.roundsOfSetting,
  value: stages.length,
  unit: 'count',
  provenance: 'derived',
  formula: 'N = Σ Nᵢ',
  inputs: stages.map((stage) => input('Nᵢ', stage.name, 1, 'count', 'own')),
  source: say.schoolsOfPracticeShell,
});
