import { paintAnswer } from '../colour/paintAnswer.ts';
import { schedulePlan } from '../bench/schedulePlan.ts';
import { bodyGrid, COARSE_CELLS, FINE_CELLS } from '../body/bodyGrid.ts';
import { heatRun } from '../cure/heatRun.ts';
import { coatMap } from '../lie/coatMap.ts';
import { markingMap } from '../markings/markingMap.ts';
import { regionBuilds } from '../mass/buildUp.ts';
import { bodyShape, type BodyShape } from '../mass/bodyShape.ts';
import { measuredSkeleton, type BodyDecisions } from '../measure/measuredSkeleton.ts';
import type { Answer } from '../piece/answer.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { settledStance } from '../posing/settledStance.ts';
import { nested } from '../skin/feathers/nesting.ts';
import { formSurface } from '../surface/formSurface.ts';
import type { CoatQuestion } from './coatJob.ts';
import type { MarkingQuestion } from './markingJob.ts';
import type { Job, JobKind, JobName, Told } from './job.ts';
import type { ShapeQuestion } from './shapeJob.ts';
import type { SurfaceQuestion } from './surfaceJob.ts';

/** Every kind of slow work by its name, so that a worker is told a name and data. */
export const JOB_KINDS = {
  body: {
    run: (of: BodyDecisions, told?: Told) => bodyGrid(skeletonFor(of), FINE_CELLS, told),
    coarse: (of: BodyDecisions, told?: Told) => bodyGrid(skeletonFor(of), COARSE_CELLS, told),
  },
  shape: {
    run: (of: ShapeQuestion, told?: Told) => shapeOf(of, true, told),
    coarse: (of: ShapeQuestion, told?: Told) => shapeOf(of, false, told),
  },
  surface: {
    run: (of: SurfaceQuestion, told?: Told) => formSurface(posedFor(of), true, told),
    coarse: (of: SurfaceQuestion, told?: Told) => formSurface(posedFor(of), false, told),
  },
  heat: { run: heatRun },
  coat: {
    run: (of: CoatQuestion, told?: Told) => coatMap(posedFor(of.model), of.choice, true, told),
    coarse: (of: CoatQuestion, told?: Told) => coatMap(posedFor(of.model), of.choice, false, told),
  },
  markings: {
    run: (of: MarkingQuestion, told?: Told) =>
      markingMap(posedFor(of.model), of.markings, true, told),
    coarse: (of: MarkingQuestion, told?: Told) =>
      markingMap(posedFor(of.model), of.markings, false, told),
  },
  paint: { run: paintAnswer },
  schedule: { run: schedulePlan },
  nest: { run: nested },
} as const satisfies Readonly<Record<JobName, JobKind<never, unknown>>>;

let last: { readonly key: string; readonly skeleton: Skeleton } | undefined;

/** The skeleton of a body; the last one is kept, with all that is known of it. */
function skeletonFor(body: BodyDecisions): Skeleton {
  const key = JSON.stringify(body);
  if (last?.key !== key) last = { key, skeleton: measuredSkeleton(body) };
  return last.skeleton;
}

let lastPosed: { readonly key: string; readonly posed: PosedSkeleton } | undefined;

/** The model as a question has it posed; the last one is kept, with the flesh that is known of it. */
export function posedFor({ body, stance, sizeFactor, rodMm }: SurfaceQuestion): PosedSkeleton {
  const skeleton = skeletonFor(body);
  const key = JSON.stringify({ stance, sizeFactor, rodMm });
  if (lastPosed?.key !== key || lastPosed.posed.skeleton !== skeleton)
    lastPosed = { key, posed: settledStance(skeleton, stance, sizeFactor, rodMm) };
  return lastPosed.posed;
}

function shapeOf(of: ShapeQuestion, fine: boolean, told?: Told): BodyShape {
  const posed = posedFor(of);
  const builds = regionBuilds({ skeleton: posed.skeleton, mass: of.mass });
  return bodyShape({ posed, builds, mass: of.mass, skin: of.skin, wires: of.wires }, fine, told);
}

/** The answer to a job, worked out here and now. */
export function done<I, O>(job: Job<I, O>, fine = true): Answer<O> {
  const kind: JobKind<I, O> = JOB_KINDS[job.name] as never;
  const work = fine ? kind.run : (kind.coarse ?? kind.run);
  return { key: job.key, fine: fine || kind.coarse === undefined, value: work(job.input) };
}
