import type { Workpiece } from './workshop/workpiece.ts';
import type { BalancePlan } from './balance/balancePlan.ts';
import type { BenchPlan } from './bench/planBench.ts';
import type { BodyGrid } from './body/bodyGrid.ts';
import type { PaintAnswer, PaintQuestion } from './colour/paintQuestion.ts';
import type { ColourPlan } from './colour/planColour.ts';
import type { FittingsPlan } from './fittings/fittingsPlan.ts';
import type { HeatRequest } from './cure/heatRequest.ts';
import type { HeatRun } from './cure/heatRun.ts';
import type { CurePlan } from './cure/curePlan.ts';
import type { CoatQuestion } from './jobs/coatJob.ts';
import type { Job } from './jobs/job.ts';
import type { ShapeQuestion } from './jobs/shapeJob.ts';
import type { SurfaceQuestion } from './jobs/surfaceJob.ts';
import type { BodyShape } from './mass/bodyShape.ts';
import type { CoatMap } from './lie/coatMap.ts';
import type { MarkingMap } from './markings/markingMap.ts';
import type { MarkingsPlan } from './markings/planMarkings.ts';
import type { MarkingQuestion } from './jobs/markingJob.ts';
import type { RegionBuild } from './mass/buildUp.ts';
import type { MassPlan } from './mass/planMass.ts';
import type { BodyDecisions } from './measure/measuredSkeleton.ts';
import type { ReferencesPlan } from './measure/pictures/planReferences.ts';
import type { MeasurePlan } from './measure/planMeasure.ts';
import type { OvenPlan } from './oven/planOven.ts';
import type { Answer } from './piece/answer.ts';
import type { Snag } from './piece/snag.ts';
import type { StageResult } from './piece/stageResult.ts';
import type { SkinPlan } from './skin/planSkin.ts';
import type { StancePlan } from './stance/stancePlan.ts';
import type { StrengthPlan } from './strength/planStrength.ts';
import type { FormSurface } from './surface/formSurface.ts';
import type { WirePlan } from './wire/wirePlan.ts';

/** Answers of slow work, worked out apart and handed in; null, or to an older question, while out. */
export interface Answers {
  readonly body: Answer<BodyGrid> | null;
  readonly surface: Answer<FormSurface> | null;
  readonly shape: Answer<BodyShape> | null;
  readonly heat: Answer<HeatRun> | null;
  readonly coat: Answer<CoatMap> | null;
  readonly markings: Answer<MarkingMap> | null;
  readonly paint: Answer<PaintAnswer> | null;
}

/** The slow work that a plan asks for. */
export interface PlanJobs {
  readonly body: Job<BodyDecisions, BodyGrid>;
  readonly surface: Job<SurfaceQuestion, FormSurface>;
  readonly shape: Job<ShapeQuestion, BodyShape>;
  /** Null for clays that need no oven. */
  readonly heat: Job<HeatRequest, HeatRun> | null;
  /** Null while the surface is worked out: it tells how much of everything there is. */
  readonly coat: Job<CoatQuestion, CoatMap> | null;
  /** Null where nothing is marked on the animal. */
  readonly markings: Job<MarkingQuestion, MarkingMap> | null;
  /** Null while the skin of the zones is not known. */
  readonly paint: Job<PaintQuestion, PaintAnswer> | null;
}

/** The whole plan of a piece: each stage's numbers, their workings, and what is wrong. */
export interface Plan extends StageResult {
  /** The decisions that it was made from. */
  readonly piece: Workpiece;
  /** Snags that the maker knows of and lives with; `snags` are the others. Alike ones are one. */
  readonly accepted: readonly Snag[];
  readonly measure: MeasurePlan;
  /** What pictures, tape and caliper say; taken over into Measure only when the user does so. */
  readonly references: ReferencesPlan;
  readonly stance: StancePlan;
  /** What is made apart and set in. */
  readonly fittings: FittingsPlan;
  readonly wire: WirePlan;
  /** How each region is built; known before its volume is. */
  readonly builds: readonly RegionBuild[];
  readonly mass: MassPlan | null;
  readonly balance: BalancePlan;
  readonly strength: StrengthPlan;
  readonly cure: CurePlan;
  /** What the oven really did, and how what went wrong is mended. */
  readonly oven: OvenPlan;
  readonly skin: SkinPlan;
  /** What is marked on it beside its zones. */
  readonly markings: MarkingsPlan;
  readonly colour: ColourPlan | null;
  readonly bench: BenchPlan | null;
  /** The finished form as it is seen; null while it is worked out. */
  readonly surface: FormSurface | null;
  /** How its markings lie and are seen; null while they are worked out, or where there are none. */
  readonly marked: MarkingMap | null;
  /** How its coat lies and is seen; null while it is worked out. */
  readonly coat: CoatMap | null;
  readonly jobs: PlanJobs;
}
