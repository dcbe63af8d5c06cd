<script setup lang="ts">
import * as say from './words.ts';
import { parseNumber } from '@keen-sinew/core';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import DecisionRow from '../../kit/DecisionRow.vue';
import { SliderField } from '../../kit/heavy.ts';
import QuantityField from '../../kit/QuantityField.vue';
import { withStance } from './stanceChanges.ts';

/** How far the tail feathers are spread: by the slider, or typed. */
const { piece, change, preview } = usePiecePlan();
const read = (typed: string) => {
  const read = parseNumber(typed.replace('%', ''), say.tailSpread, 100, 300, '%');
  return read.ok ? { ok: true as const, value: read.value / 100 } : read;
};
const set = (fan: number): void => change(say.spreadTail, (p) => withStance(p, { fan }));
const slide = (fan: number): void => preview((p) => withStance(p, { fan }));
</script>

<template>
  <DecisionRow :name="say.tailSpread">
    <QuantityField
      small
      :label="say.tailSpread"
      :shown="`${Math.round(100 * piece.stance.fan)} %`"
      :parse="read"
      @set="set"
    />
  </DecisionRow>
  <SliderField
    :label="say.tailSpreadSlider"
    :value="Math.round(100 * piece.stance.fan)"
    :min="100"
    :max="300"
    :step="5"
    @slide="slide($event / 100)"
    @set="set($event / 100)"
  />
</template>
