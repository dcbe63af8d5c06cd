<script setup lang="ts">
import * as say from './words.ts';
import { useUnits } from '../composables/useUnits.ts';
import DecisionRow from '../kit/DecisionRow.vue';
import { differenceAt } from '../kit/limited.ts';
import QuantityField from '../kit/QuantityField.vue';
import SwitchField from '../kit/SwitchField.vue';

/** How the oven heats: its fan, and how far it is from what its dial says. */
defineProps<{ fan: boolean; offsetC: number }>();
const emit = defineEmits<{
  fan: [label: string, on: boolean];
  offset: [label: string, kelvin: number];
}>();
const { system, text } = useUnits();
</script>

<template>
  <DecisionRow :name="say.fanOn">
    <SwitchField :label="say.fanOn" :value="fan" @set="emit('fan', say.switchOvensFan, $event)" />
  </DecisionRow>
  <DecisionRow :name="say.thermometerLessDial">
    <QuantityField
      small
      :label="say.thermometerLessDial"
      :shown="text(offsetC, 'kelvin')"
      :parse="differenceAt('workshop.oven.offsetC', say.thermometerLessDial, system)"
      @set="emit('offset', say.enterWhatThermometerShows, $event)"
    />
  </DecisionRow>
</template>
