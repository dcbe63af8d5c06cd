<script setup lang="ts">
import * as say from './words.ts';
import { limitsOf, parseMinutes, parseTemperature, type OwnStuff } from '@keen-sinew/core';
import { useUnits } from '../composables/useUnits.ts';
import DecisionRow from '../kit/DecisionRow.vue';
import { lengthAt, numberAt } from '../kit/limited.ts';
import QuantityField from '../kit/QuantityField.vue';

/** What the label of one stuff says. */
const props = defineProps<{ stuff: OwnStuff }>();
const emit = defineEmits<{ set: [stuff: OwnStuff] }>();
const { system, text } = useUnits();
const PATH = 'workshop.stuffs.*';
const named = (words: string): string => `${words}, ${props.stuff.name}`;
const cured = (part: Partial<NonNullable<OwnStuff['cures']>>): void => {
  const { stuff } = props;
  if (stuff.cures) emit('set', { ...stuff, cures: { ...stuff.cures, ...part } });
};
</script>

<template>
  <DecisionRow :name="say.stuffBears">
    <QuantityField
      small
      :label="named(say.stuffBears)"
      :shown="text(stuff.standsC, 'degC')"
      :parse="
        (typed) => parseTemperature(typed, say.stuffBears, limitsOf(`${PATH}.standsC`), system)
      "
      @set="emit('set', { ...stuff, standsC: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.stuffDensity">
    <QuantityField
      small
      :label="named(say.stuffDensity)"
      :shown="text(stuff.gPerMl, 'g/ml')"
      :parse="numberAt(`${PATH}.gPerMl`, say.stuffDensity, 'g/ml')"
      @set="emit('set', { ...stuff, gPerMl: $event })"
    />
  </DecisionRow>
  <template v-if="stuff.cures">
    <DecisionRow :name="say.stuffCuresAt">
      <QuantityField
        small
        :label="named(say.stuffCuresAt)"
        :shown="text(stuff.cures.temperatureC, 'degC')"
        :parse="
          (typed) =>
            parseTemperature(
              typed,
              say.stuffCuresAt,
              limitsOf(`${PATH}.cures.temperatureC`),
              system,
            )
        "
        @set="cured({ temperatureC: $event })"
      />
    </DecisionRow>
    <DecisionRow :name="say.stuffMinutes">
      <QuantityField
        small
        :label="named(say.stuffMinutes)"
        :shown="text(stuff.cures.minutes, 'min')"
        :parse="
          (typed) =>
            parseMinutes(typed, say.stuffMinutes, limitsOf(`${PATH}.cures.minutes`), system)
        "
        @set="cured({ minutes: $event })"
      />
    </DecisionRow>
    <DecisionRow :name="say.stuffPerMm">
      <QuantityField
        small
        :label="named(say.stuffPerMm)"
        :shown="text(stuff.cures.perMm, 'mm')"
        :parse="lengthAt(`${PATH}.cures.perMm`, say.stuffPerMm, system)"
        @set="cured({ perMm: $event })"
      />
    </DecisionRow>
  </template>
</template>
