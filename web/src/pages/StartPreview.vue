<script setup lang="ts">
import * as say from './words.ts';
import {
  answerTo,
  elevation,
  formDrawing,
  planPiece,
  sizeText,
  startPiece,
  type Plan,
  type StartWish,
  type Working,
} from '@keen-sinew/core';
import { computed, onUnmounted, shallowRef, watch } from 'vue';
import HintText from '../kit/HintText.vue';
import { useJob } from '../jobs/useJob.ts';
import SheetBoard from '../sheet/SheetBoard.vue';
import WorkingChip from '../shell/WorkingChip.vue';
import { useWorkshopStore } from '../stores/workshopStore.ts';

/** What a wish comes to: its side and its front, and five numbers. */
const props = defineProps<{ wish: StartWish }>();
const workshops = useWorkshopStore();
const plan = shallowRef<Plan | null>(null);
/** Worked out after the page has shown what was chosen; only the last choice counts. */
let waiting: ReturnType<typeof setTimeout> | undefined;
watch(
  () => props.wish,
  (wish) => {
    clearTimeout(waiting);
    waiting = setTimeout(() => {
      plan.value = planPiece(startPiece('wish', 'Wish', wish, workshops.current, planPiece));
    });
  },
  { immediate: true },
);
onUnmounted(() => clearTimeout(waiting));
/** The finished form, worked out beside the page. */
const question = computed(() => plan.value?.jobs.surface ?? null);
const { answer: form, problem } = useJob(question, say.formOfIt);
const rows = computed(() => {
  if (plan.value === null) return [];
  const now = plan.value;
  const known = answerTo(now.jobs.surface.key, form.value);
  // Until its form is there its armature stands for it.
  const side =
    formDrawing({ ...now, surface: known }, 'side') ??
    elevation(now, 'side', { show: 'wires', dimensions: true });
  return [[side, elevation(now, 'front', { show: 'wires', dimensions: true })]];
});
/** Its five numbers, each with its working. */
const numbers = computed((): readonly (readonly [string, Working])[] => {
  if (plan.value === null) return [];
  const { measure, stance, wire, balance } = plan.value;
  const { on, length, width } = wire.base;
  const grams = balance.workings.find(({ id }) => id === 'balance.grams');
  return [
    [say.scaleOfIt, measure.scale],
    [stance.heightAsPosed.label, stance.heightAsPosed],
    ...(grams === undefined ? [] : [[say.aboutAsHeavy, grams] as const]),
    [on === 'wall' ? say.plateLong : say.baseLong, length],
    [on === 'wall' ? say.plateWide : say.baseWide, width],
  ];
});
const spine = computed(() => {
  const wire = plan.value?.piece.wire.spine;
  return wire && say.spineOfIt(wire.strands, sizeText(wire.size));
});
</script>

<template>
  <section class="preview" :aria-label="say.whatItWillBe">
    <SheetBoard
      v-if="plan"
      class="board"
      still
      :rows="rows"
      :target="null"
      :label="say.whatItWillBe"
    />
    <HintText v-else>{{ say.workingItOut }}</HintText>
    <HintText v-if="problem" alarm>{{ problem }}</HintText>
    <ul>
      <li v-for="[label, working] in numbers" :key="label">
        <WorkingChip :label="label" :working="working" />
      </li>
      <li v-if="spine">{{ spine }}</li>
    </ul>
  </section>
</template>

<style scoped>
.preview {
  display: grid;
  grid-template-columns: 1fr 240px;
  gap: 18px;
  align-items: start;
  margin: 12px 0;
}
.board {
  height: 260px;
  background: var(--sheet);
  border: 1px solid var(--line);
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  padding: 3px 0;
}
</style>
