import type { Shape } from '@keen-sinew/core';
import { shallowRef, type ShallowRef } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import { withShape } from './mass/shapeChanges.ts';

export interface ShapeDrag<H> {
  readonly held: Readonly<ShallowRef<H | null>>;
  readonly start: (event: PointerEvent, held: H) => void;
  readonly drag: (event: PointerEvent) => void;
  readonly end: (keeps: boolean) => void;
}

/**
 * A grip of the shape that is dragged on a drawing: shown as it would be, changed when it is let go, and left as it was
 * when the pointer is taken away. `asked` gives the shape for a place of the pointer, undefined where nothing follows.
 */
export function useShapeDrag<H>(
  asked: (held: H, event: PointerEvent) => ((shape: Shape) => Shape) | undefined,
  labelOf: (held: H) => string,
  dragging: (now: boolean) => void,
): ShapeDrag<H> {
  const { change, preview } = usePiecePlan();
  const held = shallowRef<H | null>(null);
  let last: ((shape: Shape) => Shape) | null = null;

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
    preview((p) => withShape(p, recipe(p.measure.shape)));
  }
  function end(keeps: boolean): void {
    const was = held.value;
    if (was === null) return;
    held.value = null;
    preview(null);
    const recipe = last;
    if (keeps && recipe !== null)
      change(labelOf(was), (p) => withShape(p, recipe(p.measure.shape)));
    dragging(false);
  }
  return { held, start, drag, end };
}
