import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { GaitSpec, Side } from '../anatomy/bodyPlan.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import { input, type Working } from '../piece/working.ts';
import { GRAVITY } from '../units/gravity.ts';
import { alexanderSpeed, froude, gaitByRelativeStride } from './gaitSpeed.ts';
import { isDown } from '../posing/footfalls.ts';
import { gaitOf } from '../posing/gaitMoment.ts';
import { fallOf } from '../posing/gaitMoves.ts';
import { strideOf } from '../posing/steppedAngles.ts';

/** One foot in the footfall diagram. */
export interface FootBar {
  readonly contactId: string;
  readonly side: Side;
  readonly name: string;
  /** When it falls, and for how long it stays, shares of the stride. */
  readonly fall: number;
  readonly duty: number;
  readonly down: boolean;
}

/** The gait whose moment a stance is. */
export interface GaitPlan {
  readonly spec: GaitSpec;
  readonly moment: number;
  /** Feet in the order in which they fall; empty for a wave. */
  readonly bars: readonly FootBar[];
  readonly workings: readonly Working[];
}

/** Body plans whose limbs stand upright, for which the relation of stride and speed was found. */
const UPRIGHT = ['four-footed-mammal', 'two-legged-theropod', 'bird'];

/** The gait of a choice, with its footfalls, its stride and its speed; null for a stance. */
export function planGait(measure: MeasurePlan, choice: Workpiece['stance']): GaitPlan | null {
  const { skeleton } = measure;
  const spec = choice.gait === null ? undefined : gaitOf(skeleton, choice.gait.id);
  if (spec === undefined || choice.gait === null) return null;
  const { moment } = choice.gait;
  if (spec.kind === 'wave') return { spec, moment, bars: [], workings: [] };
  if (spec.kind === 'keyed') {
    const bars = skeleton.plan.contacts
      .filter(({ kind }) => kind === 'foot')
      .map(({ id, name, side }): FootBar => {
        const leaves = spec.keys.find(({ lifted }) => lifted.includes(id))?.at ?? 1;
        return { contactId: id, side, name, fall: 0, duty: leaves, down: moment < leaves };
      });
    return { spec, moment, bars, workings: [] };
  }
  const bars = skeleton.plan.contacts
    .filter(({ kind }) => kind === 'foot')
    .map((contact): FootBar => {
      const fall = fallOf(spec, contact);
      const { duty } = spec;
      return {
        contactId: contact.id,
        side: contact.side,
        name: contact.name,
        fall,
        duty,
        down: isDown(fall, duty, moment),
      };
    });
  return { spec, moment, bars, workings: strideWorkings(measure, spec, choice.gait.strideMm) };
}

function strideWorkings(
  measure: MeasurePlan,
  spec: Extract<GaitSpec, { kind: 'steps' }>,
  wantedMm: number | null,
): readonly Working[] {
  const { skeleton, lifePerModel } = measure;
  const { strideMm, sweepMm, hipMm, share } = strideOf(skeleton, spec, wantedMm);
  const stride: Working = {
    id: 'stance.gait.stride',
    stage: 'stance',
    label: say.strideInLifeSame,
    value: strideMm,
    unit: 'mm',
    provenance: 'derived',
    formula: 'SL = way / share',
    inputs: [
      input('way', say.wayOfFootUnder, sweepMm, 'mm', 'derived'),
      input('share', say.shareOfStrideOn, spec.duty, 'ratio', 'memory'),
      input('reached', say.ofUsualWayWithin, share, 'ratio', 'derived'),
      ...(wantedMm === null
        ? []
        : [input('wanted', say.strideWanted, wantedMm, 'mm' as const, 'own')]),
    ],
    source: say.kinematicsDutyFactorsAfter,
  };
  const model: Working = {
    ...stride,
    id: 'stance.gait.stride.model',
    label: say.strideOnModel,
    value: strideMm / lifePerModel,
    formula: 'l = SL / n',
    inputs: [
      input('SL', say.strideInLife, strideMm, 'mm', 'derived'),
      input('n', say.scale, lifePerModel, 'scale', measure.scale.provenance),
    ],
    source: say.scale2,
  };
  if (!UPRIGHT.includes(skeleton.plan.id)) return [stride, model];
  return [stride, model, ...speedWorkings(stride, hipMm)];
}

/** Of a walker with upright legs: how long its stride is for its legs, and how fast it goes. */
function speedWorkings({ value: strideMm }: Working, hipMm: number): readonly Working[] {
  const common = { stage: 'stance', provenance: 'derived' } as const;
  const [strideM, hipM] = [strideMm / 1000, hipMm / 1000];
  const speed = alexanderSpeed(strideM, hipM);
  const relative = strideM / hipM;
  const gravity = input('g', say.gravity, GRAVITY, 'm/s2', 'published');
  const hip = input('h', say.hipAboveGround, hipMm, 'mm', 'derived');
  return [
    {
      ...common,
      id: 'stance.gait.relative',
      label: say.strideOverHipHeight,
      value: relative,
      unit: 'ratio',
      digits: 2,
      formula: 'r = SL / h',
      inputs: [input('SL', say.stride, strideMm, 'mm', 'derived'), hip],
      source: say.belowWalkToTrot(gaitByRelativeStride(relative)),
    },
    {
      ...common,
      id: 'stance.gait.speed',
      label: say.speedInLife,
      value: speed * 3.6,
      unit: 'km/h',
      formula: 'v = 0.25 · √(g) · SL^1.67 · h^(−1.17)',
      inputs: [input('SL', say.stride, strideMm, 'mm', 'derived'), hip, gravity],
      source: say.rMcnAlexanderNature,
    },
    {
      ...common,
      id: 'stance.gait.froude',
      label: say.froudeNumber,
      value: froude(speed, hipM),
      unit: 'ratio',
      digits: 2,
      formula: 'Fr = v² / (g · h)',
      inputs: [input('v', say.speed, speed * 3.6, 'km/h', 'derived'), gravity, hip],
      source: say.walkersChangeToTrot,
    },
    {
      ...common,
      id: 'stance.gait.time',
      label: say.oneStrideTakes,
      value: strideM / speed,
      unit: 's',
      formula: 'T = SL / v',
      inputs: [
        input('SL', say.stride, strideMm, 'mm', 'derived'),
        input('v', say.speed, speed * 3.6, 'km/h', 'derived'),
      ],
      source: say.kinematics,
    },
  ];
}
