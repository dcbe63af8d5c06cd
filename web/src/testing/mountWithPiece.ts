import {
  formSurface,
  type FormSurface,
  done,
  NO_ANSWERS,
  planPiece,
  type Answer,
  type Job,
  type Workpiece,
  type Plan,
} from '@keen-sinew/core';
import { markingMap, type MarkingMap } from '@keen-sinew/core/markings';
import { mount, type VueWrapper } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { computed, defineComponent, h, ref, shallowRef, type Component } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import type { JobState } from '../jobs/useJob.ts';
import { providePlan } from '../composables/usePiecePlan.ts';
import { provideSelection, type Selection } from '../composables/useSelection.ts';
import { useSettingsStore } from '../stores/settingsStore.ts';

/** A component over a real plan, without workers: body and heat are worked out here, coarsely. */
export interface Mounted {
  readonly wrapper: VueWrapper;
  readonly piece: () => Workpiece;
  readonly plan: () => Plan;
  /** Labels of the changes made, in order. */
  readonly labels: readonly string[];
  readonly selection: Selection;
  readonly settings: ReturnType<typeof useSettingsStore>;
}

type MarkingJob = NonNullable<Plan['jobs']['markings']>;

const kept = new Map<string, unknown>();

/** The coarse answer to a job; the same question is worked out once. */
function coarse<I, O>(job: Job<I, O>): Answer<O> {
  const name = `${job.name} ${job.key}`;
  if (!kept.has(name)) kept.set(name, done(job, false).value);
  return { key: job.key, fine: true, value: kept.get(name) as O };
}

/** Cells that are enough to see that there is a surface, or that it is marked. */
const ROUGH_CELLS = 5000;

/** A surface in a few cells; the same question is worked out once. */
function rough({ name, key }: Plan['jobs']['surface'], { stance }: Plan): Answer<FormSurface> {
  const known = `${name} ${key}`;
  if (!kept.has(known))
    kept.set(
      known,
      formSurface(stance.posed, false, () => undefined, ROUGH_CELLS),
    );
  return { key, fine: true, value: kept.get(known) as FormSurface };
}

/** Markings on a few cells; the same question is worked out once. */
function roughMarks({ name, key, input }: MarkingJob, { stance }: Plan): Answer<MarkingMap> {
  const known = `${name} ${key}`;
  if (!kept.has(known))
    kept.set(
      known,
      markingMap(stance.posed, input.markings, false, () => undefined, ROUGH_CELLS),
    );
  return { key, fine: true, value: kept.get(known) as MarkingMap };
}

function wholePlan(piece: Workpiece, withHeat: boolean, withShape: boolean): Plan {
  const planned = planPiece(piece);
  const { body, surface, shape, markings } = planned.jobs;
  const answers = {
    ...NO_ANSWERS,
    body: coarse(body),
    surface: rough(surface, planned),
    shape: withShape ? coarse(shape) : null,
    markings: markings && roughMarks(markings, planned),
  };
  const bare = planPiece(piece, answers);
  const { heat, paint } = bare.jobs;
  return planPiece(piece, {
    ...answers,
    heat: withHeat && heat !== null ? coarse(heat) : null,
    paint: paint && coarse(paint),
  });
}

/** Slow work of which there is no news. */
const atRest = <O>(): JobState<O> => ({
  answer: shallowRef(null),
  progress: ref(null),
  problem: ref(null),
  cancelled: ref(false),
  cancel: () => undefined,
  retry: () => undefined,
});

/** Mounts a component with a piece, its plan, a selection and the settings above it. */
export function mountWithPiece(
  component: Component,
  start: Workpiece,
  props: Readonly<Record<string, unknown>> | ((plan: Plan) => Record<string, unknown>) = {},
  withHeat = false,
  withShape = false,
): Mounted {
  const pinia = createPinia();
  setActivePinia(pinia);
  const current = shallowRef(start);
  const plan = computed(() => wholePlan(current.value, withHeat, withShape));
  const labels: string[] = [];
  let selection: Selection | undefined;
  const host = defineComponent({
    setup() {
      providePlan({
        piece: computed(() => current.value),
        plan,
        work: {
          body: atRest(),
          surface: atRest(),
          shape: atRest(),
          heat: atRest(),
          coat: atRest(),
          markings: atRest(),
          paint: atRest(),
        },
        askCoat: () => undefined,
        settled: ref(true),
        change: (label, recipe) => {
          labels.push(label);
          current.value = recipe(current.value);
        },
        preview: () => undefined,
      });
      selection = provideSelection();
      return () => h(component, typeof props === 'function' ? props(plan.value) : props);
    },
  });
  const page = { render: () => h('div') };
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:all(.*)*', component: page }],
  });
  const wrapper = mount(host, { global: { plugins: [pinia, router] } });
  return {
    wrapper,
    piece: () => current.value,
    plan: () => plan.value,
    labels,
    selection: selection!,
    settings: useSettingsStore(),
  };
}
