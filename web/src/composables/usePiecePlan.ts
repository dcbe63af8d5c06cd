import {
  planMeasure,
  planPiece,
  shapeKey,
  type BodyShape,
  type HeatRun,
  type Piece,
  type Plan,
} from '@keen-sinew/core';
import {
  computed,
  inject,
  provide,
  shallowRef,
  watch,
  type ComputedRef,
  type InjectionKey,
  type Ref,
} from 'vue';
import { usePieceStore } from '../stores/pieceStore.ts';
import { useBody } from './useBody.ts';
import { useHeat } from './useHeat.ts';
import { useShape } from './useShape.ts';

/** The open piece as it is shown, its plan, and how to change it. */
export interface PiecePlan {
  /** The document, or the draft of a drag that is under way. */
  readonly piece: ComputedRef<Piece>;
  readonly plan: ComputedRef<Plan>;
  readonly bodyProgress: Readonly<Ref<number | null>>;
  readonly bodyProblem: Readonly<Ref<string | null>>;
  readonly shapeProgress: Readonly<Ref<number | null>>;
  readonly shapeProblem: Readonly<Ref<string | null>>;
  /** The last shape that was worked out, which may be that of a moment ago. */
  readonly lastShape: Readonly<Ref<BodyShape | null>>;
  readonly heatBusy: Readonly<Ref<boolean>>;
  readonly heatProblem: Readonly<Ref<string | null>>;
  /** Whether the fine answers for body and shape stand, and the heat's. */
  readonly settled: Readonly<Ref<boolean>>;
  readonly change: (label: string, recipe: (piece: Piece) => Piece) => void;
  /** Shows a change without keeping it, while a drag is under way; null lets go of it. */
  readonly preview: (recipe: ((piece: Piece) => Piece) | null) => void;
}

const KEY: InjectionKey<PiecePlan> = Symbol('piece plan');

/** Makes the plan of the open piece for everything below this component. */
export function providePiecePlan(): PiecePlan {
  const store = usePieceStore();
  const draft = shallowRef<Piece | null>(null);
  const shown = computed(() => draft.value ?? store.current);
  const { answer: body, gridOf, progress, problem } = useBody(shown);
  const shape = useShape(shown);
  const piece = computed(() => {
    if (shown.value === null) throw new Error('a stage is shown without an open piece');
    return shown.value;
  });
  // The question that Cure asks follows from decisions alone, so the first answer may still be out.
  const heat = shallowRef<HeatRun | null>(null);
  const plan = computed(() => {
    const { skeleton } = planMeasure(piece.value.measure, piece.value.stance);
    return planPiece(piece.value, gridOf(skeleton), heat.value, shape.answer.value?.value ?? null);
  });
  const flow = useHeat(computed(() => plan.value.cure.request));
  watch(flow.run, (run) => (heat.value = run));
  const value: PiecePlan = {
    piece,
    plan,
    bodyProgress: progress,
    bodyProblem: problem,
    shapeProgress: shape.progress,
    shapeProblem: shape.problem,
    lastShape: computed(() => shape.answer.value?.value ?? null),
    heatBusy: flow.busy,
    heatProblem: flow.problem,
    settled: computed(
      () =>
        body.value?.fine === true &&
        gridOf(plan.value.measure.skeleton) !== null &&
        shape.answer.value?.fine === true &&
        shape.answer.value.key === shapeKey(piece.value) &&
        !flow.busy.value,
    ),
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
