<script setup lang="ts">
import * as say from './words.ts';
import { eyeFits, roundScalesNear, type ScaleChoice } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import { withPart } from '../withPart.ts';

/** What the scale does to the smallest parts, and handy scales and eyes nearby. */
const { plan, change } = usePiecePlan();
const { text } = useUnits();
const measure = computed(() => plan.value.measure);
const near = computed(() => roundScalesNear(measure.value.lifePerModel));
const eyes = computed(() =>
  eyeFits(measure.value.skeleton.animal.eye.mm, measure.value.lifePerModel),
);
const setScale = (scale: ScaleChoice): void =>
  change(say.changeScale, (p) => withPart(p, 'measure', { scale }));
</script>

<template>
  <p class="head">{{ say.smallestPartsAtThis }}</p>
  <WorkingRow
    v-for="{ size, leastMm } in measure.small"
    :key="size.id"
    :working="size"
    :alarm="size.value < leastMm"
  />
  <p class="near">
    {{ say.roundScalesNearby }}
    <ActionButton v-for="n in near" :key="n" @click="setScale({ by: 'ratio', lifePerModel: n })">
      {{ text(n, 'scale') }}
    </ActionButton>
  </p>
  <p class="near">
    {{ say.eyesAsTheyAre }}
    <ActionButton
      v-for="fit in eyes"
      :key="fit.eyeMm"
      @click="setScale({ by: 'eye', mm: fit.eyeMm })"
    >
      {{ say.at(text(fit.eyeMm, 'mm'), text(fit.lifePerModel, 'scale')) }}
    </ActionButton>
  </p>
</template>

<style scoped>
.head,
.near {
  margin: 8px 0 2px;
  font-size: 13.5px;
  color: var(--soft);
}
.near {
  margin: 2px 0;
}
</style>
