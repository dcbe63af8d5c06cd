<script setup lang="ts">
import { CAUTIONS, type CautionId } from '@keen-sinew/core';
import { TriangleAlert } from 'lucide-vue-next';

/** Cautions beside the work that they belong to. */
defineProps<{ ids: readonly CautionId[] }>();
</script>

<template>
  <ul v-if="ids.length > 0" class="cautions" aria-label="Cautions">
    <li v-for="id in ids" :key="id">
      <TriangleAlert :size="15" aria-hidden="true" />
      <span>{{ CAUTIONS[id] }}</span>
    </li>
  </ul>
</template>

<style scoped>
.cautions {
  list-style: none;
  margin: 8px 4px;
  padding: 0;
  font-size: 13.5px;
  line-height: 1.3;
  color: var(--ochre);
}
li {
  display: grid;
  grid-template-columns: 18px 1fr;
  gap: 4px;
  margin-bottom: 5px;
}
</style>
