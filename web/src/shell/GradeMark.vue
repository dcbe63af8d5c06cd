<script setup lang="ts">
import type { Snag } from '@keen-sinew/core';

/** The grade of a snag: a turned square by colour and by weight of its words. */
defineProps<{ grade: Snag['grade'] }>();
</script>

<template>
  <span class="grade" :class="grade"><i aria-hidden="true" /> <slot /></span>
</template>

<style scoped>
.grade {
  font-weight: 700;
  display: inline-flex;
  align-items: center;
  gap: 8px;
}
.grade i {
  width: 10px;
  height: 10px;
  transform: rotate(45deg);
  background: var(--ochre);
}
.grade.watch {
  font-weight: 400;
}
.grade.fix i {
  background: var(--rust);
}
</style>
