import * as say from './words.ts';
import type { WireDecisions } from '../workshop/workpiece.ts';
import type { Bone } from '../anatomy/skeleton.ts';
import { sumPlusMinus } from '../anatomy/sumPlusMinus.ts';
import { input, type Reading, type Working, type WorkingInput } from '../piece/working.ts';
import type { Unit } from '../units/quantity.ts';

/** Makes the named lines of one wire's cut length, and their sum. */
export interface CutLines {
  readonly line: (
    id: string,
    label: string,
    mm: number,
    how: string | Reading,
    inputs: readonly WorkingInput[],
    source?: string,
  ) => Working;
  /** `along` are the bones that the wire follows: they say how sure the sum is. */
  readonly sum: (
    label: string,
    lines: readonly Working[],
    along: readonly Bone[],
    sizeFactor: number,
  ) => Working;
}

const PRACTICE = say.commonPracticeChangeIt;

/** Lines and sum of the wire `prefix` ("wire.B"), shown on the sheet as wire `wireId`. */
export function cutLines(prefix: string, wireId: string): CutLines {
  const target = { kind: 'wire', id: wireId } as const;
  return {
    line: (id, label, mm, how, inputs, source = PRACTICE) => ({
      id: `${prefix}.line.${id}`,
      stage: 'wire',
      label,
      value: mm,
      unit: 'mm',
      provenance:
        inputs.length > 0 && inputs.every((i) => i.provenance === 'own') ? 'own' : 'derived',
      ...(typeof how === 'string' ? { formula: how } : { reading: how }),
      inputs,
      source,
      target,
    }),
    sum: (label, lines, along, sizeFactor) => ({
      ...sumPlusMinus(along, sizeFactor),
      id: `${prefix}.cut`,
      stage: 'wire',
      label,
      value: lines.reduce((total, line) => total + line.value, 0),
      unit: 'mm',
      provenance: 'derived',
      formula: 'l = Σ lᵢ',
      note: say.cutLengthIsSum,
      inputs: lines.map((line) => input('lᵢ', line.label, line.value, line.unit, line.provenance)),
      source: say.wireThatEndsUp,
      target,
    }),
  };
}

/** Wire along its route: straights and arcs. */
export const ALONG_THE_WIRE: Reading = {
  method: say.straightsAndArcsOf,
  resolution: say.exactStraightLinesFrom,
  checkedBy: 'core/src/wire/bends.test.ts',
};

/** A line that is an allowance: as long as was decided. */
export const ALLOWANCE = 'a';

/** A decided number as an input of a line. */
export const decided = (symbol: string, label: string, value: number, unit: Unit): WorkingInput =>
  input(symbol, label, value, unit, 'own');

/** A derived number as an input of a line. */
export const derived = (symbol: string, label: string, value: number, unit: Unit): WorkingInput =>
  input(symbol, label, value, unit, 'derived');

/** The margin of a wire, which grows with its bends. */
export const marginLine = (
  line: CutLines['line'],
  { allowancesMm: { margin, marginPerBend } }: Pick<WireDecisions, 'allowancesMm'>,
  bends: number,
): Working =>
  line('margin', say.margin, margin + bends * marginPerBend, 'm + N · m₁', [
    decided('m', say.margin, margin, 'mm'),
    derived('N', say.bends, bends, 'count'),
    decided('m₁', say.marginPerBend, marginPerBend, 'mm'),
  ]);
