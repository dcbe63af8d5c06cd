<script setup lang="ts">
import { NEmpty } from 'naive-ui';

/** In the place of what is not there yet: why, one way on, and a small drawing where one is given. */
defineProps<{ reason: string }>();
defineSlots<{ default?(): unknown; drawing?(): unknown }>();
</script>

<template>
  <NEmpty class="empty" size="large" :show-icon="$slots.drawing !== undefined">
    <template #icon><slot name="drawing" /></template>
    {{ reason }}
    <template v-if="$slots.default" #extra><slot /></template>
  </NEmpty>
</template>

<style scoped>
.empty {
  margin: auto;
  max-width: 520px;
  text-align: center;
}
</style>
