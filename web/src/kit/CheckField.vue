<script setup lang="ts">
import { NCheckbox } from 'naive-ui';

/** A thing that is ticked or not; its name is the label, or stands in the slot. */
defineProps<{ checked: boolean; label?: string; disabled?: boolean }>();
const emit = defineEmits<{ set: [checked: boolean] }>();
</script>

<template>
  <NCheckbox
    class="check"
    :checked="checked"
    :disabled="disabled"
    :aria-label="label"
    @update:checked="emit('set', $event)"
    ><slot
  /></NCheckbox>
</template>

<style scoped>
@media (pointer: coarse) {
  .check {
    min-height: 40px;
    align-items: center;
  }
}
</style>
