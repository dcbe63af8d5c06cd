<script setup lang="ts">
import * as say from './words.ts';
import {
  andersonBipedKg,
  andersonKg,
  campioneBipedKg,
  campioneEvansKg,
  parseLength,
} from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { useUnits } from '../composables/useUnits.ts';
import ChoiceRow from '../kit/ChoiceRow.vue';
import QuantityField from '../kit/QuantityField.vue';

/** What an animal weighed, from a tape round its limb bones: two published relations beside each other. */
const { system, text } = useUnits();
const walks = ref<'four' | 'two'>('four');
const humerusMm = ref<number | null>(null);
const femurMm = ref<number | null>(null);
const WALKS = [
  { label: say.onFourLegs, value: 'four' },
  { label: say.onTwo, value: 'two' },
];
const read = (where: string) => (typed: string) =>
  parseLength(typed, where, { minMm: 2, maxMm: 2000 }, system.value);
const found = computed(() => {
  const femur = femurMm.value;
  if (femur === null) return null;
  if (walks.value === 'two')
    return { anderson: andersonBipedKg(femur), campione: campioneBipedKg(femur) };
  if (humerusMm.value === null) return null;
  const sum = humerusMm.value + femur;
  return { anderson: andersonKg(sum), campione: campioneEvansKg(sum) };
});
const kg = (value: number): string => text(value, 'kg', value < 10 ? 2 : 0);
</script>

<template>
  <ChoiceRow
    :label="say.howItWalks"
    :value="walks"
    :options="WALKS"
    @set="walks = $event as 'four' | 'two'"
  />
  <div class="tapes">
    <label v-if="walks === 'four'">
      <span>{{ say.roundHumerusAtIts }}</span>
      <QuantityField
        small
        :label="say.roundHumerus"
        :shown="humerusMm === null ? '' : text(humerusMm, 'mm')"
        :parse="read(say.roundHumerus)"
        @set="humerusMm = $event"
      />
    </label>
    <label>
      <span>{{ say.roundFemurAtIts }}</span>
      <QuantityField
        small
        :label="say.roundFemur"
        :shown="femurMm === null ? '' : text(femurMm, 'mm')"
        :parse="read(say.roundFemur)"
        @set="femurMm = $event"
      />
    </label>
  </div>
  <p v-if="found" class="found" role="status">
    {{ say.about }} <b class="number">{{ kg(found.anderson) }}</b>
    {{ say.andersonHallMartinAnd(walks === 'four' ? 'M = 0.078·C^2.73 g' : 'M = 0.16·C^2.73 g') }}
    <b class="number">{{ kg(found.campione) }}</b>
    {{
      say.constantsAreQuotedFrom(
        walks === 'four' ? say.campioneAndEvansLog : say.campioneAndOthersFemur,
      )
    }}
  </p>
  <p v-else class="found">{{ say.layTapeRoundBones }}</p>
</template>

<style scoped>
.tapes {
  margin: 8px 0;
  display: grid;
  gap: 4px;
}
label {
  display: grid;
  grid-template-columns: 1fr 110px;
  gap: 8px;
  align-items: center;
  font-size: 14px;
}
.found {
  margin: 4px 0;
  font-size: 13.5px;
  color: var(--soft);
}
b {
  color: var(--ink);
}
</style>
