import * as say from './words.ts';
import { onScopeDispose, ref } from 'vue';

/**
 * Readings of the caliper on the server. `start` opens the stream for a length (mm) and hands each
 * reading on; `problem` says why there is none.
 */
export function useCaliper(onReading: (mm: number) => void) {
  const running = ref(false);
  const problem = ref<string | null>(null);
  let source: EventSource | null = null;

  function stop(): void {
    source?.close();
    source = null;
    running.value = false;
  }

  function start(mm: number, seed: number): void {
    stop();
    problem.value = null;
    const mine = new EventSource(`/devices/caliper?mm=${mm}&seed=${seed}`);
    source = mine;
    running.value = true;
    mine.addEventListener('reading', (event: MessageEvent<string>) => {
      if (source === mine) onReading((JSON.parse(event.data) as { mm: number }).mm);
    });
    mine.addEventListener('error', () => {
      if (source !== mine) return;
      stop();
      problem.value = say.simulatedCaliperDoesNot;
    });
  }

  onScopeDispose(stop);
  return { running, problem, start, stop };
}
