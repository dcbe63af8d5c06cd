<script setup lang="ts">
import { demoPieces } from '@keen-sinew/core';
import { onMounted } from 'vue';
import { useRouter } from 'vue-router';
import { readSetting } from '../stores/pieceStorage.ts';
import { usePieceStore } from '../stores/pieceStore.ts';

/** The front door: the piece that was open last, the demonstration on a first visit. */
const store = usePieceStore();
const router = useRouter();

onMounted(async () => {
  await store.loadAll();
  const last = await readSetting<string>('last');
  const wanted = [last, demoPieces()[0]?.id];
  const piece =
    wanted
      .map((id) => store.pieces.find((one) => one.id === id))
      .find((one) => one !== undefined) ?? store.pieces[0];
  await router.replace(piece ? `/piece/${piece.id}/measure` : '/pieces');
});
</script>

<template>
  <main aria-busy="true"><p class="visually-hidden">Opening</p></main>
</template>
