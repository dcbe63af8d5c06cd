import type { Workpiece } from '../workshop/workpiece.ts';
import { common, type BalanceFacts } from './balanceFacts.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import { WOOD_G_PER_ML } from './smallestBase.ts';

/** The smallest board that stands as it is wanted, and what it then survives. */
export function baseWorkings(
  { base, grams: total }: BalanceFacts,
  choice: Workpiece['stance'],
  height: Working,
  grams: Working,
): readonly Working[] {
  const inputs = [
    input('φ', 'Tilt that it must survive', choice.tiltDeg, 'deg', 'own'),
    asInput('h', height),
    asInput('m', grams),
    input('t', 'Thickness of the board', base.thicknessMm, 'mm', 'own'),
    input('ρ', 'Wood', WOOD_G_PER_ML, 'g/ml', 'memory'),
  ];
  const board = (id: string, label: string, value: number): Working => ({
    ...common,
    id: `balance.base.${id}`,
    label,
    value,
    unit: 'mm',
    reading: {
      method:
        'widened until every edge is h · tan φ from the common centre, and 12 mm beyond the feet',
      resolution: 'a millionth of a millimetre',
      checkedBy: 'core/src/balance/balance.test.ts',
    },
    inputs,
    source: 'statics; piece and board tip as one',
    target: { kind: 'piece', id: 'base' },
  });
  return [
    board('length', 'Smallest base, front to back', base.lengthMm),
    board('width', 'Smallest base, left to right', base.widthMm),
    {
      ...common,
      id: 'balance.base.tip',
      label: 'On it, tips at a tilt of',
      value: base.tipDeg,
      unit: 'deg',
      formula: 'φ = atan2(margin, h)',
      note: 'Piece and board tip together.',
      inputs: [
        input('margin', 'Common centre inside the nearest edge', base.marginMm, 'mm', 'derived'),
        input('h', 'Common centre above the table', base.heightMm, 'mm', 'derived'),
        input('board', 'Weight of the board', base.boardG, 'g', 'derived'),
        input('m', 'Weight of the piece', total, 'g', 'derived'),
      ],
      source: 'statics',
      target: { kind: 'piece', id: 'base' },
    },
  ];
}
