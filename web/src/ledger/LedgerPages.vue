<script setup lang="ts">
/** What a ledger holds, under its name, scrolling by itself. */
defineProps<{ title: string; label: string }>();
</script>

<template>
  <div class="scroll" tabindex="0" role="region" :aria-label="label">
    <h2>{{ title }}</h2>
    <slot />
  </div>
</template>

<style scoped>
.scroll {
  height: 100%;
  overflow-y: auto;
  /* What is hidden from sight inside scrolls with it, and never makes the page longer. */
  position: relative;
  padding: 14px 18px 18px 4px;
  /* A drawer breaks words anywhere, and numbers with them. */
  word-break: normal;
}
h2 {
  font-size: 20px;
  margin-bottom: 8px;
}
</style>
