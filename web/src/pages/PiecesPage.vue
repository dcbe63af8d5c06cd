<script setup lang="ts">
import * as say from './words.ts';
import { onMounted, ref } from 'vue';
import { offlineSentence } from '../composables/offline.ts';
import { usePieceStore } from '../stores/pieceStore.ts';
import NewPiece from './NewPiece.vue';
import PieceList from './PieceList.vue';

const store = usePieceStore();
/** Before they are read nobody can say that there are none. */
const loaded = ref(false);
onMounted(async () => {
  await store.loadAll();
  loaded.value = true;
});
</script>

<template>
  <main class="pieces" :aria-busy="!loaded">
    <header>
      <img src="/mark.svg" alt="" width="44" height="44" />
      <div>
        <h1>{{ say.keenSinew }}</h1>
        <p>{{ say.oneMeasuredSkeletonEverything }}</p>
      </div>
      <nav :aria-label="say.besidePieces">
        <RouterLink to="/workshop">{{ say.workshop }}</RouterLink>
        <RouterLink to="/library">{{ say.libraryOfAnimals }}</RouterLink>
      </nav>
    </header>
    <PieceList v-if="loaded || store.shelf.length > 0" />
    <NewPiece />
    <p v-if="offlineSentence" class="offline" role="status">{{ offlineSentence }}</p>
  </main>
</template>

<style scoped>
.pieces {
  max-width: 880px;
  margin: 0 auto;
  padding: 48px 24px;
}
header {
  display: flex;
  gap: 18px;
  align-items: center;
  border-bottom: 1.5px solid var(--ink);
  padding-bottom: 18px;
  margin-bottom: 26px;
}
h1 {
  font-size: 34px;
  line-height: 1.1;
}
header nav {
  margin-left: auto;
  display: flex;
  gap: 18px;
}
header nav a {
  color: var(--verdigris);
  font-weight: 700;
}
header p {
  margin: 2px 0 0;
  color: var(--soft);
}
.offline {
  margin-top: 40px;
  font-size: 14px;
  color: var(--soft);
}
</style>
