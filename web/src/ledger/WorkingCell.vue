<script setup lang="ts">
import type { Working } from '@keen-sinew/core';
import { computed } from 'vue';
import { useSelection } from '../composables/useSelection.ts';
import { useUnits } from '../composables/useUnits.ts';

/** A number in a table or a sentence: touching it opens its working. */
const props = defineProps<{ working: Working; unit?: boolean; alarm?: boolean }>();
const { parts } = useUnits();
const { open, pick } = useSelection();
const shown = computed(() => parts(props.working));
const isOpen = computed(() => open.value === props.working.id);

function toggle(): void {
  if (isOpen.value) pick(null);
  else pick(props.working.target ?? null, props.working.id);
}
</script>

<template>
  <button
    type="button"
    class="cell number"
    :class="{ open: isOpen, alarm }"
    :data-working="working.id"
    :aria-expanded="isOpen"
    :title="working.label"
    @click.stop="toggle"
  >
    {{ shown.number }}<template v-if="unit && shown.unit === '°'">°</template
    ><template v-else-if="unit && shown.unit !== ''">&nbsp;{{ shown.unit }}</template>
  </button>
</template>

<style scoped>
.alarm {
  color: var(--rust);
  font-weight: 700;
}
.cell {
  background: none;
  border: 0;
  border-bottom: 1px dotted var(--line);
  padding: 2px 0;
  font-weight: 600;
  cursor: pointer;
  font-family: var(--font-number);
}
.cell:hover,
.open {
  background: var(--verdigris-wash);
}
</style>
