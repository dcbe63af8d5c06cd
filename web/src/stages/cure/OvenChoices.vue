<script setup lang="ts">
import {
  limitsOf,
  parseMinutes,
  parseNumber,
  parseTemperature,
  type NumberLimits,
  type Piece,
} from '@keen-sinew/core';
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
const readDifference =
  (label: string, { min, max }: NumberLimits) =>
  (typed: string) => {
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
      :parse="readDifference('Thermometer less dial', limitsOf('cure.ovenOffsetC'))"
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
      :parse="(typed) => parseTemperature(typed, 'Dial', limitsOf('cure.setC'), system)"
      @set="put('Set the dial', { setC: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Kept in once it is hot">
    <QuantityField
      small
      label="Kept in once it is hot"
      :shown="text(cure.holdMin, 'min')"
      :parse="
        (typed) => parseMinutes(typed, 'Kept in once it is hot', limitsOf('cure.holdMin'), system)
      "
      @set="put('Change the time held', { holdMin: $event })"
    />
  </DecisionRow>
</template>
