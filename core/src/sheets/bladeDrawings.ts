import * as say from './words.ts';
import { bladePatterns } from '../body/bladePattern.ts';
import type { Plan } from '../planTypes.ts';
import { noteLines, patternItems, patternNotes } from './bladeItems.ts';
import { fittedDrawing, type Drawing } from './drawing.ts';
import { MARGIN_MM } from './formItems.ts';
import { bladeSheet } from './skin/bladeSheets.ts';

/**
 * Wings, membranes and fins of a piece laid flat at 1:1, one side of each pair. What is made as a thin wing, fin or
 * membrane is its template; a feathered wing is its outline and bones.
 */
export const bladeDrawings = (plan: Plan): readonly Drawing[] =>
  bladePatterns(plan.measure.skeleton, 1 / plan.measure.lifePerModel).map((pattern) => {
    const { id, name, paired } = pattern.blade;
    const made = plan.skin.blades.find((of) => of.pattern.blade.id === id);
    if (made !== undefined) return bladeSheet(made);
    return fittedDrawing(
      `flat-${id}`,
      paired ? say.laidFlatTwice(name) : say.laidFlat(name),
      [...patternItems(pattern), ...noteLines(pattern, patternNotes(pattern))],
      MARGIN_MM,
    );
  });
