import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { ColourPlan } from '../colour/planColour.ts';
import type { FittingsPlan } from '../fittings/fittingsPlan.ts';
import type { CurePlan } from '../cure/curePlan.ts';
import type { MassPlan } from '../mass/planMass.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import type { CautionId } from '../piece/cautions.ts';
import type { StepDone } from '../piece/pieceSchema.ts';
import type { Snag } from '../piece/snag.ts';
import type { StageResult } from '../piece/stageResult.ts';
import { input, type Working } from '../piece/working.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import { paced, sittingsWorking, timedWorking } from './atHand.ts';
import { bakeStepId } from './bakeSteps.ts';
import { claySteps } from './claySteps.ts';
import { setLast } from './fittingSteps.ts';
import { colouredClaySteps, paintSteps } from './paintSteps.ts';
import { learnedFactors } from '../schedule/learned.ts';
import { withMinutes } from './stepMinutes.ts';
import { shoppingList, type ShoppingLine } from './shoppingList.ts';
import { inOrder, type Step } from '../piece/step.ts';

/** A step as it stands: ticked off, to be done next, possible, or waiting for another. */
export interface StepPlan extends Step {
  readonly number: number;
  /** Cautions that stand here for the first time; the others were told at an earlier step. */
  readonly firstCautions: readonly CautionId[];
  /** What it was estimated to take before anything was learnt, minutes; null where no hands work. */
  readonly estimateMin: number | null;
  readonly done: StepDone | null;
  readonly state: 'done' | 'next' | 'ready' | 'waiting';
}

/** What Bench hands on: the work in order, what is next, and what to buy. */
export interface BenchPlan extends StageResult {
  readonly steps: readonly StepPlan[];
  readonly next: StepPlan | null;
  readonly shopping: readonly ShoppingLine[];
  readonly progress: Working;
  readonly minutes: Working;
  /** Hand work still to do, as far as it is timed, and the sittings that it takes. */
  readonly timed: Working;
  readonly sittings: Working;
}

/** What Bench reads. */
export interface BenchInputs {
  readonly piece: Workpiece;
  readonly measure: MeasurePlan;
  readonly fittings: FittingsPlan;
  readonly wire: WirePlan;
  readonly mass: MassPlan | null;
  readonly cure: CurePlan;
  readonly skin: SkinPlan;
  readonly colour: ColourPlan | null;
  /** Steps that the stages before have put into the work. */
  readonly put: readonly Step[];
}

/** Every step of the piece in an order that its needs allow. Null while there is no body. */
export function planBench(inputs: BenchInputs): BenchPlan | null {
  const { piece, measure, fittings, wire, mass, cure, skin, colour, put } = inputs;
  if (mass === null || colour === null) return null;
  const { pace, sittingH, records } = piece.atHand;
  const learned = learnedFactors(records.map(({ work, ...of }) => ({ ...of, kind: work })));
  const clays = [piece.mass.clay, ...(piece.mass.shellClay ? [piece.mass.shellClay] : [])];
  const baked = [...cure.stages.map(({ id }) => bakeStepId(id)), ...mended(put)];
  const all = inOrder([
    ...put,
    ...colouredClaySteps(colour),
    ...claySteps({ skeleton: measure.skeleton, mass, skin, cure, fittings, wire, clays, colour }),
    ...paintSteps({
      ...{ skeleton: measure.skeleton, colour, skin, mass },
      ...{ primerName: piece.colour.primer, baked, ...setLast(fittings) },
    }),
  ])
    .map((step) => withMinutes(step, { mass, colour, fittings }))
    .map((step) => {
      const own = paced(step, pace);
      const estimateMin = step.occupies === 'person' ? (own.duration?.value ?? null) : null;
      return { ...paced(step, pace, learned), estimateMin };
    });
  const { done } = piece.bench;
  const steps = withStates(all, done);
  const shopping = shoppingList({ wire, fittings, mass, colour, skin, piece });
  const progress = progressWorking(steps);
  const minutes = minutesWorking(steps);
  const timed = timedWorking(steps);
  const sittings = sittingsWorking(timed, sittingH);
  return {
    steps,
    next: steps.find((step) => step.state === 'next') ?? null,
    shopping,
    progress,
    minutes,
    timed,
    sittings,
    // What is bought of wire, foil, clay and paint stands in the ledgers of its own stages.
    workings: [
      progress,
      minutes,
      timed,
      sittings,
      ...steps.flatMap(({ duration }) => (duration?.stage === 'bench' ? [duration] : [])),
      ...shopping
        .flatMap(({ quantity, beside }) => [quantity, ...beside])
        .filter((quantity) => quantity.stage === 'bench'),
    ],
    snags: [...steps.flatMap((step) => orderSnags(step, steps)), ...strangeTicks(steps, done)],
  };
}

/** Steps that mend what went wrong with a bake: paint waits for them. */
const mended = (put: readonly Step[]): readonly string[] =>
  put.filter(({ id }) => id.startsWith('mend.')).map(({ id }) => id);

type Estimated = Step & Pick<StepPlan, 'estimateMin'>;

/** The first step whose needs are all met is the next one; others that are met are ready. */
function withStates(
  all: readonly Estimated[],
  done: Workpiece['bench']['done'],
): readonly StepPlan[] {
  let nextFound = false;
  const told = new Set<CautionId>();
  return all.map((step, i): StepPlan => {
    const firstCautions = step.cautions.filter((id) => !told.has(id));
    firstCautions.forEach((id) => told.add(id));
    const its = done[step.id] ?? null;
    const met = step.needs.every((need) => done[need] !== undefined);
    const next = its === null && met && !nextFound;
    nextFound ||= next;
    const state = its !== null ? 'done' : next ? 'next' : met ? 'ready' : 'waiting';
    return { ...step, number: i + 1, firstCautions, done: its, state };
  });
}

/** Ticks at steps that the plan no longer has: kept, and told, so that nothing logged is lost unseen. */
function strangeTicks(
  steps: readonly StepPlan[],
  done: Workpiece['bench']['done'],
): readonly Snag[] {
  const known = new Set(steps.map(({ id }) => id));
  const strange = Object.keys(done).filter((id) => !known.has(id));
  if (strange.length === 0) return [];
  return [
    {
      code: 'ticks-without-step',
      grade: 'watch',
      stage: 'bench',
      target: { kind: 'piece', id: 'bench' },
      facts: { ids: strange.join(', '), count: strange.length },
    },
  ];
}

function orderSnags(step: StepPlan, steps: readonly StepPlan[]): readonly Snag[] {
  if (step.done === null) return [];
  return step.needs
    .map((need) => steps.find((step) => step.id === need))
    .filter((need) => need !== undefined && need.done === null)
    .map((need): Snag => ({
      code: 'step-out-of-order',
      grade: 'watch',
      stage: 'bench',
      target: { kind: 'step', id: step.id },
      facts: { step: step.title, needs: need?.title ?? '' },
    }));
}

const progressWorking = (steps: readonly StepPlan[]): Working => {
  const done = steps.filter((step) => step.done !== null).length;
  return {
    id: 'bench.progress',
    stage: 'bench',
    label: say.stepsStillToDo,
    value: steps.length - done,
    unit: 'count',
    provenance: 'derived',
    formula: 'N − d',
    inputs: [
      input('N', say.stepsOfThisPiece, steps.length, 'count', 'derived'),
      input('d', say.tickedOff, done, 'count', 'own'),
    ],
    source: say.stepsFollowFromDecisions,
  };
};

const minutesWorking = (steps: readonly StepPlan[]): Working => {
  const logged = steps.filter((step) => typeof step.done?.minutes === 'number');
  return {
    id: 'bench.minutes',
    stage: 'bench',
    label: say.timeLogged,
    value: logged.reduce((sum, step) => sum + (step.done?.minutes ?? 0), 0),
    unit: 'min',
    provenance: 'measured',
    formula: 'Σ tᵢ',
    inputs: logged.map((step) => input('tᵢ', step.title, step.done?.minutes ?? 0, 'min', 'own')),
    source: say.yourOwnLog,
  };
};
