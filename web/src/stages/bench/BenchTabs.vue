<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import RoomTabs from '../../kit/RoomTabs.vue';

/** The rooms of Bench: the steps in their order, and the days that they are laid into. */
const { piece } = usePiecePlan();
const at = computed(() => `/piece/${piece.value.id}/bench`);
const TABS = [
  { to: '', name: say.stepsTab },
  { to: '/now', name: say.nowTab },
  { to: '/days', name: say.daysTab },
  { to: '/stock', name: say.stockTab },
  { to: '/log', name: say.logTab },
  { to: '/finished', name: say.finishedTab },
];
</script>

<template>
  <RoomTabs :at="at" :tabs="TABS" :label="say.roomsOfBench" />
</template>
