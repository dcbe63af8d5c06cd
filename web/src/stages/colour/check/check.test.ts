// @vitest-environment happy-dom
import { demoWorkpieces, laidForm, type Picture } from '@keen-sinew/core';
import { flushPromises, mount } from '@vue/test-utils';
import { defineComponent, h, ref } from 'vue';
import { describe, expect, it } from 'vitest';
import { press, slideTo } from '../../../testing/hands.ts';
import { mountWithPiece } from '../../../testing/mountWithPiece.ts';
import CheckTable from './CheckTable.vue';
import LaidPiece from './LaidPiece.vue';
import LaidSection from './LaidSection.vue';
import { useLaidPiece } from './useLaidPiece.ts';

const wolf = demoWorkpieces().find(({ id }) => id === 'wolf-at-the-carr')!;
const picture = wolf.references.pictures.find(({ id }) => id === 'wolf-colours')!;

/** The ledger of a piece that is laid over the coloured picture, with what it was told. */
const laidOver = (over: Picture) =>
  defineComponent({
    setup() {
      const ask = { picture: ref(over), card: ref(null), kind: ref('grey') } as never;
      const laid = useLaidPiece(ask, ref('side'));
      return () => h(LaidSection, { laid });
    },
  });

describe('a piece laid over a picture', () => {
  it('lies in its middle by its scale, and is turned, turned round and laid anew by hand', async () => {
    const { wrapper, plan } = mountWithPiece(laidOver(picture), wolf);
    const laid = wrapper.findComponent(LaidSection).props('laid');
    expect(laid.placing.value).toBeNull();
    await wrapper.find('[role=switch]').trigger('click');
    const { scale, widthPx, heightPx } = picture;
    if (scale?.by !== 'length') throw new Error('the picture has a length on it');
    const usual = {
      at: [widthPx / 2, heightPx / 2],
      // The length runs over all of its width.
      pxPerMm: (plan().measure.lifePerModel * widthPx) / scale.mm,
      ...{ turnDeg: 0, mirrored: false },
    };
    expect({ ...laid.placing.value, pxPerMm: 0 }).toEqual({ ...usual, pxPerMm: 0 });
    expect(laid.placing.value!.pxPerMm).toBeCloseTo(usual.pxPerMm, 9);
    await slideTo(wrapper, 'Turned', 12);
    await wrapper.findAll('[role=switch]')[1]!.trigger('click');
    expect(laid.placing.value).toMatchObject({ turnDeg: 12, mirrored: true, at: usual.at });
    await press(wrapper, 'Lay it anew');
    expect(laid.placing.value).toMatchObject({ turnDeg: 0, mirrored: false });
  });

  it('says so where this browser does not have the picture, and changes nothing', async () => {
    const elsewhere = { ...picture, id: 'elsewhere', shipped: null };
    const { wrapper, piece } = mountWithPiece(laidOver(elsewhere), wolf);
    await wrapper.find('[role=switch]').trigger('click');
    const laid = wrapper.findComponent(LaidSection).props('laid');
    await laid.read();
    await flushPromises();
    expect(wrapper.find('[role=alert]').text()).toContain(`${picture.name} could not be looked at`);
    expect(piece().colour.seen).toEqual(wolf.colour.seen);
  });

  it('is moved and sized by keys, and sized by its corner', async () => {
    const { plan } = mountWithPiece(laidOver(picture), wolf);
    const form = laidForm(plan(), 'side')!;
    const placing = { at: [700, 480] as const, pxPerMm: 5, turnDeg: 10, mirrored: true };
    const told: unknown[] = [];
    const overlay = mount(LaidPiece, {
      props: { form, placing, widthPx: 1000, heightPx: 800, onMove: (part) => told.push(part) },
    });
    const svg = overlay.find('svg');
    for (const key of ['ArrowRight', 'ArrowUp', '+', '-', 'a'])
      await svg.trigger('keydown', { key });
    expect(told).toEqual([
      { at: [704, 480] },
      { at: [700, 476] },
      { pxPerMm: 5.05 },
      { pxPerMm: 5 / 1.01 },
    ]);
    const transform = overlay.find('g').attributes('transform')!;
    expect(transform).toContain('translate(700 480) rotate(-10) scale(-5 5)');
  });
});

describe('the table of what is off', () => {
  it('has the worst first; a zone is aimed at what was seen, or its check is dropped', async () => {
    const seen = {
      belly: { hex: '#000000', picture: 'A' },
      back: { hex: '#6d6558', picture: 'A' },
    };
    const piece = { ...wolf, colour: { ...wolf.colour, seen } };
    const mounted = mountWithPiece(CheckTable, piece);
    const rows = mounted.wrapper.findAll('[data-check]').map((row) => row.attributes('data-check'));
    expect(rows[0]).toBe('belly');
    expect(rows).toHaveLength(2);
    await press(mounted.wrapper, 'Aim at it: Belly');
    expect(mounted.piece().colour.zones['belly']).toMatchObject({ hex: '#000000' });
    await press(mounted.wrapper, 'Drop: Belly');
    expect(Object.keys(mounted.piece().colour.seen)).toEqual(['back']);
    expect(mounted.labels).toHaveLength(2);
  });
});
