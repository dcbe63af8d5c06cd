<script setup lang="ts">
import * as say from './words.ts';
import { NProgress } from 'naive-ui';
import { computed } from 'vue';
import type { JobState } from '../jobs/useJob.ts';
import ActionButton from './ActionButton.vue';

/** Stands in the place of what is being worked out: how far it is, and a way to end it. */
const props = defineProps<{ job: JobState<unknown>; sentence: string }>();
const percent = computed(() => Math.round((props.job.progress.value ?? 0) * 100));
</script>

<template>
  <div v-if="job.problem.value !== null" class="job" role="alert">
    <p>{{ job.problem.value }}</p>
    <ActionButton @click="job.retry()">{{ say.tryAgain }}</ActionButton>
  </div>
  <div v-else-if="job.cancelled.value" class="job" role="status">
    <p>{{ say.wasCancelled }}</p>
    <ActionButton @click="job.retry()">{{ say.workItOut }}</ActionButton>
  </div>
  <div v-else class="job" role="status">
    <p>{{ sentence }}</p>
    <div v-if="job.progress.value !== null" class="bar">
      <NProgress
        type="line"
        :percentage="percent"
        :height="6"
        :show-indicator="false"
        :aria-label="say.howFar"
      />
      <span class="number">{{ percent }} %</span>
      <ActionButton @click="job.cancel()">{{ say.cancel }}</ActionButton>
    </div>
  </div>
</template>

<style scoped>
.job {
  color: var(--soft);
  margin: 6px 4px;
}
p {
  margin: 0 0 4px;
}
.bar {
  display: grid;
  grid-template-columns: minmax(60px, 1fr) auto auto;
  gap: 10px;
  align-items: center;
}
</style>
