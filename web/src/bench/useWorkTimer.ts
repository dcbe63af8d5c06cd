import { useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';

/** Time since the bench was opened on this wire or step: seconds, and "12:40" to read. */
export function useWorkTimer() {
  const started = Date.now();
  const now = ref(started);
  useIntervalFn(() => (now.value = Date.now()), 1000);
  const seconds = computed(() => Math.floor((now.value - started) / 1000));
  const text = computed(
    () => `${Math.floor(seconds.value / 60)}:${String(seconds.value % 60).padStart(2, '0')}`,
  );
  return { seconds, text };
}
