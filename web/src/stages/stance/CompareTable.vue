<script setup lang="ts">
import * as say from './words.ts';
import { isTarget, type StanceComparison } from '@keen-sinew/core';
import { formatQuantity } from '@keen-sinew/core';
import { computed } from 'vue';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import HintText from '../../kit/HintText.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';

/** Two stances bone by bone: the same lengths, and what moved how far. */
const props = defineProps<{ comparison: StanceComparison; name: string }>();
const { pick, target } = useSelection();
const { system } = useUnits();
const unit = computed(() => formatQuantity(0, 'mm', system.value).unit);
const mm = (value: number, digits?: number): string =>
  formatQuantity(value, 'mm', system.value, digits).number;
const MOST = 14;
const rows = computed(() => props.comparison.bones.slice(0, MOST));
</script>

<template>
  <HintText>
    {{ say.dashedOnSheetAll(name, comparison.bones.length, comparison.worstMm.toExponential(0)) }}
  </HintText>
  <ReckoningTable
    :columns="[say.movedMost, say.here(unit), say.there, say.moved, say.turned]"
    :rows="rows"
    :key-of="(row) => row.boneId"
    ><template #row="{ row }"
      ><tr :class="{ chosen: isTarget(target, 'bone', row.boneId) }">
        <td>
          <ActionButton kind="plain" class="bone" @click="pick({ kind: 'bone', id: row.boneId })">
            {{ row.name }}
          </ActionButton>
        </td>
        <td class="number">{{ mm(row.lengthsMm[0]) }}</td>
        <td class="number">{{ mm(row.lengthsMm[1]) }}</td>
        <td class="number">{{ mm(row.movedMm) }}</td>
        <td class="number">{{ row.turnedDeg.toFixed(0) }}</td>
      </tr></template
    ></ReckoningTable
  >
</template>

<style scoped></style>
