<script setup lang="ts">
import * as say from './words.ts';
import { isTarget, type StepPlan } from '@keen-sinew/core';
import { useSelection } from '../../composables/useSelection.ts';
import { useRowsInTurns } from '../../composables/useTurns.ts';
import StepCard from './StepCard.vue';

/** The work in order, a card for each step; what the slot gives stands in the card it is given. */
const props = defineProps<{ steps: readonly StepPlan[] }>();
const { target } = useSelection();
/** Cards are put up this many at a time. */
const HANDFUL = 5;
const shown = useRowsInTurns(() => props.steps, HANDFUL);
</script>

<template>
  <ol class="steps" tabindex="0" :aria-label="say.stepsOfThisPiece">
    <StepCard
      v-for="step in shown"
      :key="step.id"
      :step="step"
      :picked="isTarget(target, 'step', step.id)"
    >
      <slot :step="step" />
    </StepCard>
  </ol>
</template>

<style scoped>
.steps {
  list-style: none;
  margin: 0;
  padding: 0 6px 0 0;
  overflow-y: auto;
}
</style>
