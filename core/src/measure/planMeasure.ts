import { animalById, planById } from '../anatomy/registry.ts';
import { buildSkeleton, type Bone, type Skeleton } from '../anatomy/skeleton.ts';
import { lastCall } from '../piece/lastCall.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import type { Snag } from '../piece/snag.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import { lifeSizes, type LifeSizes } from './lifeSizes.ts';
import { ovenFit, scaleWorking } from './scaleWorking.ts';

/** One bone of the table: left and right share a row. */
export interface BoneRow {
  readonly bone: Bone;
  readonly life: Working;
  readonly model: Working;
}

/** What Measure hands on: the life skeleton, the scale, and the table of bones. */
export interface MeasurePlan {
  readonly skeleton: Skeleton;
  readonly lifePerModel: number;
  readonly sizes: LifeSizes;
  readonly scale: Working;
  readonly rows: readonly BoneRow[];
  readonly summary: readonly Working[];
  readonly snags: readonly Snag[];
}

const skeletonOf = lastCall(
  (animalId: string, lifeLengths: Piece['measure']['lifeLengths']): Skeleton => {
    const animal = animalById(animalId);
    const plan = animal && planById(animal.planId);
    if (animal === undefined || plan === undefined) throw new Error(`no animal ${animalId}`);
    return buildSkeleton(plan, animal, lifeLengths);
  },
);

const sizesOf = lastCall((skeleton: Skeleton, stance: Piece['stance']) =>
  lifeSizes(skeleton, stance),
);

/**
 * From animal, own measurements and scale target to the measured skeleton. The posed box is needed
 * where the oven decides, so the stance is read too. Lengths mm.
 */
export const planMeasure = lastCall(
  (measure: Piece['measure'], stance: Piece['stance']): MeasurePlan => {
    const skeleton = skeletonOf(measure.animalId, measure.lifeLengths);
    const sizes = sizesOf(skeleton, stance);
    const scale = scaleWorking(measure.scale, measure.oven, sizes);
    const rows = skeleton.bones
      .filter((bone) => bone.side !== 'right')
      .map((bone) => boneRow(bone, scale));
    return {
      skeleton,
      lifePerModel: scale.value,
      sizes,
      scale,
      rows,
      summary: summaryWorkings(skeleton, sizes, scale),
      snags: [...rows.flatMap(rangeSnag), ...ovenSnags(measure, sizes, scale.value)],
    };
  },
);

/** Every working of the measure stage, in the order in which the ledger shows them. */
export const measureWorkings = (plan: MeasurePlan): readonly Working[] => [
  plan.scale,
  ...plan.summary,
  ...plan.rows.flatMap((row) => [row.life, row.model]),
];

function boneRow(bone: Bone, scale: Working): BoneRow {
  const target = { kind: 'bone', id: bone.id } as const;
  const name = bone.name.replace(', left', '');
  const life: Working = {
    id: `measure.bone.${bone.key}.life`,
    stage: 'measure',
    label: `${name}, life`,
    value: bone.lifeLengthMm,
    unit: 'mm',
    provenance: bone.provenance,
    formula: 'as given',
    inputs: [],
    source: `measured from ${bone.measured}`,
    target,
    range: bone.range,
  };
  const model: Working = {
    id: `measure.bone.${bone.key}.model`,
    stage: 'measure',
    label: `${name}, model`,
    value: bone.lifeLengthMm / scale.value,
    unit: 'mm',
    provenance: 'derived',
    formula: 'l = L / n',
    inputs: [asInput('L', life), asInput('n', scale)],
    source: 'definition of a scale',
    target,
    range: [bone.range[0] / scale.value, bone.range[1] / scale.value],
  };
  return { bone, life, model };
}

function summaryWorkings(skeleton: Skeleton, sizes: LifeSizes, scale: Working): readonly Working[] {
  const { ranges } = skeleton.animal;
  const size = (
    id: string,
    label: string,
    lifeMm: number,
    formula: string,
    range: readonly [number, number] | undefined,
    target: Working['target'],
  ): readonly Working[] => {
    const life: Working = {
      id: `measure.${id}.life`,
      stage: 'measure',
      label: `${label}, life`,
      value: lifeMm,
      unit: 'mm',
      provenance: 'derived',
      formula,
      inputs: [],
      source: 'sum or height of the bones in the standing stance; usual range from memory',
      ...(target === undefined ? {} : { target }),
      ...(range === undefined ? {} : { range }),
    };
    return [
      life,
      {
        id: `measure.${id}.model`,
        stage: 'measure',
        label: `${label}, model`,
        value: lifeMm / scale.value,
        unit: 'mm',
        provenance: 'derived',
        formula: 'l = L / n',
        inputs: [asInput('L', life), input('n', 'Scale', scale.value, 'scale', scale.provenance)],
        source: 'definition of a scale',
        ...(target === undefined ? {} : { target }),
      },
    ];
  };
  return [
    ...size(
      'shoulder-height',
      'Shoulder height',
      sizes.shoulderHeightMm,
      'ground to the skin over the withers, standing',
      ranges.shoulderHeightMm,
      { kind: 'height', id: 'shoulder' },
    ),
    ...size(
      'length',
      'Snout to tail tip',
      sizes.totalLengthMm,
      'Σ bones of the midline, straightened',
      [ranges.headBodyMm[0] + ranges.tailMm[0], ranges.headBodyMm[1] + ranges.tailMm[1]],
      undefined,
    ),
    ...size(
      'head-body',
      'Head and body',
      sizes.headBodyMm,
      'Σ midline bones, snout to tail root',
      ranges.headBodyMm,
      undefined,
    ),
    ...size('tail', 'Tail', sizes.tailMm, 'Σ four tail quarters', ranges.tailMm, undefined),
  ];
}

function rangeSnag({ bone, life }: BoneRow): readonly Snag[] {
  const [lowMm, highMm] = bone.range;
  if (life.value >= lowMm && life.value <= highMm) return [];
  return [
    {
      code: 'bone-out-of-range',
      grade: 'watch',
      stage: 'measure',
      target: { kind: 'bone', id: bone.id },
      facts: { bone: bone.name.replace(', left', ''), mm: life.value, lowMm, highMm },
    },
  ];
}

function ovenSnags(
  measure: Piece['measure'],
  sizes: LifeSizes,
  lifePerModel: number,
): readonly Snag[] {
  const { oven } = measure;
  if (oven === null) return [];
  const fitRatio = ovenFit(sizes, oven);
  if (lifePerModel >= fitRatio * (1 - 1e-9)) return [];
  const [lengthMm, heightMm, widthMm] = sizes.posedExtentMm.map((v) => v / lifePerModel) as [
    number,
    number,
    number,
  ];
  const ovenText = `${oven.lengthMm} × ${oven.heightMm} × ${oven.widthMm} mm`;
  return [
    {
      code: 'piece-over-oven',
      grade: 'fix',
      stage: 'measure',
      target: { kind: 'piece', id: 'piece' },
      // Rounded up, so that the scale named really fits.
      facts: { lengthMm, heightMm, widthMm, ovenText, fitRatio: Math.ceil(fitRatio * 100) / 100 },
    },
  ];
}
