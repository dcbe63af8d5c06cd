<script setup lang="ts">
import * as say from './words.ts';
import { Redo2, Undo2 } from 'lucide-vue-next';
import ActionButton from '../kit/ActionButton.vue';

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
  <ActionButton
    kind="icon"
    :disabled="!history.canUndo"
    :title="history.canUndo ? say.undoCtrlZ(history.undoLabel) : say.nothingToUndo"
    :aria-label="say.undo"
    @click="history.undo()"
  >
    <Undo2 :size="18" aria-hidden="true" />
  </ActionButton>
  <ActionButton
    kind="icon"
    :disabled="!history.canRedo"
    :title="history.canRedo ? say.redoCtrlShiftZ(history.redoLabel) : say.nothingToRedo"
    :aria-label="say.redo"
    @click="history.redo()"
  >
    <Redo2 :size="18" aria-hidden="true" />
  </ActionButton>
</template>
