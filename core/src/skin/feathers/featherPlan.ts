import * as say from './words.ts';
import type { Skeleton } from '../../anatomy/skeleton.ts';
import { greatest, least } from '../../geometry/extremes.ts';
import type { FeatherWay } from '../../piece/featherSchema.ts';
import { asInput, input, type Working, type WorkingInput } from '../../piece/working.ts';
import type { PlannedWire } from '../../wire/plannedWire.ts';
import type { Workpiece } from '../../workshop/workpiece.ts';
import { featherRow, type Feather, type FeatherRowPlan } from './featherRow.ts';
import { flatTail, flatWing } from './mounting.ts';
import { shaftsOf, shaftTotal, type Shaft } from './shafts.ts';

/** The large feathers of a piece. */
export interface FeatherPlan {
  readonly rows: readonly FeatherRowPlan[];
  readonly shafts: readonly Shaft[];
  readonly shaftWire: Working | null;
  /** Rectangles of all that is cut from sheet; null where nothing is. */
  readonly sheet: Working | null;
  /** Hand work, row by row. */
  readonly minutes: readonly Working[];
  /** How deep a step between two pressed feathers is; null where none is pressed. */
  readonly step: Working | null;
}

/** Minutes for each feather, from memory of common practice. */
const MINUTES: Readonly<Record<FeatherWay, number>> = { pressed: 1.5, leaves: 6, cut: 4 };
/** How thick a vane is in life, and the least that a step shows on a model, mm: common practice. */
const VANE_MM = 0.3;
const LEAST_STEP_MM = 0.5;

/** The large feathers of an animal at the model's scale; null where it has none that are told. */
export function featherPlan(
  skeleton: Skeleton,
  choice: Workpiece['skin']['feathers'],
  scale: Working,
  wires: readonly Pick<PlannedWire, 'through' | 'diameterMm'>[],
): FeatherPlan | null {
  const rows = (skeleton.animal.plumage ?? []).flatMap((row): readonly FeatherRowPlan[] => {
    const k = 1 / scale.value;
    const keys = [row.root.bone, row.fan.first[0], row.fan.last[0]];
    const limb =
      row.id === 'tail' ? flatTail(skeleton, k, row.root.bone) : flatWing(skeleton, k, keys);
    return limb === undefined ? [] : [featherRow(row, limb, choice, scale)];
  });
  if (rows.length === 0) return null;
  const shafts = rows.flatMap((row) =>
    shaftsOf(row, wireIn(wires, row.row.root.bone), choice.turns),
  );
  return {
    ...{ rows, shafts, shaftWire: shaftTotal(shafts) },
    sheet: sheetWorking(rows, choice.gapMm),
    minutes: rows.map(minutesWorking),
    step: rows.some(({ way }) => way === 'pressed') ? stepWorking(scale) : null,
  };
}

/** The thickest wire through a bone by its key, mm; null for none. */
const wireIn = (
  wires: readonly Pick<PlannedWire, 'through' | 'diameterMm'>[],
  key: string,
): number | null =>
  wires
    .filter(({ through }) => through.some(({ boneId }) => boneId.split('.')[0] === key))
    .reduce<number | null>((most, { diameterMm }) => Math.max(most ?? 0, diameterMm), null);

/** Every number that is known of the feathers. */
export const featherWorkings = (plan: FeatherPlan | null): readonly Working[] =>
  plan === null
    ? []
    : [
        ...plan.rows.flatMap(({ many, longest, feathers }) => [
          ...[many, longest],
          ...feathers.flatMap(({ long, wide }) => [long, wide]),
        ]),
        ...plan.shafts.map(({ cut }) => cut),
        ...[plan.shaftWire, plan.sheet, ...plan.minutes, plan.step].filter((of) => of !== null),
      ];

/** How long and wide the rectangle round a feather is, its shaft laid along it, mm. */
export function rectangleOf({
  vane,
}: Pick<Feather, 'vane'>): readonly [long: number, wide: number] {
  const extent = (n: 0 | 1): number => {
    const all = vane.outline.map((p) => p[n]);
    return greatest(all) - least(all);
  };
  return [extent(0), extent(1)];
}

function sheetWorking(rows: readonly FeatherRowPlan[], gapMm: number): Working | null {
  const inputs = rows
    .filter(({ way }) => way === 'cut')
    .flatMap(({ feathers }) => feathers)
    .flatMap((feather): readonly WorkingInput[] => {
      const many = feather.grown.filter((grown) => grown > 0).length;
      const [long, wide] = rectangleOf(feather);
      const cm2 = (many * (long + gapMm) * (wide + gapMm)) / 100;
      return many === 0 ? [] : [input('aᵢ', say.rectangleOf(feather.id), cm2, 'cm2', 'derived')];
    });
  if (inputs.length === 0) return null;
  return {
    ...{ id: 'skin.feathers.sheet', stage: 'skin', label: say.sheetForFeathers, unit: 'cm2' },
    value: inputs.reduce((sum, { value }) => sum + value, 0),
    ...{ provenance: 'derived', formula: 'Σ aᵢ', inputs, source: say.rectanglesByGap },
  };
}

function minutesWorking({ row, way, made }: FeatherRowPlan): Working {
  return {
    ...{ id: `skin.feathers.${row.id}.minutes`, stage: 'skin', unit: 'min' },
    ...{ label: say.minutesFor(row.name), value: made * MINUTES[way], provenance: 'derived' },
    formula: 't = k · m',
    inputs: [
      input('k', say.feathersMade, made, 'count', 'derived'),
      input('m', say.minutesEach, MINUTES[way], 'min', 'memory'),
    ],
    source: say.madeByHand,
  };
}

function stepWorking(scale: Working): Working {
  return {
    ...{ id: 'skin.feathers.step', stage: 'skin', label: say.stepDeep, unit: 'mm', digits: 1 },
    value: Math.max(VANE_MM / scale.value, LEAST_STEP_MM),
    ...{ provenance: 'derived', formula: 'd = max(v / n, m)' },
    inputs: [
      input('v', say.thicknessInLife, VANE_MM, 'mm', 'memory'),
      asInput('n', scale),
      input('m', say.leastPressed, LEAST_STEP_MM, 'mm', 'memory'),
    ],
    source: say.deepAsScale,
  };
}
