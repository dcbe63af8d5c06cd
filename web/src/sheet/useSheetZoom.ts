import { useEventListener } from '@vueuse/core';
import { computed, shallowRef, type ComputedRef, type Ref } from 'vue';

/** A part of the board, mm. */
export interface BoardPart {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** The nearest that is gone, times the whole. */
const NEAREST = 8;
/** A wheel's click. */
const WHEEL_STEP = 1.15;
/** A finger that moves less than this touches, and does not drag, px. */
const STILL_PX = 6;

/** A window of `1 / by` of the whole, with the place `at` where it was before in the window. */
export function zoomed(
  whole: BoardPart,
  now: BoardPart,
  by: number,
  at: readonly [number, number],
): BoardPart {
  const times = Math.min(NEAREST, Math.max(1, by));
  const [width, height] = [whole.width / times, whole.height / times];
  const [u, v] = [(at[0] - now.x) / now.width, (at[1] - now.y) / now.height];
  return within(whole, { x: at[0] - u * width, y: at[1] - v * height, width, height });
}

/** The window moved as little as brings it into the whole. */
export function within(whole: BoardPart, { x, y, width, height }: BoardPart): BoardPart {
  const inside = (at: number, from: number, room: number): number =>
    Math.min(from + room, Math.max(from, at));
  return {
    x: inside(x, whole.x, whole.width - width),
    y: inside(y, whole.y, whole.height - height),
    width,
    height,
  };
}

const isHandle = ({ target }: Event): boolean =>
  target instanceof Element && target.closest('[data-handle]') !== null;
const middle = (a: PointerEvent, b: PointerEvent): readonly [number, number] => [
  (a.clientX + b.clientX) / 2,
  (a.clientY + b.clientY) / 2,
];
const apart = (a: PointerEvent, b: PointerEvent): number =>
  Math.max(1, Math.hypot(a.clientX - b.clientX, a.clientY - b.clientY));

/**
 * Zooms a board by wheel and by two fingers, and moves it by one where it is zoomed. `whole` is what
 * fits its box. Handles keep their own drags.
 */
// eslint-disable-next-line max-lines-per-function -- one window: its ways share what is down
export function useSheetZoom(
  svg: Ref<SVGSVGElement | null>,
  whole: ComputedRef<BoardPart>,
): {
  readonly part: ComputedRef<BoardPart>;
  readonly isZoomed: ComputedRef<boolean>;
  readonly zoom: (factor: number) => void;
  readonly fit: () => void;
} {
  /** Times, and the left top as shares of the whole: it stays where it is as the box changes. */
  const kept = shallowRef({ times: 1, u: 0, v: 0 });
  const part = computed((): BoardPart => {
    const { x, y, width, height } = whole.value;
    const { times, u, v } = kept.value;
    return { x: x + u * width, y: y + v * height, width: width / times, height: height / times };
  });
  const isZoomed = computed(() => kept.value.times > 1.001);
  function show(next: BoardPart): void {
    const { x, y, width, height } = whole.value;
    const times = width / next.width;
    kept.value = { times, u: (next.x - x) / width, v: (next.y - y) / height };
  }
  const fit = (): void => void (kept.value = { times: 1, u: 0, v: 0 });

  /** A place of the screen on the board, mm. */
  function onBoard([clientX, clientY]: readonly [number, number]): readonly [number, number] {
    const matrix = svg.value?.getScreenCTM()?.inverse();
    const at = new DOMPoint(clientX, clientY).matrixTransform(matrix ?? undefined);
    return [at.x, at.y];
  }
  const zoomAt = (factor: number, at: readonly [number, number]): void =>
    show(zoomed(whole.value, part.value, kept.value.times * factor, at));
  function zoom(factor: number): void {
    const { x, y, width, height } = part.value;
    zoomAt(factor, [x + width / 2, y + height / 2]);
  }
  function pan(from: readonly [number, number], to: readonly [number, number]): void {
    const [a, b] = [onBoard(from), onBoard(to)];
    const now = part.value;
    show(within(whole.value, { ...now, x: now.x + a[0] - b[0], y: now.y + a[1] - b[1] }));
  }

  useEventListener(
    svg,
    'wheel',
    (event: WheelEvent) => {
      event.preventDefault();
      const factor = event.deltaY < 0 ? WHEEL_STEP : 1 / WHEEL_STEP;
      zoomAt(factor, onBoard([event.clientX, event.clientY]));
    },
    { passive: false },
  );

  const down = new Map<number, PointerEvent>();
  let moved = false;
  useEventListener(svg, 'pointerdown', (event: PointerEvent) => {
    if (isHandle(event)) return;
    moved = false;
    down.set(event.pointerId, event);
  });
  useEventListener(svg, 'pointermove', (event: PointerEvent) => {
    const before = down.get(event.pointerId);
    if (before === undefined) return;
    const [other] = [...down.values()].filter(({ pointerId }) => pointerId !== event.pointerId);
    if (other !== undefined) {
      const factor = apart(event, other) / apart(before, other);
      zoomAt(factor, onBoard(middle(before, other)));
      pan(middle(before, other), middle(event, other));
      moved = true;
    } else if (isZoomed.value && (moved || apart(event, before) > STILL_PX)) {
      // From here on it is a drag: what lies under the finger is not picked.
      if (!moved) svg.value?.setPointerCapture(event.pointerId);
      moved = true;
      pan([before.clientX, before.clientY], [event.clientX, event.clientY]);
    } else return;
    down.set(event.pointerId, event);
  });
  for (const end of ['pointerup', 'pointercancel'] as const)
    useEventListener(svg, end, ({ pointerId }: PointerEvent) => down.delete(pointerId));
  useEventListener(
    svg,
    'click',
    (event: MouseEvent) => {
      if (moved) event.stopPropagation();
      moved = false;
    },
    { capture: true },
  );
  return { part, isZoomed, zoom, fit };
}
