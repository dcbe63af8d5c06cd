<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';

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
  <nav class="tabs" :aria-label="say.waysOfMeasuring">
    <RouterLink
      v-for="tab in TABS"
      :key="tab.to"
      :to="at + tab.to"
      :class="{ here: tab.to === '' ? $route.path === at : $route.path.startsWith(at + tab.to) }"
    >
      {{ tab.name }}
    </RouterLink>
  </nav>
</template>

<style scoped>
.tabs {
  display: flex;
  gap: 18px;
  border-bottom: 1px solid var(--line);
  margin: -4px 0 0;
}
a {
  color: var(--ink);
  text-decoration: none;
  padding: 2px 0 5px;
  font-size: 15px;
  margin-bottom: -1px;
}
.here {
  font-weight: 700;
  border-bottom: 3px solid var(--verdigris);
}
</style>
