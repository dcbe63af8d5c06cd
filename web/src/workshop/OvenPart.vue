<script setup lang="ts">
import * as say from './words.ts';
import type { Workshop } from '@keen-sinew/core';
import { useUnits } from '../composables/useUnits.ts';
import DecisionRow from '../kit/DecisionRow.vue';
import { lengthAt } from '../kit/limited.ts';
import QuantityField from '../kit/QuantityField.vue';
import OvenHeat from './OvenHeat.vue';
import OvenLearntNote from './OvenLearntNote.vue';
import { useWorkshop } from './useWorkshop.ts';

/** The oven: its inside, the air that it wants, its fan, and how far its dial is off. */
const { workshop, change } = useWorkshop();
const { system, text } = useUnits();
const SIDES = [
  { key: 'lengthMm', name: say.insideLong },
  { key: 'widthMm', name: say.insideDeep },
  { key: 'heightMm', name: say.insideHigh },
] as const;
const put = (label: string, part: Partial<Workshop['oven']>): void =>
  change(label, (shop) => ({ ...shop, oven: { ...shop.oven, ...part } }));
</script>

<template>
  <DecisionRow v-for="side in SIDES" :key="side.key" :name="side.name">
    <QuantityField
      small
      :label="side.name"
      :shown="text(workshop.oven.inside[side.key], 'mm', system === 'metric' ? 0 : 2)"
      :parse="lengthAt(`workshop.oven.inside.${side.key}`, side.name, system)"
      @set="put(say.changeOven, { inside: { ...workshop.oven.inside, [side.key]: $event } })"
    />
  </DecisionRow>
  <DecisionRow :name="say.airLeftAllRound">
    <QuantityField
      small
      :label="say.airLeftAllRoundIn"
      :shown="text(workshop.oven.airMm, 'mm', system === 'metric' ? 0 : 2)"
      :parse="lengthAt('workshop.oven.airMm', say.airLeftAllRound, system)"
      @set="put(say.changeAirInOven, { airMm: $event })"
    />
  </DecisionRow>
  <OvenHeat
    :fan="workshop.oven.fan"
    :offset-c="workshop.oven.offsetC"
    @fan="(label, fan) => put(label, { fan })"
    @offset="(label, offsetC) => put(label, { offsetC })"
  />
  <OvenLearntNote :learnt="workshop.oven.learnt" @forget="put($event, { learnt: null })" />
</template>
