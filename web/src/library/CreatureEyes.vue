<script setup lang="ts">
import * as say from './words.ts';
import {
  creatureSchema,
  lengthLimits,
  parseLength,
  parseLifeWeight,
  type Creature,
  type Subject,
} from '@keen-sinew/core';
import { useUnits } from '../composables/useUnits.ts';
import QuantityField from '../kit/QuantityField.vue';

/** The eyeball and the weight in life of an animal of one's own. */
defineProps<{ creature: Creature; subject: Subject | undefined }>();
const emit = defineEmits<{ change: [part: Partial<Creature>] }>();
const { system, text } = useUnits();
const change = (part: Partial<Creature>): void => emit('change', part);
const readKg = (typed: string) => parseLifeWeight(typed, say.weightInLife, system.value);
const weightText = ([low, high]: readonly [number, number]): string =>
  say.to2(text(low, 'kg'), text(high, 'kg'));
</script>

<template>
  <label class="entry">
    <span>{{ say.eyeball }}</span>
    <QuantityField
      small
      :label="say.eyeball"
      :shown="text(creature.eyeMm ?? subject?.animal.eye.mm ?? 0, 'mm')"
      :parse="
        (typed) => parseLength(typed, say.eyeball, lengthLimits('eyeMm', creatureSchema), system)
      "
      @set="change({ eyeMm: $event })"
    />
  </label>
  <label class="entry">
    <span>{{ say.weightInLife }}</span>
    <QuantityField
      small
      :label="say.weightInLife"
      :placeholder="say.toKg"
      :shown="creature.massKg ? weightText(creature.massKg) : ''"
      :parse="readKg"
      @set="change({ massKg: [...$event] })"
    />
  </label>
</template>

<style scoped>
.entry {
  display: grid;
  grid-template-columns: 1fr 130px;
  gap: 2px;
  align-items: center;
  margin-bottom: 8px;
  font-size: 14px;
}
</style>
