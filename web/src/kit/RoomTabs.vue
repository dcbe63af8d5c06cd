<script setup lang="ts">
/** The rooms of a stage as links; the first is the stage itself. */
defineProps<{
  at: string;
  tabs: readonly { readonly to: string; readonly name: string }[];
  label: string;
}>();
</script>

<template>
  <nav class="tabs" :aria-label="label">
    <RouterLink
      v-for="tab in tabs"
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
