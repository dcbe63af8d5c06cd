<script setup lang="ts">
import * as say from './words.ts';
import { parseNumber, type Creature, type Subject } from '@keen-sinew/core';
import CheckField from '../kit/CheckField.vue';
import HintText from '../kit/HintText.vue';
import QuantityField from '../kit/QuantityField.vue';

/** The parts of the animal that an own one starts from: kept or left out, and how thick. */
const props = defineProps<{ creature: Creature; base: Subject }>();
const emit = defineEmits<{ change: [part: Partial<Creature>] }>();

const isKept = (id: string): boolean => !props.creature.without.includes(id);

function setKept(id: string, kept: boolean): void {
  const others = props.creature.without.filter((entry) => entry !== id);
  emit('change', { without: kept ? others : [...others, id] });
}
function setGirth(id: string, factor: number): void {
  const { [id]: _old, ...others } = props.creature.girth;
  emit('change', { girth: factor === 1 ? others : { ...others, [id]: factor } });
}
const readGirth = (typed: string) => {
  const read = parseNumber(typed.replace('%', ''), say.girth, 20, 500, '%');
  return read.ok ? { ok: true as const, value: read.value / 100 } : read;
};
</script>

<template>
  <ul>
    <li v-for="(part, i) in base.plan.parts" :key="part.id">
      <CheckField :checked="isKept(part.id)" :disabled="i === 0" @set="setKept(part.id, $event)">{{
        part.name
      }}</CheckField>
      <QuantityField
        small
        :label="say.girthOf(part.name)"
        :disabled="!isKept(part.id)"
        :shown="`${Math.round((creature.girth[part.id] ?? 1) * 100)} %`"
        :parse="readGirth"
        @set="setGirth(part.id, $event)"
      />
    </li>
  </ul>
  <HintText>{{ say.besideEachPartIts }}</HintText>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 1fr 68px;
  align-items: center;
  gap: 6px;
  padding: 2px 0;
}
</style>
