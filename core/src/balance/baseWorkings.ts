import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { common, type BalanceFacts } from './balanceFacts.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import { WOOD_G_PER_ML } from '../posing/smallestBase.ts';

/** The smallest board that stands as it is wanted, and what it then survives. */
export function baseWorkings(
  { base, grams: total }: BalanceFacts,
  choice: Workpiece['stance'],
  height: Working,
  grams: Working,
): readonly Working[] {
  const inputs = [
    input('φ', say.tiltThatItMust, choice.tiltDeg, 'deg', 'own'),
    asInput('h', height),
    asInput('m', grams),
    input('t', say.thicknessOfBoard, base.thicknessMm, 'mm', 'own'),
    input('ρ', say.wood, WOOD_G_PER_ML, 'g/ml', 'memory'),
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
      resolution: say.millionthOfMillimetre,
      checkedBy: 'core/src/balance/balance.test.ts',
    },
    inputs,
    source: say.staticsPieceAndBoard,
    target: { kind: 'piece', id: 'base' },
  });
  return [
    board('length', say.smallestBaseFrontTo, base.lengthMm),
    board('width', say.smallestBaseLeftTo, base.widthMm),
    {
      ...common,
      id: 'balance.base.tip',
      label: say.onItTipsAt,
      value: base.tipDeg,
      unit: 'deg',
      formula: 'φ = atan2(margin, h)',
      note: say.pieceAndBoardTip,
      inputs: [
        input('margin', say.commonCentreInsideNearest, base.marginMm, 'mm', 'derived'),
        input('h', say.commonCentreAboveTable, base.heightMm, 'mm', 'derived'),
        input('board', say.weightOfBoard, base.boardG, 'g', 'derived'),
        input('m', say.weightOfPiece, total, 'g', 'derived'),
      ],
      source: say.statics,
      target: { kind: 'piece', id: 'base' },
    },
  ];
}
