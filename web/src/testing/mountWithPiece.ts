import {
  bodyGrid,
  COARSE_CELLS,
  shapeKey,
  shapeRun,
  type BodyShape,
  heatRun,
  planMeasure,
  planPiece,
  type BodyGrid,
  type HeatRun,
  type Piece,
  type Plan,
} from '@keen-sinew/core';
import { mount, type VueWrapper } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { computed, defineComponent, h, ref, shallowRef, type Component } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import { providePlan } from '../composables/usePiecePlan.ts';
import { provideSelection, type Selection } from '../composables/useSelection.ts';
import { useSettingsStore } from '../stores/settingsStore.ts';

/** A component over a real plan, without workers: body and heat are worked out here, coarsely. */
export interface Mounted {
  readonly wrapper: VueWrapper;
  readonly piece: () => Piece;
  readonly plan: () => Plan;
  /** Labels of the changes made, in order. */
  readonly labels: readonly string[];
  readonly selection: Selection;
  readonly settings: ReturnType<typeof useSettingsStore>;
}

const bodies = new Map<string, BodyGrid>();
const heats = new Map<string, HeatRun>();
const shapes = new Map<string, BodyShape>();

function bodyOf(piece: Piece): BodyGrid {
  const key = JSON.stringify(piece.measure);
  const { skeleton } = planMeasure(piece.measure, piece.stance);
  const found = bodies.get(key) ?? bodyGrid(skeleton, COARSE_CELLS);
  bodies.set(key, found);
  return found;
}

function shapeOf(piece: Piece): BodyShape {
  const key = shapeKey(piece);
  const found = shapes.get(key) ?? shapeRun(piece, false);
  shapes.set(key, found);
  return found;
}

function wholePlan(piece: Piece, withHeat: boolean, withShape: boolean): Plan {
  const [body, shape] = [bodyOf(piece), withShape ? shapeOf(piece) : null];
  const bare = planPiece(piece, body, null, shape);
  const { request } = bare.cure;
  if (!withHeat || request === null) return bare;
  const heat = heats.get(request.key) ?? heatRun(request);
  heats.set(request.key, heat);
  return planPiece(piece, body, heat, shape);
}

/** Mounts a component with a piece, its plan, a selection and the settings above it. */
export function mountWithPiece(
  component: Component,
  start: Piece,
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
        bodyProgress: ref(null),
        bodyProblem: ref(null),
        shapeProgress: ref(null),
        shapeProblem: ref(null),
        lastShape: ref(null),
        settled: ref(true),
        heatBusy: ref(false),
        heatProblem: ref(null),
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

/** Types into the field with this label and presses Enter. */
export async function typeInto(wrapper: VueWrapper, label: string, text: string): Promise<void> {
  const input = wrapper.find(`input[aria-label="${label}"]`);
  await input.setValue(text);
  await input.trigger('keydown', { key: 'Enter' });
}

/** Presses the button whose text holds these words. */
export async function press(wrapper: VueWrapper, words: string): Promise<void> {
  const button = wrapper.findAll('button').find((wrapper) => wrapper.text().includes(words));
  if (button === undefined) throw new Error(`no button “${words}”`);
  await button.trigger('click');
}
