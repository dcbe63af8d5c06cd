<script setup lang="ts">
import * as say from './words.ts';
import { materialWorkings, sentenceText, type MaterialPlan } from '@keen-sinew/core';
import { useUnits } from '../../../composables/useUnits.ts';
import ReckoningTable from '../../../kit/ReckoningTable.vue';
import OpenedRow from '../../../ledger/OpenedRow.vue';
import WorkingCell from '../../../ledger/WorkingCell.vue';

/** Every stuff of the piece: taken, there, to buy, cost, and by when it is used. */
defineProps<{
  materials: readonly MaterialPlan[];
  byWhen: (material: MaterialPlan) => string;
}>();
const { system } = useUnits();
const COLUMNS = [say.stuff, say.takes, say.here, say.toBuy, say.costs, say.firstUsed];
</script>

<template>
  <ReckoningTable
    :columns="COLUMNS"
    :rows="materials"
    :key-of="({ id }) => id"
    :caption="say.whatItTakes"
  >
    <template #row="{ row }">
      <tr>
        <td>{{ sentenceText(row.what, system) }}</td>
        <td><WorkingCell unit :working="row.need" /></td>
        <td><WorkingCell v-if="row.onHand" unit :working="row.onHand" /></td>
        <td>
          <WorkingCell v-if="row.quantity.value > 0" unit :working="row.quantity" />
          <template v-else>{{ say.enough }}</template>
        </td>
        <td><WorkingCell v-if="row.cost" unit :working="row.cost" /></td>
        <td>{{ byWhen(row) }}</td>
      </tr>
      <OpenedRow :of="materialWorkings(row)" />
    </template>
  </ReckoningTable>
</template>
