<script setup lang="ts">
import { useMessage } from 'naive-ui';
import { h, watch } from 'vue';
import ActionButton from '../kit/ActionButton.vue';
import { useNoteStore, type Note } from '../stores/noteStore.ts';

/** Shows each note as it comes. */
const notes = useNoteStore();
const message = useMessage();

function show({ sentence, label, act }: Note): void {
  const shown = message.info(() =>
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
    ]),
  );
}
watch(
  () => notes.waiting,
  () => notes.take().forEach(show),
  { immediate: true },
);
</script>

<template><slot /></template>
