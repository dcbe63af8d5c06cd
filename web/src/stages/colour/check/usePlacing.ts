import {
  calibrate,
  laidByLandmarks,
  laidForm,
  type Picture,
  type ReliefView,
} from '@keen-sinew/core';
import type { Placing } from '@keen-sinew/core/palette';
import { computed, ref, shallowRef, watch, type Ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';

/** Without a scale a piece is laid over so much of a picture. */
const FILLS = 0.8;

/**
 * Where a piece lies over a picture: by the landmarks that are set on it, else in its
 * middle by its scale; or as it was moved by hand.
 */
export function usePlacing(
  picture: Readonly<Ref<Picture | null>>,
  view: Readonly<Ref<ReliefView>>,
) {
  const { plan } = usePiecePlan();
  const isLaid = ref(false);
  const form = computed(() => (isLaid.value ? laidForm(plan.value, view.value) : undefined));
  /** As it was moved by hand; null where it lies as it came. */
  const moved = shallowRef<Placing | null>(null);
  const usual = computed((): Placing | null => {
    const [of, on] = [form.value, picture.value];
    if (of === undefined || on === null) return null;
    const { measure, stance } = plan.value;
    const landmarked = laidByLandmarks(stance.posed, on, view.value, of.middle);
    if (landmarked !== undefined) return landmarked;
    const { skeleton, lifePerModel } = measure;
    const known = calibrate(on, skeleton);
    const fills = FILLS * Math.min(on.widthPx / of.wide, on.heightPx / of.high);
    return {
      at: [on.widthPx / 2, on.heightPx / 2],
      pxPerMm: typeof known === 'string' ? fills : lifePerModel / known.mmPerPx,
      turnDeg: on.turnDeg > 180 ? on.turnDeg - 360 : on.turnDeg,
      mirrored: on.facing === 'right' && view.value !== 'front' && view.value !== 'back',
    };
  });
  const placing = computed(() => moved.value ?? usual.value);
  watch([() => picture.value?.id, view, isLaid], () => (moved.value = null));

  return {
    ...{ isLaid, form, placing },
    move: (part: Partial<Placing>): void => {
      if (placing.value !== null) moved.value = { ...placing.value, ...part };
    },
    again: (): void => {
      moved.value = null;
    },
  };
}
