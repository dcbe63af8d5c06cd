<script setup lang="ts">
import PieceGate from '../shell/PieceGate.vue';
import StepBench from './StepBench.vue';

defineProps<{ id: string; step: string }>();
</script>

<template>
  <PieceGate :id="id"><StepBench :key="step" :step-id="step" /></PieceGate>
</template>
