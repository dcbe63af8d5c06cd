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
import PickRow from '../../controls/PickRow.vue';
import QuantityField from '../../controls/QuantityField.vue';
import { withPart } from '../withPart.ts';

/** Which individual it is: its sex, where they differ much, and how young, with what is assumed. */
const { piece, plan, change } = usePiecePlan();
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
const readJuvenility = (typed: string) => {
  const read = parseNumber(typed.replace('%', ''), say.howYoung, 0, 100, '%');
  return read.ok ? { ok: true as const, value: read.value / 100 } : read;
};
const percent = (value: number): string => `${Math.round(value * 100)} %`;
</script>

<template>
  <PickRow
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
    <input
      class="slide"
      type="range"
      min="0"
      max="100"
      step="5"
      :aria-label="say.howYoungInHundredths"
      :value="Math.round(individual.juvenility * 100)"
      @change="setJuvenility(Number(($event.target as HTMLInputElement).value) / 100)"
    />
    <table v-if="individual.juvenility > 0" class="reckoning">
      <thead>
        <tr>
          <th scope="col">{{ say.assumed }}</th>
          <th scope="col">{{ say.newBorn }}</th>
          <th scope="col">{{ say.thisOne }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="part in JUVENILE_PARTS" :key="part">
          <td>{{ part }}</td>
          <td class="number">{{ percent(NEW_BORN[part]) }}</td>
          <td class="number">{{ percent(juvenileFactor(part, individual.juvenility)) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="individual.juvenility > 0" class="says">
      {{ say.ofGrownUpSize }}
    </p>
  </template>
  <p v-else class="says">
    {{ say.youngAreNotTold }}
  </p>
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
.slide {
  width: 100%;
  accent-color: var(--verdigris);
}
.says {
  margin: 4px 0;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
