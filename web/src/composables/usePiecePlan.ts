import * as say from './words.ts';
import {
  createPlanner,
  NO_ANSWERS,
  type Answer,
  type Answers,
  type BodyGrid,
  type BodyShape,
  type CoatMap,
  type MarkingMap,
  type FormSurface,
  type HeatRun,
  type PaintAnswer,
  type Workpiece,
  type Plan,
  type Planner,
} from '@keen-sinew/core';
import {
  computed,
  inject,
  provide,
  ref,
  shallowRef,
  watch,
  type ComputedRef,
  type InjectionKey,
  type Ref,
} from 'vue';
import { useJob, type JobState } from '../jobs/useJob.ts';
import { usePieceStore } from '../stores/pieceStore.ts';

/** How the slow work of a plan stands. */
export interface PieceWork {
  readonly body: JobState<BodyGrid>;
  readonly surface: JobState<FormSurface>;
  readonly shape: JobState<BodyShape>;
  readonly heat: JobState<HeatRun>;
  readonly paint: JobState<PaintAnswer>;
  readonly coat: JobState<CoatMap>;
  readonly markings: JobState<MarkingMap>;
}

/** The open piece as it is shown, its plan, and how to change it. */
export interface PiecePlan {
  /** The document, or the draft of a drag that is under way. */
  readonly piece: ComputedRef<Workpiece>;
  readonly plan: ComputedRef<Plan>;
  /** The slow work that the plan asks for. */
  readonly work: PieceWork;
  /** Whether the fine answers to all that the plan asks for stand. */
  readonly settled: Readonly<Ref<boolean>>;
  /** Has the coat worked out from now on. */
  readonly askCoat: () => void;
  readonly change: (label: string, recipe: (piece: Workpiece) => Workpiece) => void;
  /** Shows a change without keeping it, while a drag is under way; null lets go of it. */
  readonly preview: (recipe: ((piece: Workpiece) => Workpiece) | null) => void;
}

const KEY: InjectionKey<PiecePlan> = Symbol(say.piecePlan);

/** A planner that has gone along the road before the page that asks is put up. */
const PLANNER: InjectionKey<Planner> = Symbol(say.planner);

/**
 * Gives a planner to the page below, and goes along the road with it, a task for each of its turns, so
 * that the page answers meanwhile: what the page then asks for is there.
 */
export function providePlanAhead(): (piece: Workpiece) => Promise<void> {
  const planner = createPlanner();
  provide(PLANNER, planner);
  return async (piece) => {
    const way = planner.inTurns(piece);
    while (way.next().done !== true) await new Promise((go) => setTimeout(go));
  };
}

/** Makes the plan of the open piece for everything below this component. */
export function providePiecePlan(): PiecePlan {
  const store = usePieceStore();
  const draft = shallowRef<Workpiece | null>(null);
  const shown = computed(() => draft.value ?? store.current);
  const piece = computed(() => {
    if (shown.value === null) throw new Error('a stage is shown without an open piece');
    return shown.value;
  });
  const planner = inject(PLANNER, null) ?? createPlanner();
  // What the plan asks for follows from decisions and earlier answers, which may still be out.
  const answers = shallowRef<Answers>(NO_ANSWERS);
  const plan = computed(() => planner(piece.value, answers.value));
  const jobs = computed(() => (shown.value === null ? null : plan.value.jobs));
  /** The coat is worked out from when it is first looked at, or printed: other stages do not wait for it. */
  const coatAsked = ref(false);
  const work = workFor(jobs, coatAsked);
  watch(
    [
      ...([work.body.answer, work.surface.answer, work.shape.answer] as const),
      ...([work.heat.answer, work.coat.answer, work.paint.answer] as const),
      work.markings.answer,
    ] as const,
    ([body, surface, shape, heat, coat, paint, markings]) =>
      (answers.value = { body, surface, shape, heat, coat, paint, markings }),
  );
  const settled = computed(() => {
    if (jobs.value === null) return false;
    const { body, surface, shape, heat, coat, paint, markings } = jobs.value;
    const stands = (job: { key: string } | null, answer: Answer<unknown> | null): boolean =>
      job === null || (answer?.fine === true && answer.key === job.key);
    const { value: had } = answers;
    return [
      stands(body, had.body) && stands(surface, had.surface),
      stands(shape, had.shape) && stands(heat, had.heat),
      !coatAsked.value || stands(coat, had.coat),
      stands(markings, had.markings) && stands(paint, had.paint),
    ].every(Boolean);
  });
  const value: PiecePlan = {
    piece,
    plan,
    work,
    settled,
    askCoat: () => (coatAsked.value = true),
    change: (label, recipe) => {
      draft.value = null;
      store.change(label, recipe);
    },
    preview: (recipe) => {
      draft.value = recipe && store.current ? recipe(store.current) : null;
    },
  };
  return providePlan(value);
}

/** The slow work of a plan, each kind by itself. */
function workFor(
  jobs: ComputedRef<Plan['jobs'] | null>,
  coatAsked: Readonly<Ref<boolean>>,
): PieceWork {
  return {
    body: useJob(
      computed(() => jobs.value?.body ?? null),
      say.body,
    ),
    surface: useJob(
      computed(() => jobs.value?.surface ?? null),
      say.surface,
    ),
    shape: useJob(
      computed(() => jobs.value?.shape ?? null),
      say.shape,
    ),
    heat: useJob(
      computed(() => jobs.value?.heat ?? null),
      say.heat,
    ),
    coat: useJob(
      computed(() => (coatAsked.value ? (jobs.value?.coat ?? null) : null)),
      say.coat,
    ),
    markings: useJob(
      computed(() => jobs.value?.markings ?? null),
      say.markings,
    ),
    paint: useJob(
      computed(() => jobs.value?.paint ?? null),
      say.paint,
    ),
  };
}

/** Hands a plan to everything below this component, wherever it comes from. */
export function providePlan(value: PiecePlan): PiecePlan {
  provide(KEY, value);
  return value;
}

/** The plan made above this component. */
export function usePiecePlan(): PiecePlan {
  const value = inject(KEY);
  if (value === undefined) throw new Error('no piece plan is provided here');
  return value;
}
