import { weekSheet, type Booking } from '@keen-sinew/core';
import { ref, type Ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { downloadBlob } from '../../../files/download.ts';
import { useSettingsStore } from '../../../stores/settingsStore.ts';
import * as say from './words.ts';

/** The plan of the next days on paper; the PDF writer is loaded when it is asked for. */
export function useWeekPaper(
  bookings: () => readonly Booking[],
  nameOf: (piece: string) => string,
): {
  readonly busy: Readonly<Ref<boolean>>;
  readonly problem: Readonly<Ref<string | null>>;
  readonly make: () => Promise<void>;
} {
  const { piece } = usePiecePlan();
  const settings = useSettingsStore();
  const busy = ref(false);
  const problem = ref<string | null>(null);
  async function make(): Promise<void> {
    busy.value = true;
    problem.value = null;
    try {
      const { sheetsBlob } = await import('../../../files/sheetsBlob.ts');
      const { blob } = await sheetsBlob(
        piece.value.name,
        [weekSheet(bookings(), nameOf)],
        settings,
      );
      downloadBlob(`${piece.value.id}-week.pdf`, blob);
    } catch (error) {
      problem.value = say.weekNotMade((error as Error).message);
    } finally {
      busy.value = false;
    }
  }
  return { busy, problem, make };
}
