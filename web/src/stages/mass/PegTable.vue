<script setup lang="ts">
import * as say from './words.ts';
import { isTarget, type PegRow } from '@keen-sinew/core';
import { useSelection } from '../../composables/useSelection.ts';
import WorkingCell from '../../ledger/WorkingCell.vue';
import WorkingDetail from '../../ledger/WorkingDetail.vue';

/** Depth pegs: how high the clay stands over core or wire at marked places. */
defineProps<{ rows: readonly PegRow[] }>();
const { target, open } = useSelection();
</script>

<template>
  <table class="reckoning">
    <thead>
      <tr>
        <th scope="col">{{ say.pegOver }}</th>
        <th scope="col">{{ say.onto }}</th>
        <th scope="col">{{ say.heightMm }}</th>
      </tr>
    </thead>
    <tbody>
      <template v-for="row in rows" :key="row.peg.id">
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
        <tr v-if="open === row.height.id">
          <td colspan="3"><WorkingDetail :working="row.height" /></td>
        </tr>
      </template>
    </tbody>
  </table>
  <p v-if="rows.length === 0" class="says">{{ say.noMuscleOrLandmark }}</p>
</template>

<style scoped>
small {
  display: block;
  color: var(--soft);
}
.says {
  margin: 4px;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
