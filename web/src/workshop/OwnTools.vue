<script setup lang="ts">
import * as say from './words.ts';
import { freeId, type OwnTool } from '@keen-sinew/core';
import { useUnits } from '../composables/useUnits.ts';
import ActionButton from '../kit/ActionButton.vue';
import HintText from '../kit/HintText.vue';
import { lengthAt } from '../kit/limited.ts';
import NameField from '../kit/NameField.vue';
import QuantityField from '../kit/QuantityField.vue';

/** Tools of the maker's own, each by the narrowest stroke that it was measured to make. */
const props = defineProps<{ tools: readonly OwnTool[] }>();
const emit = defineEmits<{ set: [label: string, tools: OwnTool[]] }>();
const { text, system } = useUnits();
const put = (tool: OwnTool, part: Partial<OwnTool>): void =>
  emit(
    'set',
    say.changeOwnTool,
    props.tools.map((of) => (of.id === tool.id ? { ...tool, ...part } : of)),
  );
const add = (): void =>
  emit('set', say.addOwnTool, [
    ...props.tools,
    {
      id: freeId(
        'tool',
        props.tools.map(({ id }) => id),
      ),
      ...{ name: say.ownTool, leastMm: 0.5, how: '' },
    },
  ]);
const drop = (id: string): void =>
  emit(
    'set',
    say.removeOwnTool,
    props.tools.filter((of) => of.id !== id),
  );
</script>

<template>
  <div v-for="tool in tools" :key="tool.id" class="own">
    <NameField
      :label="say.nameOfOwnTool"
      :value="tool.name"
      :most="60"
      @set="put(tool, { name: $event })"
    />
    <QuantityField
      small
      :label="say.narrowestOf(tool.name)"
      :shown="text(tool.leastMm, 'mm', system === 'metric' ? 2 : 3)"
      :parse="lengthAt('workshop.ownTools.*.leastMm', say.narrowest, system)"
      @set="put(tool, { leastMm: $event })"
    />
    <ActionButton @click="drop(tool.id)">
      {{ say.remove }}<span class="visually-hidden">: {{ tool.name }}</span>
    </ActionButton>
  </div>
  <ActionButton kind="line" @click="add">{{ say.addOwnTool }}</ActionButton>
  <HintText>{{ say.pressAndMeasure }}</HintText>
</template>

<style scoped>
.own {
  display: grid;
  grid-template-columns: 1fr 90px auto;
  gap: 6px;
  align-items: center;
  padding: 4px 0;
}
</style>
