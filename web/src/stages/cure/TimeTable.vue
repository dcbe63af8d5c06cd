<script setup lang="ts">
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import WorkingCell from '../../ledger/WorkingCell.vue';
import WorkingDetail from '../../ledger/WorkingDetail.vue';

/** The packet's rule and the physical time side by side, so that nobody takes one for the other. */
const { plan, piece } = usePiecePlan();
const { open } = useSelection();
const { text } = useUnits();
const cure = computed(() => plan.value.cure);
const rows = computed(() =>
  cure.value.cases.map((entry) => ({
    one: entry,
    packet: cure.value.packets.find((rule) => rule.kind === entry.kind),
    heat: cure.value.heat.find(({ result }) => result.caseId === entry.id)?.working,
  })),
);
/** A shell stands in two rows, and its rule is asked in the first. */
const isFirst = (id: string) => id !== 'shell-holding';
const opened = computed(() =>
  [...rows.value.flatMap((row) => [row.packet?.thickness, row.packet?.time, row.heat])].find(
    (working) => working?.id === open.value,
  ),
);
</script>

<template>
  <table class="reckoning times">
    <thead>
      <tr>
        <th scope="col">Where the clay is slowest</th>
        <th scope="col">Thick</th>
        <th scope="col">Packet’s rule, a minimum</th>
        <th v-if="cure.request" scope="col">Innermost clay hot enough after</th>
        <th v-if="cure.request" scope="col">between</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.one.id">
        <td>{{ row.one.place }}</td>
        <template v-if="row.packet && isFirst(row.one.id)">
          <td><WorkingCell :working="row.packet.thickness" unit /></td>
          <td><WorkingCell :working="row.packet.time" unit /></td>
        </template>
        <template v-else>
          <td class="same">the same</td>
          <td class="same">the same</td>
        </template>
        <td v-if="cure.request">
          <WorkingCell v-if="row.heat" :working="row.heat" unit />
        </td>
        <td v-if="cure.request" class="number range">
          <template v-if="row.heat?.range">
            {{ text(row.heat.range[0], 'min').replace(' min', '') }}–{{
              text(row.heat.range[1], 'min')
            }}
          </template>
        </td>
      </tr>
    </tbody>
  </table>
  <WorkingDetail v-if="opened" :working="opened" />
  <p v-if="cure.request" class="note">
    Both count from the moment the piece is in the hot oven. The packet’s rule is a minimum, and no
    time at temperature; the physical time is how long the innermost clay takes to reach the low end
    of what it cures at, and {{ text(piece.cure.holdMin, 'min') }} are added to it. The longer of
    the two is baked. Longer at the right temperature does no harm; hotter does.
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
