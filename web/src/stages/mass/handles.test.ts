// @vitest-environment happy-dom
import { demoWorkpieces, project, type PagePoint, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { defineComponent, h } from 'vue';
import { press } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import ShapeHandles from './ShapeHandles.vue';
import ShapePart from './ShapePart.vue';
import StationHandles from './StationHandles.vue';
import { useShaping, type Shaping } from './useShaping.ts';

const [otter] = demoWorkpieces() as [Workpiece];

/** The shape editor of the trunk, with the handles of one elevation and of the section beside it. */
async function trunk(view: 'side' | 'top' | 'front') {
  let shaping: Shaping | undefined;
  const Room = defineComponent({
    setup() {
      shaping = useShaping();
      const common = { mmPerPx: 1, shaping: shaping!, pointIn: (): PagePoint => [0, 0] };
      return () =>
        h('div', [
          h(ShapePart, { shaping: shaping! }),
          h('svg', [
            h(ShapeHandles, {
              ...common,
              drawingId: view,
              at: (point) => project(view, point),
              alone: view === 'front',
            }),
            h(StationHandles, common),
          ]),
        ]);
    },
  });
  const mounted = mountWithPiece(Room, otter);
  await press(mounted.wrapper, 'Shape the trunk');
  const edges = (): string[] =>
    mounted.wrapper.findAll('[data-edge]').map((wrapper) => wrapper.attributes('data-edge')!);
  return { ...mounted, shaping: shaping!, edges };
}

describe('ShapeHandles', () => {
  it('offer back and belly from the side, and left and right from above', async () => {
    const side = await trunk('side');
    const count = side.shaping.stations.value.length;
    expect(count).toBeGreaterThan(3);
    const ways = (edges: string[]) => [...new Set(edges.map((edge) => edge.split('.')[1]))].sort();
    const slid = side.shaping.stations.value.filter(({ station: { at } }) => at > 0 && at < 1);
    expect(side.edges()).toHaveLength(2 * count + slid.length);
    expect(ways(side.edges())).toEqual(['bottom', 'slide', 'top']);
    const above = await trunk('top');
    expect(ways(above.edges())).toEqual(['left', 'right', 'slide']);
  });

  it('offer only the chosen section from the front, where they lie behind one another', async () => {
    const { edges, shaping, wrapper } = await trunk('front');
    shaping.chosen.value = 1;
    await wrapper.vm.$nextTick();
    expect(edges().every((edge) => edge.startsWith('front:1.'))).toBe(true);
    expect(edges().length).toBeGreaterThan(0);
  });

  it('are moved by arrow keys, five times as far with Shift, and choose their section', async () => {
    const { wrapper, shaping, labels } = await trunk('side');
    const depth = (): number => shaping.stations.value[2]!.station.halfDepth;
    const first = depth();
    const top = () => wrapper.find('[data-edge="side:2.top"]');
    await top().trigger('keydown', { key: 'ArrowUp' });
    const small = depth() - first;
    expect(small).toBeGreaterThan(0);
    expect(shaping.chosen.value).toBe(2);
    const second = depth();
    await top().trigger('keydown', { key: 'ArrowUp', shiftKey: true });
    expect((depth() - second) / second).toBeCloseTo((5 * small) / first, 6);
    await top().trigger('keydown', { key: 'a' });
    expect(labels.filter((label) => label === 'Change section 3')).toHaveLength(2);
  });

  it('say which edge they are and how large the section is', async () => {
    const { wrapper, shaping } = await trunk('side');
    const handle = wrapper.find('[data-edge="side:0.top"]');
    expect(handle.attributes('aria-label')).toBe('Section 1, top');
    const { halfDepth } = shaping.stations.value[0]!.station;
    expect(Number(handle.attributes('aria-valuenow'))).toBe(Math.round(2 * halfDepth));
  });
});

describe('StationHandles', () => {
  it('stand at the four edges of the chosen section, and at its corner', async () => {
    const { wrapper, shaping, plan } = await trunk('side');
    const at = (grip: string): [number, number] => {
      const circle = wrapper.find(`[data-grip="${grip}"]`);
      return [Number(circle.attributes('cx')), -Number(circle.attributes('cy'))];
    };
    const { halfWidth, halfDepth, squareness } = shaping.station.value!.station;
    const life = plan().measure.lifePerModel;
    const wide = at('right')[0] - at('left')[0];
    const deep = at('top')[1] - at('bottom')[1];
    expect(wide).toBeCloseTo((2 * halfWidth) / life, 6);
    expect(deep).toBeCloseTo((2 * halfDepth) / life, 6);
    // The corner of a superellipse: both shares s with 2·s^n = 1.
    const share = (at('corner')[0] - at('left')[0]) / wide;
    expect(2 * (2 * share - 1) ** squareness).toBeCloseTo(1, 6);
  });
});
