<script setup lang="ts">
import * as say from './words.ts';
import type { StepPlan } from '@keen-sinew/core';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import CheckField from '../../kit/CheckField.vue';
import { withPartDone } from './stepChanges.ts';

/** The parts of a step, each ticked by itself: left and right, one hole after the other. */
const props = defineProps<{ step: StepPlan }>();
const { change } = usePiecePlan();
const set = (part: StepPlan['parts'][number], isDone: boolean): void =>
  change(say.tickPart(props.step.title, part.name), (p) =>
    withPartDone(p, props.step.id, part.id, isDone),
  );
</script>

<template>
  <p class="parts">
    <CheckField
      v-for="part in step.parts"
      :key="part.id"
      :checked="part.isDone"
      :label="say.partOf(step.title, part.name)"
      @set="set(part, $event)"
      >{{ part.name }}</CheckField
    >
  </p>
</template>

<style scoped>
.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  margin: 3px 0;
}
</style>
