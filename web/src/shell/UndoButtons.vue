<script setup lang="ts">
import { Redo2, Undo2 } from 'lucide-vue-next';
import * as say from './words.ts';

/** The way back and forth of a document, each with what it would take back or do again. */
defineProps<{
  history: {
    readonly canUndo: boolean;
    readonly canRedo: boolean;
    readonly undoLabel: string;
    readonly redoLabel: string;
    readonly undo: () => void;
    readonly redo: () => void;
  };
}>();
</script>

<template>
  <button
    type="button"
    :disabled="!history.canUndo"
    :title="history.canUndo ? say.undoCtrlZ(history.undoLabel) : say.nothingToUndo"
    :aria-label="say.undo"
    @click="history.undo()"
  >
    <Undo2 :size="18" aria-hidden="true" />
  </button>
  <button
    type="button"
    :disabled="!history.canRedo"
    :title="history.canRedo ? say.redoCtrlShiftZ(history.redoLabel) : say.nothingToRedo"
    :aria-label="say.redo"
    @click="history.redo()"
  >
    <Redo2 :size="18" aria-hidden="true" />
  </button>
</template>

<style scoped>
button {
  background: none;
  border: 0;
  width: 32px;
  height: 32px;
  display: grid;
  place-items: center;
  cursor: pointer;
  color: inherit;
}
button:disabled {
  opacity: 0.4;
  cursor: default;
}
</style>
