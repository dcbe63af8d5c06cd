<script setup lang="ts">
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
const setJuvenility = (juvenility: number): void => put('Change how young it is', { juvenility });
const readJuvenility = (typed: string) => {
  const read = parseNumber(typed.replace('%', ''), 'How young', 0, 100, '%');
  return read.ok ? { ok: true as const, value: read.value / 100 } : read;
};
const percent = (value: number): string => `${Math.round(value * 100)} %`;
</script>

<template>
  <PickRow
    v-if="sexes.length > 0"
    label="Sex"
    :value="sex"
    :options="sexes"
    @set="put('Change the sex', { sex: $event })"
  />
  <template v-if="canBeYoung">
    <label class="youth">
      <span>How young, 0 % grown up, 100 % new-born</span>
      <QuantityField
        small
        label="How young"
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
      aria-label="How young, in hundredths"
      :value="Math.round(individual.juvenility * 100)"
      @change="setJuvenility(Number(($event.target as HTMLInputElement).value) / 100)"
    />
    <table v-if="individual.juvenility > 0" class="reckoning">
      <thead>
        <tr>
          <th scope="col">Assumed</th>
          <th scope="col">New-born</th>
          <th scope="col">This one</th>
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
      Of the grown-up size, from memory and the same for all animals: heads, eyes and feet are ahead
      of the body. Check it against pictures of the young animal.
    </p>
  </template>
  <p v-else class="says">
    Young are not told here: larvae, fry and hatchlings of this kind have a shape of their own.
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
