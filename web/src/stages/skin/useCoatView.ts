import * as say from './words.ts';
import {
  directionMap,
  elevation,
  headMaps,
  type Drawing,
  type MapShow,
  type ReliefView,
} from '@keen-sinew/core';
import { computed, onMounted, ref, type ComputedRef, type Ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';

/** What a coat is looked at from. */
export type CoatView = ReliefView | 'head' | 'space';

const NAMES: readonly (readonly [CoatView, string])[] = [
  ['side', say.fromSide],
  ['front', say.fromFront],
  ['top', say.fromAbove],
  ['back', say.fromBehind],
  ['three-quarter', say.fromLeftFront],
  ['head', say.headLarge],
  ['space', say.inSpace],
];

/** The views of a coat, the one that is chosen, and its drawings in rows. */
export function useCoatView(show: () => MapShow): {
  readonly view: Ref<CoatView>;
  readonly options: ComputedRef<{ readonly label: string; readonly value: CoatView }[]>;
  readonly rows: ComputedRef<readonly (readonly Drawing[])[]>;
  /** Whether what is chosen is drawn with its coat already. */
  readonly isDrawn: ComputedRef<boolean>;
} {
  const { plan, askCoat } = usePiecePlan();
  onMounted(askCoat);
  const view = ref<CoatView>('side');
  const heads = computed(() => (view.value === 'head' ? headMaps(plan.value, show()) : []));
  const map = computed(() =>
    view.value === 'head' || view.value === 'space'
      ? undefined
      : directionMap(plan.value, view.value, show()),
  );
  const options = computed(() => {
    const hasHead = plan.value.surface === null || plan.value.surface.heads.length > 0;
    return NAMES.filter(([value]) => value !== 'head' || hasHead).map(([value, label]) => ({
      ...{ label, value },
    }));
  });
  return {
    view,
    options,
    isDrawn: computed(() => map.value !== undefined || heads.value.length > 0),
    rows: computed(() => {
      if (heads.value.length > 0) return [heads.value.slice(0, 2), heads.value.slice(2)];
      // Until the coat is known the outline stands.
      return [[map.value ?? elevation(plan.value, 'side', { show: 'bones', dimensions: false })]];
    }),
  };
}
