import * as say from './words.ts';
import type { FeatherRow } from '../../anatomy/plumage.ts';
import { greatest } from '../../geometry/extremes.ts';
import type { Workpiece } from '../../workshop/workpiece.ts';
import { asGiven, asInput, input, type Working } from '../../piece/working.ts';
import type { FeatherWay } from '../../piece/featherSchema.ts';
import { apartMm, mountsOf, type FlatLimb, type Mount } from './mounting.ts';
import {
  barbCount,
  FULL,
  grownVane,
  mirroredVane,
  vaneOf,
  vaneWidths,
  type Vane,
  type VaneShape,
} from './vane.ts';

/** A feather of the left side, or of the left half of the tail, at the model's scale. */
export interface Feather {
  /** Its letter and number: P3. */
  readonly id: string;
  readonly number: number;
  readonly mount: Mount;
  readonly long: Working;
  readonly wide: Working;
  /** What its outline is drawn from, wholly grown. */
  readonly shape: VaneShape;
  /** Of the right side and wholly grown; the left one is its mirror image. */
  readonly vane: Vane;
  /** Left and right as far as they have grown; null where one is missing. */
  readonly sides: readonly [left: Vane | null, right: Vane | null];
  /** Shaped by hand so narrow that it does not reach over the next. */
  readonly isBare: boolean;
  /** How much of it there is on the left and on the right: 1 wholly grown, 0 missing. */
  readonly grown: readonly [left: number, right: number];
}

/** A row of feathers at the model's scale. */
export interface FeatherRowPlan {
  readonly row: FeatherRow;
  readonly way: FeatherWay;
  readonly limb: FlatLimb;
  /** On each side. */
  readonly many: Working;
  readonly longest: Working;
  readonly overlap: number;
  readonly feathers: readonly Feather[];
  /** How many are made, left and right. */
  readonly made: number;
  /** From one barb that is drawn to the next; null where none are. */
  readonly barb: Working | null;
  /** Hand work for all of them. */
  readonly minutes: Working;
}

/** So much of a feather lies under the next at least, where nobody says more: common practice. */
const LEAST_OVERLAP = 0.35;

const common = { stage: 'skin', digits: 1 } as const;

/** A row of feathers on the limb that carries it. */
export function featherRow(
  row: FeatherRow,
  limb: FlatLimb,
  choice: Workpiece['skin']['feathers'],
  scale: Working,
  strokesPerMin: number,
): FeatherRowPlan {
  const own = choice.rows[row.id];
  const many = manyWorking(row, own?.many ?? null);
  const longest = longestWorking(row, own?.longestMm ?? null);
  const overlap = own?.overlap ?? LEAST_OVERLAP;
  const mounts = mountsOf(row, many.value, limb);
  const longs = mounts.map((_, i) => longWorking(row, i, many.value, longest, scale));
  const feathers = mounts.map((mount, i): Feather => {
    const [id, long] = [`${row.letter}${i + 1}`, longs[i]!];
    const apart = neighbours(mounts, longs, i);
    const wide = wideWorking(row, id, long, apart, overlap);
    const shape: VaneShape = {
      ...{ longMm: long.value, wideMm: wide.value, leading: row.leading, tip: row.tip },
      isNotched: row.notched !== undefined && i + 1 >= row.notched[0] && i < row.notched[1],
      turnDeg: row.turnDeg,
      shaped: choice.shapes[id] ?? choice.shapes[row.id] ?? null,
    };
    const grownOn = (side: 'L' | 'R'): number => choice.grown[`${side}.${id}`] ?? row.grown ?? 1;
    const grown = [grownOn('L'), grownOn('R')] as const;
    return {
      ...{ id, number: i + 1, mount, long, wide, shape, vane: vaneOf(shape), grown },
      sides: sidesOf(shape, grown),
      isBare: shape.shaped !== null && isBare(shape, apart),
    };
  });
  const made = feathers.reduce((sum, { grown }) => sum + grown.filter((g) => g > 0).length, 0);
  const way = own?.way ?? 'pressed';
  const barb = way === 'cut' ? null : barbWorking(row, choice.barbMm, scale);
  return {
    ...{ row, way, limb, many, longest, overlap, feathers, made, barb },
    minutes: minutesWorking(row, way, feathers, barb, strokesPerMin),
  };
}

function sidesOf(shape: VaneShape, [left, right]: Feather['grown']): Feather['sides'] {
  const of = grownVane(shape, left);
  return [of && mirroredVane(of), grownVane(shape, right)];
}

/** Whether the vanes are anywhere narrower, where they should be full, than it is to the next shaft. */
const isBare = (shape: VaneShape, apart: number): boolean =>
  [FULL[0], 0.5, FULL[1]].some((share) => {
    const [before, behind] = vaneWidths(shape, share);
    return before + behind < apart;
  });

/** Minutes for each feather, from memory of common practice; its barbs are counted by the pace of strokes. */
const MINUTES: Readonly<Record<FeatherWay, number>> = { pressed: 1.5, leaves: 6, cut: 4 };
/** From barb to barb in life, and the least that two of them stand apart in clay, mm: common practice. */
const BARB_MM = 0.5;
const LEAST_BARB_MM = 1.2;

function barbWorking({ id, name }: FeatherRow, own: number | null, scale: Working): Working | null {
  if (own === 0) return null;
  const told = {
    ...{ ...common, id: `skin.feathers.${id}.barb`, label: say.barbsApart(name) },
    ...({ unit: 'mm', digits: 1 } as const),
  };
  if (own !== null)
    return {
      ...{ ...told, value: own, provenance: 'own', source: say.decidedByYou },
      ...asGiven(say.setByYou, own, 'mm', 'own'),
    };
  return {
    ...{ ...told, value: Math.max(BARB_MM / scale.value, LEAST_BARB_MM), provenance: 'derived' },
    formula: 'd = max(b / n, m)',
    inputs: [
      input('b', say.barbsInLife, BARB_MM, 'mm', 'memory'),
      asInput('n', scale),
      input('m', say.leastBarb, LEAST_BARB_MM, 'mm', 'memory'),
    ],
    source: say.barbsByPractice,
  };
}

function minutesWorking(
  { id, name }: FeatherRow,
  way: FeatherWay,
  feathers: readonly Feather[],
  barb: Working | null,
  strokesPerMin: number,
): Working {
  const grown = feathers.flatMap(({ long, grown: sides }) =>
    sides.filter((share) => share > 0).map((share) => long.value * share),
  );
  const barbs =
    barb === null ? 0 : grown.reduce((sum, mm) => sum + 2 * barbCount(mm, barb.value), 0);
  return {
    ...{ id: `skin.feathers.${id}.minutes`, stage: 'skin', unit: 'min' },
    ...{ label: say.minutesFor(name), provenance: 'derived', source: say.madeByHand },
    value: grown.length * MINUTES[way] + barbs / strokesPerMin,
    formula: 't = k · m + B / p · q',
    inputs: [
      input('k', say.feathersMade, grown.length, 'count', 'derived'),
      input('m', say.minutesEach, MINUTES[way], 'min', 'memory'),
      input('B', say.barbsDrawn, barbs, 'count', 'derived'),
      input('p', say.strokesInMinute, strokesPerMin, 'count', 'own'),
      input('q', say.oneMinute, 1, 'min', 'derived'),
    ],
  };
}

function manyWorking({ id, name, many }: FeatherRow, own: number | null): Working {
  const value = own ?? many[1];
  const provenance = own === null ? 'memory' : 'own';
  return {
    ...{ ...common, id: `skin.feathers.${id}.many`, label: say.manyOf(name), unit: 'count' },
    ...{ value, digits: 0, provenance },
    ...asGiven(own === null ? say.inLibraryOfFeathers : say.setByYou, value, 'count', provenance),
    source: own === null ? say.ofLibrary : say.decidedByYou,
    range: [many[0], many[2]],
  };
}

function longestWorking({ id, name, longest }: FeatherRow, own: number | null): Working {
  const value = own ?? longest.mm;
  const provenance = own === null ? longest.provenance : 'own';
  return {
    ...{ ...common, id: `skin.feathers.${id}.longest`, label: say.longestOf(name), unit: 'mm' },
    ...{ value, digits: 0, provenance },
    ...asGiven(own === null ? say.inLibraryOfFeathers : say.setByYou, value, 'mm', provenance),
    source: own === null ? say.ofLibrary : say.decidedByYou,
    range: longest.range,
  };
}

/** The share of the longest that a feather has: evenly between those that the formula tells. */
export function formulaShare(formula: readonly number[], i: number, many: number): number {
  const at = many === 1 ? 0 : (i / (many - 1)) * (formula.length - 1);
  const n = Math.min(formula.length - 2, Math.floor(at));
  if (n < 0) return formula[0]!;
  return formula[n]! + (formula[n + 1]! - formula[n]!) * (at - n);
}

function longWorking(
  { letter, formula }: FeatherRow,
  i: number,
  many: number,
  longest: Working,
  scale: Working,
): Working {
  const id = `${letter}${i + 1}`;
  const share = formulaShare(formula, i, many);
  return {
    ...{ ...common, id: `skin.feather.${id}.long`, label: say.featherLong(id), unit: 'mm' },
    ...{ value: (longest.value * share) / scale.value, provenance: 'derived' },
    formula: 'l = L · f / n',
    inputs: [
      asInput('L', longest),
      input('f', say.shareOfLongest, share, 'ratio', 'memory'),
      asInput('n', scale),
    ],
    source: say.byWingFormula,
  };
}

/** How far it is to the shafts on both sides, where both vanes are full, mm; the farther of them. */
function neighbours(mounts: readonly Mount[], longs: readonly Working[], i: number): number {
  const sides = [i - 1, i + 1].filter((j) => mounts[j] !== undefined);
  return greatest([
    0,
    ...sides.map((j) =>
      apartMm(mounts[i]!, mounts[j]!, Math.min(longs[i]!.value, longs[j]!.value)),
    ),
  ]);
}

function wideWorking(
  { wide }: FeatherRow,
  id: string,
  long: Working,
  apart: number,
  overlap: number,
): Working {
  return {
    ...{ ...common, id: `skin.feather.${id}.wide`, label: say.featherWide(id), unit: 'mm' },
    ...{ value: Math.max(wide * long.value, apart / (1 - overlap)), provenance: 'derived' },
    formula: 'w = max(s · l, d / (1 − o))',
    inputs: [
      input('s', say.wideAsShare, wide, 'ratio', 'memory'),
      asInput('l', long),
      input('d', say.apartFromNext, apart, 'mm', 'derived'),
      input('o', say.leastOverlap, overlap, 'ratio', 'own'),
    ],
    source: say.coversNext,
  };
}
