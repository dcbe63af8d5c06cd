<script setup lang="ts">
import * as say from './words.ts';
import type { Working } from '@keen-sinew/core';
import { computed, defineAsyncComponent, ref, useTemplateRef } from 'vue';
import { useUnits } from '../composables/useUnits.ts';

const props = defineProps<{ label: string; working: Working }>();
const WorkingPopover = defineAsyncComponent(() => import('./WorkingPopover.vue'));
const { parts } = useUnits();
const shown = computed(() => parts(props.working));
const chip = useTemplateRef('chip');
const open = ref(false);
</script>

<template>
  <button
    ref="chip"
    class="chip"
    type="button"
    :title="say.howIsWorkedOut(label)"
    :aria-expanded="open"
    @click="open = !open"
    @keydown.escape="open = false"
  >
    {{ label }} <span class="number">{{ shown.number }} {{ shown.unit }}</span>
  </button>
  <WorkingPopover v-if="open && chip" :working="working" :below="chip" @close="open = false" />
</template>

<style scoped>
.chip {
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 6px 10px;
  cursor: pointer;
  white-space: nowrap;
}
.chip:hover {
  border-color: var(--ink);
}
.number {
  font-weight: 600;
}
</style>
