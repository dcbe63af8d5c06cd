<script setup lang="ts">
import * as say from './words.ts';
import { inWorkshop, pieceText } from '@keen-sinew/core';
import { computed, ref, shallowRef, watch } from 'vue';
import { useRowsInTurns } from '../composables/useTurns.ts';
import { downloadBlob, downloadText } from '../files/download.ts';
import { keptPictures } from '../files/pieceZip.ts';
import { useArchive } from '../files/useArchive.ts';
import ActionButton from '../kit/ActionButton.vue';
import ChoiceField from '../kit/ChoiceField.vue';
import EmptyState from '../kit/EmptyState.vue';
import HintText from '../kit/HintText.vue';
import JobProgress from '../kit/JobProgress.vue';
import SearchField from '../kit/SearchField.vue';
import { keptOf, type KeptPiece } from '../stores/benchStorage.ts';
import { useNoteStore } from '../stores/noteStore.ts';
import { usePieceStore } from '../stores/pieceStore.ts';
import type { ListedPiece } from '../stores/shelfStorage.ts';
import { useWorkshopStore } from '../stores/workshopStore.ts';
import PieceRow from './PieceRow.vue';
import { ORDERS, shelved, type ShelfOrder } from './shelf.ts';

/** The shelf: every piece that the browser keeps, to find, to open, to save to a file, to remove and put back. */
const store = usePieceStore();
const workshops = useWorkshopStore();
const notes = useNoteStore();
/** The piece whose archive is being packed. */
let packed = '';
const packing = useArchive((reason) => say.wasNotSaved(packed, reason));
const isPacking = packing.shown;

async function remove({ id, name }: ListedPiece): Promise<void> {
  const restore = await store.remove(id);
  notes.tell({ sentence: say.isRemoved(name), label: say.putItBack, act: restore });
}

const keepRecord = async ({ key, id }: { key: string; id: string }): Promise<void> =>
  downloadText(`${id}-as-it-is.json`, await store.recordText(key), 'application/json');

/** With the pictures that were brought in, where there are some: nothing is left behind. */
async function keep({ id }: ListedPiece): Promise<void> {
  const piece = await store.pieceOf(id);
  // The shelf named what cannot be read any more: reading all tells why, and puts the shelf right.
  if (piece === undefined) return store.loadAll();
  if (keptPictures(piece).length === 0) {
    downloadText(
      `${piece.id}.json`,
      pieceText(inWorkshop(piece, workshops.current)),
      'application/json',
    );
    return;
  }
  packed = piece.name;
  const blob = await packing.run(async (told, signal) => {
    const { pieceZip } = await import('../files/pieceZip.ts');
    return pieceZip(inWorkshop(piece, workshops.current), told, signal);
  });
  if (blob !== null) downloadBlob(`${piece.id}.zip`, blob);
}

/** What is known of each piece, as far as it was ever open. */
const known = shallowRef<ReadonlyMap<string, KeptPiece>>(new Map());
watch(
  () => store.shelf,
  async (pieces) => {
    const all = await keptOf(pieces.map(({ id }) => id));
    known.value = new Map(all.map((kept) => [kept.piece.id, kept]));
  },
  { immediate: true },
);

const search = ref('');
const order = ref<ShelfOrder>('name');
const orders = ORDERS.map((id) => ({ label: say.ORDER_WORDS[id], value: id as string }));
const found = computed(() => shelved(store.shelf, known.value, search.value, order.value));
/** Rows are put up this many at a time. */
const HANDFUL = 12;
const shown = useRowsInTurns(() => found.value, HANDFUL);
</script>

<template>
  <section aria-labelledby="yours">
    <h2 id="yours">{{ say.yourPieces }}</h2>
    <EmptyState v-if="store.shelf.length === 0" :reason="say.thereIsNoPiece">
      <ActionButton @click="store.restoreDemo()">
        {{ say.bringDemonstrationBack }}
      </ActionButton>
    </EmptyState>
    <p v-else class="find">
      <SearchField :label="say.searchPieces" :value="search" @set="search = $event" />
      <ChoiceField
        small
        :label="say.orderedBy"
        :value="order"
        :options="orders"
        @set="order = $event as ShelfOrder"
      />
    </p>
    <HintText v-if="store.shelf.length > 0 && found.length === 0">
      {{ say.noPieceHas(search) }}
    </HintText>
    <ul>
      <PieceRow
        v-for="{ piece, kept } in shown"
        :key="piece.id"
        :piece="piece"
        :kept="kept"
        @keep="keep(piece)"
        @remove="remove(piece)"
      />
    </ul>
    <JobProgress v-if="isPacking" :job="packing" :sentence="say.packingArchive" />
    <HintText v-for="entry in store.aside" :key="entry.key" alarm>
      {{ say.recordIsKept(entry.id, entry.sentence) }}
      <ActionButton @click="keepRecord(entry)">{{ say.saveItAsItIs }}</ActionButton>
      <ActionButton @click="store.letGo(entry.key)">{{ say.letItGo }}</ActionButton>
    </HintText>
  </section>
</template>

<style scoped>
h2 {
  font-size: 21px;
  margin-bottom: 6px;
}
.find {
  display: grid;
  grid-template-columns: 1fr 220px;
  gap: 14px;
  margin: 0 0 4px;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0 0 34px;
}
</style>
