<script setup lang="ts">
import * as say from './words.ts';
import { isTarget, type PegRow } from '@keen-sinew/core';
import { useSelection } from '../../composables/useSelection.ts';
import HintText from '../../kit/HintText.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import OpenedRow from '../../ledger/OpenedRow.vue';
import WorkingCell from '../../ledger/WorkingCell.vue';

/** Depth pegs: how high the clay stands over core or wire at marked places. */
defineProps<{ rows: readonly PegRow[] }>();
const { target } = useSelection();
</script>

<template>
  <ReckoningTable
    :columns="[say.pegOver, say.onto, say.heightMm]"
    :rows="rows"
    :key-of="(row) => row.peg.id"
    ><template #row="{ row }">
      <tr :class="{ chosen: isTarget(target, 'peg', String(row.number)) }">
        <td>
          <span class="numbered">
            <b class="number">{{ row.number }}</b>
            <span>
              {{ row.peg.name }}
              <small v-if="row.peg.over === 'bone'">{{ say.boneUnderSkinBuild }}</small>
            </span>
          </span>
        </td>
        <td>{{ row.peg.onto }}</td>
        <td><WorkingCell :working="row.height" /></td>
      </tr>
      <OpenedRow :of="[row.height]" /> </template
  ></ReckoningTable>
  <HintText v-if="rows.length === 0">{{ say.noMuscleOrLandmark }}</HintText>
</template>

<style scoped>
small {
  display: block;
  color: var(--soft);
}
</style>
