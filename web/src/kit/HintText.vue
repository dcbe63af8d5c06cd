<script setup lang="ts">
/** A sentence in small letters that explains what stands beside it, or what is wrong with it. */
defineProps<{ alarm?: boolean }>();
</script>

<template>
  <p class="hint" :class="{ alarm }" :role="alarm ? 'alert' : undefined"><slot /></p>
</template>

<style scoped>
.hint {
  margin: 4px;
  font-size: 13px;
  line-height: 1.35;
  color: var(--soft);
  text-align: left;
}
.alarm {
  color: var(--rust);
}
</style>
