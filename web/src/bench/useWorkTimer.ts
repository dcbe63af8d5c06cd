import { useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';

/** Time since the bench was opened on this wire, as minutes and seconds. */
export function useWorkTimer() {
  const started = Date.now();
  const now = ref(started);
  useIntervalFn(() => (now.value = Date.now()), 1000);
  return computed(() => {
    const seconds = Math.floor((now.value - started) / 1000);
    return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
  });
}
