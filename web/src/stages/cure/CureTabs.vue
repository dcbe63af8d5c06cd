<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import RoomTabs from '../../kit/RoomTabs.vue';

/** The rooms of Cure: its bakes, what is made apart before them, and what stands what heat. */
const { piece } = usePiecePlan();
const at = computed(() => `/piece/${piece.value.id}/cure`);
const TABS = [
  { to: '', name: say.bakesTab },
  { to: '/fittings', name: say.fittingsTab },
  { to: '/materials', name: say.materialsTab },
];
</script>

<template>
  <RoomTabs :at="at" :tabs="TABS" :label="say.roomsOfCure" />
</template>
