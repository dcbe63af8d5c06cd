<script setup lang="ts">
import * as say from './words.ts';
import type { LiePlace } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import { useUnits } from '../composables/useUnits.ts';
import ChoiceField from '../kit/ChoiceField.vue';
import { degreesAt, percentAt } from '../kit/limited.ts';
import QuantityField from '../kit/QuantityField.vue';

/** Places on the skin to be typed: the bone, how far along it, and the angle from the back. */
defineProps<{
  places: readonly LiePlace[];
  /** Where they stand in the document, to tell between what they may lie: "skin.marks.*.places.*". */
  path: string;
}>();
const emit = defineEmits<{ set: [n: number, part: Partial<LiePlace>] }>();
const { plan } = usePiecePlan();
const { text } = useUnits();
const bones = computed(() =>
  plan.value.measure.skeleton.bones.map(({ id, plainName, side }) => ({
    value: id,
    label: side === 'mid' ? plainName : say.onSide(plainName, side),
  })),
);
</script>

<template>
  <fieldset v-for="(of, n) in places" :key="n">
    <legend>{{ say.placeNumber(n + 1) }}</legend>
    <ChoiceField
      small
      :label="say.boneOfPlace(n + 1)"
      :value="of.boneId"
      :options="bones"
      @set="emit('set', n, { boneId: $event })"
    />
    <QuantityField
      small
      :label="say.alongOfPlace(n + 1)"
      :shown="`${Math.round(1000 * of.along) / 10} %`"
      :parse="percentAt(`${path}.along`, say.alongOfPlace(n + 1))"
      @set="emit('set', n, { along: $event })"
    />
    <QuantityField
      small
      :label="say.aroundOfPlace(n + 1)"
      :shown="text(of.around, 'deg')"
      :parse="degreesAt(`${path}.around`, say.aroundOfPlace(n + 1))"
      @set="emit('set', n, { around: $event })"
    />
  </fieldset>
</template>

<style scoped>
fieldset {
  display: grid;
  grid-template-columns: 1.4fr 1fr 1fr;
  gap: 6px;
  border: 0;
  border-top: 1px dotted var(--line);
  margin: 0;
  padding: 4px 0;
}
legend {
  font-size: 13px;
  color: var(--soft);
  padding: 0;
}
</style>
