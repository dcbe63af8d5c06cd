<script setup lang="ts">
import type { Working } from '@keen-sinew/core';
import { NPopover } from 'naive-ui';
import { computed } from 'vue';
import { useUnits } from '../composables/useUnits.ts';
import WorkingDetail from '../ledger/WorkingDetail.vue';

const props = defineProps<{ label: string; working: Working }>();
const { parts } = useUnits();
const shown = computed(() => parts(props.working));
</script>

<template>
  <NPopover trigger="click" placement="bottom-start" :show-arrow="false" style="max-width: 360px">
    <template #trigger>
      <button class="chip" type="button" :title="`How “${label}” is worked out`">
        {{ label }} <span class="number">{{ shown.number }} {{ shown.unit }}</span>
      </button>
    </template>
    <WorkingDetail :working="working" />
  </NPopover>
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
