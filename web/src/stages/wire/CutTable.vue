<script setup lang="ts">
import * as say from './words.ts';
import type { PlannedWire } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';

const props = defineProps<{ wires: readonly PlannedWire[]; chosen: string }>();
const emit = defineEmits<{ choose: [id: string] }>();
const { number } = useUnits();
const large = computed(() => props.wires.filter(({ kind }) => kind !== 'fine'));
const thin = computed(() => props.wires.filter(({ kind }) => kind === 'fine'));
const opened = ref(false);
/** Many thin wires are shown when asked for, or when one of them is chosen. */
const showsThin = computed(
  () => opened.value || thin.value.length <= 2 || thin.value.some(({ id }) => id === props.chosen),
);
const shown = computed(() => [...large.value, ...(showsThin.value ? thin.value : [])]);
</script>

<template>
  <ReckoningTable
    :columns="[say.piece, 'Ø mm', say.cut, say.bends]"
    :rows="shown"
    :key-of="(wire) => wire.id"
    ><template #row="{ row: wire }">
      <tr :class="{ chosen: wire.id === chosen }">
        <td :class="{ strand: wire.otherEndOf }">
          <ActionButton
            kind="plain"
            :aria-pressed="wire.id === chosen"
            @click="emit('choose', wire.id)"
          >
            {{ wire.id }} {{ wire.name }}
          </ActionButton>
        </td>
        <td class="number">{{ wire.diameterMm.toFixed(2) }}</td>
        <td class="number cut">
          <template v-if="wire.otherEndOf">{{ say.asAbove }}</template>
          <template v-else>{{ number(wire.cut.value, 'mm') }}</template>
        </td>
        <td class="number">{{ wire.bends.length }}</td>
      </tr>
      <tr v-for="moreStrand in wire.moreStrands" :key="moreStrand.id">
        <td class="strand">
          {{ moreStrand.id }} {{ moreStrand.shortName }}
          <template v-if="moreStrand.count > 1">× {{ moreStrand.count }}</template>
        </td>
        <td class="number">{{ wire.diameterMm.toFixed(2) }}</td>
        <td class="number cut">{{ number(moreStrand.cut.value, 'mm') }}</td>
        <td></td>
      </tr> </template
  ></ReckoningTable>
  <ActionButton v-if="!showsThin" @click="opened = true">
    {{ say.andThinWiresShow(thin.length) }}
  </ActionButton>
</template>

<style scoped>
.chosen button {
  font-weight: 700;
}
.cut {
  font-weight: 700;
  white-space: nowrap;
}
.strand {
  padding-left: 18px !important;
  color: var(--soft);
}
</style>
