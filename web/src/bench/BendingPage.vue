<script setup lang="ts">
import PieceGate from '../shell/PieceGate.vue';
import BendingBench from './BendingBench.vue';

defineProps<{ id: string; wire: string; bend: string }>();
</script>

<template>
  <PieceGate :id="id"
    ><BendingBench :key="wire" :wire-id="wire" :number="Number(bend)"
  /></PieceGate>
</template>
