<script setup lang="ts">
import * as say from './words.ts';
import { TOOLS, type ToolId } from '@keen-sinew/core';
import { useUnits } from '../composables/useUnits.ts';
import CheckField from '../kit/CheckField.vue';

/** The tools that press and cut strokes, each with the narrowest that it makes. */
const props = defineProps<{ tools: readonly ToolId[] }>();
const emit = defineEmits<{ set: [label: string, tools: ToolId[]] }>();
const { text, system } = useUnits();
const has = (id: ToolId): boolean => props.tools.includes(id);
const toggle = (id: ToolId): void =>
  has(id)
    ? emit(
        'set',
        say.putToolAway,
        props.tools.filter((tool) => tool !== id),
      )
    : emit('set', say.addTool, [...props.tools, id]);
</script>

<template>
  <div v-for="tool in TOOLS" :key="tool.id" class="tool">
    <CheckField :checked="has(tool.id)" @set="toggle(tool.id)">{{ tool.name }}</CheckField>
    <span class="least">
      {{ say.fromWord }}
      <b class="number">{{ text(tool.leastMm, 'mm', system === 'metric' ? 2 : 3) }}</b>
    </span>
  </div>
  <p>
    {{ say.narrowestStrokesAreFrom }}
  </p>
</template>

<style scoped>
.tool {
  display: flex;
  justify-content: space-between;
  padding: 4px;
  border-bottom: 1px dotted var(--line);
}
.least,
p {
  font-size: 13.5px;
  color: var(--soft);
}
p {
  margin: 6px 4px;
}
</style>
