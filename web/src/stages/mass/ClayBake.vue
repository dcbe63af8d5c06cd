<script setup lang="ts">
import * as say from './words.ts';
import { limitsOf, parseMinutes, parseTemperature } from '@keen-sinew/core';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../kit/DecisionRow.vue';

import { lengthAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import { useClayLabel, type WhichClay } from './useClayLabel.ts';

/** What the label of a clay says of its bake. */
const props = defineProps<{ of: WhichClay }>();
const { system, text } = useUnits();
const { clay, figures, named, putLabel } = useClayLabel(() => props.of);
</script>

<template>
  <DecisionRow
    v-if="figures.temperature"
    :name="say.curesAtByIts"
    :own="clay.label.temperatureC !== null"
    @revert="putLabel({ temperatureC: null })"
  >
    <QuantityField
      small
      :label="named(say.curingTemperatureOnLabel)"
      :shown="text(figures.temperature.value, 'degC')"
      :parse="
        (typed) =>
          parseTemperature(
            typed,
            say.curingTemperature,
            limitsOf('mass.clay.label.temperatureC'),
            system,
          )
      "
      @set="putLabel({ temperatureC: $event })"
    />
  </DecisionRow>
  <DecisionRow
    :name="say.neverAboveByIts"
    :own="clay.label.limitC !== null"
    @revert="putLabel({ limitC: null })"
  >
    <QuantityField
      small
      :label="named(say.upperLimitOnLabel)"
      :shown="text(figures.limit.value, 'degC')"
      :parse="
        (typed) =>
          parseTemperature(typed, say.upperLimit, limitsOf('mass.clay.label.limitC'), system)
      "
      @set="putLabel({ limitC: $event })"
    />
  </DecisionRow>
  <template v-if="figures.clay.setting === 'oven'">
    <DecisionRow
      :name="say.minutesByItsLabel"
      :own="clay.label.minutes !== null"
      @revert="putLabel({ minutes: null })"
    >
      <QuantityField
        small
        :label="named(say.minutesOnLabel)"
        :shown="text(figures.time.value, 'min')"
        :parse="
          (typed) => parseMinutes(typed, say.minutes, limitsOf('mass.clay.label.minutes'), system)
        "
        @set="putLabel({ minutes: $event })"
      />
    </DecisionRow>
    <DecisionRow
      :name="say.forEachThicknessOf"
      :own="clay.label.perMm !== null"
      @revert="putLabel({ perMm: null })"
    >
      <QuantityField
        small
        :label="named(say.thicknessOnLabel)"
        :shown="text(figures.perMm.value, 'mm')"
        :parse="lengthAt('mass.clay.label.perMm', say.thicknessOnLabel, system)"
        @set="putLabel({ perMm: $event })"
      />
    </DecisionRow>
  </template>
</template>
