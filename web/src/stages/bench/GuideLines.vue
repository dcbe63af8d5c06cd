<script setup lang="ts">
import * as say from './words.ts';
import type { StepPlan } from '@keen-sinew/core';

/** What to have ready for a step, how it looks when it is right, and what goes wrong there. */
defineProps<{ guide: StepPlan['guide'] }>();
</script>

<template>
  <dl>
    <dt>{{ say.onTable }}</dt>
    <dd>{{ guide.table.join(', ') }}</dd>
    <dt>{{ say.rightWhen }}</dt>
    <dd>{{ guide.right }}</dd>
    <dt>{{ say.watchFor }}</dt>
    <dd>{{ guide.wrong }}</dd>
  </dl>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 0.2em 0.8em;
  margin: 3px 0;
}
dt {
  color: var(--soft);
}
dd {
  margin: 0;
  max-width: 62ch;
}
</style>
