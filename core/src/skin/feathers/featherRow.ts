import * as say from './words.ts';
import type { FeatherRow } from '../../anatomy/plumage.ts';
import { greatest } from '../../geometry/extremes.ts';
import type { Workpiece } from '../../workshop/workpiece.ts';
import { asGiven, asInput, input, type Working } from '../../piece/working.ts';
import type { FeatherWay } from '../../piece/featherSchema.ts';
import { apartMm, mountsOf, type FlatLimb, type Mount } from './mounting.ts';
import { vaneOf, type Vane } from './vane.ts';

/** A feather of the left side, or of the left half of the tail, at the model's scale. */
export interface Feather {
  /** Its letter and number: P3. */
  readonly id: string;
  readonly number: number;
  readonly mount: Mount;
  readonly long: Working;
  readonly wide: Working;
  /** Of the right side; the left one is its mirror image. */
  readonly vane: Vane;
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
): FeatherRowPlan {
  const own = choice.rows[row.id];
  const many = manyWorking(row, own?.many ?? null);
  const longest = longestWorking(row, own?.longestMm ?? null);
  const overlap = own?.overlap ?? LEAST_OVERLAP;
  const mounts = mountsOf(row, many.value, limb);
  const longs = mounts.map((_, i) => longWorking(row, i, many.value, longest, scale));
  const feathers = mounts.map((mount, i): Feather => {
    const [id, long] = [`${row.letter}${i + 1}`, longs[i]!];
    const wide = wideWorking(row, id, long, neighbours(mounts, longs, i), overlap);
    const vane = vaneOf({
      ...{ longMm: long.value, wideMm: wide.value, leading: row.leading, tip: row.tip },
      isNotched: row.notched !== undefined && i + 1 >= row.notched[0] && i < row.notched[1],
      turnDeg: row.turnDeg,
    });
    const grownOn = (side: 'L' | 'R'): number => choice.grown[`${side}.${id}`] ?? 1;
    return { id, number: i + 1, mount, long, wide, vane, grown: [grownOn('L'), grownOn('R')] };
  });
  const made = feathers.reduce((sum, { grown }) => sum + grown.filter((g) => g > 0).length, 0);
  return { row, way: own?.way ?? 'pressed', limb, many, longest, overlap, feathers, made };
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
