<script setup lang="ts">
import * as say from './words.ts';
import { STAGES } from '@keen-sinew/core';
import { useEventListener, useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import ActionButton from '../kit/ActionButton.vue';
import { STAGE_NAMES } from './stageNames.ts';

/** Three sentences for one who has never been here, and a walk through the stages that any touch ends. */
const props = defineProps<{ pieceId: string }>();
const emit = defineEmits<{ close: [] }>();
const router = useRouter();
/** All stages are seen in less than a minute, ms each. */
const EACH_MS = 6000;
const at = ref(-1);
const isWalking = computed(() => at.value >= 0);
const now = computed(() => {
  const stage = STAGES[at.value];
  return stage === undefined ? null : STAGE_NAMES[stage];
});

const walk = useIntervalFn(() => void step(), EACH_MS, { immediate: false });
async function step(): Promise<void> {
  at.value += 1;
  const stage = STAGES[at.value];
  if (stage === undefined) return stop();
  await router.push(`/piece/${props.pieceId}/${stage}`);
}
function begin(): void {
  walk.resume();
  void step();
}
function stop(): void {
  walk.pause();
  at.value = -1;
}
// Whoever takes the mouse or the keys goes their own way.
const ownWay = (): void => {
  if (isWalking.value) stop();
};
useEventListener(window, 'pointerdown', ownWay);
useEventListener(window, 'keydown', ownWay);
</script>

<template>
  <section class="welcome" :aria-label="say.welcome">
    <p v-if="now" aria-live="polite">
      <b>{{ now.name }}.</b> {{ now.purpose }}
    </p>
    <p v-else>{{ say.threeSentences }}</p>
    <ActionButton v-if="!isWalking" @click="begin">{{ say.walkThroughStages }}</ActionButton>
    <ActionButton @click="emit('close')">{{ say.closeWelcome }}</ActionButton>
  </section>
</template>

<style scoped>
.welcome {
  display: flex;
  gap: 18px;
  align-items: baseline;
  background: var(--sheet);
  border-bottom: 1px solid var(--line);
  padding: 8px 18px;
}
p {
  margin: 0;
  flex: 1;
  line-height: 1.4;
}
</style>
