<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import HintText from '../../../kit/HintText.vue';
import ReckoningTable from '../../../kit/ReckoningTable.vue';
import OpenedRow from '../../../ledger/OpenedRow.vue';
import WorkingCell from '../../../ledger/WorkingCell.vue';

/** What must slide over or into what, in the order in which it is tried; and how each part is joined. */
const { plan } = usePiecePlan();
const fits = computed(() => plan.value.cure.fits);
const joins = computed(() => plan.value.cure.joins);
</script>

<template>
  <ReckoningTable
    v-if="fits.length > 0"
    :columns="[say.tryColumn, say.innerColumn, say.boreColumn, say.whenColumn]"
    :rows="fits"
    :key-of="(fit) => fit.id"
    ><template #row="{ row: fit }"
      ><tr>
        <td>{{ fit.name }}</td>
        <td><WorkingCell :working="fit.inner" unit /></td>
        <td><WorkingCell :working="fit.bore" unit /></td>
        <td>{{ say.when[fit.when] }}</td>
      </tr>
      <OpenedRow :of="[fit.inner, fit.bore]" /></template
  ></ReckoningTable>
  <HintText v-if="fits.length > 0">{{ say.tryInOrder }}</HintText>
  <ReckoningTable
    v-if="joins.length > 0"
    :columns="[say.joinColumn, say.pinColumn, say.drillColumn, say.filletColumn]"
    :rows="joins"
    :key-of="(join) => join.fittingId"
    ><template #row="{ row: join }"
      ><tr>
        <td>
          {{ join.name }}
          <small>{{ say.joinBy(say.joined[join.when], join.how, join.keyed) }}</small>
        </td>
        <td><WorkingCell v-if="join.pin" :working="join.pin" unit /></td>
        <td><WorkingCell v-if="join.drill" :working="join.drill" unit /></td>
        <td><WorkingCell v-if="join.fillet" :working="join.fillet" unit /></td>
      </tr>
      <OpenedRow :of="[join.pin, join.drill, join.fillet]" /></template
  ></ReckoningTable>
</template>

<style scoped>
small {
  display: block;
  color: var(--soft);
  font-size: 13px;
}
</style>
