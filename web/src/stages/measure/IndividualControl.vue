<script setup lang="ts">
import * as say from './words.ts';
import {
  knowsJuveniles,
  NEW_BORN,
  parseNumber,
  juvenileFactor,
  JUVENILE_PARTS,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import { SliderField } from '../../kit/heavy.ts';
import HintText from '../../kit/HintText.vue';
import QuantityField from '../../kit/QuantityField.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import { withPart } from '../withPart.ts';

/** Which individual it is: its sex, where they differ much, and how young, with what is assumed. */
const { piece, plan, change, preview } = usePiecePlan();
const animal = computed(() => plan.value.measure.skeleton.animal);
const individual = computed(() => piece.value.measure.individual);
const sexes = computed(() =>
  (animal.value.sexes ?? []).map(({ name }) => ({ label: name, value: name })),
);
const sex = computed(
  () => individual.value.sex ?? animal.value.sexes?.find((sex) => sex.size === 1)?.name ?? '',
);
const canBeYoung = computed(() => knowsJuveniles(plan.value.measure.skeleton.plan));
const put = (label: string, part: Partial<typeof individual.value>): void =>
  change(label, (p) =>
    withPart(p, 'measure', { individual: { ...p.measure.individual, ...part } }),
  );
const setJuvenility = (juvenility: number): void => put(say.changeHowYoungIt, { juvenility });
const previewJuvenility = (juvenility: number): void =>
  preview((p) => withPart(p, 'measure', { individual: { ...p.measure.individual, juvenility } }));
const readJuvenility = (typed: string) => {
  const read = parseNumber(typed.replace('%', ''), say.howYoung, 0, 100, '%');
  return read.ok ? { ok: true as const, value: read.value / 100 } : read;
};
const percent = (value: number): string => `${Math.round(value * 100)} %`;
</script>

<template>
  <ChoiceRow
    v-if="sexes.length > 0"
    :label="say.sex"
    :value="sex"
    :options="sexes"
    @set="put(say.changeSex, { sex: $event })"
  />
  <template v-if="canBeYoung">
    <label class="youth">
      <span>{{ say.howYoungGrownUp }}</span>
      <QuantityField
        small
        :label="say.howYoung"
        :shown="percent(individual.juvenility)"
        :parse="readJuvenility"
        @set="setJuvenility"
      />
    </label>
    <SliderField
      :label="say.howYoungInHundredths"
      :value="Math.round(individual.juvenility * 100)"
      :min="0"
      :max="100"
      :step="5"
      @slide="previewJuvenility($event / 100)"
      @set="setJuvenility($event / 100)"
    />
    <ReckoningTable
      v-if="individual.juvenility > 0"
      :columns="[say.assumed, say.newBorn, say.thisOne]"
      :rows="JUVENILE_PARTS"
      :key-of="(part) => part"
      ><template #row="{ row: part }"
        ><tr>
          <td>{{ part }}</td>
          <td class="number">{{ percent(NEW_BORN[part]) }}</td>
          <td class="number">{{ percent(juvenileFactor(part, individual.juvenility)) }}</td>
        </tr></template
      ></ReckoningTable
    >
    <HintText v-if="individual.juvenility > 0">
      {{ say.ofGrownUpSize }}
    </HintText>
  </template>
  <HintText v-else>
    {{ say.youngAreNotTold }}
  </HintText>
</template>

<style scoped>
.youth {
  display: grid;
  grid-template-columns: 1fr 80px;
  gap: 8px;
  align-items: center;
  margin-top: 6px;
  font-size: 14px;
}
</style>
