<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import RoomTabs from '../../kit/RoomTabs.vue';

/** The rooms of Colour: what to mix layer by layer, what is marked, colours read from pictures, and the check against them. */
const { piece } = usePiecePlan();
const at = computed(() => `/piece/${piece.value.id}/colour`);
const TABS = [
  { to: '', name: say.layersTab },
  { to: '/markings', name: say.markingsTab },
  { to: '/pictures', name: say.picturesTab },
  { to: '/check', name: say.checkTab },
];
</script>

<template>
  <RoomTabs :at="at" :tabs="TABS" :label="say.roomsOfColour" />
</template>
