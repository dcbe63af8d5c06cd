<script setup lang="ts">
import { sameTarget, type Working } from '@keen-sinew/core';
import { computed } from 'vue';
import { useSelection } from '../composables/useSelection.ts';
import { useUnits } from '../composables/useUnits.ts';
import { PROVENANCE_TEXT } from './provenanceText.ts';
import WorkingDetail from './WorkingDetail.vue';

const props = defineProps<{
  working: Working;
  label?: string;
  alarm?: boolean;
  /** Beside other controls: the last column is only as wide as its word. */
  tight?: boolean;
}>();
const { parts } = useUnits();
const { target, open, pick } = useSelection();

const shown = computed(() => parts(props.working));
const isOpen = computed(() => open.value === props.working.id);
/** All lines of a wire share its place, so only the open one is marked. */
const isPicked = computed(
  () =>
    isOpen.value ||
    (target.value?.kind !== 'wire' && sameTarget(target.value, props.working.target)),
);

function toggle(): void {
  if (isOpen.value) pick(null);
  else pick(props.working.target ?? null, props.working.id);
}
</script>

<template>
  <div class="row" :class="{ picked: isPicked, tight }">
    <button type="button" :aria-expanded="isOpen" :data-working="working.id" @click="toggle">
      <span class="label">{{ label ?? working.label }}</span>
      <span class="value number" :class="{ alarm }">{{ shown.number }} {{ shown.unit }}</span>
      <span class="provenance">{{ PROVENANCE_TEXT[working.provenance].short }}</span>
    </button>
    <WorkingDetail v-if="isOpen" :working="working" />
  </div>
</template>

<style scoped>
.row {
  border-bottom: 1px dotted var(--line);
}
button {
  width: 100%;
  display: grid;
  grid-template-columns: 1fr auto 62px;
  gap: 8px;
  align-items: baseline;
  text-align: left;
  background: none;
  border: 0;
  padding: 6px 4px;
  cursor: pointer;
}
.tight button {
  grid-template-columns: 1fr auto auto;
}
.picked button,
button:hover {
  background: var(--verdigris-wash);
}
.value {
  font-weight: 600;
  white-space: nowrap;
}
.alarm {
  color: var(--rust);
}
.provenance {
  font-size: 12.5px;
  color: var(--soft);
  text-align: right;
}
</style>
