<script setup lang="ts">
import * as say from './words.ts';
import { landmarkDrawing, landmarksOf, type Skeleton } from '@keen-sinew/core';
import { computed, ref, watch } from 'vue';
import ActionButton from '../kit/ActionButton.vue';
import SheetBoard from '../sheet/SheetBoard.vue';

/** Places to find on a picture of the animal: each with a small drawing of where it is. */
const props = defineProps<{ skeleton: Skeleton }>();
const landmarks = computed(() =>
  landmarksOf(props.skeleton).filter((entry) => entry.side !== 'right'),
);
const chosenId = ref('');
watch(
  landmarks,
  (all) => {
    if (!all.some((entry) => entry.id === chosenId.value)) chosenId.value = all[0]?.id ?? '';
  },
  { immediate: true },
);
const drawing = computed(() => {
  const landmark = landmarks.value.find((landmark) => landmark.id === chosenId.value);
  return landmark && landmarkDrawing(props.skeleton, landmark);
});
</script>

<template>
  <div v-if="drawing" class="small">
    <SheetBoard still :rows="[[drawing]]" :target="null" :label="say.whereItIs(drawing.title)" />
  </div>
  <ul>
    <li v-for="landmark in landmarks" :key="landmark.id">
      <ActionButton
        kind="line"
        :aria-pressed="landmark.id === chosenId"
        @click="chosenId = landmark.id"
      >
        {{ landmark.name.replace(', left', '') }}
      </ActionButton>
    </li>
  </ul>
</template>

<style scoped>
.small {
  height: 150px;
  display: flex;
  background: var(--sheet);
  border: 1px solid var(--line);
}
ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
</style>
