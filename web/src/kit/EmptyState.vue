<script setup lang="ts">
import { NEmpty } from 'naive-ui';

/** In the place of what is not there yet: why, one way on, and a small drawing where one is given. */
defineProps<{ reason: string }>();
</script>

<template>
  <NEmpty class="empty" :description="reason" :show-icon="$slots['drawing'] !== undefined">
    <template #icon><slot name="drawing" /></template>
    <template v-if="$slots['default']" #extra><slot /></template>
  </NEmpty>
</template>

<style scoped>
.empty {
  padding: 12px;
}
</style>
