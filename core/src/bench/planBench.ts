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
import type { Working } from '../piece/working.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import { paced, sittingsWorking, timedWorking } from './atHand.ts';
import { hardStepId } from './bakeSteps.ts';
import { claySteps } from './claySteps.ts';
import { setLast } from './fittingSteps.ts';
import { colouredClaySteps, paintSteps } from './paintSteps.ts';
import { learnedFactors } from '../schedule/learned.ts';
import { withMinutes } from './stepMinutes.ts';
import { cameOutOf, type CameOut } from './cameOut.ts';
import { keepingOf, type Keeping } from './keeping.ts';
import { aboutsAt, lessonsAt } from './lessons.ts';
import { pieceCost, type PieceCost } from './pieceCost.ts';
import { materialsOf, shoppingList, type MaterialPlan, type ShoppingLine } from './shoppingList.ts';
import { guideOf } from './stepGuide.ts';
import { minutesWorking, progressWorking } from './progress.ts';
import { ownStep, reordered } from './stepOrder.ts';
import { partsOf } from './stepParts.ts';
import type { StepPlan } from './stepPlan.ts';
import { takesOf } from './stockUse.ts';
import { inOrder, type Step } from '../piece/step.ts';

export type { StepPlan } from './stepPlan.ts';

/** What Bench hands on: the work in order, what is next, and what to buy. */
export interface BenchPlan extends StageResult {
  readonly steps: readonly StepPlan[];
  readonly next: StepPlan | null;
  readonly materials: readonly MaterialPlan[];
  readonly shopping: readonly ShoppingLine[];
  readonly cost: PieceCost;
  readonly cameOut: readonly CameOut[];
  readonly keeping: Keeping;
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
  readonly stance: StancePlan;
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
  const { piece, stance, fittings, wire, mass, skin, colour } = inputs;
  if (mass === null || colour === null) return null;
  const all = stepsOf(inputs, mass, colour);
  const { done } = piece.bench;
  const materials = materialsOf({ wire, fittings, mass, colour, skin, piece }, done);
  const shopping = shoppingList(materials);
  const steps = withStates(all, piece).map((step): StepPlan => ({
    ...step,
    parts: partsOf(step, { wire, mass, fittings, skin, colour }).map((part) => ({
      ...part,
      isDone: piece.bench.partsDone[step.id]?.includes(part.id) ?? false,
    })),
    guide: guideOf(step),
    takes: takesOf(step.id, materials, wire.stock, piece.wire.sawLossMm),
    lessons: lessonsAt(piece.atHand.lessons, aboutsAt(step, materials, piece)),
  }));
  const cost = pieceCost(materials, steps, piece.atHand);
  const cameOut = cameOutOf(piece, stance, mass, steps);
  const keeping = keepingOf({ piece, stance, wire, fittings, skin, colour });
  const progress = progressWorking(steps);
  const minutes = minutesWorking(steps);
  const timed = timedWorking(steps);
  const sittings = sittingsWorking(timed, piece.atHand.sittingH);
  return {
    steps,
    next: steps.find((step) => step.state === 'next') ?? null,
    materials,
    shopping,
    cost,
    cameOut,
    keeping,
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
      ...materials.flatMap(materialWorkings).filter(({ stage }) => stage === 'bench'),
      ...[cost.material, cost.work, cost.price].filter((working) => working !== null),
      ...keeping.box,
      ...cameOut
        .flatMap(({ planned, off }) => [planned, ...(off === null ? [] : [off])])
        .filter(({ stage }) => stage === 'bench'),
    ],
    snags: [
      ...steps.flatMap((step) => orderSnags(step, steps)),
      ...steps.flatMap(leftSnags),
      ...strangeTicks(steps, done),
    ],
  };
}

/** Every step in its order, with what it takes at the maker's own pace. */
function stepsOf(inputs: BenchInputs, mass: MassPlan, colour: ColourPlan): readonly Estimated[] {
  const { piece, measure, fittings, wire, cure, skin, put } = inputs;
  const { pace, records } = piece.atHand;
  const learned = learnedFactors(records.map(({ work, ...of }) => ({ ...of, kind: work })));
  const clays = [piece.mass.clay, ...(piece.mass.shellClay ? [piece.mass.shellClay] : [])];
  const baked = [...cure.stages.map(hardStepId), ...mended(put)];
  const planned = inOrder([
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
  return reordered([...planned, ...ownSteps(piece)], piece.bench.moved);
}

/** Steps that mend what went wrong with a bake: paint waits for them. */
const mended = (put: readonly Step[]): readonly string[] =>
  put.filter(({ id }) => id.startsWith('mend.')).map(({ id }) => id);

type Estimated = Step & Pick<StepPlan, 'estimateMin'>;
type Placed = Estimated & Pick<StepPlan, 'number' | 'firstCautions' | 'done' | 'state' | 'leftOut'>;

/** Steps of the maker's own, which take what was said. */
const ownSteps = ({ bench }: Workpiece): readonly Estimated[] =>
  bench.own.map((own, i) => {
    // One that would wait for a later one of them could wait for itself.
    const waits = bench.own.slice(i).some(({ id }) => id === own.after);
    return { ...ownStep(waits ? { ...own, after: null } : own), estimateMin: own.minutes };
  });

/** Every number that is known of a stuff. */
export const materialWorkings = (of: MaterialPlan): readonly Working[] =>
  [of.need, of.onHand, of.quantity, of.cost, of.worth, ...of.beside].filter(
    (working, i, all): working is Working => working !== null && all.indexOf(working) === i,
  );

/** The first step whose needs are all met is the next one; others that are met are ready. */
function withStates(
  all: readonly Estimated[],
  { bench: { done, leftOut } }: Workpiece,
): readonly Placed[] {
  let nextFound = false;
  const told = new Set<CautionId>();
  return all.map((step, i): Placed => {
    const firstCautions = step.cautions.filter((id) => !told.has(id));
    firstCautions.forEach((id) => told.add(id));
    const its = done[step.id] ?? heated(step, done);
    const why = its === null ? (leftOut[step.id] ?? null) : null;
    const met = step.needs.every((need) => done[need] !== undefined || leftOut[need] !== undefined);
    const next = its === null && why === null && met && !nextFound;
    nextFound ||= next;
    const open = next ? 'next' : met ? 'ready' : 'waiting';
    const state = its !== null ? 'done' : why !== null ? 'left' : open;
    return { ...step, number: i + 1, firstCautions, done: its, state, leftOut: why };
  });
}

/** An oven was heated when its bake was baked. */
const heated = ({ heatsFor }: Step, done: Workpiece['bench']['done']): StepDone | null => {
  const bake = heatsFor === undefined ? undefined : done[heatsFor];
  return bake === undefined ? null : { ...bake, minutes: null };
};

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

/** A bake that is left out is told: what comes after it is painted or carried on soft clay. */
const leftSnags = ({ id, title, state, occupies }: StepPlan): readonly Snag[] =>
  state !== 'left' || occupies !== 'oven'
    ? []
    : [
        {
          ...{ code: 'bake-left-out', grade: 'watch', stage: 'bench', facts: { step: title } },
          target: { kind: 'step', id },
        },
      ];

function orderSnags(step: StepPlan, steps: readonly StepPlan[]): readonly Snag[] {
  if (step.done === null) return [];
  return step.needs
    .map((need) => steps.find((step) => step.id === need))
    .filter((need) => need !== undefined && need.done === null && need.state !== 'left')
    .map((need): Snag => ({
      code: 'step-out-of-order',
      grade: 'watch',
      stage: 'bench',
      target: { kind: 'step', id: step.id },
      facts: { step: step.title, needs: need?.title ?? '' },
    }));
}
