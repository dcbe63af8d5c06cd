<script setup lang="ts">
import PieceGate from '../shell/PieceGate.vue';
import StepBench from './StepBench.vue';
import WorkingPlan from './WorkingPlan.vue';

defineProps<{ id: string; step: string }>();
</script>

<template>
  <PieceGate :id="id">
    <WorkingPlan><StepBench :key="step" :step-id="step" /></WorkingPlan>
  </PieceGate>
</template>
