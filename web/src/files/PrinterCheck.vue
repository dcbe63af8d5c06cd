<script setup lang="ts">
import * as say from './words.ts';
import { BAR_LIMITS, parseLength, printFactor, TRUE_PRINTER } from '@keen-sinew/core';
import { computed } from 'vue';
import { useUnits } from '../composables/useUnits.ts';
import ActionButton from '../kit/ActionButton.vue';
import DecisionRow from '../kit/DecisionRow.vue';
import QuantityField from '../kit/QuantityField.vue';
import { useSettingsStore } from '../stores/settingsStore.ts';

/** What the 100 mm bars of a printed sheet measure: every sheet then makes up for the printer. */
const settings = useSettingsStore();
const { system } = useUnits();
const WAYS = [
  { name: say.barAcrossMeasures, index: 0 },
  { name: say.barDownMeasures, index: 1 },
] as const;
const factors = computed(() => settings.printer);
const makesUp = computed(() => factors.value.some((factor) => factor !== 1));
const percent = (factor: number): string => `${(100 * factor).toFixed(2)} %`;

function measured(index: 0 | 1, mm: number): void {
  const factor = printFactor(mm, factors.value[index]);
  void settings.setPrinter(index === 0 ? [factor, factors.value[1]] : [factors.value[0], factor]);
}
</script>

<template>
  <section class="printer" :aria-label="say.yourPrinter">
    <p>
      {{ say.printSheetLaySteel }}
    </p>
    <DecisionRow v-for="way in WAYS" :key="way.name" :name="way.name">
      <QuantityField
        small
        :label="way.name"
        placeholder="100.0 mm"
        shown=""
        :parse="(typed) => parseLength(typed, way.name, BAR_LIMITS, system)"
        @set="measured(way.index, $event)"
      />
    </DecisionRow>
    <p v-if="makesUp" role="status">
      {{ say.sheetsAreDrawnAcross(percent(factors[0]), percent(factors[1])) }}
      <ActionButton @click="settings.setPrinter(TRUE_PRINTER)">
        {{ say.asItComes }}
      </ActionButton>
    </p>
  </section>
</template>

<style scoped>
.printer {
  margin: 8px 0;
  max-width: 420px;
}
p {
  margin: 4px 0;
  font-size: 14px;
  color: var(--soft);
}
</style>
