<script setup lang="ts">
import * as say from './words.ts';
import { lengthLimits, parseLength, type ScaleChoice } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import QuantityField from '../../kit/QuantityField.vue';
import { USUAL_OVEN } from './usualOven.ts';

/** The sides of what the piece has to fit: a board, the oven, a box. */
const emit = defineEmits<{ scale: [next: ScaleChoice] }>();
const { piece, change } = usePiecePlan();
const { system, text } = useUnits();
const SIDES = ['lengthMm', 'widthMm', 'heightMm'] as const;
const SIDE_NAMES = { lengthMm: say.long, widthMm: say.deep, heightMm: say.high } as const;
const scale = computed(() => piece.value.measure.scale);
const oven = computed(() => piece.value.measure.oven);
const board = computed(() => (scale.value.by === 'board' ? scale.value : null));
const boxes = computed(() => [
  { id: 'oven' as const, name: say.oven, title: say.insideOfOven, box: oven.value },
  ...(scale.value.by === 'box'
    ? [
        {
          id: 'box' as const,
          name: say.box,
          title: say.insideOfBox,
          box: piece.value.measure.box,
        },
      ]
    : []),
]);

const setBox = (which: 'oven' | 'box', side: (typeof SIDES)[number], mm: number): void =>
  change(say.change2(which), (p) => ({
    ...p,
    measure: { ...p.measure, [which]: { ...(p.measure[which] ?? USUAL_OVEN), [side]: mm } },
  }));
const readBox = (name: string) => (typed: string) =>
  parseLength(typed, name, lengthLimits('workshop.oven.inside.lengthMm'), system.value);
const readBoard = (typed: string) =>
  parseLength(typed, say.board2, lengthLimits('measure.scale.widthMm'), system.value);
</script>

<template>
  <div v-if="board" class="oven">
    <span>{{ say.boardItStandsOn }}</span>
    <label v-for="side in ['lengthMm', 'widthMm'] as const" :key="side">
      <QuantityField
        small
        :label="say.board(SIDE_NAMES[side])"
        :shown="text(board[side], 'mm', system === 'metric' ? 0 : 2)"
        :parse="readBoard"
        @set="emit('scale', { ...board, [side]: $event })"
      />
      <small>{{ SIDE_NAMES[side] }}</small>
    </label>
  </div>
  <div v-for="box in boxes" :key="box.id" class="oven">
    <span>{{ box.title }}</span>
    <label v-for="side in SIDES" :key="side">
      <QuantityField
        small
        :label="`${box.name}, ${SIDE_NAMES[side]}`"
        :shown="box.box ? text(box.box[side], 'mm', system === 'metric' ? 0 : 2) : ''"
        :parse="readBox(box.name)"
        @set="setBox(box.id, side, $event)"
      />
      <small>{{ SIDE_NAMES[side] }}</small>
    </label>
  </div>
</template>

<style scoped>
.oven {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 2px 8px;
  margin-bottom: 12px;
}
.oven > span {
  grid-column: 1 / -1;
}
small {
  color: var(--soft);
  font-size: 12.5px;
}
</style>
