import { useMediaQuery } from '@vueuse/core';
import type { Ref } from 'vue';

/** The widest screen, px, on which the ledger is a drawer: tablets. */
export const TABLET_PX = 1024;

/** Whether the ledger has no place beside the sheet. */
export const useNarrow = (): Readonly<Ref<boolean>> => useMediaQuery(`(max-width: ${TABLET_PX}px)`);
