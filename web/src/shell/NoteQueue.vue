<script setup lang="ts">
import { useMessage } from 'naive-ui';
import { h, watch, type VNode } from 'vue';
import ActionButton from '../kit/ActionButton.vue';
import { useNoteStore, type Note } from '../stores/noteStore.ts';

/** Shows each note as it comes. */
const notes = useNoteStore();
const message = useMessage();

function show({ sentence, label, act, stays }: Note): void {
  const told = (): VNode =>
    h('span', [
      sentence,
      ' ',
      h(
        ActionButton,
        {
          onClick: async () => {
            await act();
            shown.destroy();
          },
        },
        () => label,
      ),
    ]);
  const shown = message.info(told, stays ? { duration: 0 } : {});
}
watch(
  () => notes.waiting,
  () => notes.take().forEach(show),
  { immediate: true },
);
</script>

<template><slot /></template>
