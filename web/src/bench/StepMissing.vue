<script setup lang="ts">
import * as say from './words.ts';
import { usePiecePlan } from '../composables/usePiecePlan.ts';

/** In the place of a step: it does not exist, or its piece is still worked out. */
defineProps<{ stepId: string; isKnown: boolean }>();
const { piece } = usePiecePlan();
</script>

<template>
  <main v-if="isKnown">
    <h1>{{ say.noSuchStep }}</h1>
    <p>{{ say.thisPieceHasNo(stepId) }}</p>
    <RouterLink :to="`/piece/${piece.id}/bench`">{{ say.backToBench }}</RouterLink>
  </main>
  <main v-else aria-busy="true">
    <h1>{{ say.bodyIsBeingWorked }}</h1>
  </main>
</template>

<style scoped>
main {
  padding: 80px;
}
</style>
