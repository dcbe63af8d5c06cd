<script setup lang="ts">
import * as say from './words.ts';
import { partRoots } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import HintText from '../../../kit/HintText.vue';
import { lengthAt } from '../../../kit/limited.ts';
import QuantityField from '../../../kit/QuantityField.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import { withPart } from '../../withPart.ts';
import { withBodyPart } from './fittingChanges.ts';

/** Parts of the body that are made apart and joined later: limbs, a head, a jaw. */
const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const parts = computed(() =>
  plan.value.fittings.bodyParts.map((part) => ({
    ...part,
    workings: [
      part.length,
      ...plan.value.cure.partGrams.filter(({ id }) => id === `cure.part.${part.boneId}.grams`),
    ],
  })),
);
const options = computed(() =>
  partRoots(plan.value.measure.skeleton)
    .filter(({ id }) => !piece.value.fittings.apart.includes(id))
    .map(({ id, plainName }) => ({ value: id, label: plainName })),
);
const next = ref('');
const picked = computed(
  () => options.value.find(({ value }) => value === next.value) ?? options.value[0],
);
const set = (boneId: string, name: string, isApart: boolean): void =>
  change((isApart ? say.makeApart : say.makeInPlace)(name.toLowerCase()), (p) =>
    withBodyPart(p, boneId, isApart),
  );
</script>

<template>
  <template v-for="part in parts" :key="part.boneId">
    <p class="name">
      <b>{{ part.name }}</b>
      <ActionButton @click="set(part.boneId, part.name, false)">{{ say.inPlaceWord }}</ActionButton>
    </p>
    <WorkingRow v-for="working in part.workings" :key="working.id" :working="working" />
  </template>
  <div v-if="picked" class="add">
    <ChoiceField
      small
      :label="say.partToMakeApart"
      :value="picked.value"
      :options="options"
      @set="next = $event"
    />
    <ActionButton kind="line" @click="set(picked.value, picked.label, true)">{{
      say.makeApartWord
    }}</ActionButton>
  </div>
  <DecisionRow v-if="parts.length > 0" :name="say.clearanceWord">
    <QuantityField
      small
      :label="say.clearanceWord"
      :shown="text(piece.fittings.clearanceMm, 'mm')"
      :parse="lengthAt('fittings.clearanceMm', say.clearanceWord, system)"
      @set="change(say.changeClearance, (p) => withPart(p, 'fittings', { clearanceMm: $event }))"
    />
  </DecisionRow>
  <HintText>{{ say.whyApart }}</HintText>
</template>

<style scoped>
.add {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  align-items: center;
  padding: 6px 4px;
}
.name {
  display: flex;
  justify-content: space-between;
  margin: 6px 4px 2px;
  font-size: 14px;
}
</style>
