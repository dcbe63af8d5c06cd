<script setup lang="ts">
import { TOOLS, type ToolId } from '@keen-sinew/core';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import { withPart } from '../withPart.ts';

const { piece, change } = usePiecePlan();
const { text, system } = useUnits();
const has = (id: ToolId) => piece.value.skin.tools.includes(id);
const toggle = (id: ToolId): void =>
  change(has(id) ? 'Put a tool away' : 'Add a tool', (p) =>
    withPart(p, 'skin', {
      tools: has(id) ? p.skin.tools.filter((tool) => tool !== id) : [...p.skin.tools, id],
    }),
  );
</script>

<template>
  <label v-for="tool in TOOLS" :key="tool.id">
    <input type="checkbox" :checked="has(tool.id)" @change="toggle(tool.id)" />
    <span>{{ tool.name }}</span>
    <span class="least">
      from <b class="number">{{ text(tool.leastMm, 'mm', system === 'metric' ? 2 : 3) }}</b>
    </span>
  </label>
  <p>
    Narrowest strokes are from common practice: press your own tool into a scrap and measure it.
  </p>
</template>

<style scoped>
label {
  display: grid;
  grid-template-columns: 22px 1fr auto;
  align-items: center;
  padding: 4px;
  border-bottom: 1px dotted var(--line);
  cursor: pointer;
}
input {
  accent-color: var(--verdigris);
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
