<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import { numberAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import { withPart } from '../withPart.ts';

const { piece, change } = usePiecePlan();
const colour = computed(() => piece.value.colour);
const PRIMERS = [
  { label: say.greyPrimer, value: 'grey' },
  { label: say.whitePrimer, value: 'white' },
];
const wholeNumber = (typed: string) => {
  const read = numberAt('colour.baseCoats', say.baseCoats)(typed);
  return read.ok ? { ok: true as const, value: Math.round(read.value) } : read;
};
</script>

<template>
  <ChoiceRow
    :label="say.primer"
    :value="colour.primer"
    :options="PRIMERS"
    @set="
      change(say.changePrimer, (p) =>
        withPart(p, 'colour', { primer: $event === 'white' ? 'white' : 'grey' }),
      )
    "
  />
  <p>{{ say.greyKeepsDarkCoats }}</p>
  <DecisionRow :name="say.oneStepOfLightness">
    <QuantityField
      small
      :label="say.oneStepOfLightness2"
      :shown="String(colour.step)"
      :parse="numberAt('colour.step', say.oneStepOfLightness2)"
      @set="change(say.changeContrast, (p) => withPart(p, 'colour', { step: $event }))"
    />
  </DecisionRow>
  <DecisionRow :name="say.baseCoats">
    <QuantityField
      small
      :label="say.baseCoats"
      :shown="String(colour.baseCoats)"
      :parse="wholeNumber"
      @set="change(say.changeBaseCoats, (p) => withPart(p, 'colour', { baseCoats: $event }))"
    />
  </DecisionRow>
</template>

<style scoped>
p {
  margin: 6px 4px;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
