import type { MeasurePlan } from '../measure/planMeasure.ts';
import { clayFigures, type ClayFigures } from '../mass/clayFigures.ts';
import { lastCall } from '../piece/lastCall.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import type { Snag } from '../piece/snag.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { StancePlan } from '../stance/planStance.ts';
import { bakeStages, type BakeStage } from './bakeStages.ts';
import { cureSnags } from './cureSnags.ts';
import { heatCases, heatRequest, type HeatCase, type HeatRequest } from './heatRequest.ts';
import type { HeatResult, HeatRun } from './heatRun.ts';
import { heatWorkings } from './heatWorkings.ts';

/** The packet's rule for one kind of clay on the piece. */
export interface PacketRule {
  readonly kind: 'shell' | 'solid';
  readonly thickness: Working;
  readonly time: Working;
}

/** What Cure hands on. */
export interface CurePlan {
  readonly figures: ClayFigures;
  /** Figures of another clay for the shells, if there is one. */
  readonly shellFigures: ClayFigures | null;
  readonly cases: readonly HeatCase[];
  /** What the heat calculation is to answer; null for clays that need no oven. */
  readonly request: HeatRequest | null;
  /** Its answer, if it is the one to this request. */
  readonly run: HeatRun | null;
  readonly stages: readonly BakeStage[];
  /** Dial, and the oven's true temperature; null without an oven. */
  readonly dial: Working | null;
  readonly oven: Working | null;
  /** What the packet's rule gives for shell and solid parts: a minimum. Minutes, or hours of setting. */
  readonly packets: readonly PacketRule[];
  /** The longest of them. */
  readonly packetTime: Working;
  /** What the physics gives, once it is worked out. */
  readonly heat: readonly { readonly result: HeatResult; readonly working: Working }[];
  readonly needed: Working | null;
  /** Minutes to bake: needed, or as the user set them. */
  readonly bake: Working | null;
  readonly bakes: Working;
  /** Diameter of an eye on the model. */
  readonly eye: Working;
  readonly workings: readonly Working[];
  readonly snags: readonly Snag[];
}

/** Temperatures and times of the bakes. `run` may be null, or still that of an older request. */
export const planCure = lastCall(
  (
    cure: Piece['cure'],
    mass: Piece['mass'],
    measure: MeasurePlan,
    stance: StancePlan,
    run: HeatRun | null,
  ): CurePlan => {
    const figures = clayFigures(mass.clay);
    const shellFigures = mass.shellClay && clayFigures(mass.shellClay, 'shell-clay');
    const clayOf = ({ id }: HeatCase): ClayFigures =>
      id === 'solid' ? figures : (shellFigures ?? figures);
    const cases = heatCases(mass, measure, stance);
    const { dial, oven } = ovenWorkings(figures, cure);
    const request = oven && heatRequest(cases, clayOf, cure, oven.value);
    const answered = run !== null && run.key === request?.key ? run : null;
    const packets = cases
      .filter((one) => one.id !== 'shell-insulating')
      .map((one) => ruleOf(one, clayOf(one)));
    const packetTime = packets
      .map((one) => one.time)
      .reduce((longest, time) => (time.value > longest.value ? time : longest));
    const heat = request && answered ? heatWorkings(request, answered, cure) : [];
    const needed = answered && neededWorking(packetTime, heat, cure);
    const bake = bakeWorking(needed ?? (oven && packetTime), cure);
    const stages = bakeStages(cure, figures.clay.setting);
    const bakes = bakesWorking(stages, figures.clay.setting === 'oven');
    const eye = eyeWorking(measure);
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
      packetTime,
      heat,
      needed,
      bake,
      bakes,
      eye,
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
        ...packets.flatMap((one) => [one.thickness, one.time]),
        ...heat.map((one) => one.working),
        needed,
        bake,
        bakes,
        eye,
      ].filter((one) => one !== null),
      snags: cureSnags(plan, cure),
    };
  },
);

/** Where to set the dial, and what the oven then is: dial plus what a thermometer shows over it. */
function ovenWorkings(figures: ClayFigures, cure: Piece['cure']): Pick<CurePlan, 'dial' | 'oven'> {
  const wanted = figures.temperature;
  if (wanted === null) return { dial: null, oven: null };
  const offset = input(
    'o',
    'Thermometer in the oven less dial',
    cure.ovenOffsetC,
    'kelvin',
    'measured',
  );
  const own = cure.setC !== null;
  const dial: Working = {
    id: 'cure.dial',
    stage: 'cure',
    label: 'Set the dial to',
    value: cure.setC ?? wanted.value - cure.ovenOffsetC,
    unit: 'degC',
    provenance: own ? 'own' : 'derived',
    formula: own ? 'as set by you' : 'dial = T − o',
    inputs: own ? [] : [asInput('T', wanted), offset],
    source:
      'small ovens are often 10 to 25 °C off their dial: a thermometer tells (common practice)',
  };
  const oven: Working = {
    id: 'cure.oven',
    stage: 'cure',
    label: 'The oven is then at',
    value: dial.value + cure.ovenOffsetC,
    unit: 'degC',
    provenance: 'derived',
    formula: 'T = dial + o',
    inputs: [asInput('dial', dial), offset],
    source: 'reading of a thermometer in the oven',
    ...(wanted.range === undefined ? {} : { range: wanted.range }),
  };
  return { dial, oven };
}

/** The packet's rule for one thickness: so long for each so many millimetres, as a minimum. */
function ruleOf(one: HeatCase, figures: ClayFigures): PacketRule {
  const kind = one.id === 'solid' ? 'solid' : 'shell';
  const thickness: Working = {
    id: `cure.thickness.${kind}`,
    stage: 'cure',
    label: kind === 'solid' ? 'Thickest solid part' : 'Thickest shell',
    value: one.thicknessMm,
    unit: 'mm',
    provenance: 'derived',
    formula: kind === 'solid' ? 'd = 2r, right through' : 'd = t',
    inputs: [
      kind === 'solid'
        ? input('r', one.place, one.thicknessMm / 2, 'mm', 'derived')
        : input('t', one.place, one.thicknessMm, 'mm', 'own'),
    ],
    source: 'regions as you build them in Mass',
  };
  return { kind, thickness, time: packetTime(kind, thickness, figures) };
}

function packetTime(kind: PacketRule['kind'], thickness: Working, figures: ClayFigures): Working {
  const { setting } = figures.clay;
  const [low, high] = figures.time.range ?? [figures.time.value, figures.time.value];
  const layers = setting === 'chemical' ? 1 : Math.max(1, thickness.value / figures.perMm.value);
  return {
    id: `cure.packet.${kind}`,
    stage: 'cure',
    label: `${kind === 'solid' ? 'Solid parts' : 'Shell'}, ${
      setting === 'oven' ? 'by the packet’s rule at least' : 'set or dry in about'
    }`,
    value: figures.time.value * layers,
    unit: figures.time.unit,
    provenance: 'derived',
    formula: setting === 'chemical' ? 't = T' : 't = T · max(1, d/p)',
    inputs: [asInput('T', figures.time), asInput('d', thickness), asInput('p', figures.perMm)],
    source:
      setting === 'oven'
        ? 'rule of the packet: a minimum at temperature, not the time that the middle needs'
        : 'common practice; warm dry air is quicker, and thick parts crack if hurried',
    range: [low * layers, high * layers],
  };
}

function neededWorking(
  packetTime: Working,
  heat: CurePlan['heat'],
  cure: Piece['cure'],
): Working | null {
  const slowest = heat.reduce<Working | null>(
    (worst, { working }) => (worst === null || working.value > worst.value ? working : worst),
    null,
  );
  if (slowest === null) return null;
  return {
    id: 'cure.needed',
    stage: 'cure',
    label: 'Needed in the oven',
    value: Math.max(packetTime.value, slowest.value + cure.holdMin),
    unit: 'min',
    provenance: 'derived',
    formula: 't = max( packet, heat + hold )',
    inputs: [
      asInput('packet', packetTime),
      asInput('heat', slowest),
      input('hold', 'Held at temperature', cure.holdMin, 'min', 'own'),
    ],
    source: 'the longer of the packet’s minimum and the physical time (common practice)',
  };
}

function bakeWorking(basis: Working | null, cure: Piece['cure']): Working | null {
  if (basis === null) return null;
  const own = cure.minutes !== null;
  return {
    id: 'cure.bake',
    stage: 'cure',
    label: 'Bake for',
    value: cure.minutes ?? Math.ceil(basis.value / 5) * 5,
    unit: 'min',
    provenance: own ? 'own' : 'derived',
    formula: own ? 'as set by you' : 't rounded up to five minutes',
    inputs: [asInput('t', basis)],
    source: 'count from the moment the oven is at temperature, with the piece in it',
  };
}

function eyeWorking({ skeleton, scale }: MeasurePlan): Working {
  const { eye } = skeleton.animal;
  return {
    id: 'cure.eye',
    stage: 'cure',
    label: 'Eye, diameter of the ball',
    value: eye.mm / scale.value,
    unit: 'mm',
    digits: 1,
    provenance: 'derived',
    formula: 'd = D/n',
    inputs: [input('D', 'Eyeball in life', eye.mm, 'mm', eye.provenance), asInput('n', scale)],
    source: 'definition of a scale; less than half of the ball shows between the lids',
    range: [eye.range[0] / scale.value, eye.range[1] / scale.value],
  };
}

const bakesWorking = (stages: readonly BakeStage[], oven: boolean): Working => ({
  id: 'cure.bakes',
  stage: 'cure',
  label: oven ? 'Bakes' : 'Rounds of setting',
  value: stages.length,
  unit: 'count',
  provenance: 'derived',
  formula: stages.map((one) => one.name.toLowerCase()).join(' + '),
  inputs: [],
  source: 'schools of practice: a shell baked first and worked over, or all at once',
});
