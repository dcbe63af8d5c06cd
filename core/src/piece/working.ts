import type { SheetTarget } from './target.ts';
import type { Unit } from '../units/quantity.ts';
import type { Provenance } from '../anatomy/provenance.ts';

/** The eight stages, in the order of the work. */
export const STAGES = [
  'measure',
  'stance',
  'wire',
  'mass',
  'cure',
  'skin',
  'colour',
  'bench',
] as const;
export type Stage = (typeof STAGES)[number];

/** One number that went into another. */
export interface WorkingInput {
  readonly symbol: string;
  readonly label: string;
  readonly value: number;
  readonly unit: Unit;
  readonly provenance: Provenance;
}

/** How a number was read off something: a field of cells, a search, a simulation, a drawing. */
export interface Reading {
  /** What was done, in words. */
  readonly method: string;
  /** How fine it can be: the cell, the step, or that it is exact. */
  readonly resolution: string;
  /** The test file that checks it, from the root of the project. */
  readonly checkedBy: string;
}

/**
 * How a number is made. A *formula* is an expression in the symbols of the inputs, and nothing but
 * what was computed: `·` multiplies, Σ adds up all inputs of one symbol (written with ᵢ), ⌈ ⌉ rounds
 * up and ⌊ ⌉ to the nearest, angles are in radians, and quantities carry their units along. What no
 * expression tells is a *reading*.
 */
type Reckoned =
  | { readonly formula: string; readonly reading?: undefined }
  | { readonly reading: Reading; readonly formula?: undefined };

/**
 * A number with its reckoning. The ledger, the printed sheet, the exported file and the tests read
 * this one object; nothing is shown that does not have one.
 */
export type Working = WorkingFacts & Reckoned;

interface WorkingFacts {
  readonly id: string;
  readonly stage: Stage;
  readonly label: string;
  readonly value: number;
  readonly unit: Unit;
  readonly provenance: Provenance;
  readonly inputs: readonly WorkingInput[];
  /** Where the formula or value is from: a publication, common practice, memory. */
  readonly source: string;
  /** What the formula or the reading does not say, in a sentence. */
  readonly note?: string;
  readonly target?: SheetTarget;
  /** Half the range that holds the value with 95 %, in its unit; absent where nobody knows. */
  readonly plusMinus?: number;
  /** Usual or plausible range of the value, in its unit. */
  readonly range?: readonly [number, number];
  /** Digits after the point where the unit's usual ones do not fit. */
  readonly digits?: number;
}

/** An input that is itself a working: its symbol in the formula is given. */
export function asInput(symbol: string, from: Working): WorkingInput {
  return {
    symbol,
    label: from.label,
    value: from.value,
    unit: from.unit,
    provenance: from.provenance,
  };
}

/** An input that is a decision, a table value or a geometric reading. */
export function input(
  symbol: string,
  label: string,
  value: number,
  unit: Unit,
  provenance: Provenance,
): WorkingInput {
  return { symbol, label, value, unit, provenance };
}

/** How a number is made, in words: its formula, or what was read and how finely. */
export const reckoningText = ({ formula, reading }: Pick<Working, 'formula' | 'reading'>): string =>
  formula ?? `${reading!.method} (${reading!.resolution})`;

/** The reckoning of a number that stands as it was given, set or looked up. */
export const asGiven = (
  label: string,
  value: number,
  unit: Unit,
  provenance: Provenance,
): { readonly formula: string; readonly inputs: readonly WorkingInput[] } => ({
  formula: 'x',
  inputs: [input('x', label, value, unit, provenance)],
});
