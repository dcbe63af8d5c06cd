<script setup lang="ts">
import * as say from './words.ts';
import ActionButton from './ActionButton.vue';

/** A decision in the ledger: its name, its control, and a way back where it is the user's own. */
defineProps<{ name: string; own?: boolean; back?: string }>();
const emit = defineEmits<{ revert: [] }>();
</script>

<template>
  <div class="decision">
    <span class="name">
      {{ name }}
      <ActionButton v-if="own" @click="emit('revert')">
        {{ back ?? say.reset }}<span class="visually-hidden">: {{ name }}</span>
      </ActionButton>
    </span>
    <slot />
  </div>
</template>

<style scoped>
.decision {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 142px;
  gap: 8px;
  align-items: center;
  padding: 3px 0 3px 4px;
  border-bottom: 1px dotted var(--line);
  font-size: 14px;
}
</style>
