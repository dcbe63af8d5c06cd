<script setup lang="ts">
import { NColorPicker } from 'naive-ui';
import { ref } from 'vue';

/** A swatch that opens a field of colours; the colour is set when the field is closed. */
const props = defineProps<{ label: string; hex: string }>();
const emit = defineEmits<{ set: [hex: string] }>();
const chosen = ref<string | null>(null);

function close(shown: boolean): void {
  if (shown) return;
  const hex = chosen.value?.slice(0, 7).toLowerCase();
  chosen.value = null;
  if (hex !== undefined && hex !== props.hex) emit('set', hex);
}
</script>

<template>
  <NColorPicker
    size="small"
    :value="chosen ?? hex"
    :modes="['hex']"
    :show-alpha="false"
    :aria-label="label"
    @update:value="chosen = $event"
    @update:show="close"
  >
    <template #label
      ><span class="visually-hidden">{{ label }}</span></template
    >
  </NColorPicker>
</template>
