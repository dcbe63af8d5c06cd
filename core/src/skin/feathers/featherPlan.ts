import * as say from './words.ts';
import type { Skeleton } from '../../anatomy/skeleton.ts';
import { greatest, least } from '../../geometry/extremes.ts';
import { asInput, input, type Working, type WorkingInput } from '../../piece/working.ts';
import { toRad } from '../../units/angles.ts';
import type { PlannedWire } from '../../wire/plannedWire.ts';
import type { Workpiece } from '../../workshop/workpiece.ts';
import { featherRow, type FeatherRowPlan } from './featherRow.ts';
import { flatTail, flatWing } from './mounting.ts';
import { shaftsOf, shaftTotal, type Shaft } from './shafts.ts';
import type { Vane } from './vane.ts';

/** The large feathers of a piece. */
export interface FeatherPlan {
  readonly rows: readonly FeatherRowPlan[];
  readonly shafts: readonly Shaft[];
  readonly shaftWire: Working | null;
  /** Rectangles of all that is cut from sheet; null where nothing is. */
  readonly sheet: Working | null;
  /** How deep a step between two pressed feathers is; null where none is pressed. */
  readonly step: Working | null;
  /** Strip of glue along a shaft, and the slant of an edge that is cut; null where none is cut. */
  readonly glue: Working | null;
  readonly bevel: Working | null;
}

/** How thick a vane is in life, and the least that a step shows on a model, mm: common practice. */
const VANE_MM = 0.3;
const LEAST_STEP_MM = 0.5;

/** The large feathers of an animal at the model's scale; null where it has none that are told. */
export function featherPlan(
  skeleton: Skeleton,
  { feathers: choice, pace }: Pick<Workpiece['skin'], 'feathers' | 'pace'>,
  scale: Working,
  wires: readonly Pick<PlannedWire, 'through' | 'diameterMm'>[],
): FeatherPlan | null {
  const rows = (skeleton.animal.plumage ?? []).flatMap((row): readonly FeatherRowPlan[] => {
    const k = 1 / scale.value;
    const keys = [row.root.bone, row.fan.first[0], row.fan.last[0]];
    const limb =
      row.id === 'tail' ? flatTail(skeleton, k, row.root.bone) : flatWing(skeleton, k, keys);
    return limb === undefined ? [] : [featherRow(row, limb, choice, scale, pace.strokesPerMin)];
  });
  if (rows.length === 0) return null;
  const shafts = rows.flatMap((row) =>
    shaftsOf(row, wireIn(wires, row.row.root.bone), choice.turns),
  );
  const isCut = rows.some(({ way }) => way === 'cut');
  return {
    ...{ rows, shafts, shaftWire: shaftTotal(shafts) },
    sheet: sheetWorking(rows, choice.gapMm),
    step: rows.some(({ way }) => way === 'pressed') ? stepWorking(scale) : null,
    glue: isCut && shafts.length > 0 ? glueWorking(shafts) : null,
    bevel: isCut ? bevelWorking(choice.sheets) : null,
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
        ...plan.rows.flatMap(({ many, longest, feathers, barb, minutes }) => [
          ...[many, longest, minutes, ...(barb === null ? [] : [barb])],
          ...feathers.flatMap(({ long, wide }) => [long, wide]),
        ]),
        ...plan.shafts.map(({ cut }) => cut),
        ...[plan.shaftWire, plan.sheet, plan.step, plan.glue, plan.bevel].filter(
          (of) => of !== null,
        ),
      ];

/** How long and wide the rectangle round a feather is, its shaft laid along it, mm. */
export function rectangleOf({ outline }: Vane): readonly [long: number, wide: number] {
  const extent = (n: 0 | 1): number => {
    const all = outline.map((p) => p[n]);
    return greatest(all) - least(all);
  };
  return [extent(0), extent(1)];
}

function sheetWorking(rows: readonly FeatherRowPlan[], gapMm: number): Working | null {
  const inputs = rows
    .filter(({ way }) => way === 'cut')
    .flatMap(({ feathers }) => feathers)
    .flatMap((feather): readonly WorkingInput[] => {
      const cm2 = feather.sides.reduce((sum, vane) => {
        const [long, wide] = vane === null ? [-gapMm, 0] : rectangleOf(vane);
        return sum + ((long + gapMm) * (wide + gapMm)) / 100;
      }, 0);
      return cm2 === 0 ? [] : [input('aᵢ', say.rectangleOf(feather.id), cm2, 'cm2', 'derived')];
    });
  if (inputs.length === 0) return null;
  return {
    ...{ id: 'skin.feathers.sheet', stage: 'skin', label: say.sheetForFeathers, unit: 'cm2' },
    value: inputs.reduce((sum, { value }) => sum + value, 0),
    ...{ provenance: 'derived', formula: 'Σ aᵢ', inputs, source: say.rectanglesByGap },
  };
}

/** Glue beside a wire, each side, mm, and the slant of an edge that is cut: common practice. */
const GLUE_BESIDE_MM = 1.5;
const SLANT_DEG = 30;

function glueWorking(shafts: readonly Shaft[]): Working {
  const thick = greatest(shafts.map(({ thickMm }) => thickMm));
  return {
    ...{ id: 'skin.feathers.glue', stage: 'skin', label: say.glueStrip, unit: 'mm', digits: 1 },
    ...{ value: (Math.PI * thick) / 2 + 2 * GLUE_BESIDE_MM, provenance: 'derived' },
    formula: 'g = π · d / 2 + 2 · m',
    inputs: [
      input('d', say.halfShaft, thick, 'mm', 'memory'),
      input('m', say.glueBeside, GLUE_BESIDE_MM, 'mm', 'memory'),
    ],
    source: say.glueByPractice,
  };
}

/** How wide the slanted edge of the thickest sheet is; null without a sheet. */
function bevelWorking(sheets: Workpiece['skin']['feathers']['sheets']): Working | null {
  const thick = greatest([0, ...sheets.map(({ thickMm }) => thickMm)]);
  if (thick === 0) return null;
  return {
    ...{ id: 'skin.feathers.bevel', stage: 'skin', label: say.bevelWide, unit: 'mm', digits: 1 },
    ...{ value: thick / Math.tan(toRad(SLANT_DEG)), provenance: 'derived' },
    formula: 'b = t / tan(α)',
    inputs: [
      input('t', say.sheetThick, thick, 'mm', 'own'),
      input('α', say.slant, SLANT_DEG, 'deg', 'memory'),
    ],
    source: say.bevelByPractice,
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
