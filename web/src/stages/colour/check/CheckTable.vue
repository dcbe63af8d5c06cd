<script setup lang="ts">
import * as say from './words.ts';
import type { ColourCheck } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useSelection } from '../../../composables/useSelection.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import HintText from '../../../kit/HintText.vue';
import ReckoningTable from '../../../kit/ReckoningTable.vue';
import OpenedRow from '../../../ledger/OpenedRow.vue';
import WorkingCell from '../../../ledger/WorkingCell.vue';
import { withPart } from '../../withPart.ts';
import { withZoneColour } from '../zoneChanges.ts';

/** Zones and markings beside what the picture shows of them, the farthest off first. */
const { plan, change } = usePiecePlan();
const { pick } = useSelection();
const checks = computed(() => plan.value.colour?.checks ?? []);
const aim = ({ zoneId, name, seen }: ColourCheck): void =>
  change(say.aimAt(name), (p) => withZoneColour(p, zoneId, { hex: seen }));
const drop = ({ zoneId, name }: ColourCheck): void =>
  change(say.dropOf(name), (p) => {
    const seen = Object.entries(p.colour.seen).filter(([id]) => id !== zoneId);
    return withPart(p, 'colour', { seen: Object.fromEntries(seen) });
  });
</script>

<template>
  <HintText v-if="checks.length === 0">{{ say.noneYet }}</HintText>
  <template v-else>
    <ReckoningTable :columns="[...say.COLUMNS]" :rows="checks" :key-of="({ zoneId }) => zoneId">
      <template #row="{ row }">
        <tr :data-check="row.zoneId">
          <td>
            <ActionButton kind="plain" @click="pick({ kind: 'zone', id: row.zoneId })">{{
              row.name
            }}</ActionButton>
            <small>{{ row.how }}</small>
          </td>
          <td><i :style="{ background: row.seen }" :title="row.seen" /></td>
          <td><i :style="{ background: row.hex }" :title="row.hex" /></td>
          <td><WorkingCell :working="row.difference" /></td>
          <td>
            <ActionButton @click="aim(row)"
              >{{ say.aim }}<span class="visually-hidden">: {{ row.name }}</span></ActionButton
            >
            <ActionButton @click="drop(row)"
              >{{ say.drop }}<span class="visually-hidden">: {{ row.name }}</span></ActionButton
            >
          </td>
        </tr>
        <OpenedRow :of="[row.difference]" />
      </template>
    </ReckoningTable>
    <HintText>{{ say.meaning }}</HintText>
  </template>
</template>

<style scoped>
i {
  display: inline-block;
  width: 30px;
  height: 20px;
  border: 1px solid var(--soft);
}
small {
  display: block;
  padding-left: 4px;
  color: var(--soft);
}
</style>
