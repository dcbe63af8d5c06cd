<script setup lang="ts">
import * as tell from './roomWords.ts';
import type { ReferencesPlan } from '@keen-sinew/core';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import OpenedRow from '../../ledger/OpenedRow.vue';

/** Each bone as each view shows it, and its true length with what each view hides. */
defineProps<{ traced: ReferencesPlan['traced'] }>();
const { piece } = usePiecePlan();
const { open, pick } = useSelection();
const { number } = useUnits();
const viewOf = (id: string): string =>
  piece.value.references.pictures.find((picture) => picture.id === id)?.view ?? id;
const hiddenText = (hidden: number | null): string =>
  hidden === null ? '' : tell.hidden(Math.round(hidden * 100));
</script>

<template>
  <ReckoningTable
    :columns="[tell.boneLife, tell.seen, tell.trueWord]"
    :rows="traced"
    :key-of="({ found, working }) => working.id"
    ><template #row="{ row: { found, working } }">
      <tr>
        <td>
          <ActionButton
            kind="plain"
            class="name"
            :data-working="working.id"
            :aria-expanded="open === working.id"
            @click="open === working.id ? pick(null) : pick(working.target ?? null, working.id)"
          >
            {{ found.bone.name }}
          </ActionButton>
        </td>
        <td class="seen">
          <span v-for="entry in found.seen" :key="entry.pictureId">
            {{ viewOf(entry.pictureId) }} {{ number(entry.mm, 'mm') }}{{ hiddenText(entry.hidden) }}
          </span>
        </td>
        <td class="number true">
          {{ found.whole ? '' : '≥ ' }}{{ number(found.mm, 'mm') }}
          <small>± {{ number(found.plusMinusMm, 'mm') }}</small>
        </td>
      </tr>
      <OpenedRow :of="[working]" /> </template
  ></ReckoningTable>
</template>

<style scoped>
.seen span {
  display: block;
  font-size: 13px;
  color: var(--soft);
  white-space: nowrap;
}
.true {
  font-weight: 600;
  white-space: nowrap;
}
.true small {
  display: block;
  font-weight: 400;
  color: var(--soft);
}
</style>
