<script setup lang="ts">
import * as say from './words.ts';
import type { Workpiece } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import CautionSign from '../../kit/CautionSign.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import { lengthAt, numberAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import { withPart } from '../withPart.ts';

/** How hair is planted: tufts, roots, what is trimmed, and the fibre that is bought. */
const { piece, change } = usePiecePlan();
const { text, system } = useUnits();
type Fibre = Workpiece['skin']['fibre'];
const fibre = computed(() => piece.value.skin.fibre);
const set = (part: Partial<Fibre>): void =>
  change(say.changeFibre, (p) => withPart(p, 'skin', { fibre: { ...p.skin.fibre, ...part } }));
const numbers: readonly (readonly [keyof Fibre, string, string])[] = [
  ['hairsPerTuft', say.hairsInTuft, ''],
  ['trimPercent', say.trimmedOff, ' %'],
  ['micrometre', say.fibreThick, ' µm'],
  ['gPerMl', say.fibreDense, ''],
  ['sparePercent', say.spareFibre, ' %'],
  ['glueMlPerCm2', say.glueOnCm2, ''],
];
const plain = (typed: string): string => typed.replace(/[%µm]+$/u, '').trim();
</script>

<template>
  <DecisionRow :name="say.rootInGlue">
    <QuantityField
      small
      :label="say.rootInGlue"
      :shown="text(fibre.rootMm, 'mm')"
      :parse="lengthAt('skin.fibre.rootMm', say.rootInGlue, system)"
      @set="set({ rootMm: $event })"
    />
  </DecisionRow>
  <DecisionRow v-for="[key, label, unit] in numbers" :key="key" :name="label">
    <QuantityField
      small
      :label="label"
      :shown="`${fibre[key]}${unit}`"
      :parse="(typed) => numberAt(`skin.fibre.${key}`, label)(plain(typed))"
      @set="set({ [key]: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.secondsATuft">
    <QuantityField
      small
      :label="say.secondsATuft"
      :shown="`${piece.skin.pace.tuftS} s`"
      :parse="(typed) => numberAt('skin.pace.tuftS', say.secondsATuft)(typed.replace('s', ''))"
      @set="
        change(say.changePace, (p) =>
          withPart(p, 'skin', { pace: { ...p.skin.pace, tuftS: $event } }),
        )
      "
    />
  </DecisionRow>
  <HintText>{{ say.plantFromTail }}</HintText>
  <CautionSign :ids="['solvent', 'label']" />
</template>
