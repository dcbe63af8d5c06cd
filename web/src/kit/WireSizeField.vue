<script setup lang="ts">
import * as say from './words.ts';
import {
  bareSizes,
  parseWireSize,
  refused,
  sizeText,
  type Parsed,
  type WireSize,
} from '@keen-sinew/core';
import { ref } from 'vue';
import { useUnits } from '../composables/useUnits.ts';
import ActionButton from './ActionButton.vue';
import QuantityField from './QuantityField.vue';

/** A diameter or gauge. A bare number could be any of four sizes, so it asks which is meant. */
const props = defineProps<{ label: string; size: WireSize }>();
const emit = defineEmits<{ set: [size: WireSize] }>();
const { system } = useUnits();
const asked = ref<readonly WireSize[]>([]);

function read(typed: string): Parsed<WireSize> {
  const clean = typed.replace(/\(.*\)/, '');
  asked.value = bareSizes(clean);
  return asked.value.length > 0
    ? refused(props.label, typed, say.sizeWithItsTable)
    : parseWireSize(clean, props.label);
}
function choose(size: WireSize): void {
  asked.value = [];
  emit('set', size);
}
</script>

<template>
  <div>
    <QuantityField
      small
      :label="label"
      :shown="sizeText(size, system)"
      :parse="read"
      @set="emit('set', $event)"
    />
    <div v-if="asked.length > 0" class="asked" role="group" :aria-label="say.whichTable(label)">
      <ActionButton
        v-for="entry in asked"
        :key="entry.system"
        kind="line"
        class="number"
        @click="choose(entry)"
      >
        {{ sizeText(entry) }}
      </ActionButton>
    </div>
  </div>
</template>

<style scoped>
.asked {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin: 4px 0;
}
</style>
