<script setup lang="ts">
import * as say from './words.ts';
import { limitsOf, parseMinutes } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import CautionSign from '../../../kit/CautionSign.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import HintText from '../../../kit/HintText.vue';
import QuantityField from '../../../kit/QuantityField.vue';
import SwitchField from '../../../kit/SwitchField.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import { withGun, withMinutes } from './bakeChanges.ts';
import { useBake } from './useBake.ts';

/** One bake: how hot, how long and why, how what is in it lies, and what must be out of the oven. */
const { piece, change } = usePiecePlan();
const { system, text } = useUnits();
const { stage } = useBake();
const isShort = computed(() => {
  const { needed, bake } = stage.value;
  return needed !== null && bake !== null && bake.value < needed.value;
});
const slow = computed(() => {
  const range = stage.value.needed?.range;
  return range !== undefined && range[1] > range[0] + 0.5 ? range[1] : null;
});
const low = computed(() => stage.value.name.toLowerCase());
const setMinutes = (minutes: number | null): void =>
  change(minutes === null ? say.letBakeFollow(low.value) : say.setBake(low.value), (p) =>
    withMinutes(p, stage.value.id, minutes),
  );
const tooHot = computed(() => (stage.value.oven?.value ?? 0) > stage.value.rangeC[1]);
</script>

<template>
  <p class="what">{{ stage.what }}</p>
  <template v-if="stage.dial && stage.oven">
    <WorkingRow :working="stage.dial" />
    <WorkingRow :working="stage.oven" :alarm="tooHot" />
    <HintText>
      {{ say.allowed(text(stage.rangeC[0], 'degC'), text(stage.rangeC[1], 'degC')) }}
    </HintText>
    <WorkingRow v-if="stage.preheat" :working="stage.preheat" />
    <WorkingRow v-if="stage.needed" :working="stage.needed" :label="say.neededInHotOven" />
    <p v-if="slow !== null" class="upto">{{ say.upToWhereClay(text(slow, 'min')) }}</p>
    <WorkingRow v-if="stage.bake" :working="stage.bake" :label="say.bakeFor" :alarm="isShort" />
    <WorkingRow v-if="stage.cooling" :working="stage.cooling" :label="say.coolsFor" />
    <DecisionRow
      v-if="stage.bake"
      :name="say.minutesOfYourOwn"
      :own="piece.cure.minutes[stage.id] !== undefined"
      @revert="setMinutes(null)"
    >
      <QuantityField
        small
        :label="say.minutesOfBake(low)"
        :shown="text(stage.bake.value, 'min')"
        :parse="
          (typed) =>
            parseMinutes(typed, say.minutes(stage.name), limitsOf('cure.minutes.*'), system)
        "
        @set="setMinutes($event)"
      />
    </DecisionRow>
    <template v-if="stage.gun">
      <DecisionRow :name="say.byHeatGun">
        <SwitchField
          :label="say.byHeatGun"
          :value="stage.byGun"
          @set="change(say.changeGun(low), (p) => withGun(p, stage.id, $event))"
        />
      </DecisionRow>
      <WorkingRow v-if="stage.byGun" :working="stage.gun" />
    </template>
  </template>
  <template v-else>
    <WorkingRow :working="stage.rule" />
    <HintText>{{ say.roundInRoom }}</HintText>
  </template>
  <ul class="how">
    <li v-for="how in stage.supports" :key="how">{{ how }}</li>
    <li v-if="stage.out.length > 0">{{ say.outOfOven(stage.out.join(', ').toLowerCase()) }}</li>
    <li v-if="stage.hard.length > 0 && stage.inOven">
      {{ say.hardAlready(stage.hard.map(({ name }) => name.toLowerCase()).join(', ')) }}
    </li>
    <li v-if="stage.inOven && !stage.byGun">{{ say.coolSlowly }}</li>
  </ul>
  <CautionSign
    :ids="
      stage.byGun
        ? ['heat-gun', 'hot-parts', 'oven']
        : stage.inOven
          ? ['oven', 'hot-parts', 'qualified']
          : ['label']
    "
  />
</template>

<style scoped>
.what {
  margin: 2px 4px 6px;
  font-size: 14px;
}
.upto {
  margin: 0 0 2px;
  text-align: right;
  font-size: 13px;
  color: var(--soft);
}
.how {
  margin: 6px 4px;
  padding-left: 18px;
  font-size: 14px;
}
.how li {
  margin-bottom: 4px;
}
</style>
