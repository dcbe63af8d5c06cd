<script setup lang="ts">
import { limitsOf, parseMinutes, parseTemperature, type Workpiece } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../controls/DecisionRow.vue';
import { differenceAt } from '../../controls/limited.ts';
import QuantityField from '../../controls/QuantityField.vue';
import SwitchField from '../../controls/SwitchField.vue';
import { withPart } from '../withPart.ts';
import WorkshopNote from '../../workshop/WorkshopNote.vue';

const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const cure = computed(() => piece.value.cure);

const put = (what: string, part: Partial<Workpiece['cure']>): void =>
  change(what, (p) => withPart(p, 'cure', part));
</script>

<template>
  <WorkshopNote />
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
      :parse="differenceAt('workshop.oven.offsetC', 'Thermometer less dial', system)"
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
