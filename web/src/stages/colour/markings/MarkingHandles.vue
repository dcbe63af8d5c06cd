<script setup lang="ts">
import * as say from './words.ts';
import {
  placesSeen,
  type LiePlace,
  type Marking,
  type PagePoint,
  type ReliefView,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import PlaceHandles from '../../PlaceHandles.vue';
import { drawnPlaces, withMarking, withMarkingPlace } from './markingChanges.ts';

/** The places of the chosen marking on the relief: dragged, nudged, or drawn anew. */
const props = defineProps<{
  view: ReliefView;
  box: { readonly min: PagePoint; readonly max: PagePoint };
  mmPerPx: number;
  pointIn: (event: PointerEvent) => PagePoint;
  draws: boolean;
  marking: Marking | undefined;
}>();
const emit = defineEmits<{ dragging: [now: boolean]; drawn: [] }>();
const { plan, change, preview } = usePiecePlan();
const items = computed(() =>
  props.marking === undefined
    ? []
    : [
        {
          ...{ id: props.marking.id, places: props.marking.places },
          called: props.marking.name.toLowerCase(),
          points: placesSeen(plan.value.stance.posed, props.view, props.marking.places),
        },
      ],
);
function draw(drawn: readonly LiePlace[]): void {
  const { marking } = props;
  const places = marking && drawnPlaces(marking, drawn);
  if (marking === undefined || places === undefined) return;
  change(say.changeMarking(marking.name), (p) =>
    withMarking(p, plan.value, marking.id, { places }),
  );
  emit('drawn');
}
</script>

<template>
  <PlaceHandles
    name="marking"
    :view="view"
    :box="box"
    :mm-per-px="mmPerPx"
    :point-in="pointIn"
    :draws="draws && marking !== undefined"
    :items="items"
    :chosen="marking?.id ?? null"
    @dragging="emit('dragging', $event)"
    @drawn="draw"
    @preview="
      preview($event && ((p) => withMarkingPlace(p, plan, $event!.id, $event!.n, $event!.place)))
    "
    @move="
      change(say.movePlace, (p) => withMarkingPlace(p, plan, $event.id, $event.n, $event.place))
    "
  />
</template>
