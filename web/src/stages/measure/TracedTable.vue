<script setup lang="ts">
import * as tell from './roomWords.ts';
import type { ReferencesPlan } from '@keen-sinew/core';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import WorkingDetail from '../../ledger/WorkingDetail.vue';

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
  <table class="reckoning">
    <thead>
      <tr>
        <th scope="col">{{ tell.boneLife }}</th>
        <th scope="col">{{ tell.seen }}</th>
        <th scope="col">{{ tell.trueWord }}</th>
      </tr>
    </thead>
    <tbody>
      <template v-for="{ found, working } in traced" :key="working.id">
        <tr>
          <td>
            <button
              type="button"
              class="name"
              :data-working="working.id"
              :aria-expanded="open === working.id"
              @click="open === working.id ? pick(null) : pick(working.target ?? null, working.id)"
            >
              {{ found.bone.name }}
            </button>
          </td>
          <td class="seen">
            <span v-for="entry in found.seen" :key="entry.pictureId">
              {{ viewOf(entry.pictureId) }} {{ number(entry.mm, 'mm')
              }}{{ hiddenText(entry.hidden) }}
            </span>
          </td>
          <td class="number true">
            {{ found.whole ? '' : '≥ ' }}{{ number(found.mm, 'mm') }}
            <small>± {{ number(found.plusMinusMm, 'mm') }}</small>
          </td>
        </tr>
        <tr v-if="open === working.id">
          <td colspan="3"><WorkingDetail :working="working" /></td>
        </tr>
      </template>
    </tbody>
  </table>
</template>

<style scoped>
.name {
  background: none;
  border: 0;
  padding: 2px 0;
  text-align: left;
  cursor: pointer;
}
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
