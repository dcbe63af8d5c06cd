import type { Workpiece } from '@keen-sinew/core';
import { shallowRef, type ShallowRef } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';

export interface PieceDrag<H> {
  readonly held: Readonly<ShallowRef<H | null>>;
  readonly start: (event: PointerEvent, held: H) => void;
  readonly drag: (event: PointerEvent) => void;
  readonly end: (keeps: boolean) => void;
}

/** What a drag makes of the piece. */
type Recipe = (piece: Workpiece) => Workpiece;

/**
 * A grip that is dragged on a drawing: the piece is shown as it would be, changed when the grip is let go, and left as
 * it was when the pointer is taken away. `asked` gives the change for a place of the pointer, undefined where nothing
 * follows.
 */
export function usePieceDrag<H>(
  asked: (held: H, event: PointerEvent) => Recipe | undefined,
  labelOf: (held: H) => string,
  dragging: (now: boolean) => void,
): PieceDrag<H> {
  const { change, preview } = usePiecePlan();
  const held = shallowRef<H | null>(null);
  let last: Recipe | null = null;

  function start(event: PointerEvent, taken: H): void {
    (event.target as Element).setPointerCapture(event.pointerId);
    held.value = taken;
    last = null;
    dragging(true);
  }
  function drag(event: PointerEvent): void {
    if (held.value === null) return;
    const recipe = asked(held.value, event);
    if (recipe === undefined) return;
    last = recipe;
    preview(recipe);
  }
  function end(keeps: boolean): void {
    const was = held.value;
    if (was === null) return;
    held.value = null;
    preview(null);
    const recipe = last;
    if (keeps && recipe !== null) change(labelOf(was), recipe);
    dragging(false);
  }
  return { held, start, drag, end };
}
