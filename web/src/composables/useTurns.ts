import {
  computed,
  inject,
  onScopeDispose,
  provide,
  ref,
  shallowRef,
  type ComputedRef,
  type InjectionKey,
  type Ref,
} from 'vue';

/** Work for the page that is done in turns, so that it answers between them. */
export interface Turns {
  /** Calls `act` in a task of its own, after those that asked before; returns how to take it back. */
  readonly ask: (act: () => void) => () => void;
  /** Whether nobody waits for a turn. */
  readonly idle: Readonly<Ref<boolean>>;
}

const KEY: InjectionKey<Turns> = Symbol('turns');

/** Gives turns to everything below this component. */
export function provideTurns(): Turns {
  let waiting: (() => void)[] = [];
  const idle = ref(true);
  const channel = new MessageChannel();
  channel.port1.onmessage = () => {
    const [first, ...rest] = waiting;
    waiting = rest;
    first?.();
    if (waiting.length > 0) channel.port2.postMessage(null);
    else idle.value = true;
  };
  onScopeDispose(() => channel.port1.close());
  const turns: Turns = {
    idle,
    ask(act) {
      waiting.push(act);
      idle.value = false;
      if (waiting.length === 1) channel.port2.postMessage(null);
      return () => (waiting = waiting.filter((each) => each !== act));
    },
  };
  provide(KEY, turns);
  return turns;
}

/** False until this component has its turn; true at once where nobody gives turns. */
export function useTurn(): Readonly<Ref<boolean>> {
  const turns = inject(KEY, null);
  const here = ref(turns === null);
  if (turns !== null) onScopeDispose(turns.ask(() => (here.value = true)));
  return here;
}

/** The first of some rows, a handful more with each turn; all of them where nobody gives turns. */
export function useRowsInTurns<Row>(
  rows: () => readonly Row[],
  handful: number,
): ComputedRef<readonly Row[]> {
  const turns = inject(KEY, null);
  if (turns === null) return computed(rows);
  const shown = shallowRef(handful);
  let takeBack: (() => void) | null = null;
  onScopeDispose(() => takeBack?.());
  function more(): void {
    takeBack = null;
    shown.value += handful;
    if (shown.value < rows().length) takeBack = turns!.ask(more);
  }
  if (rows().length > handful) takeBack = turns.ask(more);
  return computed(() => {
    // Rows that come later stand at once where the rest stands already.
    if (takeBack === null) return rows();
    return rows().slice(0, shown.value);
  });
}
