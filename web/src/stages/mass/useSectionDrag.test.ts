// @vitest-environment happy-dom
import { demoWorkpieces, pulledEdge, type PagePoint, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { defineComponent, h } from 'vue';
import { press } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import ShapePart from './ShapePart.vue';
import { useSectionDrag, type SectionDrag } from './useSectionDrag.ts';
import { useShaping, type Shaping } from './useShaping.ts';

const [otter] = demoWorkpieces() as [Workpiece];

/** The shape editor with a handle beside it that pulls the top of a section. */
async function held() {
  let shaping: Shaping | undefined;
  let drag: SectionDrag<'top'> | undefined;
  const told: boolean[] = [];
  let at: PagePoint = [0, 0];
  const Editor = defineComponent({
    setup() {
      shaping = useShaping();
      drag = useSectionDrag<'top'>(
        shaping,
        () => at,
        ({ of, from }, to) => pulledEdge(of.station, 'top', to[1] - from[1]),
        (now) => told.push(now),
      );
      return () => h(ShapePart, { shaping: shaping! });
    },
  });
  const mounted = mountWithPiece(Editor, otter);
  await press(mounted.wrapper, 'Shape the trunk');
  const target = document.createElement('i');
  target.setPointerCapture = () => undefined;
  const event = { target, pointerId: 1 } as unknown as PointerEvent;
  return {
    ...mounted,
    told,
    shaping: shaping!,
    drag: drag!,
    start: () => drag!.start(event, 'top', shaping!.stations.value[2]!, 2),
    to: (y: number) => {
      at = [0, y];
      drag!.drag(event);
    },
  };
}

describe('useSectionDrag', () => {
  it('changes the section by what it was pulled, as one step', async () => {
    const { start, to, drag, told, labels, shaping } = await held();
    const { halfDepth } = shaping.stations.value[2]!.station;
    start();
    to(3);
    to(8);
    drag.finish();
    expect(shaping.stations.value[2]!.station.halfDepth).toBeCloseTo(halfDepth + 4, 6);
    expect(labels.at(-1)).toBe('Drag section 3');
    expect(labels).toHaveLength(2);
    expect(told).toEqual([true, false]);
  });

  it('changes nothing by a click, or when the pointer is taken away', async () => {
    const { start, to, drag, labels, piece } = await held();
    const before = piece();
    start();
    drag.finish();
    start();
    to(8);
    drag.cancel();
    drag.finish();
    expect(drag.held.value).toBeNull();
    expect(labels).toHaveLength(1);
    expect(piece()).toBe(before);
  });

  it('leaves the other sections alone, and those of the other parts', async () => {
    const { start, to, drag, shaping, piece } = await held();
    const before = shaping.stations.value.map(({ station }) => station);
    const others = Object.keys(piece().measure.shape.sections).length;
    start();
    to(5);
    drag.finish();
    shaping.stations.value.forEach(({ station }, n) => {
      if (n !== 2) expect(station).toEqual(before[n]);
    });
    expect(Object.keys(piece().measure.shape.sections)).toHaveLength(others);
  });

  it('changes a section at once without a pointer', async () => {
    const { drag, shaping, labels } = await held();
    const of = shaping.stations.value[0]!;
    drag.put(of, 0, { ...of.station, squareness: 3 });
    expect(shaping.stations.value[0]!.station.squareness).toBe(3);
    expect(labels.at(-1)).toBe('Change section 1');
  });
});
