<script setup lang="ts">
import * as say from './words.ts';
import { accepted, cutText } from '@keen-sinew/core';
import DecisionRow from '../kit/DecisionRow.vue';
import { DateField } from '../kit/heavy.ts';
import QuantityField from '../kit/QuantityField.vue';

/** Where a lot lies, and since when it is open: opened ones are used up first. */
defineProps<{ name: string; where: string; opened: string | null }>();
const emit = defineEmits<{ set: [part: { where?: string; opened?: string | null }] }>();
</script>

<template>
  <DecisionRow :name="say.liesAt">
    <QuantityField
      small
      words
      :label="say.liesAt2(name)"
      :shown="where"
      :parse="(typed) => accepted(cutText(typed, 60))"
      @set="emit('set', { where: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.openedOn">
    <DateField
      :label="say.openedOn2(name)"
      :value="opened"
      @set="emit('set', { opened: $event })"
    />
  </DecisionRow>
</template>
