<script setup lang="ts">
import * as say from './words.ts';
import {
  greatest,
  rockOf,
  withoutRockPoint,
  withRockPoint,
  type Ground,
  type RockShape,
} from '@keen-sinew/core';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceRow from '../../kit/ChoiceRow.vue';

type Rock = Extract<Ground, { kind: 'rock' }>;

/** A rock is taken from a few, and given points more or fewer to be dragged by. */
const props = defineProps<{ rock: Rock }>();
const emit = defineEmits<{ set: [label: string, rock: Rock] }>();
const SHAPES = [
  { value: 'boulder', label: say.boulder },
  { value: 'ledge', label: say.ledge },
  { value: 'ramp', label: say.ramp },
  { value: 'peak', label: say.peak },
];
function setShape(shape: string): void {
  const { points, acrossMm } = props.rock;
  const [back, front] = [points[0]![0], points.at(-1)![0]];
  const high = greatest(points.map(([, y]) => y));
  const made = rockOf(shape as RockShape, back, front, high, acrossMm);
  emit('set', say.takeRockShape(shape), made);
}
</script>

<template>
  <ChoiceRow again :label="say.rockToBeginWith" value="" :options="SHAPES" @set="setShape" />
  <div class="points">
    <ActionButton @click="emit('set', say.onePointMore, withRockPoint(rock))">
      {{ say.onePointMore }}
    </ActionButton>
    <ActionButton @click="emit('set', say.onePointLess, withoutRockPoint(rock))">
      {{ say.onePointLess }}
    </ActionButton>
  </div>
</template>

<style scoped>
.points {
  display: flex;
  gap: 8px;
}
</style>
