<script setup lang="ts">
import * as say from './words.ts';
import { isTarget, placesFor, type StepPlan } from '@keen-sinew/core';
import type Sortable from 'sortablejs';
import { onBeforeUnmount, onMounted, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useRowsInTurns } from '../../composables/useTurns.ts';
import { dropAfter, withMove } from './stepChanges.ts';
import StepCard from './StepCard.vue';

/** The work in order, a card for each step, dragged by its grip; what the slot gives stands in the card it is given. */
const props = defineProps<{ steps: readonly StepPlan[] }>();
const { change } = usePiecePlan();
const { target } = useSelection();
/** Said when a step would not go where it was put. */
const held = ref<string | null>(null);
/** Cards are put up this many at a time. */
const HANDFUL = 5;
const shown = useRowsInTurns(() => props.steps, HANDFUL);
const list = ref<HTMLElement | null>(null);

/** Puts a step at a place among the others, as near as its needs allow. */
function put(step: StepPlan, at: number): void {
  const { after, isHeld } = dropAfter(props.steps, step.id, at);
  held.value = isHeld ? say.heldByNeeds(step.title) : null;
  const now = props.steps.findIndex(({ id }) => id === step.id);
  if ((props.steps[now - 1]?.id ?? null) === after) return;
  change(say.moveStep(step.title), (p) => withMove(p, step.id, after));
}
function move(step: StepPlan, by: 1 | -1): void {
  const now = props.steps.findIndex(({ id }) => id === step.id);
  const { first, last } = placesFor(props.steps, step.id);
  const at = now + by;
  if (at < first || at > last) held.value = say.heldByNeeds(step.title);
  else put(step, at);
}

let sortable: Sortable | null = null;
onMounted(async () => {
  const { default: library } = await import('sortablejs');
  if (list.value === null) return;
  sortable = library.create(list.value, {
    handle: '.grip',
    animation: matchMedia('(prefers-reduced-motion: reduce)').matches ? 0 : 150,
    onEnd: ({ item, from, oldIndex, newIndex }) => {
      if (oldIndex === undefined || newIndex === undefined || oldIndex === newIndex) return;
      // The list is drawn from the plan: the card goes back, and comes where the plan has it.
      from.insertBefore(item, from.children[oldIndex + (newIndex < oldIndex ? 1 : 0)] ?? null);
      const step = props.steps[oldIndex];
      if (step !== undefined) put(step, newIndex);
    },
  });
});
onBeforeUnmount(() => sortable?.destroy());
</script>

<template>
  <p v-if="held" class="held" role="status">{{ held }}</p>
  <ol ref="list" class="steps" tabindex="0" :aria-label="say.stepsOfThisPiece">
    <StepCard
      v-for="step in shown"
      :key="step.id"
      :step="step"
      :picked="isTarget(target, 'step', step.id)"
      @move="move(step, $event)"
    >
      <slot :step="step" />
    </StepCard>
  </ol>
</template>

<style scoped>
.held {
  margin: 4px 8px;
  color: var(--ochre);
}
.steps {
  list-style: none;
  margin: 0;
  padding: 0 6px 0 0;
  overflow-y: auto;
}
</style>
