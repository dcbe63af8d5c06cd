import { raisedMm } from '../posing/raisedMm.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { BodyDecisions } from '../measure/measuredSkeleton.ts';
import type { StanceChoice } from '../posing/settledStance.ts';
import type { FormSurface } from '../surface/formSurface.ts';
import { bodyDecisions } from './bodyJob.ts';
import type { Job } from './job.ts';

/** What the finished form of a posed model is read from. */
export interface SurfaceQuestion {
  readonly body: BodyDecisions;
  /** Model mm to one of life. */
  readonly sizeFactor: number;
  readonly stance: StanceChoice;
  /** How high a rod holds it above the base, mm. */
  readonly rodMm: number;
}

/** The stance of a piece as its body reads it: without what its eyes do. */
export const stanceRead = ({
  presetId,
  gait,
  anglesDeg,
  lifted,
  ground,
  fan,
}: Workpiece['stance']): StanceChoice => ({ presetId, gait, anglesDeg, lifted, ground, fan });

/** The skin of the model in its stance, at its scale, and how it is seen from each side. */
export function surfaceJob(of: {
  readonly measure: Workpiece['measure'];
  readonly stance: Workpiece['stance'];
  readonly lifePerModel: number;
}): Job<SurfaceQuestion, FormSurface> {
  const input: SurfaceQuestion = {
    body: { ...bodyDecisions(of.measure), shape: of.measure.shape },
    sizeFactor: 1 / of.lifePerModel,
    stance: { ...stanceRead(of.stance), gaze: of.stance.gaze, lids: of.stance.lids },
    rodMm: raisedMm(of.stance),
  };
  return { name: 'surface', key: JSON.stringify(input), input, twoSteps: true };
}
