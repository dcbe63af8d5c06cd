<script setup lang="ts">
import * as say from './words.ts';
import { accepted, cutText, type StepPlan } from '@keen-sinew/core';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ActionButton from '../../kit/ActionButton.vue';
import QuantityField from '../../kit/QuantityField.vue';
import { withLeftOut } from './stepChanges.ts';

/** A step is left out knowingly, with why, and taken up again. */
const props = defineProps<{ step: StepPlan }>();
const { change } = usePiecePlan();
const leave = (why: string | null): void =>
  change(why === null ? say.takeUp(props.step.title) : say.leaveOut(props.step.title), (p) =>
    withLeftOut(p, props.step.id, why),
  );
</script>

<template>
  <p v-if="step.leftOut !== null" class="left">
    <span>{{ say.isLeftOut }}</span>
    <QuantityField
      small
      words
      :label="say.whyLeftOut(step.title)"
      :placeholder="say.why"
      :shown="step.leftOut"
      :parse="(typed) => accepted(cutText(typed, 200))"
      @set="leave"
    />
    <ActionButton @click="leave(null)">
      {{ say.takeItUp }}<span class="visually-hidden">: {{ step.title }}</span>
    </ActionButton>
  </p>
  <ActionButton v-else-if="step.done === null" kind="quiet" @click="leave('')">
    {{ say.leaveItOut }}<span class="visually-hidden">: {{ step.title }}</span>
  </ActionButton>
</template>

<style scoped>
.left {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 10px;
  align-items: center;
  margin: 3px 0;
  font-size: 14px;
  color: var(--soft);
}
</style>
