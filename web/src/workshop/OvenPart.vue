<script setup lang="ts">
import type { Workshop } from '@keen-sinew/core';
import { useUnits } from '../composables/useUnits.ts';
import DecisionRow from '../controls/DecisionRow.vue';
import { differenceAt, lengthAt } from '../controls/limited.ts';
import QuantityField from '../controls/QuantityField.vue';
import SwitchField from '../controls/SwitchField.vue';
import { useWorkshop } from './useWorkshop.ts';

/** The oven: its inside, the air that it wants, its fan, and how far its dial is off. */
const { workshop, change } = useWorkshop();
const { system, text } = useUnits();
const SIDES = [
  { key: 'lengthMm', name: 'Inside, long' },
  { key: 'widthMm', name: 'Inside, deep' },
  { key: 'heightMm', name: 'Inside, high' },
] as const;
const put = (label: string, part: Partial<Workshop['oven']>): void =>
  change(label, (shop) => ({ ...shop, oven: { ...shop.oven, ...part } }));
</script>

<template>
  <DecisionRow v-for="side in SIDES" :key="side.key" :name="side.name">
    <QuantityField
      small
      :label="side.name"
      :shown="text(workshop.oven.inside[side.key], 'mm', system === 'metric' ? 0 : 2)"
      :parse="lengthAt(`workshop.oven.inside.${side.key}`, side.name, system)"
      @set="put('Change the oven', { inside: { ...workshop.oven.inside, [side.key]: $event } })"
    />
  </DecisionRow>
  <DecisionRow name="Air left all round">
    <QuantityField
      small
      label="Air left all round in the oven"
      :shown="text(workshop.oven.airMm, 'mm', system === 'metric' ? 0 : 2)"
      :parse="lengthAt('workshop.oven.airMm', 'Air left all round', system)"
      @set="put('Change the air in the oven', { airMm: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Fan on">
    <SwitchField
      label="Fan on"
      :value="workshop.oven.fan"
      @set="put('Switch the oven’s fan', { fan: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Thermometer less dial">
    <QuantityField
      small
      label="Thermometer less dial"
      :shown="text(workshop.oven.offsetC, 'kelvin')"
      :parse="differenceAt('workshop.oven.offsetC', 'Thermometer less dial', system)"
      @set="put('Enter what a thermometer shows', { offsetC: $event })"
    />
  </DecisionRow>
</template>
