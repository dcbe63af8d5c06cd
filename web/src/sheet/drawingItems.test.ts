// @vitest-environment happy-dom
import {
  demoWorkpieces,
  elevation,
  planPiece,
  type Drawing,
  type DrawingItem,
  type Workpiece,
} from '@keen-sinew/core';
import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import DrawingItems from './DrawingItems.vue';

const [otter, wolf] = demoWorkpieces() as [Workpiece, Workpiece];
const common = { ink: 'ink', layer: 'test' } as const;
const BONE = { kind: 'bone', id: 'femur.L' } as const;
const ITEMS: readonly DrawingItem[] = [
  {
    ...common,
    kind: 'line',
    weight: 1,
    points: [
      [0, 0],
      [10, 5],
    ],
    dashed: true,
    target: BONE,
  },
  { ...common, kind: 'circle', weight: 0.25, at: [3, 4], radius: 1, target: BONE },
  {
    ...common,
    kind: 'fill',
    hex: '#674a36',
    outlines: [
      [
        [0, 0],
        [4, 0],
        [0, 4],
      ],
    ],
  },
  { ...common, kind: 'text', at: [1, 2], text: '82.0', sizeMm: 3, anchor: 'end', face: 'number' },
];
const drawing: Drawing = { id: 'x', title: 'X', box: { min: [0, 0], max: [10, 10] }, items: ITEMS };
const drawn = (target: typeof BONE | null = null, of = drawing) =>
  mount(DrawingItems, { props: { drawing: of, mmPerPx: 0.5, target } });

describe('DrawingItems', () => {
  it('draws y upwards, pens by weight and dashes', () => {
    const line = drawn().find('g.line path');
    expect(line.attributes('d')).toBe('M0.00 0.00L10.00 -5.00');
    expect(line.attributes('stroke-dasharray')).toBe('5 3');
    expect(Number(line.attributes('stroke-width'))).toBeCloseTo(3.2, 6);
  });

  it('keeps letters readable however small the drawing is shown', () => {
    // Half a millimetre to the pixel: letters of 3 mm would be 6 pixels high.
    expect(Number(drawn().find('text').attributes('font-size'))).toBeCloseTo(12.5 * 0.5, 6);
  });

  it('fills areas with the animal’s own colours', () => {
    expect(drawn().find('path.area').attributes('style')).toContain('#674a36');
  });

  it('hands on what was touched, and marks what is picked', async () => {
    const wrapper = drawn(BONE);
    await wrapper.find('g.circle').trigger('click');
    await wrapper.find('g.text').trigger('click');
    expect(wrapper.emitted('pick')).toEqual([[BONE]]);
    expect(wrapper.findAll('g.picked')).toHaveLength(2);
    expect(drawn(null).findAll('g.picked')).toHaveLength(0);
  });

  it('keeps near rust, far slate and the midline green in every view of a drawing', () => {
    const plan = planPiece(otter);
    const side = elevation(plan, 'side', { show: 'bones', dimensions: false });
    const wrapper = drawn(null, side);
    const count = (ink: string): number => wrapper.findAll(`g.line.ink-${ink}`).length;
    const bones = plan.measure.skeleton.bones;
    expect(count('near')).toBe(bones.filter((bone) => bone.side === 'left').length);
    expect(count('far')).toBe(bones.filter((bone) => bone.side === 'right').length);
    expect(count('mid')).toBe(bones.filter((bone) => bone.side === 'mid').length);
  });

  it('keeps the spine in the midline’s green where the head is turned', () => {
    const plan = planPiece(wolf);
    const skull = plan.stance.posed.byId.get('skull')!;
    expect(Math.abs(skull.end[2])).toBeGreaterThan(1);
    const wires = elevation(plan, 'side', { show: 'wires', dimensions: false });
    const spine = wires.items.filter((item) => item.layer === 'wire A');
    expect(new Set(spine.map((item) => item.ink))).toEqual(new Set(['mid']));
  });
});
