<script setup lang="ts">
import { NConfigProvider, NMessageProvider } from 'naive-ui';
import { THEME } from './styles/theme.ts';
</script>

<template>
  <NConfigProvider :theme-overrides="THEME" abstract>
    <NMessageProvider placement="bottom" :duration="6000" keep-alive-on-hover closable>
      <RouterView />
    </NMessageProvider>
  </NConfigProvider>
</template>
