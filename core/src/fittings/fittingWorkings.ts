import * as say from './words.ts';
import type { Feature } from '../anatomy/animal.ts';
import { asInput, input, type Reading, type Working } from '../piece/working.ts';
import type { FittingKind } from './fittingKinds.ts';
import { SHEET_MM, type FittingMaterial } from './fittingMaterials.ts';
import type { Fitting } from './fittingsPlan.ts';
import type { FittingSize } from './fittingSizes.ts';

const common = { stage: 'cure', provenance: 'derived' } as const;

/** Balls and beads are sold in steps of this, mm: common practice. */
const SOLD_STEP_MM = 0.5;

/** A part as its numbers need it. */
export interface Told {
  readonly id: string;
  readonly name: string;
  readonly size: Feature['size'];
  /** The longest of its pieces. */
  readonly longest: FittingSize;
  /** Whether its drawing shows it. */
  readonly isDrawn: boolean;
}

/** What is measured along the axis of a drawn part. */
const alongAxis: Reading = {
  method: say.alongItsAxis,
  resolution: say.stepsOfAxis,
  checkedBy: 'core/src/fittings/fittings.test.ts',
};

/** The size in life and on the model, of the longest piece or across a ball, with the range of its kind. */
export function lengthWorkings(
  { id, name, size, longest, isDrawn }: Told,
  scale: Working,
  isBall: boolean,
): Pick<Fitting, 'life' | 'length'> {
  const lifeMm = isDrawn ? longest.lengthMm * scale.value : size.mm;
  const range = size.range;
  const life: Working = {
    ...common,
    id: `fittings.${id}.life`,
    label: say.inLife(name),
    value: lifeMm,
    unit: 'mm',
    provenance: size.provenance,
    ...(isDrawn
      ? { reading: alongAxis, inputs: [] }
      : { formula: 'x', inputs: [input('x', name, size.mm, 'mm', size.provenance)] }),
    source: isDrawn ? say.curveInLibrary : say.sizeInLibrary,
    range,
  };
  const length: Working = {
    ...common,
    id: `fittings.${id}.length`,
    label: isBall ? say.across(name) : say.long(name),
    value: lifeMm / scale.value,
    unit: 'mm',
    digits: 1,
    formula: 'l = L / n',
    inputs: [asInput('L', life), asInput('n', scale)],
    source: say.definitionOfScale,
    range: [range[0] / scale.value, range[1] / scale.value],
    target: { kind: 'fitting', id },
  };
  return { life, length };
}

/** The shortest of pieces that differ; null where all are alike. */
export const shortestWorking = (
  { id, name }: Told,
  sizes: readonly FittingSize[],
): Working | null =>
  sizes.length === 1
    ? null
    : {
        ...common,
        ...{ id: `fittings.${id}.shortest`, label: say.shortestOf(name) },
        ...{ value: sizes.at(-1)!.lengthMm, unit: 'mm', digits: 1 },
        ...{ reading: alongAxis, inputs: [], source: say.curveInLibrary },
        target: { kind: 'fitting', id },
      };

/** How thick it is at its thickest: measured where it is drawn, a share of its length where it is not. */
export const thickWorking = (
  { id, name, longest, isDrawn }: Told,
  length: Working,
  { thick }: FittingKind,
): Working => ({
  ...common,
  id: `fittings.${id}.thick`,
  label: say.thickAtBase(name),
  value: isDrawn ? longest.thickMm : thick * length.value,
  unit: 'mm',
  digits: 1,
  ...(isDrawn
    ? { reading: alongAxis, inputs: [] }
    : {
        formula: 'd = s · l',
        inputs: [input('s', say.shareOfLength, thick, 'ratio', 'memory'), asInput('l', length)],
      }),
  source: isDrawn ? say.curveInLibrary : say.shapesCommonPractice,
});

/** A curve that stands less than this over its chord is straight, mm: a hair's breadth. */
const STRAIGHT_MM = 0.05;

/** What a ruler finds on a curved part: the gauge that it is held against. */
export function curveWorkings(
  { id, name, longest, isDrawn }: Told,
  length: Working,
  { curveDeg }: FittingKind,
): Pick<Fitting, 'chord' | 'sagitta'> {
  if (longest.sagittaMm < STRAIGHT_MM) return { chord: null, sagitta: null };
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
    ...(isDrawn ? { reading: alongAxis, inputs: [] } : { formula, inputs }),
    source: isDrawn ? say.curveInLibrary : say.arcOfCircle,
  });
  return {
    chord: of('chord', say.straightAcross(name), longest.chordMm, 'c = 2 · l / α · sin(α / 2)'),
    sagitta: of(
      'sagitta',
      say.highOverChord(name),
      longest.sagittaMm,
      'h = l / α · (1 − cos(α / 2))',
    ),
  };
}

/** Length over thickness, which tells whether it needs a wire. */
export const slenderWorking = ({ id, name }: Told, length: Working, thick: Working): Working => ({
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

/** How many to make, with the spares. */
export const countWorking = (
  { id, name }: Told,
  count: number,
  spare: number,
  isOwn: boolean,
): Working => ({
  ...common,
  id: `fittings.${id}.count`,
  label: say.toMake(name),
  value: count + spare,
  unit: 'count',
  formula: 'N = n + s',
  inputs: [
    input('n', say.onTheAnimal, count, 'count', 'memory'),
    input('s', say.spares, spare, 'count', isOwn ? 'own' : 'memory'),
  ],
  source: say.sparesSource,
});

/** Cubic mm of one piece of a stuff: sheet is as thick as it is sold. */
export const stuffMm3 = ({ volumeMm3, flatMm2 }: FittingSize, { id }: FittingMaterial): number =>
  id === 'sheet' ? Math.min(volumeMm3, flatMm2 * SHEET_MM) : volumeMm3;

/** Grams of all pieces with their spares, of the longest size. */
export function gramsWorking(
  { id, name, longest }: Told,
  sizes: readonly FittingSize[],
  spare: number,
  material: FittingMaterial,
  density: Working,
): Working {
  const mm3 =
    sizes.reduce((sum, size) => sum + size.count * stuffMm3(size, material), 0) +
    spare * stuffMm3(longest, material);
  return {
    ...common,
    id: `fittings.${id}.grams`,
    label: say.stuffFor(name, material.name.toLowerCase()),
    value: (mm3 / 1000) * (material.gPerMl ?? density.value),
    unit: 'g',
    digits: 1,
    formula: 'm = v · ρ',
    inputs: [
      input('v', say.volumeOfAll, mm3 / 1000, 'ml', 'derived'),
      material.gPerMl === null
        ? asInput('ρ', density)
        : input('ρ', say.densityOf(material.name), material.gPerMl, 'g/ml', 'memory'),
    ],
    source: say.sectionsAlongAxis,
  };
}

/** A seat is this share of the length deep, and no less and no more than so much, mm: common practice. */
const SEAT_SHARE = 0.25;
const SEAT_LEAST_MM = 2;
const SEAT_MOST_MM = 12;

/** How deep a part is set in with its root or its pin. */
export const seatWorking = ({ id, name }: Told, length: Working): Working => ({
  ...common,
  id: `fittings.${id}.seat`,
  label: say.seatOf(name),
  value: Math.min(SEAT_MOST_MM, Math.max(SEAT_LEAST_MM, SEAT_SHARE * length.value)),
  unit: 'mm',
  digits: 1,
  formula: 't = min(b, max(a, s · l))',
  inputs: [
    input('s', say.shareOfLengthIn, SEAT_SHARE, 'ratio', 'memory'),
    asInput('l', length),
    input('a', say.atLeast, SEAT_LEAST_MM, 'mm', 'memory'),
    input('b', say.atMost, SEAT_MOST_MM, 'mm', 'memory'),
  ],
  source: say.seatSource,
});

/** An eye is bought or rolled to a size that is sold; half a millimetre more is seen. */
export function soldWorkings(
  { id }: Told,
  length: Working,
): { readonly sold: Working; readonly larger: Working } {
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
