<script setup lang="ts">
import { NSlider } from 'naive-ui';
import { onMounted, useTemplateRef, watchEffect } from 'vue';

/** A value between two ends, slid: `slide` while it moves, `set` where it is let go or keyed. */
const props = defineProps<{
  label: string;
  value: number;
  min: number;
  max: number;
  step: number;
  /** What the value means, as words for who cannot see it. */
  said?: string;
}>();
const emit = defineEmits<{ slide: [value: number]; set: [value: number] }>();
const root = useTemplateRef('root');
let latest = props.value;
let dragging = false;

function move(value: number): void {
  latest = value;
  if (dragging) emit('slide', value);
  else emit('set', value);
}
function release(): void {
  dragging = false;
  emit('set', latest);
}

/** Keys that go further than a step, as everywhere; the arrows are the library's own. */
function goFar(event: KeyboardEvent): void {
  const { min, max, step } = props;
  const far: Readonly<Record<string, number>> = {
    Home: min,
    End: max,
    PageUp: props.value + 10 * step,
    PageDown: props.value - 10 * step,
  };
  const value = far[event.key];
  if (value === undefined) return;
  event.preventDefault();
  emit('set', Math.min(max, Math.max(min, value)));
}

// The handle is what is focused, and has no name of its own.
onMounted(() =>
  watchEffect(() => {
    const handle = root.value?.querySelector('[role="slider"]');
    handle?.setAttribute('aria-label', props.label);
    if (props.said !== undefined) handle?.setAttribute('aria-valuetext', props.said);
  }),
);
</script>

<template>
  <div ref="root" class="slider" @keydown="goFar">
    <NSlider
      :value="value"
      :min="min"
      :max="max"
      :step="step"
      :tooltip="false"
      @update:value="move"
      @dragstart="dragging = true"
      @dragend="release"
    />
  </div>
</template>

<style scoped>
.slider {
  min-width: 0;
  padding: 8px 7px;
}
</style>
