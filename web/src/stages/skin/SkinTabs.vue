<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import RoomTabs from '../../kit/RoomTabs.vue';

/** The rooms of Skin: the coat by its zones, how it lies, scales with the skin laid flat, and large feathers. */
const { piece } = usePiecePlan();
const at = computed(() => `/piece/${piece.value.id}/skin`);
const TABS = [
  { to: '', name: say.coatTab },
  { to: '/lie', name: say.lieTab },
  { to: '/scales', name: say.scalesTab },
  { to: '/feathers', name: say.feathersTab },
];
</script>

<template>
  <RoomTabs :at="at" :tabs="TABS" :label="say.roomsOfSkin" />
</template>
