import type { PaintAnswer } from '../colour/paintQuestion.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { bodyGrid, COARSE_CELLS, type BodyGrid } from '../body/bodyGrid.ts';
import { bodyJob } from '../jobs/bodyJob.ts';
import { done, posedFor } from '../jobs/jobKinds.ts';
import type { BodyShape } from '../mass/bodyShape.ts';
import { measuredBones, measuredSkeleton } from '../measure/measuredSkeleton.ts';
import { planMeasure } from '../measure/planMeasure.ts';
import { demoWorkpieces } from '../start/demoPieces.ts';
import type { Creature } from '../anatomy/creature.ts';
import { newWorkshop } from '../workshop/newWorkshop.ts';
import { inWorkshop } from '../workshop/workpiece.ts';
import { newPiece, newPieceOf } from '../start/newPiece.ts';
import { markingMap, type MarkingMap } from '../markings/markingMap.ts';
import type { CoatMap } from '../lie/coatMap.ts';
import { createPlanner, NO_ANSWERS, planPiece } from '../plan.ts';
import type { MarkingQuestion } from '../jobs/markingJob.ts';
import type { SurfaceQuestion } from '../jobs/surfaceJob.ts';
import { formSurface, type FormSurface } from '../surface/formSurface.ts';
import type { Answers, Plan } from '../planTypes.ts';
import { planStance } from '../stance/planStance.ts';
import type { StancePlan } from '../stance/stancePlan.ts';

/** The demonstration otter. */
export const otterPiece = (): Workpiece => demoWorkpieces()[0]!;

/** A new piece in a new workshop. */
export const newWorkpiece = (id: string, name: string, animalId: string): Workpiece =>
  inWorkshop(newPiece(id, name, animalId), newWorkshop());

/** A new piece of an own animal in a new workshop. */
export const newWorkpieceOf = (id: string, name: string, creature: Creature): Workpiece =>
  inWorkshop(newPieceOf(id, name, creature), newWorkshop());

/** A plain standing otter at 1:4. */
export const plainPiece = (): Workpiece => newWorkpiece('plain', 'Plain', 'eurasian-otter');

type Section =
  | ('measure' | 'stance' | 'wire' | 'mass' | 'fittings' | 'cure' | 'skin' | 'colour' | 'bench')
  | 'atHand';

/** A piece with part of one of its sections replaced. */
export function changed<S extends Section>(
  piece: Workpiece,
  section: S,
  part: Partial<Workpiece[S]>,
): Workpiece {
  return { ...piece, [section]: { ...piece[section], ...part } };
}

/** The demonstration wolf. */
export const wolfPiece = (): Workpiece =>
  demoWorkpieces().find((piece) => piece.id === 'wolf-at-the-carr')!;

/** The body of a piece on a coarse grid; the same question is worked out once. */
export function coarseBody(piece: Workpiece): BodyGrid {
  const { key, input } = bodyJob(piece.measure);
  const found = bodies.get(key) ?? bodyGrid(measuredSkeleton(input), COARSE_CELLS);
  bodies.set(key, found);
  return found;
}
const bodies = new Map<string, BodyGrid>();

/** The shape of a piece in coarse cells; the same question is worked out once. */
export const coarseShape = (piece: Workpiece): BodyShape => shapeFor(planPiece(piece).jobs);

function shapeFor({ shape }: Plan['jobs']): BodyShape {
  const found = shapes.get(shape.key) ?? done(shape, false).value;
  shapes.set(shape.key, found);
  return found;
}
const shapes = new Map<string, BodyShape>();

/** The surface of a piece in a few cells; the same question is worked out once. */
export const coarseSurface = (piece: Workpiece): FormSurface => surfaceFor(planPiece(piece).jobs);

function surfaceFor({ surface }: Plan['jobs']): FormSurface {
  const found = surfaces.get(surface.key) ?? roughSurface(surface.input);
  surfaces.set(surface.key, found);
  return found;
}
const surfaces = new Map<string, FormSurface>();

/** Cells that are enough to see that there is a surface, or that it is marked. */
const ROUGH_CELLS = 5000;

/** A surface for tests that only need one. */
export const roughSurface = (of: SurfaceQuestion): FormSurface =>
  formSurface(posedFor(of), false, () => undefined, ROUGH_CELLS);

/** Markings for tests that only need some. */
export const roughMarkings = ({ model, markings }: MarkingQuestion): MarkingMap =>
  markingMap(posedFor(model), markings, false, () => undefined, ROUGH_CELLS);

/** The stance of a piece, without the rest of the road. */
export function stanceOf(piece: Workpiece): StancePlan {
  const { measure, stance, wire } = piece;
  const pegBelowMm = wire.allowancesMm.nutAndWashers;
  const planned = planMeasure({ measure, stance, ...measuredBones(piece), pegBelowMm });
  return planStance({ stance, measure: planned });
}

/** Values as answers to what this piece asks: a body and a surface, its own where none are given, and a shape. */
export function answersFor(
  piece: Workpiece,
  { body = coarseBody(piece), shape = null }: { body?: BodyGrid; shape?: BodyShape | null } = {},
  { jobs }: Pick<Plan, 'jobs'> = planPiece(piece),
): Answers {
  return {
    body: { key: jobs.body.key, fine: false, value: body },
    surface: { key: jobs.surface.key, fine: false, value: surfaceFor(jobs) },
    shape: shape && { key: jobs.shape.key, fine: false, value: shape },
    ...{ heat: null, coat: null, paint: null },
    markings: jobs.markings && markingsFor(jobs.markings),
  };
}

/** The whole plan of a piece, body included, on a coarse grid; shape and heat where it is asked. */
export function wholePlan(piece: Workpiece, withHeat = false): Plan {
  const planner = createPlanner();
  const bare = planner(piece);
  const answers = answersFor(piece, { shape: withHeat ? shapeFor(bare.jobs) : null }, bare);
  const { heat, paint } = planner(piece, answers).jobs;
  return planner(piece, {
    ...answers,
    paint: paint && paintFor(paint),
    heat: withHeat && heat !== null ? done(heat) : null,
  });
}

const paintings = new Map<string, PaintAnswer>();

/** Recipes and looks; the same question is worked out once. */
function paintFor(job: NonNullable<Plan['jobs']['paint']>): Answers['paint'] {
  const known = paintings.get(job.key) ?? done(job).value;
  paintings.set(job.key, known);
  return { key: job.key, fine: true, value: known };
}

const markingMaps = new Map<string, MarkingMap>();

/** Markings on a few cells; the same question is worked out once. */
function markingsFor(job: NonNullable<Plan['jobs']['markings']>): Answers['markings'] {
  const known = markingMaps.get(job.key) ?? roughMarkings(job.input);
  markingMaps.set(job.key, known);
  return { key: job.key, fine: false, value: known };
}

const coats = new Map<string, CoatMap>();

/** A plan with its coat; the same question is worked out once. */
export function withCoat(plan: Plan): Plan {
  const { coat, body, surface } = plan.jobs;
  if (coat === null) throw new Error('the coat of a plan is asked for once its surface is known');
  const known = coats.get(coat.key) ?? done(coat).value;
  coats.set(coat.key, known);
  return {
    ...planPiece(plan.piece, {
      ...NO_ANSWERS,
      body: { key: body.key, fine: false, value: coarseBody(plan.piece) },
      surface: { key: surface.key, fine: false, value: surfaceFor(plan.jobs) },
      coat: { key: coat.key, fine: true, value: known },
    }),
  };
}
