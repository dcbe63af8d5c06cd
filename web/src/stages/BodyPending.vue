<script setup lang="ts">
import * as say from './words.ts';
import { usePiecePlan } from '../composables/usePiecePlan.ts';

/** Stands in the place of numbers that wait for the body, with how far it is, or what went wrong. */
const { progress, problem, retry } = usePiecePlan().work.body;
</script>

<template>
  <p v-if="problem !== null" class="pending" role="alert">
    {{ problem }}
    <button type="button" class="quiet-button" @click="retry">{{ say.tryAgain }}</button>
  </p>
  <p v-else class="pending" role="status">
    {{ say.bodyIsBeingWorked(progress === null ? '' : `, ${Math.round(progress * 100)} %`) }}
  </p>
</template>

<style scoped>
.pending {
  color: var(--soft);
  margin: 6px 4px;
}
</style>
