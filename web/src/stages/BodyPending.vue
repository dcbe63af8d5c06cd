<script setup lang="ts">
import { usePiecePlan } from '../composables/usePiecePlan.ts';

/** Stands in the place of numbers that wait for the body, with how far it is. */
const { progress: bodyProgress, problem: bodyProblem } = usePiecePlan().work.body;
</script>

<template>
  <p class="pending" role="status">
    {{
      bodyProblem ??
      `The body is being worked out${bodyProgress === null ? '' : `, ${Math.round(bodyProgress * 100)} %`}. These numbers follow in a moment.`
    }}
  </p>
</template>

<style scoped>
.pending {
  color: var(--soft);
  margin: 6px 4px;
}
</style>
