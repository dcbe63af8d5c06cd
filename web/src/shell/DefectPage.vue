<script setup lang="ts">
import * as say from './words.ts';
import { pieceText } from '@keen-sinew/core';
import { isFetchFailure } from '../composables/defects.ts';
import { downloadText } from '../files/download.ts';
import ActionButton from '../kit/ActionButton.vue';
import { usePieceStore } from '../stores/pieceStore.ts';

/** In place of a page that cannot be shown: what happened, and every way on. */
const props = defineProps<{ error: Error }>();
const emit = defineEmits<{ again: [] }>();
const store = usePieceStore();

function takeBack(): void {
  store.undo();
  emit('again');
}
function save(): void {
  const piece = store.current;
  if (piece !== null) downloadText(`${piece.id}.json`, pieceText(piece), 'application/json');
}
const reload = (): void => location.reload();
</script>

<template>
  <main class="defect">
    <h1>{{ isFetchFailure(props.error) ? say.partIsMissing : say.cannotBeShown }}</h1>
    <p>{{ isFetchFailure(props.error) ? say.perhapsNewVersion : say.defectOfOurs }}</p>
    <p v-if="store.current">{{ say.yourPieceIsKept }}</p>
    <p class="acts">
      <ActionButton kind="main" @click="reload">{{ say.loadPageAgain }}</ActionButton>
      <ActionButton kind="line" @click="emit('again')">{{ say.tryAgain }}</ActionButton>
      <ActionButton v-if="store.canUndo" kind="line" @click="takeBack">
        {{ say.takeBackLast(store.undoLabel) }}
      </ActionButton>
      <ActionButton v-if="store.current" kind="line" @click="save">
        {{ say.savePieceToFile }}
      </ActionButton>
      <RouterLink to="/pieces">{{ say.allPieces }}</RouterLink>
    </p>
    <p class="reason">{{ say.whatEngineSays(props.error.message) }}</p>
  </main>
</template>

<style scoped>
.defect {
  max-width: 760px;
  padding: 80px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 18px;
  align-items: center;
  margin: 26px 0;
}
a {
  color: var(--verdigris);
  font-weight: 700;
}
.reason {
  color: var(--soft);
  font-size: 14px;
  overflow-wrap: anywhere;
}
</style>
