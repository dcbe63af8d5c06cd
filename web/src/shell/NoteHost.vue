<script setup lang="ts">
import { NMessageProvider } from 'naive-ui';
import NoteQueue from './NoteQueue.vue';

/** Long enough to read a sentence and to think about it, ms. */
const SHOWN_MS = 12_000;
</script>

<template>
  <NMessageProvider placement="bottom" :duration="SHOWN_MS" keep-alive-on-hover closable>
    <NoteQueue />
  </NMessageProvider>
</template>
