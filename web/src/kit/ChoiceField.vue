<script setup lang="ts">
import { NSelect } from 'naive-ui';

/** A choice among a few named things. */
defineProps<{
  label: string;
  value: string;
  options: readonly { readonly label: string; readonly value: string }[];
  small?: boolean;
}>();
const emit = defineEmits<{ set: [value: string] }>();
</script>

<template>
  <NSelect
    :value="value"
    :options="options.map((option) => ({ ...option }))"
    :size="small ? 'small' : 'medium'"
    :aria-label="label"
    :input-props="{ 'aria-label': label }"
    :consistent-menu-width="false"
    @update:value="emit('set', $event)"
  />
</template>
