<script setup lang="ts">
import * as say from './words.ts';
import { limitsOf, parseMinutes, parseNumber } from '@keen-sinew/core';
import { useUnits } from '../composables/useUnits.ts';
import DecisionRow from '../kit/DecisionRow.vue';
import QuantityField from '../kit/QuantityField.vue';
import { useWorkshop } from './useWorkshop.ts';

/** How fast the maker works against the usual, and how long a sitting is. */
const { workshop, change } = useWorkshop();
const { text, system } = useUnits();
const readPace = (typed: string) => {
  const { min, max } = limitsOf('workshop.pace');
  return parseNumber(typed, say.timeThatHandWork, min, max);
};
const readSitting = (typed: string) => {
  const { min, max } = limitsOf('workshop.sittingH');
  const read = parseMinutes(typed, say.sitting, { min: 60 * min, max: 60 * max }, system.value);
  return read.ok ? { ok: true as const, value: read.value / 60 } : read;
};
</script>

<template>
  <DecisionRow :name="say.handWorkTakesTimes">
    <QuantityField
      small
      :label="say.handWorkTakesTimes"
      :shown="String(workshop.pace)"
      :parse="readPace"
      @set="change(say.changeYourPace, (shop) => ({ ...shop, pace: $event }))"
    />
  </DecisionRow>
  <DecisionRow :name="say.sittingAtBench">
    <QuantityField
      small
      :label="say.sittingAtBench"
      :shown="text(60 * workshop.sittingH, 'min', 0)"
      :parse="readSitting"
      @set="change(say.changeLengthOfSitting, (shop) => ({ ...shop, sittingH: $event }))"
    />
  </DecisionRow>
</template>
