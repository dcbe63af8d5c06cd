import type { Workpiece } from './workshop/workpiece.ts';
import { curesFromC } from './bakes/cureRange.ts';
import { planBalance } from './balance/planBalance.ts';
import { planBench } from './bench/planBench.ts';
import { colouredDetails } from './colour/details.ts';
import { planColour } from './colour/planColour.ts';
import { planCure } from './cure/planCure.ts';
import type { StuffsAtHand } from './fittings/fittingMaterials.ts';
import { planFittings } from './fittings/planFittings.ts';
import { bodyJob } from './jobs/bodyJob.ts';
import { coatJob } from './jobs/coatJob.ts';
import { markingJob } from './jobs/markingJob.ts';
import { heatJob } from './jobs/heatJob.ts';
import { paintJob } from './jobs/paintJob.ts';
import { shapeJob } from './jobs/shapeJob.ts';
import { surfaceJob } from './jobs/surfaceJob.ts';
import { clayFigures, type ClayFigures } from './mass/clayFigures.ts';
import { planMarkings } from './markings/planMarkings.ts';
import { regionBuilds } from './mass/buildUp.ts';
import { planMass } from './mass/planMass.ts';
import { measuredBones } from './measure/measuredSkeleton.ts';
import { planReferences } from './measure/pictures/planReferences.ts';
import { planMeasure } from './measure/planMeasure.ts';
import { answerTo } from './piece/answer.ts';
import { createMemory, type Recall } from './piece/memory.ts';
import type { Snag } from './piece/snag.ts';
import { grouped, isAccepted, worstFirst } from './piece/snagGroups.ts';
import type { StageResult } from './piece/stageResult.ts';
import type { Step } from './piece/step.ts';
import type { Answers, Plan } from './planTypes.ts';
import { planOven } from './oven/planOven.ts';
import { planSkin } from './skin/planSkin.ts';
import { planStance } from './stance/planStance.ts';
import { planStrength } from './strength/planStrength.ts';
import { cutSteps } from './wire/planStock.ts';
import { planWire } from './wire/planWire.ts';

/** The stages in road order. What a plan lists, workings and snags, it lists in this order. */
export const ROAD = [
  'measure',
  'references',
  'stance',
  'fittings',
  'wire',
  'mass',
  'balance',
  'strength',
  'cure',
  'oven',
  'skin',
  'markings',
  'colour',
  'bench',
] as const satisfies readonly (keyof Plan)[];

/** Nothing worked out yet. */
export const NO_ANSWERS: Answers = {
  body: null,
  surface: null,
  shape: null,
  heat: null,
  coat: null,
  markings: null,
  paint: null,
};

/** Makes plans, and works out again only what a change reaches. */
export interface Planner {
  (piece: Workpiece, answers?: Answers): Plan;
  /** The same plan with pauses along the road: a page that opens can answer in them. */
  readonly inTurns: (piece: Workpiece, answers?: Answers) => Generator<undefined, Plan>;
}

/** A planner that has worked nothing out yet. */
export function createPlanner(): Planner {
  const recall = createMemory();
  const inTurns = (piece: Workpiece, answers: Answers = NO_ANSWERS): Generator<undefined, Plan> =>
    road(recall, piece, answers);
  const planner = (piece: Workpiece, answers: Answers = NO_ANSWERS): Plan => {
    const way = inTurns(piece, answers);
    for (;;) {
      const { done, value } = way.next();
      if (done) return value;
    }
  };
  return Object.assign(planner, { inTurns });
}

/**
 * The main road: decisions in, whole plan out. Measure gives the skeleton (and what its pictures and
 * readings would make of it), Stance poses it, Fittings are what is made apart, Wire makes its armature, Mass its foil and clay; their
 * weight tells the balance, and whether the bare wires bear it; Cure its bakes, Oven what they were, Skin its coat, Colour
 * its paint, Bench the steps; the sheets are drawn from the result.
 *
 * What takes longer is asked for in `jobs` and handed in as `answers`: the body's grid, the surface of
 * the finished form, its shape in layers, and the heat flow. While one of them is out, what is read from
 * it is null: Colour without a surface, Mass without cards, and Cure shows the packet's rule alone. Everything
 * else stands. A planner remembers its last inputs, stage by stage, and shares them with no other.
 */
// eslint-disable-next-line max-lines-per-function -- the road, in one look
function* road(recall: Recall, piece: Workpiece, answers: Answers): Generator<undefined, Plan> {
  const bones = measuredBones(piece, recall);
  const pegBelowMm = piece.wire.allowancesMm.nutAndWashers;
  const measure = recall(planMeasure, {
    ...part(piece, 'measure', 'stance'),
    ...bones,
    pegBelowMm,
  });
  const { skeleton, lifePerModel } = measure;
  yield;
  const { references } = piece;
  const pictures = recall(planReferences, { references, skeleton });
  yield;
  const stance = recall(planStance, { stance: piece.stance, measure });
  const clay = recall(clayFigures, piece.mass.clay);
  const fittings = recall(planFittings, {
    ...{ measure, stance, choice: piece.fittings, density: clay.density },
    atHand: recall(stuffsAtHand, { stuffs: piece.cure.stuffs, clay }),
  });
  yield;
  const wire = recall(planWire, {
    wire: piece.wire,
    base: piece.stance.base,
    stance,
    skin: piece.skin,
    fittings: fittings.fittings,
    cutDone: cutSteps(piece.bench.done),
  });
  yield;
  const builds = recall(regionBuilds, {
    skeleton,
    mass: piece.mass,
    method: piece.cure.method,
  });
  const asked = {
    body: recall(bodyJob, piece.measure),
    surface: recall(surfaceJob, { ...part(piece, 'measure', 'stance'), lifePerModel }),
    shape: recall(shapeJob, {
      ...part(piece, 'measure', 'stance', 'mass', 'skin'),
      lifePerModel,
      wire,
    }),
  };
  const body = answerTo(asked.body.key, answers.body);
  const surface = answerTo(asked.surface.key, answers.surface);
  const bodyShape = answerTo(asked.shape.key, answers.shape);
  const mass = recall(planMass, {
    ...part(piece, 'mass', 'skin'),
    builds,
    measure,
    stance,
    fittings,
    wire,
    body,
    bodyShape,
  });
  const balance = recall(planBalance, { choice: piece.stance, measure, stance, wire, mass });
  const strength = recall(planStrength, { choice: piece.wire, stance, wire, balance });
  yield;
  const cure = recall(planCure, {
    cure: piece.cure,
    choice: piece.mass,
    binder: piece.wire.binder,
    run: answers.heat,
    ...{ builds, measure, stance, fittings, wire, mass, onBoard: piece.measure.onBoard },
    clearanceMm: piece.fittings.clearanceMm,
  });
  const oven = recall(planOven, { choice: piece.cure, cure, done: piece.bench.done });
  const skin = recall(planSkin, {
    ...{ skin: piece.skin, measure, stance, wires: wire.wires, surface, body },
  });
  const coatAsked =
    surface &&
    recall(coatJob, { asked: asked.surface.input, surface, plan: skin, skin: piece.skin });
  const coat = coatAsked && answerTo(coatAsked.key, answers.coat);
  const marksAsked = recall(markingJob, {
    ...{ asked: asked.surface.input, skeleton, colour: piece.colour },
  });
  const marked = marksAsked && answerTo(marksAsked.key, answers.markings);
  const markings = recall(planMarkings, {
    ...{ skeleton, choice: piece.colour, skin, map: marked, scale: measure.scale },
  });
  const { paints } = piece.atHand;
  const details = recall(colouredDetails, { measure, stance, fittings });
  const paintAsked = recall(paintJob, { colour: piece.colour, skin, markings, paints, details });
  const colour = recall(planColour, {
    ...{ colour: piece.colour, skin, markings, paints, details, skeleton },
    density: clay.density,
    freeJoints: piece.wire.freeJoints,
    painted: paintAsked && answerTo(paintAsked.key, answers.paint),
  });
  yield;
  const put = recall(putIn, { measure, stance, wire, mass, strength, cure, oven, skin, colour });
  const bench = recall(planBench, {
    ...{ piece, measure, stance, fittings, wire, mass, cure, skin, colour, put },
  });
  const jobs = {
    ...asked,
    heat: cure.request && heatJob(cure.request),
    ...{ coat: coatAsked, markings: marksAsked, paint: paintAsked },
  };
  const stages = {
    measure,
    references: pictures,
    stance,
    fittings,
    wire,
    mass,
    balance,
    strength,
    cure,
    oven,
    skin,
    markings,
    colour,
    bench,
  };
  const listed = ROAD.map((name) => stages[name]).filter((stage) => stage !== null);
  const workings = listed.flatMap((stage) => stage.workings);
  const all = worstFirst(listed.flatMap((stage) => stage.snags));
  const known = (snag: Snag): boolean => isAccepted(snag, piece.accepted);
  const snags = grouped(all.filter((snag) => !known(snag)));
  const accepted = grouped(all.filter(known));
  return { piece, ...stages, builds, surface, coat, marked, jobs, workings, snags, accepted };
}

/** The plan of a piece, made once and without a memory. */
export const planPiece = (piece: Workpiece, answers: Answers = NO_ANSWERS): Plan =>
  createPlanner()(piece, answers);

/** Stuffs of the workshop, and how hot the surface of this clay is baked at least. */
const stuffsAtHand = ({
  stuffs,
  clay,
}: {
  readonly stuffs: Workpiece['cure']['stuffs'];
  readonly clay: ClayFigures;
}): StuffsAtHand => ({ stuffs, hotC: clay.temperature === null ? null : curesFromC(clay) });

/** The steps that stages have put into the work, in the order of the road. */
const putIn = (stages: Readonly<Record<string, StageResult | null>>): readonly Step[] =>
  ROAD.flatMap((name) => stages[name]?.steps ?? []);

/** Some sections of the document. */
const part = <K extends keyof Workpiece>(
  piece: Workpiece,
  ...sections: readonly K[]
): Pick<Workpiece, K> =>
  Object.fromEntries(sections.map((name) => [name, piece[name]])) as Pick<Workpiece, K>;
