<script setup lang="ts">
import * as say from './words.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import { PROBE_OVENS, PROBE_SPEEDS, type ProbeOven } from '../../../devices/openProbe.ts';
import ChoiceField from '../../../kit/ChoiceField.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import HintText from '../../../kit/HintText.vue';
import { lengthAt } from '../../../kit/limited.ts';
import QuantityField from '../../../kit/QuantityField.vue';
import { useProbeChoices } from './useProbeChoices.ts';

/** The simulated probe: what oven it is in, how fast it runs, and the ball of clay with its second tip. */
const { system, text } = useUnits();
const choices = useProbeChoices();
const ovens = PROBE_OVENS.map((value) => ({ value, label: say.ovens[value] }));
const speeds = PROBE_SPEEDS.map((speed) => ({
  value: String(speed),
  label: say.timesFaster(speed),
}));
</script>

<template>
  <HintText>{{ say.probeIsSimulated }}</HintText>
  <DecisionRow :name="say.simulatedOven">
    <ChoiceField
      small
      :label="say.simulatedOven"
      :value="choices.oven"
      :options="ovens"
      @set="choices = { ...choices, oven: $event as ProbeOven }"
    />
  </DecisionRow>
  <DecisionRow :name="say.runs">
    <ChoiceField
      small
      :label="say.runs"
      :value="String(choices.speed)"
      :options="speeds"
      @set="choices = { ...choices, speed: Number($event) }"
    />
  </DecisionRow>
  <DecisionRow :name="say.ballAcross">
    <QuantityField
      small
      :label="say.ballAcross"
      :shown="text(choices.ballMm, 'mm')"
      :parse="lengthAt('cure.log.*.ballMm', say.ballAcross, system)"
      @set="choices = { ...choices, ballMm: Math.min(60, Math.max(8, $event)) }"
    />
  </DecisionRow>
</template>
