<script setup lang="ts">
import * as say from './words.ts';
import { fittingMaterials, limitsOf, parseNumber, type Fitting } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import ChoiceField from '../../../kit/ChoiceField.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import QuantityField from '../../../kit/QuantityField.vue';
import { withMaking } from './fittingChanges.ts';

/** What a part is made of, and how many spares of it. */
const props = defineProps<{ fitting: Fitting }>();
const { piece, change } = usePiecePlan();
const own = computed(() => piece.value.fittings.made[props.fitting.id]);
const materials = computed(() =>
  fittingMaterials({ stuffs: piece.value.cure.stuffs, hotC: null }).map(({ id, name }) => ({
    value: id,
    label: name,
  })),
);
const name = computed(() => props.fitting.name.toLowerCase());
const setMaterial = (id: string | null): void =>
  change(say.changeStuff(name.value), (p) =>
    withMaking(p, props.fitting.id, { material: id as Fitting['material']['id'] | null }),
  );
const setSpare = (spare: number | null): void =>
  change(say.changeSpares(name.value), (p) => withMaking(p, props.fitting.id, { spare }));
const SPARES = limitsOf('fittings.made.*.spare');
const readSpare = (typed: string) => {
  const read = parseNumber(typed, say.spares, SPARES.min, SPARES.max, '');
  return read.ok ? { ...read, value: Math.round(read.value) } : read;
};
</script>

<template>
  <DecisionRow
    v-if="fitting.made !== 'grown'"
    :name="say.madeOf"
    :own="(own?.material ?? null) !== null"
    @revert="setMaterial(null)"
  >
    <ChoiceField
      small
      :label="say.madeOf"
      :value="fitting.material.id"
      :options="materials"
      @set="setMaterial"
    />
  </DecisionRow>
  <DecisionRow :name="say.spares" :own="(own?.spare ?? null) !== null" @revert="setSpare(null)">
    <QuantityField
      small
      :label="say.spares"
      :shown="String(fitting.spare)"
      :parse="readSpare"
      @set="setSpare"
    />
  </DecisionRow>
</template>
