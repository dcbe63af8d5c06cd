<script setup lang="ts">
import * as say from './words.ts';
import type { Working } from '@keen-sinew/core';
import { computed, defineAsyncComponent, ref, useTemplateRef } from 'vue';
import { useUnits } from '../composables/useUnits.ts';
import ActionButton from '../kit/ActionButton.vue';

const props = defineProps<{ label: string; working: Working }>();
const WorkingPopover = defineAsyncComponent(() => import('./WorkingPopover.vue'));
const { parts } = useUnits();
const shown = computed(() => parts(props.working));
const chip = useTemplateRef('chip');
const open = ref(false);
</script>

<template>
  <ActionButton
    ref="chip"
    kind="line"
    :title="say.howIsWorkedOut(label)"
    :aria-expanded="open"
    @click="open = !open"
    @keydown.escape="open = false"
  >
    {{ label }} <span class="number value">{{ shown.number }} {{ shown.unit }}</span>
  </ActionButton>
  <WorkingPopover v-if="open && chip" :working="working" :below="chip.$el" @close="open = false" />
</template>

<style scoped>
.value {
  font-weight: 600;
}
</style>
