<script setup lang="ts">
defineProps<{ label: string }>();
</script>

<template>
  <main id="sheet" class="sheet" :aria-label="label" tabindex="-1">
    <div class="inner"><slot /></div>
  </main>
</template>

<style scoped>
.sheet {
  flex: 1;
  min-width: 0;
  margin: 14px 18px 12px 4px;
  background: var(--sheet);
  border: 1px solid var(--line);
  padding: 12px;
  display: flex;
}
.inner {
  flex: 1;
  min-width: 0;
  min-height: 0;
  border: 1.5px solid var(--ink);
  padding: 12px 14px;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.sheet:focus {
  outline: none;
}
</style>
