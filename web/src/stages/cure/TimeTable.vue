<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import WorkingCell from '../../ledger/WorkingCell.vue';
import WorkingDetail from '../../ledger/WorkingDetail.vue';
import { useBake } from './bakes/useBake.ts';

/** The packet's rule and the physical time side by side, so that nobody takes one for the other. */
const { plan, piece } = usePiecePlan();
const { open } = useSelection();
const { number, text } = useUnits();
const { stage } = useBake();
const cure = computed(() => plan.value.cure);
/** A shell stands in two rows, and its rule is asked in the first. */
const rows = computed(() =>
  stage.value.cases.map((entry) => ({
    one: entry,
    packet: cure.value.packets.find(({ caseId }) => caseId === entry.id),
    heat: cure.value.heat.find(({ result }) => result.caseId === entry.id)?.working,
  })),
);
const opened = computed(() =>
  [...rows.value.flatMap((row) => [row.packet?.thickness, row.packet?.time, row.heat])].find(
    (working) => working?.id === open.value,
  ),
);
</script>

<template>
  <ReckoningTable
    class="times"
    :columns="[
      say.whereClayIsSlowest,
      say.thick,
      say.packetsRuleMinimum,
      ...(stage.oven ? [say.innermostClayHotEnough] : []),
      ...(stage.oven ? [say.between] : []),
    ]"
    :rows="rows"
    :key-of="(row) => row.one.id"
    ><template #row="{ row }"
      ><tr>
        <td>{{ row.one.place }}</td>
        <template v-if="row.packet">
          <td><WorkingCell :working="row.packet.thickness" unit /></td>
          <td><WorkingCell :working="row.packet.time" unit /></td>
        </template>
        <template v-else>
          <td class="same">{{ say.same }}</td>
          <td class="same">{{ say.same }}</td>
        </template>
        <td v-if="stage.oven">
          <WorkingCell v-if="row.heat" :working="row.heat" unit />
        </td>
        <td v-if="stage.oven" class="number range">
          <template v-if="row.heat?.range">
            {{ number(row.heat.range[0], 'min') }}–{{ text(row.heat.range[1], 'min') }}
          </template>
        </td>
      </tr></template
    ></ReckoningTable
  >
  <WorkingDetail v-if="opened" :working="opened" />
  <p v-if="stage.oven" class="note">
    {{ say.bothCountFromMoment(text(piece.cure.holdMin, 'min')) }}
  </p>
</template>

<style scoped>
.same {
  color: var(--soft);
  font-size: 13px;
}
.range {
  color: var(--soft);
  white-space: nowrap;
}
.note {
  margin: 0;
  font-size: 14px;
  color: var(--soft);
}
</style>
