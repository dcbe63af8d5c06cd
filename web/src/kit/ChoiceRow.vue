<script setup lang="ts">
import { NRadioButton, NRadioGroup } from 'naive-ui';

/** A row of which one is chosen: a short choice that is seen whole. Arrow keys go along it. */
const props = defineProps<{
  label: string;
  value: string;
  options: readonly { readonly label: string; readonly value: string }[];
  /** What is chosen can be chosen again: it may have been changed since. */
  again?: boolean;
}>();
const emit = defineEmits<{ set: [value: string] }>();

/** A touch of what is chosen changes nothing in the row, so that it is told by the touch itself. */
function touched(event: MouseEvent, value: string): void {
  if (props.again && value === props.value && event.target instanceof HTMLInputElement)
    emit('set', value);
}
</script>

<template>
  <NRadioGroup
    class="choices"
    role="radiogroup"
    size="small"
    :aria-label="label"
    :value="value"
    @update:value="emit('set', $event)"
  >
    <!-- Each stands by itself, so that a long row may break anywhere. -->
    <span
      v-for="option in options"
      :key="option.value"
      class="choice"
      @click="touched($event, option.value)"
    >
      <NRadioButton :value="option.value">{{ option.label }}</NRadioButton>
    </span>
  </NRadioGroup>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.choice {
  display: inline-flex;
}
</style>
