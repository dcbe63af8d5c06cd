<script setup lang="ts">
import PieceFrame from './PieceFrame.vue';
import PieceGate from './PieceGate.vue';

defineProps<{ id: string }>();
</script>

<template>
  <PieceGate :id="id"><PieceFrame :key="id" /></PieceGate>
</template>
