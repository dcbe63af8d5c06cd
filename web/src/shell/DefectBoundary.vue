<script setup lang="ts">
import { defineAsyncComponent, onErrorCaptured, shallowRef, watch } from 'vue';
import { useRoute } from 'vue-router';
import { isPageBroken, tellDefect } from '../composables/defects.ts';

/**
 * Where something below cannot be shown, a page says so in place of a blank one, with the ways on. What
 * failed in answer to a click is told, and the page stays.
 */
const DefectPage = defineAsyncComponent(() => import('./DefectPage.vue'));
const broken = shallowRef<Error | null>(null);
const route = useRoute();

onErrorCaptured((error, _instance, info) => {
  if (isPageBroken(info)) broken.value = error;
  tellDefect(error, !isPageBroken(info));
  return false;
});
/** Another page may be whole. */
watch(
  () => route.fullPath,
  () => (broken.value = null),
);
</script>

<template>
  <DefectPage v-if="broken" :error="broken" @again="broken = null" />
  <slot v-else />
</template>
