<script setup lang="ts">
import { NSelect } from 'naive-ui';
import { computed } from 'vue';

/** A choice among a few named things. */
const props = defineProps<{
  label: string;
  value: string;
  options: readonly { readonly label: string; readonly value: string }[];
  small?: boolean;
}>();
const emit = defineEmits<{ set: [value: string] }>();
/** The same list as long as the choices are: a menu that is open is not made anew under the pointer. */
const list = computed(() => props.options.map((option) => ({ ...option })));
</script>

<template>
  <NSelect
    :value="value"
    :options="list"
    :size="small ? 'small' : 'medium'"
    :aria-label="label"
    :input-props="{ 'aria-label': label }"
    :consistent-menu-width="false"
    @update:value="emit('set', $event)"
  />
</template>
