<script setup lang="ts">
import { parseMinutes, parseNumber, parseTemperature, type Piece } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../controls/DecisionRow.vue';
import QuantityField from '../../controls/QuantityField.vue';
import SwitchField from '../../controls/SwitchField.vue';
import { withPart } from '../withPart.ts';

const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const cure = computed(() => piece.value.cure);

const put = (what: string, part: Partial<Piece['cure']>): void =>
  change(what, (p) => withPart(p, 'cure', part));
/** Differences of temperature are typed in the degrees that are shown. */
const degree = computed(() => (system.value === 'metric' ? 1 : 1 / 1.8));
const readDifference = (label: string, min: number, max: number) => (typed: string) => {
  const read = parseNumber(
    typed,
    label,
    Math.round(min / degree.value),
    Math.round(max / degree.value),
    system.value === 'metric' ? '°C' : '°F',
  );
  return read.ok ? { ok: true as const, value: read.value * degree.value } : read;
};
</script>

<template>
  <DecisionRow name="Fan on">
    <SwitchField
      label="Fan on"
      :value="cure.fan"
      @set="put('Switch the oven’s fan', { fan: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Thermometer less dial">
    <QuantityField
      small
      label="Thermometer less dial"
      :shown="text(cure.ovenOffsetC, 'kelvin')"
      :parse="readDifference('Thermometer less dial', -60, 60)"
      @set="put('Enter what a thermometer shows', { ovenOffsetC: $event })"
    />
  </DecisionRow>
  <DecisionRow
    name="Set the dial yourself"
    :own="cure.setC !== null"
    @revert="put('Let the dial follow', { setC: null })"
  >
    <QuantityField
      small
      label="Dial"
      :shown="plan.cure.dial ? text(plan.cure.dial.value, 'degC') : ''"
      :parse="(typed) => parseTemperature(typed, 'Dial', { min: 0, max: 300 }, system)"
      @set="put('Set the dial', { setC: $event })"
    />
  </DecisionRow>
  <DecisionRow
    name="Set the time yourself"
    :own="cure.minutes !== null"
    @revert="put('Let the time follow', { minutes: null })"
  >
    <QuantityField
      small
      label="Minutes of the bake"
      :shown="plan.cure.bake ? text(plan.cure.bake.value, 'min') : ''"
      :parse="(typed) => parseMinutes(typed, 'Minutes of the bake', { min: 1, max: 1440 }, system)"
      @set="put('Set the minutes', { minutes: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Hot means this near the oven">
    <QuantityField
      small
      label="Hot means within"
      :shown="text(cure.nearC, 'kelvin')"
      :parse="readDifference('Hot means within', 1, 40)"
      @set="put('Change what hot means', { nearC: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Held hot for">
    <QuantityField
      small
      label="Held hot for"
      :shown="text(cure.holdMin, 'min')"
      :parse="(typed) => parseMinutes(typed, 'Held hot for', { min: 0, max: 240 }, system)"
      @set="put('Change the time held', { holdMin: $event })"
    />
  </DecisionRow>
</template>
