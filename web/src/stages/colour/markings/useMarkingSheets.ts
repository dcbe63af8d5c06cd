import * as say from './words.ts';
import {
  elevation,
  flatMarkingSheets,
  layersOf,
  markedFeathers,
  numberedAreas,
  numberedHeads,
  paintedForm,
  paintedHeads,
  type Drawing,
  type ReliefView,
} from '@keen-sinew/core';
import { computed, ref, type ComputedRef, type Ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';

/** What of the markings is shown: painted, numbered, laid flat to trace, or as masks. */
export type MarkingShow = keyof typeof say.shows;
/** From where. */
export type MarkingView = ReliefView | 'head';

/** Drawings of the markings by what is shown, in rows. */
export function useMarkingSheets(): {
  readonly view: Ref<MarkingView>;
  readonly show: Ref<MarkingShow>;
  readonly views: ComputedRef<{ readonly label: string; readonly value: MarkingView }[]>;
  /** Whether the animal itself is seen, and not its skin laid flat. */
  readonly isOnAnimal: ComputedRef<boolean>;
  readonly rows: ComputedRef<readonly (readonly Drawing[])[]>;
} {
  const { plan } = usePiecePlan();
  const view = ref<MarkingView>('side');
  const show = ref<MarkingShow>('painted');
  const isOnAnimal = computed(() => show.value === 'painted' || show.value === 'numbered');
  const quick = (): Drawing => elevation(plan.value, 'side', { show: 'zones', dimensions: false });
  /** What was last drawn of each view: it stands while a change is worked out, so that a drag is not cut off. */
  const drawn = new Map<string, Drawing>();
  const standing = (id: string, drawing: Drawing | undefined): Drawing => {
    const isOut = plan.value.marked === null && plan.value.jobs.markings !== null;
    const before = drawn.get(id);
    if ((isOut || drawing === undefined) && before !== undefined) return before;
    const now = { ...(drawing ?? quick()), id };
    if (!isOut && drawing !== undefined) drawn.set(id, now);
    return now;
  };
  const onAnimal = (): readonly (readonly Drawing[])[] => {
    const isPainted = show.value === 'painted';
    if (view.value === 'head') {
      const heads = isPainted ? paintedHeads(plan.value) : numberedHeads(plan.value);
      return heads.length === 0 ? [[quick()]] : [heads.slice(0, 2), heads.slice(2)];
    }
    const drawing = isPainted
      ? paintedForm(plan.value, view.value, layersOf(plan.value).length, false)
      : numberedAreas(plan.value, view.value);
    const titled = drawing && (isPainted ? { ...drawing, title: say.inItsColours } : drawing);
    return [[standing(`markings-${show.value}-${view.value}`, titled)]];
  };
  const rows = computed(() => {
    if (show.value === 'painted' || show.value === 'numbered') return onAnimal();
    const feathers = show.value === 'trace' ? markedFeathers(plan.value) : [];
    return [...flatMarkingSheets(plan.value, show.value), ...feathers].map((of) => [of]);
  });
  const views = computed(() =>
    (Object.keys(say.views) as MarkingView[])
      .filter((value) => value !== 'head' || (plan.value.marked?.heads.length ?? 0) > 0)
      .map((value) => ({ label: say.views[value], value })),
  );
  return { view, show, views, isOnAnimal, rows };
}
