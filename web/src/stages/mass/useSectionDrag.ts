import * as say from './words.ts';
import { withStation, type PagePoint, type SectionStation, type Shape } from '@keen-sinew/core';
import { shallowRef, type ShallowRef } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { withShape } from './shapeChanges.ts';
import type { Shaping, StationRef } from './useShaping.ts';

/** A handle that is held: where it was taken, and of which section, as that was then. */
export interface HeldHandle<H> {
  readonly handle: H;
  readonly from: PagePoint;
  readonly of: StationRef;
  /** Number of the section in its part, from 0. */
  readonly n: number;
  readonly shape: Shape;
}

export interface SectionDrag<H> {
  readonly held: Readonly<ShallowRef<HeldHandle<H> | null>>;
  readonly start: (event: PointerEvent, handle: H, of: StationRef, n: number) => void;
  readonly drag: (event: PointerEvent) => void;
  readonly finish: () => void;
  readonly cancel: () => void;
  /** Changes a section at once, without a pointer. */
  readonly put: (of: StationRef, n: number, station: SectionStation) => void;
}

/**
 * A section held by one of its handles: shown as it would be while it is dragged, changed when it is
 * let go, and left as it was when the pointer is taken away. `pulled` gives the section for a place
 * of the pointer.
 */
export function useSectionDrag<H>(
  shaping: Pick<Shaping, 'shape'>,
  pointIn: (event: PointerEvent) => PagePoint,
  pulled: (held: HeldHandle<H>, to: PagePoint) => SectionStation,
  dragging: (now: boolean) => void,
): SectionDrag<H> {
  const { plan, change, preview } = usePiecePlan();
  const held = shallowRef<HeldHandle<H> | null>(null);
  let next: SectionStation | null = null;

  const shapeWith = (shape: Shape, of: StationRef, station: SectionStation): Shape => {
    const { skeleton } = plan.value.measure;
    return withStation(skeleton, shape, skeleton.byId.get(of.boneId)!, of.index, station);
  };

  function start(event: PointerEvent, handle: H, of: StationRef, n: number): void {
    (event.target as Element).setPointerCapture(event.pointerId);
    held.value = { handle, from: pointIn(event), of, n, shape: shaping.shape.value };
    next = null;
    dragging(true);
  }
  function drag(event: PointerEvent): void {
    const now = held.value;
    if (now === null) return;
    next = pulled(now, pointIn(event));
    const shape = shapeWith(now.shape, now.of, next);
    preview((p) => withShape(p, shape));
  }
  /** Ends the drag; what it came to is the caller's to use. */
  function letGo(): HeldHandle<H> | null {
    const was = held.value;
    held.value = null;
    if (was !== null) {
      preview(null);
      dragging(false);
    }
    return was;
  }
  function finish(): void {
    const was = letGo();
    if (was === null || next === null) return;
    const shape = shapeWith(was.shape, was.of, next);
    change(say.dragSection(was.n + 1), (p) => withShape(p, shape));
  }
  function put(of: StationRef, n: number, station: SectionStation): void {
    const shape = shapeWith(shaping.shape.value, of, station);
    change(say.changeSection(n + 1), (p) => withShape(p, shape));
  }
  return { held, start, drag, finish, cancel: () => void letGo(), put };
}
