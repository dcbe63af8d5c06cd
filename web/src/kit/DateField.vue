<script setup lang="ts">
import { NDatePicker } from 'naive-ui';

/** A day of the calendar: picked, or typed as 2026-12-24; null for none. */
defineProps<{ label: string; value: string | null }>();
const emit = defineEmits<{ set: [day: string | null] }>();
</script>

<template>
  <NDatePicker
    type="date"
    size="small"
    clearable
    value-format="yyyy-MM-dd"
    format="yyyy-MM-dd"
    :formatted-value="value"
    :placeholder="label"
    :aria-label="label"
    :first-day-of-week="0"
    :actions="['clear', 'now']"
    @update:formatted-value="emit('set', $event)"
  />
</template>
