<script setup lang="ts">
import * as say from './words.ts';
import { onScopeDispose, ref, watch } from 'vue';
import { loadPicture } from '../../../stores/pictureStorage.ts';

/** A picture of the log, as this browser keeps it. */
const props = defineProps<{ pieceId: string; picture: string; of: string }>();
const source = ref<string | null>(null);
const isMissing = ref(false);
function letGo(): void {
  if (source.value !== null) URL.revokeObjectURL(source.value);
  source.value = null;
}
watch(
  () => props.picture,
  async (picture) => {
    letGo();
    const blob = await loadPicture(props.pieceId, picture);
    if (picture !== props.picture) return;
    isMissing.value = blob === null;
    source.value = blob === null ? null : URL.createObjectURL(blob);
  },
  { immediate: true },
);
onScopeDispose(letGo);
</script>

<template>
  <img v-if="source" :src="source" :alt="say.pictureOf(of)" />
  <small v-else-if="isMissing">{{ say.pictureElsewhere }}</small>
</template>

<style scoped>
img {
  max-width: 100%;
  max-height: 220px;
  border: 1px solid var(--line);
}
</style>
