<script setup lang="ts">
import * as say from './words.ts';
import { computed, onMounted, ref } from 'vue';
import ActionButton from '../kit/ActionButton.vue';
import { bytesOfPictures } from '../stores/pictureStorage.ts';
import { usePieceStore } from '../stores/pieceStore.ts';
import { retryStores } from '../stores/keptStore.ts';
import type { StorageTrouble } from '../stores/storageTrouble.ts';

/** Says on every page that the browser keeps nothing more, why, and what helps. */
const props = defineProps<{ trouble: StorageTrouble }>();
const store = usePieceStore();
const pictureBytes = ref<number | null>(null);
const trying = ref(false);

const MEGABYTE = 1e6;
const sentence = computed(() => {
  const { kind, reason } = props.trouble;
  if (kind === 'shut') return say.storeIsShut(reason);
  return kind === 'full' ? say.storeIsFull : say.storeRefuses(reason);
});
const pictures = computed(() =>
  pictureBytes.value === null || pictureBytes.value === 0
    ? ''
    : say.picturesTake(Math.max(1, Math.round(pictureBytes.value / MEGABYTE))),
);
onMounted(async () => (pictureBytes.value = await bytesOfPictures()));

async function tryAgain(): Promise<void> {
  trying.value = true;
  if ((await retryStores()) && store.unsaved) store.saveAgain();
  trying.value = false;
}
</script>

<template>
  <div class="notice" role="alert">
    <p>{{ sentence }} {{ pictures }}</p>
    <RouterLink to="/pieces">{{ say.saveThemToFiles }}</RouterLink>
    <ActionButton v-if="trouble.kind !== 'shut'" :disabled="trying" @click="tryAgain">
      {{ say.tryAgain }}
    </ActionButton>
  </div>
</template>

<style scoped>
.notice {
  display: flex;
  gap: 18px;
  align-items: baseline;
  background: var(--sheet);
  border-bottom: 1.5px solid var(--rust);
  padding: 8px 18px;
}
p {
  margin: 0;
  flex: 1;
}
a {
  color: var(--verdigris);
  font-weight: 700;
  white-space: nowrap;
}
</style>
