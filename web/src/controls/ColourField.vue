<script setup lang="ts">
import * as say from './words.ts';
import { accepted, refused, type Parsed } from '@keen-sinew/core';
import QuantityField from './QuantityField.vue';

/** A colour: picked by eye in the browser's own picker, or typed as six digits. */
defineProps<{ label: string; hex: string }>();
const emit = defineEmits<{ set: [hex: string] }>();

function read(typed: string): Parsed<string> {
  const match = /^#?([0-9a-f]{6})$/i.exec(typed.trim());
  return match?.[1]
    ? accepted(`#${match[1].toLowerCase()}`)
    : refused(say.colour, typed, say.sixDigitsSuchAs);
}
</script>

<template>
  <div class="colour">
    <input
      type="color"
      :value="hex"
      :aria-label="say.byEye(label)"
      @change="emit('set', ($event.target as HTMLInputElement).value)"
    />
    <QuantityField small :label="label" :shown="hex" :parse="read" @set="emit('set', $event)" />
  </div>
</template>

<style scoped>
.colour {
  display: grid;
  grid-template-columns: 30px 1fr;
  gap: 6px;
  align-items: center;
}
input {
  width: 30px;
  height: 28px;
  padding: 0;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: none;
  cursor: pointer;
}
</style>
