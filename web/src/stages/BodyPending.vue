<script setup lang="ts">
import { usePiecePlan } from '../composables/usePiecePlan.ts';

/** Stands in the place of numbers that wait for the body, with how far it is, or what went wrong. */
const { progress, problem, retry } = usePiecePlan().work.body;
</script>

<template>
  <p v-if="problem !== null" class="pending" role="alert">
    {{ problem }}
    <button type="button" class="quiet-button" @click="retry">Try again</button>
  </p>
  <p v-else class="pending" role="status">
    {{
      `The body is being worked out${progress === null ? '' : `, ${Math.round(progress * 100)} %`}. These numbers follow in a moment.`
    }}
  </p>
</template>

<style scoped>
.pending {
  color: var(--soft);
  margin: 6px 4px;
}
</style>
