import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import { sumPlusMinus } from '../anatomy/sumPlusMinus.ts';
import type { Snag } from '../piece/snag.ts';
import type { StageResult } from '../piece/stageResult.ts';
import { asGiven, asInput, input, type Working } from '../piece/working.ts';
import type { LifeSizes } from './lifeSizes.ts';
import type { MeasuredBones } from './measuredSkeleton.ts';
import { oddProportions } from './proportions.ts';
import { LEAST_MM, smallParts, smallThings, type SmallPart } from './scaleEffects.ts';
import { ovenFit, scaleWorking, type OvenRoom } from './scaleWorking.ts';

/** One bone of the table: left and right share a row. */
export interface BoneRow {
  readonly bone: Bone;
  readonly life: Working;
  readonly model: Working;
}

/** What Measure hands on: the life skeleton, the scale, and the table of bones. */
export interface MeasurePlan extends StageResult {
  readonly skeleton: Skeleton;
  /** The same with the library's flesh, to compare the user's shape with. */
  readonly librarySkeleton: Skeleton;
  readonly lifePerModel: number;
  readonly sizes: LifeSizes;
  readonly scale: Working;
  readonly rows: readonly BoneRow[];
  readonly summary: readonly Working[];
  /** The smallest of each kind at this scale: thinnest limb, claw, fin, lock, eye. */
  readonly small: readonly SmallPart[];
}

/** What Measure reads. */
export interface MeasureInputs extends MeasuredBones {
  readonly measure: Workpiece['measure'];
  /** The board that it may be baked on. */
  readonly stance: Pick<Workpiece['stance'], 'hold' | 'base'>;
  /** How far pegs and nuts stand out below the board: nothing but the scale asks for that. */
  readonly pegBelowMm: number;
}

/**
 * From animal, own measurements and scale target to the measured skeleton. The posed box is needed
 * where the oven decides, so the sizes are those of the stance. Lengths mm.
 */
export function planMeasure(inputs: MeasureInputs): MeasurePlan {
  const { measure, stance, library, skeleton, sizes, pegBelowMm } = inputs;
  const room = ovenRoom(measure, stance, pegBelowMm);
  const scale = scaleWorking(measure, sizes, skeleton.animal.eye, room);
  const rows = skeleton.bones
    .filter((bone, i, all) => all.findIndex((entry) => entry.key === bone.key) === i)
    .map((bone) => boneRow(bone, scale));
  const summary = summaryWorkings(skeleton, sizes, scale);
  const small = smallParts(skeleton, scale.value);
  return {
    skeleton,
    librarySkeleton: library,
    lifePerModel: scale.value,
    sizes,
    scale,
    rows,
    summary,
    small,
    workings: [
      scale,
      ...summary,
      ...small.map(({ size }) => size),
      ...rows.flatMap(({ life, model }) => [life, model]),
    ],
    snags: [
      // An own animal is judged by all of its plan, not by the one that it started from.
      ...(measure.creature === null ? rows.flatMap(rangeSnag) : oddSnags(skeleton)),
      ...ovenSnags(measure, sizes, scale.value, room),
      ...smallSnags(skeleton, scale.value),
    ],
  };
}

function boneRow(bone: Bone, scale: Working): BoneRow {
  const target = { kind: 'bone', id: bone.id } as const;
  const name = bone.plainName;
  const life: Working = {
    id: `measure.bone.${bone.key}.life`,
    stage: 'measure',
    label: say.life(name),
    value: bone.lifeLengthMm,
    unit: 'mm',
    provenance: bone.provenance,
    ...asGiven(say.takenAs, bone.lifeLengthMm, 'mm', bone.provenance),
    ...sumPlusMinus([bone]),
    source: say.measuredFrom(bone.measured, takenText(bone)),
    target,
    range: bone.range,
  };
  const model: Working = {
    id: `measure.bone.${bone.key}.model`,
    stage: 'measure',
    label: say.model(name),
    value: bone.lifeLengthMm / scale.value,
    unit: 'mm',
    provenance: 'derived',
    formula: 'l = L / n',
    inputs: [asInput('L', life), asInput('n', scale)],
    ...sumPlusMinus([bone], 1 / scale.value),
    source: say.definitionOfScale,
    target,
    range: [bone.range[0] / scale.value, bone.range[1] / scale.value],
  };
  return { bone, life, model };
}

/** Since when a length was taken over. */
const takenText = ({ takenOn }: Bone): string => (takenOn === null ? '' : say.takenOverOn(takenOn));

/** The plan's sizes in life and on the model, with the animal's usual ranges beside them. */
function summaryWorkings(skeleton: Skeleton, sizes: LifeSizes, scale: Working): readonly Working[] {
  return sizes.all.flatMap(({ spec, mm }): readonly Working[] => {
    const target =
      spec.kind === 'height' ? { target: { kind: 'height', id: spec.id } as const } : {};
    const range = skeleton.animal.ranges.sizes[spec.id];
    const chain = spec.kind === 'chain' ? spec.bones.map((id) => skeleton.byId.get(id)!) : [];
    const life: Working = {
      id: `measure.${spec.id}.life`,
      stage: 'measure',
      label: say.life(spec.name),
      value: mm,
      unit: 'mm',
      provenance: 'derived',
      ...(spec.kind === 'chain'
        ? {
            formula: 'Σ lᵢ',
            inputs: chain.map((bone) =>
              input('lᵢ', bone.name, bone.lifeLengthMm, 'mm', bone.provenance),
            ),
            note: `${spec.measured}.`,
          }
        : {
            reading: {
              method: spec.measured,
              resolution: say.exactFleshOnBones,
              checkedBy: 'core/src/measure/measure.test.ts',
            },
            inputs: [],
          }),
      source: SIZE_SOURCES[spec.kind],
      ...sumPlusMinus(chain),
      ...target,
      ...(range === undefined ? {} : { range }),
    };
    return [
      life,
      {
        id: `measure.${spec.id}.model`,
        stage: 'measure',
        label: say.model(spec.name),
        value: mm / scale.value,
        unit: 'mm',
        provenance: 'derived',
        formula: 'l = L / n',
        inputs: [asInput('L', life), input('n', say.scale, scale.value, 'scale', scale.provenance)],
        ...sumPlusMinus(chain, 1 / scale.value),
        source: say.definitionOfScale,
        ...target,
      },
    ];
  });
}

const SIZE_SOURCES = {
  chain: say.sumOfBonesUsual,
  height: say.heightOfBonesWith,
  top: say.heightOfBonesWith,
  span: say.distanceOfBonesEnds,
} as const;

const oddSnags = (skeleton: Skeleton): readonly Snag[] =>
  oddProportions(skeleton).map((odd): Snag => ({
    code: 'proportion-odd',
    grade: 'watch',
    stage: 'measure',
    target: { kind: 'piece', id: 'piece' },
    facts: {
      line: odd.line,
      share: odd.share,
      more: odd.more,
      group: odd.group,
      knownShare: odd.knownShare,
      knownAnimal: odd.knownAnimal,
    },
  }));

function rangeSnag({ bone, life }: BoneRow): readonly Snag[] {
  const [lowMm, highMm] = bone.range;
  if (life.value >= lowMm && life.value <= highMm) return [];
  return [
    {
      code: 'bone-out-of-range',
      grade: 'watch',
      stage: 'measure',
      target: { kind: 'bone', id: bone.id },
      facts: { bone: bone.plainName, mm: life.value, lowMm, highMm },
    },
  ];
}

/** What goes into the oven beside the body. */
function ovenRoom(
  { ovenAirMm, onBoard }: Workpiece['measure'],
  { base, hold }: MeasureInputs['stance'],
  belowMm: number,
): OvenRoom {
  const { thicknessMm, lengthMm, widthMm } = base;
  return {
    airMm: ovenAirMm,
    board: onBoard && hold === 'base' ? { thicknessMm, belowMm, lengthMm, widthMm } : null,
  };
}

function ovenSnags(
  measure: Workpiece['measure'],
  sizes: LifeSizes,
  lifePerModel: number,
  room: OvenRoom,
): readonly Snag[] {
  const { oven } = measure;
  if (oven === null) return [];
  const fitRatio = ovenFit(sizes, oven, room);
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
      facts: {
        lengthMm,
        heightMm,
        widthMm,
        ovenText,
        airMm: room.airMm,
        onBoard: room.board !== null,
        fitRatio,
      },
    },
  ];
}

/** Strokes belong to Skin, and thin blades are told there; what must be modelled is told here. */
const MODELLED = ['limb', 'feature', 'eye'] as const;

const smallSnags = (skeleton: Skeleton, lifePerModel: number): readonly Snag[] =>
  smallThings(skeleton).flatMap(({ kind, name, lifeMm, boneId }): Snag[] => {
    const mm = lifeMm / lifePerModel;
    const leastMm = LEAST_MM[kind];
    if (mm >= leastMm || !MODELLED.some((entry) => entry === kind)) return [];
    return [
      {
        code: 'too-small-to-make',
        grade: 'watch',
        stage: 'measure',
        target:
          boneId === undefined ? { kind: 'piece', id: 'piece' } : { kind: 'bone', id: boneId },
        facts: { what: name, mm, leastMm, maxScale: lifeMm / leastMm },
      },
    ];
  });
