<script setup lang="ts">
import * as say from './words.ts';
import { NModal } from 'naive-ui';
import ActionButton from './ActionButton.vue';

/** A sheet of paper over the page, under its name, with a way to close it at its foot. */
defineProps<{ show: boolean; label: string; widthPx: number }>();
const emit = defineEmits<{ 'update:show': [show: boolean] }>();
</script>

<template>
  <NModal :show="show" @update:show="emit('update:show', $event)">
    <section
      class="box"
      role="dialog"
      :aria-label="label"
      :style="{ width: `min(${widthPx}px, 94vw)` }"
    >
      <slot />
      <ActionButton kind="line" @click="emit('update:show', false)">{{ say.close }}</ActionButton>
    </section>
  </NModal>
</template>

<style scoped>
.box {
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  padding: 20px 26px;
  max-height: 92vh;
  overflow-y: auto;
}
</style>
