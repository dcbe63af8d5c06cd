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
    label: 'Stride in life, same foot to same foot',
    value: strideMm,
    unit: 'mm',
    provenance: 'derived',
    formula: 'SL = way / share',
    inputs: [
      input('way', 'Way of a foot under the body', sweepMm, 'mm', 'derived'),
      input('share', 'Share of the stride on the ground', spec.duty, 'ratio', 'memory'),
      input('reached', 'Of the usual way, within these limbs’ reach', share, 'ratio', 'derived'),
      ...(wantedMm === null
        ? []
        : [input('wanted', 'Stride wanted', wantedMm, 'mm' as const, 'own')]),
    ],
    source: 'kinematics; duty factors after M. Hildebrand (1965), from memory',
  };
  const model: Working = {
    ...stride,
    id: 'stance.gait.stride.model',
    label: 'Stride on the model',
    value: strideMm / lifePerModel,
    formula: 'l = SL / n',
    inputs: [
      input('SL', 'Stride in life', strideMm, 'mm', 'derived'),
      input('n', 'Scale', lifePerModel, 'scale', measure.scale.provenance),
    ],
    source: 'scale',
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
  const gravity = input('g', 'Gravity', GRAVITY, 'm/s2', 'published');
  const hip = input('h', 'Hip above the ground', hipMm, 'mm', 'derived');
  return [
    {
      ...common,
      id: 'stance.gait.relative',
      label: 'Stride over hip height',
      value: relative,
      unit: 'ratio',
      digits: 2,
      formula: 'r = SL / h',
      inputs: [input('SL', 'Stride', strideMm, 'mm', 'derived'), hip],
      source: `below 2.0 a walk, to 2.9 a trot, above it a run (T. Thulborn 1990, from memory): by this a ${gaitByRelativeStride(relative)}`,
    },
    {
      ...common,
      id: 'stance.gait.speed',
      label: 'Speed in life',
      value: speed * 3.6,
      unit: 'km/h',
      formula: 'v = 0.25 · √(g) · SL^1.67 · h^(−1.17)',
      inputs: [input('SL', 'Stride', strideMm, 'mm', 'derived'), hip, gravity],
      source:
        'R. McN. Alexander, Nature 261 (1976), with lengths in metres; constants from memory. Good to about half and double.',
    },
    {
      ...common,
      id: 'stance.gait.froude',
      label: 'Froude number',
      value: froude(speed, hipM),
      unit: 'ratio',
      digits: 2,
      formula: 'Fr = v² / (g · h)',
      inputs: [input('v', 'Speed', speed * 3.6, 'km/h', 'derived'), gravity, hip],
      source: 'walkers change to a trot or run near 0.5 (R. McN. Alexander; from memory)',
    },
    {
      ...common,
      id: 'stance.gait.time',
      label: 'One stride takes',
      value: strideM / speed,
      unit: 's',
      formula: 'T = SL / v',
      inputs: [
        input('SL', 'Stride', strideMm, 'mm', 'derived'),
        input('v', 'Speed', speed * 3.6, 'km/h', 'derived'),
      ],
      source: 'kinematics',
    },
  ];
}
