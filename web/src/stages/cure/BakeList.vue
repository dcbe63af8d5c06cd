<script setup lang="ts">
import * as say from './words.ts';
import { limitsOf, parseMinutes, type BakeMethod, type BakeStage } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import QuantityField from '../../kit/QuantityField.vue';
import SwitchField from '../../kit/SwitchField.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import { withPart } from '../withPart.ts';

const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const cure = computed(() => piece.value.cure);
const MINUTES = limitsOf('cure.minutes.finish');
const isShort = ({ needed, bake }: BakeStage): boolean =>
  needed !== null && bake !== null && bake.value < needed.value;
const setMinutes = ({ id, name }: BakeStage, minutes: number | null): void =>
  change(
    minutes === null ? say.letBakeFollow(name.toLowerCase()) : say.setBake(name.toLowerCase()),
    (p) => withPart(p, 'cure', { minutes: { ...p.cure.minutes, [id]: minutes } }),
  );
const METHODS = [
  { label: say.shellFirst, value: 'shell-first' },
  { label: say.bodyFirst, value: 'body-first' },
  { label: say.allAtOnce, value: 'all-at-once' },
];
const WHY = {
  'shell-first': say.forBulkyBodiesBaked,
  'body-first': say.forSlenderBodiesFirst,
  'all-at-once': say.forSlenderBodiesQuicker,
} as const;
const setMethod = (method: string): void =>
  change(say.changeOrderOfBakes, (p) => withPart(p, 'cure', { method: method as BakeMethod }));
</script>

<template>
  <ChoiceRow :label="say.orderOfBakes" :value="cure.method" :options="METHODS" @set="setMethod" />
  <HintText>
    {{ WHY[cure.method] }}
  </HintText>
  <DecisionRow :name="say.eyesAndClawsBaked">
    <SwitchField
      :label="say.eyesAndClawsBaked"
      :value="cure.partsFirst"
      @set="change(say.changeWhenPartsAre, (p) => withPart(p, 'cure', { partsFirst: $event }))"
    />
  </DecisionRow>
  <ol>
    <li v-for="stage in plan.cure.stages" :key="stage.id">
      <b>{{ stage.name }}.</b> {{ stage.what }}
      <WorkingRow v-if="stage.needed" :working="stage.needed" :label="say.neededInHotOven" />
      <p
        v-if="stage.needed?.range && stage.needed.range[1] > stage.needed.range[0] + 0.5"
        class="upto"
      >
        {{ say.upToWhereClay(text(stage.needed.range[1], 'min')) }}
      </p>
      <WorkingRow
        v-if="stage.bake"
        :working="stage.bake"
        :label="say.bakeFor"
        :alarm="isShort(stage)"
      />
      <DecisionRow
        v-if="stage.bake"
        :name="say.minutesOfYourOwn"
        :own="cure.minutes[stage.id] !== null"
        @revert="setMinutes(stage, null)"
      >
        <QuantityField
          small
          :label="say.minutesOfBake(stage.name.toLowerCase())"
          :shown="text(stage.bake.value, 'min')"
          :parse="(typed) => parseMinutes(typed, say.minutes(stage.name), MINUTES, system)"
          @set="setMinutes(stage, $event)"
        />
      </DecisionRow>
    </li>
  </ol>
</template>

<style scoped>
ol {
  margin: 6px 4px;
  font-size: 14px;
}
li {
  margin-bottom: 10px;
}
.upto {
  margin: 0 0 2px;
  text-align: right;
  font-size: 13px;
  color: var(--soft);
}
ol {
  padding-left: 20px;
}
</style>
