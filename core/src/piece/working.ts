import type { Unit } from '../units/quantity.ts';
import type { Provenance } from './provenance.ts';

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

/** What a number measures on the sheet: a bone, a wire, a region, a zone, the whole piece. */
export interface SheetTarget {
  readonly kind:
    | 'bone'
    | 'wire'
    | 'bend'
    | 'contact'
    | 'hole'
    | 'mass-centre'
    | 'height'
    | 'piece'
    | 'region'
    | 'section'
    | 'muscle'
    | 'peg'
    | 'zone'
    | 'step'
    | 'picture'
    | 'landmark';
  readonly id: string;
}

/** One number that went into another. */
export interface WorkingInput {
  readonly symbol: string;
  readonly label: string;
  readonly value: number;
  readonly unit: Unit;
  readonly provenance: Provenance;
}

/**
 * A number with its reckoning. The ledger, the printed sheet, the exported file and the tests read
 * this one object; nothing is shown that does not have one.
 */
export interface Working {
  readonly id: string;
  readonly stage: Stage;
  readonly label: string;
  readonly value: number;
  readonly unit: Unit;
  readonly provenance: Provenance;
  /** The formula with symbols, as text. */
  readonly formula: string;
  readonly inputs: readonly WorkingInput[];
  /** Where the formula or value is from: a publication, common practice, memory. */
  readonly source: string;
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
