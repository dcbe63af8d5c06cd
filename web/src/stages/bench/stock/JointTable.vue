<script setup lang="ts">
import * as say from './words.ts';
import type { JointNeed } from '@keen-sinew/core';
import ReckoningTable from '../../../kit/ReckoningTable.vue';
import OpenedRow from '../../../ledger/OpenedRow.vue';
import WorkingCell from '../../../ledger/WorkingCell.vue';

/** What all pieces on the bench take together. */
defineProps<{ needs: readonly JointNeed[] }>();
const COLUMNS = [say.stuff, say.takes, say.toBuy, say.inPieces];
</script>

<template>
  <ReckoningTable
    :columns="COLUMNS"
    :rows="needs"
    :key-of="({ key }) => key"
    :caption="say.allPieces"
  >
    <template #row="{ row }">
      <tr>
        <td>{{ row.what }}</td>
        <td><WorkingCell unit :working="row.need" /></td>
        <td>
          <WorkingCell v-if="row.toBuy.value > 0" unit :working="row.toBuy" />
          <template v-else>{{ say.enough }}</template>
        </td>
        <td>{{ row.pieces.join(', ') }}</td>
      </tr>
      <OpenedRow :of="[row.need, row.toBuy]" />
    </template>
  </ReckoningTable>
</template>
