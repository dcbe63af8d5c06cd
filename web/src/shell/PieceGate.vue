<script setup lang="ts">
import * as say from './words.ts';
import { useEventListener } from '@vueuse/core';
import { ref, watch } from 'vue';
import { providePlanAhead } from '../composables/usePiecePlan.ts';
import { usePieceStore } from '../stores/pieceStore.ts';

/** Opens the piece of an address and shows its slot when it is there. */
const props = defineProps<{ id: string }>();
const store = usePieceStore();
const planAhead = providePlanAhead();
const state = ref<'opening' | 'open' | 'newer' | 'none'>('opening');

async function openPiece(): Promise<void> {
  if (store.current?.id === props.id) {
    state.value = 'open';
    return;
  }
  state.value = 'opening';
  if (store.pieces.length === 0) await store.loadAll();
  const found = await store.open(props.id);
  try {
    if (found === true && store.current !== null) await planAhead(store.current);
  } finally {
    // A piece that cannot be planned is not kept shut: its page tells what is wrong.
    state.value = found === true ? 'open' : found === 'newer' ? 'newer' : 'none';
  }
}

/** A page that closes before the newest change is stored asks first. */
useEventListener(window, 'beforeunload', (event: BeforeUnloadEvent) => {
  if (store.unsaved) event.preventDefault();
});
watch(() => props.id, openPiece, { immediate: true });
</script>

<template>
  <slot v-if="state === 'open' && store.current?.id === id" />
  <main v-else-if="state === 'none' || state === 'newer'" class="none">
    <h1>{{ state === 'newer' ? say.pieceIsNewer : say.noPieceOfThis }}</h1>
    <p>{{ state === 'newer' ? say.pieceIsOfNewerVersion : say.thereIsNoPiece(id) }}</p>
    <RouterLink to="/pieces">{{ say.allPieces }}</RouterLink>
  </main>
  <main v-else class="none" aria-busy="true">
    <h1>{{ say.openingPiece }}</h1>
  </main>
</template>

<style scoped>
.none {
  padding: 80px;
}
</style>
