import { useIntervalFn } from '@vueuse/core';
import { computed, onScopeDispose, ref } from 'vue';

/** What was spent on a thing so far and not logged, by its key, ms: turning away and back goes on from there. */
const spent = new Map<string, number>();

/**
 * Time at the bench on a wire or step: seconds, and "12:40" to read; it can be paused, and goes on where it was when
 * the same thing is opened again. `forget` begins from nothing.
 */
export function useWorkTimer(key: string) {
  let before = spent.get(key) ?? 0;
  let started = Date.now();
  const now = ref(started);
  const paused = ref(false);
  const elapsed = (): number => before + (paused.value ? 0 : Math.max(0, Date.now() - started));
  useIntervalFn(() => (now.value = Date.now()), 1000);
  const ms = computed(() => before + (paused.value ? 0 : Math.max(0, now.value - started)));
  const seconds = computed(() => Math.floor(ms.value / 1000));
  const text = computed(
    () => `${Math.floor(seconds.value / 60)}:${String(seconds.value % 60).padStart(2, '0')}`,
  );
  function pause(): void {
    const so = elapsed();
    paused.value = !paused.value;
    before = so;
    started = Date.now();
    now.value = started;
  }
  let isForgotten = false;
  onScopeDispose(() => {
    if (isForgotten) spent.delete(key);
    else spent.set(key, elapsed());
  });
  const forget = (): void => void (isForgotten = true);
  return { seconds, text, paused, pause, forget };
}
