<script setup lang="ts">
import type { MassPlan, Working } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import WorkingRow from '../../ledger/WorkingRow.vue';

/** What the body would weigh in life, the whole and its parts, and what that means. */
defineProps<{
  mass: MassPlan;
  /** With what a shape of the user's own changes, in life and in clay. */
  changed?: boolean;
}>();
const { plan } = usePiecePlan();
const off = computed(() => plan.value.snags.some(({ code }) => code === 'body-weight-off'));
const outside = ({ value, range }: Working): boolean =>
  range !== undefined && (value < range[0] || value > range[1]);
</script>

<template>
  <p class="sentence" :class="{ off }">{{ mass.condition.sentence }}</p>
  <WorkingRow :working="mass.lifeWeight" :alarm="off" />
  <template v-if="changed">
    <WorkingRow v-for="change in mass.changes" :key="change.id" :working="change" />
    <WorkingRow :working="mass.clayGrams" />
  </template>
  <template v-else>
    <WorkingRow v-for="part in mass.parts" :key="part.id" :working="part" :alarm="outside(part)" />
  </template>
</template>

<style scoped>
.sentence {
  margin: 4px;
  font-size: 15px;
}
.off {
  color: var(--rust);
  font-weight: 600;
}
</style>
