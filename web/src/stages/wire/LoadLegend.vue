<script setup lang="ts">
import * as say from './words.ts';
import { LOAD_CLASSES } from '@keen-sinew/core';

/** What the lines say where wires are drawn by what they bear: by colour, weight and dashes. */
</script>

<template>
  <ul class="legend" :aria-label="say.whatLinesSay">
    <li v-for="loadClass in LOAD_CLASSES" :key="loadClass.id" :class="loadClass.id">
      {{ loadClass.name }}
    </li>
  </ul>
</template>

<style scoped>
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  margin: 0;
  padding: 0;
  list-style: none;
  font-size: 14px;
}
.legend li::before {
  content: '';
  display: inline-block;
  width: 26px;
  margin-right: 6px;
  vertical-align: middle;
  border-top: 2px solid var(--verdigris);
}
.legend .enough::before {
  border-top: 3px solid var(--ink);
}
.legend .barely::before {
  border-top: 4px solid var(--ochre);
}
.legend .gives::before {
  border-top: 4px dashed var(--rust);
}
</style>
