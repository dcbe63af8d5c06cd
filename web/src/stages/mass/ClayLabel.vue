<script setup lang="ts">
import * as say from './words.ts';
import { accepted, clayById, CLAYS, refused, type ClayId } from '@keen-sinew/core';
import ChoiceField from '../../kit/ChoiceField.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import QuantityField from '../../kit/QuantityField.vue';
import ClayBake from './ClayBake.vue';
import ClayPacket from './ClayPacket.vue';
import { useClayLabel, type WhichClay } from './useClayLabel.ts';

/**
 * One of the user's clays: its class, and what its own label says. `part` shows what a stage needs;
 * `of` tells which clay, where the shells have another.
 */
const props = withDefaults(defineProps<{ part: 'packet' | 'oven'; of?: WhichClay }>(), {
  of: 'clay',
});
const { clay, figures, named, put } = useClayLabel(() => props.of);
const OPTIONS = CLAYS.map(({ id, name }) => ({ label: name, value: id as string }));

/** Another class keeps the name only where the user gave one. */
function setClass(id: string): void {
  const classId = id as ClayId;
  const ownName = clay.value.name !== clayById(clay.value.classId).name;
  put(say.chooseAnotherClay, {
    classId,
    name: ownName ? clay.value.name : clayById(classId).name,
  });
}
const readName = (typed: string) =>
  typed.trim().length > 0 && typed.trim().length <= 60
    ? accepted(typed.trim())
    : refused(say.nameOfClay, typed, say.oneToSixtyLetters);
</script>

<template>
  <DecisionRow :name="say.classOfClay">
    <ChoiceField
      small
      :label="named(say.classOfClay)"
      :value="clay.classId"
      :options="OPTIONS"
      @set="setClass"
    />
  </DecisionRow>
  <DecisionRow :name="say.whatYouCallIt">
    <QuantityField
      small
      :label="named(say.nameOfClay)"
      :shown="clay.name"
      :parse="readName"
      @set="put(say.nameClay, { name: $event })"
    />
  </DecisionRow>
  <p class="remark">{{ figures.clay.remark }}</p>
  <ClayPacket v-if="props.part === 'packet'" :of="of" />
  <ClayBake v-else :of="of" />
</template>

<style scoped>
.remark {
  margin: 4px;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
