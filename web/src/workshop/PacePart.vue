<script setup lang="ts">
import { limitsOf, parseMinutes, parseNumber } from '@keen-sinew/core';
import { useUnits } from '../composables/useUnits.ts';
import DecisionRow from '../controls/DecisionRow.vue';
import QuantityField from '../controls/QuantityField.vue';
import { useWorkshop } from './useWorkshop.ts';

/** How fast the maker works against the usual, and how long a sitting is. */
const { workshop, change } = useWorkshop();
const { text, system } = useUnits();
const readPace = (typed: string) => {
  const { min, max } = limitsOf('workshop.pace');
  return parseNumber(typed, 'Time that hand work takes', min, max);
};
const readSitting = (typed: string) => {
  const { min, max } = limitsOf('workshop.sittingH');
  const read = parseMinutes(typed, 'A sitting', { min: 60 * min, max: 60 * max }, system.value);
  return read.ok ? { ok: true as const, value: read.value / 60 } : read;
};
</script>

<template>
  <DecisionRow name="Hand work takes, times the usual">
    <QuantityField
      small
      label="Hand work takes, times the usual"
      :shown="String(workshop.pace)"
      :parse="readPace"
      @set="change('Change your pace', (shop) => ({ ...shop, pace: $event }))"
    />
  </DecisionRow>
  <DecisionRow name="A sitting at the bench">
    <QuantityField
      small
      label="A sitting at the bench"
      :shown="text(60 * workshop.sittingH, 'min', 0)"
      :parse="readSitting"
      @set="change('Change the length of a sitting', (shop) => ({ ...shop, sittingH: $event }))"
    />
  </DecisionRow>
</template>
