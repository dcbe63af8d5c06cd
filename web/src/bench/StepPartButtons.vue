<script setup lang="ts">
import * as say from './words.ts';
import type { StepPlan } from '@keen-sinew/core';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import { withPartDone } from '../stages/bench/stepChanges.ts';

/** The parts of a step as large buttons, each pressed when it is done. */
const props = defineProps<{ step: StepPlan }>();
const { change } = usePiecePlan();
const turn = ({ id, name, isDone }: StepPlan['parts'][number]): void =>
  change(say.tickPart(name, props.step.title), (p) => withPartDone(p, props.step.id, id, !isDone));
</script>

<template>
  <p class="parts">
    <button
      v-for="part in step.parts"
      :key="part.id"
      type="button"
      :aria-pressed="part.isDone"
      @click="turn(part)"
    >
      <span aria-hidden="true">{{ part.isDone ? '✓' : '○' }}</span> {{ part.name }}
    </button>
  </p>
</template>

<style scoped>
.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 0 0 14px;
}
button {
  min-height: 64px;
  padding: 0 18px;
  border: 1.5px solid var(--line);
  border-radius: var(--radius);
  background: none;
  font-size: 18px;
  cursor: pointer;
}
button[aria-pressed='true'] {
  border-color: var(--verdigris);
  color: var(--verdigris);
  font-weight: 700;
}
</style>
