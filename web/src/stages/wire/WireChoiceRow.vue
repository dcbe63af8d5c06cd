<script setup lang="ts">
import * as say from './words.ts';
import { type WireChoice } from '@keen-sinew/core';
import ChoiceField from '../../kit/ChoiceField.vue';
import { numberAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import WireSizeField from '../../kit/WireSizeField.vue';
import { useMetals } from './useMetals.ts';

/** Metal, size and strands of one wire. */
const props = defineProps<{ name: string; choice: WireChoice; strands?: boolean }>();
const emit = defineEmits<{ set: [choice: WireChoice] }>();
const metals = useMetals();

const readStrands = numberAt('wire.spine.strands', say.strands(props.name));
</script>

<template>
  <div class="choice">
    <span class="name">{{ name }}</span>
    <ChoiceField
      small
      :label="say.metal2(name)"
      :value="choice.metal"
      :options="metals"
      @set="emit('set', { ...choice, metal: $event })"
    />
    <WireSizeField
      :label="say.diameterOrGauge2(name)"
      :size="choice.size"
      @set="emit('set', { ...choice, size: $event })"
    />
    <label v-if="strands" class="strands">
      <QuantityField
        small
        :label="say.strands(name)"
        :shown="String(choice.strands)"
        :parse="readStrands"
        @set="emit('set', { ...choice, strands: Math.round($event) })"
      />
      {{ say.strandsTwisted }}
    </label>
  </div>
</template>

<style scoped>
.choice {
  display: grid;
  grid-template-columns: 1fr 130px;
  gap: 4px 8px;
  padding: 6px 0;
  border-bottom: 1px dotted var(--line);
}
.name {
  grid-column: 1 / -1;
}
.strands {
  display: grid;
  grid-template-columns: 52px 1fr;
  gap: 8px;
  align-items: center;
  font-size: 14px;
}
</style>
