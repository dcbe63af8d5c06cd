<script setup lang="ts">
import { NSwitch } from 'naive-ui';

/** A decision that is on or off. */
defineProps<{ label: string; value: boolean }>();
const emit = defineEmits<{ set: [value: boolean] }>();
</script>

<template>
  <NSwitch
    class="switch"
    :value="value"
    size="small"
    :aria-label="label"
    @update:value="emit('set', $event)"
  />
</template>

<style scoped>
.switch {
  justify-self: end;
}
</style>
