<script setup lang="ts">
import { NInput } from 'naive-ui';

/** Words to find something by; what is typed is told at once. */
defineProps<{ label: string; value: string }>();
const emit = defineEmits<{ set: [words: string] }>();
</script>

<template>
  <NInput
    :value="value"
    size="small"
    clearable
    :placeholder="label"
    :input-props="{ 'aria-label': label, type: 'search' }"
    @update:value="emit('set', $event)"
  />
</template>
