<script setup lang="ts">
import * as say from './words.ts';
import type { ColourPlan, PaintTubePlan } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ActionButton from '../../kit/ActionButton.vue';
import HintText from '../../kit/HintText.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import OpenedRow from '../../ledger/OpenedRow.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import WorkingCell from '../../ledger/WorkingCell.vue';
import { withPart } from '../withPart.ts';

/** The few tubes that the whole animal is mixed of: how much of each, what is left, what to buy. */
const props = defineProps<{ colour: ColourPlan }>();
const { piece, change } = usePiecePlan();
const tubes = computed(() => props.colour.tubes ?? []);
const hasCost = computed(() => tubes.value.some(({ cost }) => cost !== null));
const hasShift = computed(() => tubes.value.some(({ shift }) => shift !== null));
const columns = computed(() => [
  ...[say.tube, say.needed, say.toBuy],
  ...(hasCost.value ? [say.cost] : []),
  ...(hasShift.value ? [say.comesOut] : []),
  say.keptByHand,
]);
const isUsual = computed(() => tubes.value.some(({ onHand }) => onHand === null));
const fixed = computed(() => piece.value.colour.fixed);
const kinds = computed(() => new Set(tubes.value.map(({ tube }) => tube.kind)));
const others = computed(() =>
  piece.value.atHand.paints.filter(
    ({ id, kind }) => kinds.value.has(kind) && tubes.value.every(({ tube }) => tube.id !== id),
  ),
);
const fades = computed(() =>
  tubes.value.flatMap(({ onHand, tube }) => (onHand?.light === 'fades' ? [tube.name] : [])),
);

function fix(id: string, isIn: boolean): void {
  const next = isIn ? [...fixed.value, id].slice(-8) : fixed.value.filter((of) => of !== id);
  change(say.changeTubes, (p) => withPart(p, 'colour', { fixed: next }));
}
const isFixed = ({ tube }: PaintTubePlan): boolean => fixed.value.includes(tube.id);
</script>

<template>
  <ReckoningTable :columns="columns" :rows="tubes" :key-of="({ tube }) => `${tube.kind} ${tube.id}`"
    ><template #row="{ row }"
      ><tr>
        <td><i :style="{ background: row.tube.hex }" />{{ row.tube.name }}</td>
        <td class="number"><WorkingCell :working="row.needed" unit /></td>
        <td class="number">
          <WorkingCell v-if="row.buy" :working="row.buy" unit alarm />
          <template v-else>{{ say.enough }}</template>
        </td>
        <td v-if="hasCost" class="number">
          <WorkingCell v-if="row.cost" :working="row.cost" />
        </td>
        <td v-if="hasShift" class="number">
          <WorkingCell v-if="row.shift" :working="row.shift" />
        </td>
        <td>
          <ActionButton
            v-if="row.onHand"
            :aria-pressed="isFixed(row)"
            @click="fix(row.tube.id, !isFixed(row))"
          >
            {{ isFixed(row) ? say.kept : say.keep
            }}<span class="visually-hidden">: {{ row.tube.name }}</span>
          </ActionButton>
        </td>
      </tr>
      <OpenedRow :of="[row.needed, row.buy, row.cost, row.shift]" /></template
  ></ReckoningTable>
  <HintText>{{ say.orderOfMixing }}</HintText>
  <HintText v-if="isUsual">{{ say.usualBoxHint }}</HintText>
  <WorkingRow
    v-if="colour.oneMore"
    :working="colour.oneMore.nearer"
    :label="say.oneMoreHelps(colour.oneMore.name)"
  />
  <HintText v-if="fades.length > 0">{{ say.fadesInLight(fades.join(', ')) }}</HintText>
  <p v-if="others.length > 0" class="others">
    {{ say.leftOnShelf }}
    <ActionButton v-for="paint in others" :key="paint.id" kind="line" @click="fix(paint.id, true)">
      <i :style="{ background: paint.hex }" />{{ paint.name }}
    </ActionButton>
  </p>
</template>

<style scoped>
i {
  display: inline-block;
  width: 14px;
  height: 14px;
  margin-right: 7px;
  border: 1px solid var(--soft);
  vertical-align: -2px;
}
.others {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  align-items: center;
  margin: 8px 4px 0;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
