<script setup lang="ts">
import { NConfigProvider } from 'naive-ui';
import { useEventListener } from '@vueuse/core';
import { defineAsyncComponent, onMounted, ref, watchEffect } from 'vue';
import { isTyping } from './composables/isTyping.ts';
import DefectBoundary from './shell/DefectBoundary.vue';
import { storageTrouble } from './stores/storageTrouble.ts';
import { useKeysStore } from './stores/keysStore.ts';
import { useNoteStore } from './stores/noteStore.ts';
import { useSettingsStore } from './stores/settingsStore.ts';
import { THEMES } from './styles/theme.ts';

const NoteHost = defineAsyncComponent(() => import('./shell/NoteHost.vue'));
/** Fetched when the browser first refuses. */
const StorageNotice = defineAsyncComponent(() => import('./shell/StorageNotice.vue'));
const KeysDialog = defineAsyncComponent(() => import('./shell/KeysDialog.vue'));
const settings = useSettingsStore();
const notes = useNoteStore();
const keys = useKeysStore();
const hasNotes = ref(false);
watchEffect(() => (hasNotes.value ||= notes.waiting.length > 0));
/** Fetched when it is asked for the first time; every page has it. */
const keysAsked = ref(false);
watchEffect(() => (keysAsked.value ||= keys.shown));
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (event.key === '?' && !isTyping(event)) keys.show();
});
onMounted(() => settings.load());
watchEffect(() => (document.documentElement.dataset['theme'] = settings.theme));
/** The page then shares the height with what is told above it. */
watchEffect(() => {
  document.documentElement.toggleAttribute('data-trouble', storageTrouble.value !== null);
});
</script>

<template>
  <NConfigProvider :theme-overrides="THEMES[settings.theme]" abstract inline-theme-disabled>
    <StorageNotice v-if="storageTrouble" :trouble="storageTrouble" />
    <DefectBoundary><RouterView /></DefectBoundary>
    <NoteHost v-if="hasNotes" />
    <KeysDialog v-if="keysAsked" v-model:show="keys.shown" />
  </NConfigProvider>
</template>
