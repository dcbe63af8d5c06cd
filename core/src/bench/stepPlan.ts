import type { CautionId } from '../piece/cautions.ts';
import type { StepDone } from '../piece/pieceSchema.ts';
import type { Step } from '../piece/step.ts';
import type { Lesson } from '../workshop/workshopSchema.ts';
import type { StepGuide } from './stepGuide.ts';
import type { StepPart } from './stepParts.ts';
import type { StepTakes } from './stockUse.ts';

/** A step as it stands: ticked off, to be done next, possible, or waiting for another. */
export interface StepPlan extends Step {
  readonly number: number;
  /** Cautions that stand here for the first time; the others were told at an earlier step. */
  readonly firstCautions: readonly CautionId[];
  /** What it was estimated to take before anything was learnt, minutes; null where no hands work. */
  readonly estimateMin: number | null;
  readonly done: StepDone | null;
  /** Left out knowingly: what needs it goes on without. */
  readonly state: 'done' | 'next' | 'ready' | 'waiting' | 'left';
  /** Why it is left out; null where it is not. */
  readonly leftOut: string | null;
  /** What of it is ticked by itself, and which of that is. */
  readonly parts: readonly (StepPart & { readonly isDone: boolean })[];
  readonly guide: StepGuide;
  /** What leaves the workshop when it is ticked. */
  readonly takes: StepTakes;
  /** What was learnt at earlier pieces and helps here. */
  readonly lessons: readonly Lesson[];
}
