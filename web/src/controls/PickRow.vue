<script setup lang="ts">
/** A row of buttons of which one is pressed: a short choice that is seen whole. */
defineProps<{
  label: string;
  value: string;
  options: readonly { readonly label: string; readonly value: string }[];
}>();
const emit = defineEmits<{ set: [value: string] }>();
</script>

<template>
  <div class="picks" role="group" :aria-label="label">
    <button
      v-for="option in options"
      :key="option.value"
      type="button"
      :aria-pressed="option.value === value"
      @click="emit('set', option.value)"
    >
      {{ option.label }}
    </button>
  </div>
</template>

<style scoped>
.picks {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
button {
  border: 1px solid var(--line);
  background: none;
  border-radius: var(--radius);
  padding: 5px 10px;
  cursor: pointer;
  font-size: 14px;
}
button[aria-pressed='true'] {
  background: var(--ink);
  border-color: var(--ink);
  color: var(--sheet);
}
</style>
