<script setup lang="ts">
import * as say from './words.ts';
import { onMounted } from 'vue';
import { useRouter } from 'vue-router';
import { usePieceStore } from '../stores/pieceStore.ts';
import { readSetting } from '../stores/settingStorage.ts';

/** The front door: the piece that was open last, the demonstration on a first visit. */
/** The piece that a first visit opens. */
const FIRST_DEMO = 'otter-on-the-log';
const store = usePieceStore();
const router = useRouter();

onMounted(async () => {
  // What comes next is fetched while the pieces are read.
  void import('../shell/PieceShell.vue');
  void import('../stages/measure/MeasureStage.vue');
  await store.loadAll();
  const last = await readSetting<string>('last');
  const wanted = [last, FIRST_DEMO];
  const piece =
    wanted
      .map((id) => store.pieces.find((piece) => piece.id === id))
      .find((entry) => entry !== undefined) ?? store.pieces[0];
  const welcome = last === undefined && piece?.id === FIRST_DEMO ? '?welcome' : '';
  await router.replace(piece ? `/piece/${piece.id}/measure${welcome}` : '/pieces');
});
</script>

<template>
  <main aria-busy="true">
    <p class="visually-hidden">{{ say.opening }}</p>
  </main>
</template>
