<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import type { Workpiece } from '@keen-sinew/core';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../kit/DecisionRow.vue';
import { degreesAt, lengthAt, numberAt, percentAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import { withPart } from '../withPart.ts';

/** How strokes vary and run into each other, and how many of them the hand makes in a minute. */
const { piece, change } = usePiecePlan();
const { text, system } = useUnits();
const skin = computed(() => piece.value.skin);
const vary = (part: Partial<Workpiece['skin']['vary']>): void =>
  change(say.changeVary, (p) => withPart(p, 'skin', { vary: { ...p.skin.vary, ...part } }));
const pace = (part: Partial<Workpiece['skin']['pace']>): void =>
  change(say.changePace, (p) => withPart(p, 'skin', { pace: { ...p.skin.pace, ...part } }));
const percent = (share: number): string => `${Math.round(100 * share)} %`;
</script>

<template>
  <DecisionRow :name="say.lengthVaries">
    <QuantityField
      small
      :label="say.lengthVaries"
      :shown="percent(skin.vary.length)"
      :parse="percentAt('skin.vary.length', say.lengthVaries)"
      @set="vary({ length: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.angleVaries">
    <QuantityField
      small
      :label="say.angleVaries"
      :shown="text(skin.vary.deg, 'deg')"
      :parse="degreesAt('skin.vary.deg', say.angleVaries)"
      @set="vary({ deg: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.gatherIntoLocks">
    <QuantityField
      small
      :label="say.gatherIntoLocks"
      :shown="percent(skin.vary.locks)"
      :parse="percentAt('skin.vary.locks', say.gatherIntoLocks)"
      @set="vary({ locks: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.zonesBlendOver">
    <QuantityField
      small
      :label="say.zonesBlendOver"
      :shown="text(skin.blendMm, 'mm')"
      :parse="lengthAt('skin.blendMm', say.zonesBlendOver, system)"
      @set="change(say.changeBlend, (p) => withPart(p, 'skin', { blendMm: $event }))"
    />
  </DecisionRow>
  <DecisionRow :name="say.strokesAMinute">
    <QuantityField
      small
      :label="say.strokesAMinute"
      :shown="String(skin.pace.strokesPerMin)"
      :parse="numberAt('skin.pace.strokesPerMin', say.strokesAMinute)"
      @set="pace({ strokesPerMin: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.scalesAMinute">
    <QuantityField
      small
      :label="say.scalesAMinute"
      :shown="String(skin.pace.scalesPerMin)"
      :parse="numberAt('skin.pace.scalesPerMin', say.scalesAMinute)"
      @set="pace({ scalesPerMin: $event })"
    />
  </DecisionRow>
</template>
