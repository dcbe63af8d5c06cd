import * as say from './words.ts';
import { sidesShown } from '../anatomy/bodyPlan.ts';
import type { Feature } from '../anatomy/animal.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import type { SheetTarget } from '../piece/target.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import { arcOf } from './curves.ts';
import { kindOf, shapeMm3, type FittingKind } from './fittingKinds.ts';
import type { Fitting, FittingsPlan } from './fittingsPlan.ts';

/** Longer than so many times its thickness a part of clay breaks without a wire: common practice. */
const SLENDER = 4;
/** Clay thinner than this at its base cannot be rolled, mm: common practice. */
const LEAST_CLAY_MM = 1;
/** Of so many parts one more is made, and two more of eyes: common practice. */
const EACH_SPARE = 6;
/** Balls and beads are sold in steps of this, mm: common practice. */
const SOLD_STEP_MM = 0.5;

/** Parts with a bone, flesh and a wire of their own: they grow on the armature. */
const ON_ARMATURE: ReadonlySet<string> = new Set([
  'bill',
  'mandibles',
  'antennae',
  'compound-eyes',
]);

/** What Fittings reads: the animal at its scale, and how heavy its clay is. */
export interface FittingsInputs {
  readonly measure: Pick<MeasurePlan, 'skeleton' | 'scale'>;
  readonly density: Working;
}

/** All parts that this animal has to be made apart, in the order of its library: eyes first. */
export function planFittings({ measure, density }: FittingsInputs): FittingsPlan {
  const fittings = featuresOf(measure).map((feature) => fittingOf(feature, measure, density));
  return {
    fittings,
    workings: fittings.flatMap(
      ({ life, length, thick, chord, sagitta, slender, grams, sold, larger }) =>
        [life, length, thick, chord, sagitta, slender, grams, sold, larger].filter(
          (working) => working !== null,
        ),
    ),
    snags: [],
  };
}

/** The animal's own eyes as a part made apart, and what its library lists, of bones that are there. */
function featuresOf({ skeleton }: FittingsInputs['measure']): readonly Feature[] {
  const { animal, plan, bones } = skeleton;
  const listed = (animal.features ?? []).filter(({ bone }) =>
    bones.some(({ key }) => key === bone),
  );
  const { face, eye } = animal;
  const pairs = face?.eyes ?? [];
  const first = pairs[0];
  const eyes =
    first === undefined
      ? []
      : [
          {
            id: 'eyes',
            name: say.eyes,
            bone: first.at[0],
            count: pairs.length * sidesShown(plan).length,
            size: eye,
          },
        ];
  return [...eyes, ...listed.filter(({ id }) => eyes.every((own) => own.id !== id))];
}

function fittingOf(
  feature: Feature,
  { skeleton, scale }: FittingsInputs['measure'],
  density: Working,
): Fitting {
  const { id, name, bone, count } = feature;
  const kind = kindOf(id);
  const isBall = kind.shape === 'ball';
  const boneId = skeleton.bones.find(({ key }) => key === bone)?.id ?? '';
  const onArmature = ON_ARMATURE.has(id);
  const spare = isBall ? Math.min(2, count) : Math.ceil(count / EACH_SPARE);
  const { life, length } = sizes(feature, scale, isBall, { kind: 'bone', id: boneId });
  const thick = isBall ? null : thickWorking(id, name, length, kind);
  const slender = thick === null ? null : slenderWorking(id, name, length, thick);
  const isClay = kind.shape !== 'strip' && (thick ?? length).value >= LEAST_CLAY_MM;
  const wired = kind.shape === 'strip' || (isClay && slender !== null && slender.value > SLENDER);
  return {
    id,
    name,
    kind,
    boneId,
    count,
    spare,
    life,
    length,
    thick,
    ...curveWorkings(id, name, length, kind),
    slender,
    grams: isClay ? gramsWorking(feature, kind, length, thick, count + spare, density) : null,
    wired,
    why: onArmature ? say.builtOnArmature : whyOf(kind, isClay, wired),
    onArmature,
    isClay,
    ...(isBall ? soldSizes(id, length) : { sold: null, larger: null }),
  };
}

function whyOf({ shape }: FittingKind, isClay: boolean, wired: boolean): string {
  if (shape === 'strip') return say.ofSheet;
  if (!isClay) return say.strokeOnly;
  return wired ? say.wireInside : say.noWire;
}

const common = { stage: 'cure', provenance: 'derived' } as const;

function sizes(
  { id, name, size }: Feature,
  scale: Working,
  isBall: boolean,
  target: SheetTarget,
): Pick<Fitting, 'life' | 'length'> {
  const life: Working = {
    ...common,
    id: `fittings.${id}.life`,
    label: say.inLife(name),
    value: size.mm,
    unit: 'mm',
    provenance: size.provenance,
    formula: 'x',
    inputs: [input('x', name, size.mm, 'mm', size.provenance)],
    source: say.sizeInLibrary,
    range: size.range,
  };
  const length: Working = {
    ...common,
    id: `fittings.${id}.length`,
    label: isBall ? say.across(name) : say.long(name),
    value: size.mm / scale.value,
    unit: 'mm',
    digits: 1,
    formula: 'l = L / n',
    inputs: [asInput('L', life), asInput('n', scale)],
    source: say.definitionOfScale,
    range: [size.range[0] / scale.value, size.range[1] / scale.value],
    target,
  };
  return { life, length };
}

const thickWorking = (
  id: string,
  name: string,
  length: Working,
  { thick }: FittingKind,
): Working => ({
  ...common,
  id: `fittings.${id}.thick`,
  label: say.thickAtBase(name),
  value: thick * length.value,
  unit: 'mm',
  digits: 1,
  formula: 'd = s · l',
  inputs: [input('s', say.shareOfLength, thick, 'ratio', 'memory'), asInput('l', length)],
  source: say.shapesCommonPractice,
});

/** What a ruler finds on a curved part: the gauge that it is held against. */
function curveWorkings(
  id: string,
  name: string,
  length: Working,
  { curveDeg }: FittingKind,
): Pick<Fitting, 'chord' | 'sagitta'> {
  if (curveDeg === 0) return { chord: null, sagitta: null };
  const { chordMm, sagittaMm } = arcOf(length.value, curveDeg);
  const inputs = [
    asInput('l', length),
    input('α', say.tipTurned, curveDeg, 'deg' as const, 'memory' as const),
  ];
  const of = (what: string, label: string, value: number, formula: string): Working => ({
    ...common,
    id: `fittings.${id}.${what}`,
    label,
    value,
    unit: 'mm',
    digits: 1,
    formula,
    inputs,
    source: say.arcOfCircle,
  });
  return {
    chord: of('chord', say.straightAcross(name), chordMm, 'c = 2 · l / α · sin(α / 2)'),
    sagitta: of('sagitta', say.highOverChord(name), sagittaMm, 'h = l / α · (1 − cos(α / 2))'),
  };
}

const slenderWorking = (id: string, name: string, length: Working, thick: Working): Working => ({
  ...common,
  id: `fittings.${id}.slender`,
  label: say.slender(name),
  value: length.value / thick.value,
  unit: 'ratio',
  digits: 1,
  formula: 's = l / d',
  inputs: [asInput('l', length), asInput('d', thick)],
  source: say.slenderSource,
});

function gramsWorking(
  { id, name }: Feature,
  { shape }: FittingKind,
  length: Working,
  thick: Working | null,
  count: number,
  density: Working,
): Working {
  const ml = shapeMm3(shape, length.value, thick?.value ?? length.value) / 1000;
  return {
    ...common,
    id: `fittings.${id}.grams`,
    label: say.clayFor(name),
    value: count * ml * density.value,
    unit: 'g',
    digits: 1,
    formula: 'm = N · v · ρ',
    inputs: [
      input('N', say.howMany, count, 'count', 'derived'),
      input('v', say.volumeOfOne, ml, 'ml', 'derived'),
      asInput('ρ', density),
    ],
    source: say.solidGeometry,
  };
}

/** An eye is bought or rolled to a size that is sold; half a millimetre more is seen. */
function soldSizes(id: string, length: Working): Pick<Fitting, 'sold' | 'larger'> {
  const steps = Math.max(1, Math.round(length.value / SOLD_STEP_MM));
  const soldMm = steps * SOLD_STEP_MM;
  const sold: Working = {
    ...common,
    id: `fittings.${id}.sold`,
    label: say.sold,
    value: soldMm,
    unit: 'mm',
    digits: 1,
    formula: 'd = q · max(1, ⌊l / q⌉)',
    inputs: [asInput('l', length), input('q', say.sold, SOLD_STEP_MM, 'mm', 'memory')],
    source: say.soldSource,
  };
  return {
    sold,
    larger: {
      ...common,
      id: `fittings.${id}.larger`,
      label: say.larger,
      value: 100 * (((soldMm + SOLD_STEP_MM) / soldMm) ** 2 - 1),
      unit: 'percent',
      digits: 0,
      formula: 'p = ((d + q) / d)² − 1',
      inputs: [asInput('d', sold), input('q', say.sold, SOLD_STEP_MM, 'mm', 'memory')],
      source: say.areaOfDisc,
    },
  };
}
