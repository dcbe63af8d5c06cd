import * as say from './words.ts';
import { greatest, least } from '../geometry/extremes.ts';
import { asGiven, input, type Working } from '../piece/working.ts';

/** Default overhang of the base beyond the outermost feet: common practice. */
export const OVERHANG_MM = 30;
/** Boards are cut to full steps of this. */
const BOARD_STEP_MM = 5;

/** A side of the board, mm: the user's, or the spread of what stands on it with its overhang, and of what keeps it from tipping. */
export function boardWorking(
  id: string,
  label: string,
  at: readonly number[],
  own: number | null,
): Working {
  const spread = at.length === 0 ? 0 : greatest(at) - least(at);
  const fitted = Math.ceil((spread + 2 * OVERHANG_MM) / BOARD_STEP_MM) * BOARD_STEP_MM;
  return {
    id: `base.${id}`,
    stage: 'wire',
    label,
    value: own ?? fitted,
    unit: 'mm',
    provenance: own === null ? 'derived' : 'own',
    ...(own !== null
      ? asGiven(say.setByYou, own, 'mm', 'own')
      : {
          formula: 'q · ⌈(spread + 2 · overhang) / q⌉',
          inputs: [
            input('spread', say.spreadOfFeet, spread, 'mm', 'derived'),
            input('overhang', say.overhang, OVERHANG_MM, 'mm', 'memory'),
            input('q', say.boardsAreCutTo, BOARD_STEP_MM, 'mm', 'memory'),
          ],
        }),
    source: say.commonPractice2,
    target: { kind: 'piece', id: 'base' },
  };
}
