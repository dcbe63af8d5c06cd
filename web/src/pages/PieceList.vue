<script setup lang="ts">
import * as say from './words.ts';
import { animalById, inWorkshop, pieceText, quantityText, type Piece } from '@keen-sinew/core';
import { shallowRef, watch } from 'vue';
import { downloadBlob, downloadText } from '../files/download.ts';
import { useArchive } from '../files/useArchive.ts';
import ActionButton from '../kit/ActionButton.vue';
import EmptyState from '../kit/EmptyState.vue';
import HintText from '../kit/HintText.vue';
import JobProgress from '../kit/JobProgress.vue';
import { outlinesOf } from '../stores/benchStorage.ts';
import { useNoteStore } from '../stores/noteStore.ts';
import { usePieceStore } from '../stores/pieceStore.ts';
import { useWorkshopStore } from '../stores/workshopStore.ts';
import { pieceState } from './pieceState.ts';

/** The pieces that the browser keeps: to open, to save to a file, to remove and put back. */
const store = usePieceStore();
const workshops = useWorkshopStore();
const notes = useNoteStore();
/** The piece whose archive is being packed. */
let packed = '';
const packing = useArchive((reason) => say.wasNotSaved(packed, reason));
const isPacking = packing.shown;

async function remove(piece: Piece): Promise<void> {
  const restore = await store.remove(piece.id);
  notes.tell({ sentence: say.isRemoved(piece.name), label: say.putItBack, act: restore });
}

const keepRecord = async ({ key, id }: { key: string; id: string }): Promise<void> =>
  downloadText(`${id}-as-it-is.json`, await store.recordText(key), 'application/json');

/** With the pictures that were brought in, where there are some: nothing is left behind. */
async function keep(piece: Piece): Promise<void> {
  if (piece.references.pictures.every(({ shipped }) => shipped !== null)) {
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

/** Where each piece stands, as far as it was ever open. */
const states = shallowRef<ReadonlyMap<string, string>>(new Map());
watch(
  () => store.pieces,
  async (pieces) => {
    const outlines = await outlinesOf(pieces.map(({ id }) => id));
    states.value = new Map(outlines.map((outline) => [outline.id, pieceState(outline)]));
  },
  { immediate: true },
);

function scaleText({ measure: { scale } }: Piece): string {
  if (scale.by === 'ratio') return quantityText(scale.lifePerModel, 'scale');
  if (scale.by === 'size') return say.scaleBy(scale.sizeId.replace('-', ' '));
  return scale.by === 'eye' ? say.scaleByItsEyes : say.scaleBy2(scale.by);
}
</script>

<template>
  <section aria-labelledby="yours">
    <h2 id="yours">{{ say.yourPieces }}</h2>
    <EmptyState v-if="store.pieces.length === 0" :reason="say.thereIsNoPiece">
      <ActionButton @click="store.restoreDemo()">
        {{ say.bringDemonstrationBack }}
      </ActionButton>
    </EmptyState>
    <ul>
      <li v-for="piece in store.pieces" :key="piece.id">
        <RouterLink :to="`/piece/${piece.id}/measure`">{{ piece.name }}</RouterLink>
        <span>
          {{ piece.measure.creature?.name ?? animalById(piece.measure.animalId)?.name }},
          {{ scaleText(piece) }}
          <template v-if="piece.place"> · {{ piece.place }}</template>
          <small v-if="states.get(piece.id)" class="state">{{ states.get(piece.id) }}</small>
        </span>
        <span class="acts">
          <ActionButton @click="keep(piece)">
            {{ say.saveToFile }}<span class="visually-hidden">: {{ piece.name }}</span>
          </ActionButton>
          <ActionButton @click="remove(piece)">
            {{ say.remove }}<span class="visually-hidden">: {{ piece.name }}</span>
          </ActionButton>
        </span>
      </li>
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
ul {
  list-style: none;
  padding: 0;
  margin: 0 0 34px;
}
li {
  display: grid;
  grid-template-columns: 260px 1fr auto;
  gap: 14px;
  align-items: baseline;
  border-bottom: 1px dotted var(--line);
  padding: 10px 0;
}
li a {
  font-weight: 700;
  color: var(--verdigris);
  font-size: 17px;
}
.state {
  display: block;
  color: var(--verdigris);
}
</style>
