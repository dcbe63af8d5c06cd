<script setup lang="ts">
import * as say from './words.ts';
import { limitsOf, parseMinutes, parseTemperature, type Workpiece } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../kit/DecisionRow.vue';
import QuantityField from '../../kit/QuantityField.vue';
import OvenHeat from '../../workshop/OvenHeat.vue';
import OvenLearntNote from '../../workshop/OvenLearntNote.vue';
import WorkshopNote from '../../workshop/WorkshopNote.vue';
import { withPart } from '../withPart.ts';

const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const cure = computed(() => piece.value.cure);

const put = (what: string, part: Partial<Workpiece['cure']>): void =>
  change(what, (p) => withPart(p, 'cure', part));
</script>

<template>
  <WorkshopNote />
  <OvenHeat
    :fan="cure.fan"
    :offset-c="cure.ovenOffsetC"
    @fan="(label, fan) => put(label, { fan })"
    @offset="(label, ovenOffsetC) => put(label, { ovenOffsetC })"
  />
  <OvenLearntNote :learnt="cure.ovenLearnt" @forget="put($event, { ovenLearnt: null })" />
  <DecisionRow
    :name="say.setDialYourself"
    :own="cure.setC !== null"
    @revert="put(say.letDialFollow, { setC: null })"
  >
    <QuantityField
      small
      :label="say.dial"
      :shown="plan.cure.dial ? text(plan.cure.dial.value, 'degC') : ''"
      :parse="(typed) => parseTemperature(typed, say.dial, limitsOf('cure.setC'), system)"
      @set="put(say.setDial, { setC: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.keptInOnceIt">
    <QuantityField
      small
      :label="say.keptInOnceIt"
      :shown="text(cure.holdMin, 'min')"
      :parse="(typed) => parseMinutes(typed, say.keptInOnceIt, limitsOf('cure.holdMin'), system)"
      @set="put(say.changeTimeHeld, { holdMin: $event })"
    />
  </DecisionRow>
</template>
