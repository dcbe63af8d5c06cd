<script setup lang="ts">
import * as say from './words.ts';

/** Says of decisions in a piece's ledger that they are the workshop's. */
</script>

<template>
  <p>
    {{ say.keptIn }} <RouterLink to="/workshop">{{ say.workshop }}</RouterLink>{{
      say.everyPieceReadsIt
    }}
  </p>
</template>

<style scoped>
p {
  margin: 4px;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
