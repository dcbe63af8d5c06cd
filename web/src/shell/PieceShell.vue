<script setup lang="ts">
import DefectBoundary from './DefectBoundary.vue';
import PieceFrame from './PieceFrame.vue';
import PieceGate from './PieceGate.vue';

defineProps<{ id: string }>();
</script>

<template>
  <PieceGate :id="id">
    <DefectBoundary><PieceFrame :key="id" /></DefectBoundary>
  </PieceGate>
</template>
