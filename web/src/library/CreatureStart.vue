<script setup lang="ts">
import * as say from './words.ts';
import { ANIMALS, parseNumber, type Creature, type Subject } from '@keen-sinew/core';
import { NInput } from 'naive-ui';
import { ref, watch } from 'vue';
import ChoiceField from '../kit/ChoiceField.vue';
import QuantityField from '../kit/QuantityField.vue';
import CreatureParts from './CreatureParts.vue';

/** What an animal of one's own is called, starts from, and keeps of that. */
const props = defineProps<{ creature: Creature; base: Subject }>();
const emit = defineEmits<{ change: [part: Partial<Creature>] }>();
const change = (part: Partial<Creature>): void => emit('change', part);
const animals = ANIMALS.map(({ id, name }) => ({ value: id, label: name })).toSorted((a, b) =>
  a.label.localeCompare(b.label),
);

/** The name while it is typed; the animal is called so when that is done. */
const name = ref(props.creature.name);
watch(
  () => props.creature.name,
  (now) => (name.value = now),
);
function rename(): void {
  const typed = name.value.trim();
  if (typed === '') name.value = props.creature.name;
  else if (typed !== props.creature.name) change({ name: typed });
}
const percent = (value: number): string => `${Math.round(value * 1000) / 10} %`;
const readPercent = (where: string, min: number, max: number) => (typed: string) => {
  const read = parseNumber(typed.replace('%', ''), where, min, max, '%');
  return read.ok ? { ok: true as const, value: read.value / 100 } : read;
};
</script>

<template>
  <label class="entry">
    <span>{{ say.name }}</span>
    <NInput
      v-model:value="name"
      :input-props="{ 'aria-label': say.nameOfAnimal, maxlength: 60 }"
      @change="rename"
      @keydown.esc="name = creature.name"
    />
  </label>
  <label class="entry">
    <span>{{ say.startsFrom }}</span>
    <ChoiceField
      :label="say.startsFrom"
      :value="creature.base"
      :options="animals"
      @set="change({ base: $event, without: [], lengthsMm: {}, girth: {} })"
    />
  </label>
  <label class="entry">
    <span>{{ say.sizeOfItAll }}</span>
    <QuantityField
      small
      :label="say.sizeOfItAll"
      :shown="percent(creature.size)"
      :parse="readPercent(say.size, 2, 5000)"
      @set="change({ size: $event })"
    />
  </label>
  <h2>{{ say.partsOf(base.animal.name.toLowerCase()) }}</h2>
  <CreatureParts :creature="creature" :base="base" @change="change" />
</template>

<style scoped>
.entry {
  display: grid;
  gap: 2px;
  margin-bottom: 8px;
  font-size: 14px;
}
h2 {
  font-weight: 400;
  font-style: italic;
  color: var(--soft);
  font-size: 15px;
  margin-top: 12px;
  border-bottom: 1px solid var(--line);
}
</style>
