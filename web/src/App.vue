<script setup lang="ts">
import { NConfigProvider, NMessageProvider } from 'naive-ui';
import { onMounted, watchEffect } from 'vue';
import { useSettingsStore } from './stores/settingsStore.ts';
import { THEMES } from './styles/theme.ts';

const settings = useSettingsStore();
onMounted(() => settings.load());
watchEffect(() => (document.documentElement.dataset['theme'] = settings.theme));
</script>

<template>
  <NConfigProvider :theme-overrides="THEMES[settings.theme]" abstract>
    <NMessageProvider placement="bottom" :duration="6000" keep-alive-on-hover closable>
      <RouterView />
    </NMessageProvider>
  </NConfigProvider>
</template>
