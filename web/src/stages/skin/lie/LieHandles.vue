<script setup lang="ts">
import * as say from './words.ts';
import {
  marksSeen,
  type LieMarkKind,
  type LiePlace,
  type PagePoint,
  type ReliefView,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import PlaceHandles from '../../PlaceHandles.vue';
import { withNewMark, withPlace } from './lieChanges.ts';

/** Draws marks of the lie on the relief, and holds the places of those that are there. */
const props = defineProps<{
  view: ReliefView;
  box: { readonly min: PagePoint; readonly max: PagePoint };
  mmPerPx: number;
  pointIn: (event: PointerEvent) => PagePoint;
  /** What a drag over the body draws; null where it only moves what is there. */
  kind: LieMarkKind | null;
  chosen: string | null;
}>();
const emit = defineEmits<{ choose: [id: string]; dragging: [now: boolean]; drawn: [] }>();
const { plan, change, preview } = usePiecePlan();
const items = computed(() =>
  marksSeen(plan.value, props.view).map(({ id, kind, places, points }) => ({
    ...{ id, places, points, called: say.markKinds[kind].toLowerCase() },
  })),
);

/** A new whorl is as large as this share of the body's length. */
const WHORL_SHARE = 0.04;
const longest = computed(() =>
  plan.value.measure.skeleton.bones.reduce((sum, { side, lifeLengthMm }) => {
    return side === 'mid' ? sum + lifeLengthMm : sum;
  }, 0),
);
function draw(places: readonly LiePlace[]): void {
  const { kind } = props;
  if (kind === null || places.length < (kind === 'whorl' ? 1 : 2)) return;
  const radius = WHORL_SHARE * longest.value;
  change(say.drawMark(say.markKinds[kind].toLowerCase()), (p) =>
    withNewMark(p, kind, kind === 'whorl' ? places.slice(0, 1) : places, radius),
  );
  emit('drawn');
}
</script>

<template>
  <PlaceHandles
    name="lie"
    :view="view"
    :box="box"
    :mm-per-px="mmPerPx"
    :point-in="pointIn"
    :draws="kind !== null"
    :items="items"
    :chosen="chosen"
    @choose="emit('choose', $event)"
    @dragging="emit('dragging', $event)"
    @drawn="draw"
    @preview="preview($event && ((p) => withPlace(p, $event!.id, $event!.n, $event!.place)))"
    @move="change(say.moveMark, (p) => withPlace(p, $event.id, $event.n, $event.place))"
  />
</template>
