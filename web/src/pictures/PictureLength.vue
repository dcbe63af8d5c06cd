<script setup lang="ts">
import * as say from './words.ts';
import { lengthLimits, parseLength, type Picture } from '@keen-sinew/core';
import { useUnits } from '../composables/useUnits.ts';
import DecisionRow from '../kit/DecisionRow.vue';
import QuantityField from '../kit/QuantityField.vue';
import type { PictureDesk } from './usePictureDesk.ts';

/** The length between the two points that are marked, and how sure it is. */
const props = defineProps<{
  desk: PictureDesk;
  length: Extract<NonNullable<Picture['scale']>, { by: 'length' }>;
}>();
const { system, text } = useUnits();
const readKnown = (typed: string) =>
  parseLength(typed, say.knownLength, lengthLimits('references.pictures.*.scale.mm'), system.value);
const readUnsure = (typed: string) =>
  parseLength(
    typed.replace('±', ''),
    say.howSure,
    lengthLimits('references.pictures.*.scale.plusMinusMm'),
    system.value,
  );

const setLength = (part: { mm?: number; plusMinusMm?: number }): void =>
  props.desk.put(say.changeKnownLength, ({ scale }) =>
    scale?.by === 'length' ? { scale: { ...scale, ...part } } : {},
  );
</script>

<template>
  <DecisionRow :name="say.knownLengthInLife">
    <QuantityField
      small
      :label="say.knownLengthInLife"
      :shown="text(length.mm, 'mm')"
      :parse="readKnown"
      @set="setLength({ mm: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.howSureItIs">
    <QuantityField
      small
      :label="say.howSureKnownLength"
      :shown="`± ${text(length.plusMinusMm, 'mm')}`"
      :parse="readUnsure"
      @set="setLength({ plusMinusMm: $event })"
    />
  </DecisionRow>
</template>
