import type { ColouredDetail } from '../colour/details.ts';
import { paintAsked } from '../colour/paintAsked.ts';
import type { PaintAnswer, PaintQuestion } from '../colour/paintQuestion.ts';
import type { MarkingsPlan } from '../markings/planMarkings.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import type { PaintOnHand } from '../workshop/workshopSchema.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { Job } from './job.ts';

/** Tubes, recipes and looks of a piece; null while the skin of its zones is not known. */
export function paintJob(of: {
  readonly colour: Workpiece['colour'];
  readonly skin: SkinPlan;
  readonly markings: MarkingsPlan;
  readonly paints: readonly PaintOnHand[];
  readonly details: readonly ColouredDetail[];
}): Job<PaintQuestion, PaintAnswer> | null {
  const input = paintAsked(of.colour, of.skin, of.markings, of.paints, of.details);
  return input && { name: 'paint', key: JSON.stringify(input), input, twoSteps: false };
}
