<script setup lang="ts">
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import DecisionRow from '../../controls/DecisionRow.vue';
import PickRow from '../../controls/PickRow.vue';
import { numberAt } from '../../controls/limited.ts';
import QuantityField from '../../controls/QuantityField.vue';
import { withPart } from '../withPart.ts';

const { piece, change } = usePiecePlan();
const colour = computed(() => piece.value.colour);
const PRIMERS = [
  { label: 'Grey primer', value: 'grey' },
  { label: 'White primer', value: 'white' },
];
const wholeNumber = (typed: string) => {
  const read = numberAt('colour.baseCoats', 'Base coats')(typed);
  return read.ok ? { ok: true as const, value: Math.round(read.value) } : read;
};
</script>

<template>
  <PickRow
    label="Primer"
    :value="colour.primer"
    :options="PRIMERS"
    @set="
      change('Change the primer', (p) =>
        withPart(p, 'colour', { primer: $event === 'white' ? 'white' : 'grey' }),
      )
    "
  />
  <p>Grey keeps dark coats quiet; white makes pale and warm ones glow.</p>
  <DecisionRow name="One step of lightness (0 to 1)">
    <QuantityField
      small
      label="One step of lightness"
      :shown="String(colour.step)"
      :parse="numberAt('colour.step', 'One step of lightness')"
      @set="change('Change the contrast', (p) => withPart(p, 'colour', { step: $event }))"
    />
  </DecisionRow>
  <DecisionRow name="Base coats">
    <QuantityField
      small
      label="Base coats"
      :shown="String(colour.baseCoats)"
      :parse="wholeNumber"
      @set="change('Change the base coats', (p) => withPart(p, 'colour', { baseCoats: $event }))"
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
