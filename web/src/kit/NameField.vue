<script setup lang="ts">
import * as say from './words.ts';
import { accepted, refused, type Parsed } from '@keen-sinew/core';
import QuantityField from './QuantityField.vue';

/** A name of so many letters at most; never empty. */
const props = defineProps<{ label: string; value: string; most: number }>();
const emit = defineEmits<{ set: [name: string] }>();

function read(typed: string): Parsed<string> {
  const name = typed.trim();
  return name.length >= 1 && name.length <= props.most
    ? accepted(name)
    : refused(props.label, typed, say.toLetters(props.most));
}
</script>

<template>
  <QuantityField
    small
    words
    :label="label"
    :shown="value"
    :parse="read"
    @set="emit('set', $event)"
  />
</template>
