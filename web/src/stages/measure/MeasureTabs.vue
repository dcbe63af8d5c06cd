<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import RoomTabs from '../../kit/RoomTabs.vue';

/** The rooms of Measure: the plan, and where its lengths can come from. */
const { piece } = usePiecePlan();
const at = computed(() => `/piece/${piece.value.id}/measure`);
const TABS = [
  { to: '', name: say.skeleton },
  { to: '/pictures', name: say.pictures },
  { to: '/found', name: say.whatTheySay },
  { to: '/tape', name: say.tapeAndCaliper },
  { to: '/photograph', name: say.onePhotograph },
];
</script>

<template>
  <RoomTabs :at="at" :tabs="TABS" :label="say.waysOfMeasuring" />
</template>
