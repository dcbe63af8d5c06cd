// @vitest-environment happy-dom
import { demoWorkpieces, type Workpiece, type PlannedWire } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { defineComponent, h } from 'vue';
import { mountWithPiece } from '../testing/mountWithPiece.ts';
import RulerStrip from './RulerStrip.vue';
import WireSoFar from './WireSoFar.vue';

const [otter] = demoWorkpieces() as [Workpiece];
const legs = (wires: readonly PlannedWire[]): PlannedWire => wires.find(({ id }) => id === 'B')!;

describe('RulerStrip', () => {
  const strip = (number: number, at: 'start' | 'middle' = 'start') =>
    mountWithPiece(RulerStrip, otter, ({ wire }) => ({ wire: legs(wire.wires), number, at }));

  it('sets every mark where it lies along the cut wire', () => {
    const { wrapper, plan } = strip(3);
    const wire = legs(plan().wire.wires);
    const marks = wrapper.findAll('g');
    expect(marks).toHaveLength(wire.bends.length);
    wire.bends.forEach((bend, i) => {
      const x = Number(marks[i]!.find('line').attributes('x1'));
      expect(x / 1200).toBeCloseTo(bend.mark.value / wire.cut.value, 9);
      expect(marks[i]!.text()).toBe(bend.mark.value.toFixed(1));
    });
  });

  it('tells what is done, what is at hand and what comes', () => {
    const { wrapper } = strip(3);
    expect(wrapper.findAll('g.done')).toHaveLength(2);
    expect(wrapper.findAll('g.now')).toHaveLength(1);
    expect(wrapper.find('g.now').element).toBe(wrapper.findAll('g')[2]!.element);
  });

  it('marks the middle of the bend for the hand, further along than its start', () => {
    const x = (at: 'start' | 'middle'): number =>
      Number(strip(2, at).wrapper.find('g.now line').attributes('x1'));
    expect(x('middle')).toBeGreaterThan(x('start'));
  });

  it('sets a label that would touch the one before in the other row', () => {
    let near = 0;
    const Strips = defineComponent({
      props: { wires: { type: Array as () => readonly PlannedWire[], required: true } },
      setup:
        ({ wires }) =>
        () =>
          wires.map((wire) => h('section', h(RulerStrip, { wire, number: 0, at: 'start' }))),
    });
    for (const piece of demoWorkpieces()) {
      const { wrapper } = mountWithPiece(Strips, piece, ({ wire }) => ({ wires: wire.wires }));
      for (const strip of wrapper.findAll('section')) {
        const labels = strip.findAll('g.next text').map((label) => ({
          x: Number(label.attributes('x')),
          y: Number(label.attributes('y')),
        }));
        labels.slice(1).forEach((label, i) => {
          if (label.x - labels[i]!.x >= 54) return;
          near++;
          expect(label.y).not.toBe(labels[i]!.y);
        });
      }
    }
    expect(near).toBeGreaterThan(0);
  });
});

describe('WireSoFar', () => {
  it('draws what is bent inside its box, and cuts the straight rest short', () => {
    for (const number of [1, 4, 9]) {
      const { wrapper } = mountWithPiece(WireSoFar, otter, ({ wire }) => ({
        wire: legs(wire.wires),
        number,
      }));
      const [x, y, w, h] = wrapper.find('svg').attributes('viewBox')!.split(' ').map(Number) as [
        number,
        number,
        number,
        number,
      ];
      const points = wrapper
        .findAll('path.done, path.rest')
        .flatMap((wrapper) => [...wrapper.attributes('d')!.matchAll(/[ML]([-\d.e]+) ([-\d.e]+)/g)])
        .map(([, px, py]) => [Number(px), Number(py)] as const);
      expect(points.length).toBeGreaterThan(3);
      const inside = points.every(([px, py]) => px >= x && px <= x + w && py >= y && py <= y + h);
      expect(inside).toBe(true);
    }
  });

  it('has the bend at hand in its middle', () => {
    const { wrapper } = mountWithPiece(WireSoFar, otter, ({ wire }) => ({
      wire: legs(wire.wires),
      number: 2,
    }));
    expect(wrapper.find('circle').attributes()).toMatchObject({ cx: '0', cy: '0' });
  });
});
