<script setup lang="ts">
import * as say from './words.ts';
import {
  extentsOf,
  followed,
  planPiece,
  subjectOf,
  withExtent,
  type Extent,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import HintText from '../../kit/HintText.vue';
import { EXTENT_NAMES } from '../extentNames.ts';

/** How much of its animal the piece is: all of it, its head and neck, or half of them on a plate. */
const { piece, plan, change } = usePiecePlan();
const extent = computed(() => piece.value.measure.extent);
const options = computed(() =>
  extentsOf(subjectOf(piece.value.measure).plan).map((value) => ({
    label: EXTENT_NAMES[value],
    value,
  })),
);
const wall = computed(() => plan.value.measure.skeleton.plan.wall);
const told = computed(() => {
  if (extent.value === 'whole') return null;
  return say.onItsWall[wall.value ?? 'none'];
});
const set = (to: string): void => {
  const next = to as Extent;
  change(say.showOf(EXTENT_NAMES[next]), (p) => followed(p, withExtent(p, next), planPiece));
};
</script>

<template>
  <ChoiceRow
    v-if="options.length > 1"
    again
    :label="say.howMuchOfIt"
    :value="extent"
    :options="options"
    @set="set"
  />
  <HintText v-if="told">{{ told }}</HintText>
</template>
