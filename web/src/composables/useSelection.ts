import type { SheetTarget } from '@keen-sinew/core';
import { inject, provide, ref, shallowRef, type InjectionKey, type Ref } from 'vue';

/** What is pointed at: a number in the ledger, its place on the sheet, or both. */
export interface Selection {
  readonly target: Ref<SheetTarget | null>;
  /** Id of the working that is open. */
  readonly open: Ref<string | null>;
  readonly pick: (target: SheetTarget | null, workingId?: string | null) => void;
}

const KEY: InjectionKey<Selection> = Symbol('selection');

/** Shares one selection among the sheet, the ledger and the snag line below this component. */
export function provideSelection(): Selection {
  const target = shallowRef<SheetTarget | null>(null);
  const open = ref<string | null>(null);
  const selection: Selection = {
    target,
    open,
    pick: (next, workingId = null) => {
      target.value = next;
      open.value = workingId;
    },
  };
  provide(KEY, selection);
  return selection;
}

/** The selection shared above this component. */
export function useSelection(): Selection {
  const selection = inject(KEY);
  if (selection === undefined) throw new Error('no selection is provided here');
  return selection;
}
