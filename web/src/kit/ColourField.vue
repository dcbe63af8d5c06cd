<script setup lang="ts">
import * as say from './words.ts';
import { accepted, refused, type Parsed } from '@keen-sinew/core';
import { ColourPicker } from './heavy.ts';
import QuantityField from './QuantityField.vue';

/** A colour: picked by eye, or typed as six digits. */
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
    <ColourPicker :label="say.byEye(label)" :hex="hex" @set="emit('set', $event)" />
    <QuantityField small :label="label" :shown="hex" :parse="read" @set="emit('set', $event)" />
  </div>
</template>

<style scoped>
.colour {
  display: grid;
  grid-template-columns: 34px 1fr;
  gap: 6px;
  align-items: center;
}
</style>
