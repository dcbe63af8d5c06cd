// @vitest-environment happy-dom
import { demoWorkpieces, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { press, typeInto } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import BoneTable from './BoneTable.vue';
import ScaleControl from './ScaleControl.vue';

const [otter] = demoWorkpieces() as [Workpiece];
const bones = (start = otter) =>
  mountWithPiece(BoneTable, start, (plan) => ({ rows: plan.measure.rows }));

describe('BoneTable', () => {
  it('has one row for left and right, with life, model and provenance', () => {
    const { wrapper, plan } = bones();
    const rows = wrapper.findAll('tbody tr');
    expect(rows).toHaveLength(plan().measure.rows.length);
    const femur = rows.find((row) => row.text().includes('Thigh'))!;
    expect(femur.text()).toContain((82 / 3).toFixed(1));
    expect(femur.text()).toContain('memory');
    expect(femur.text()).not.toContain('left');
  });

  it('takes a measured length, which everything follows, and the library’s again', async () => {
    const { wrapper, piece, plan } = bones();
    const before = plan().wire.wires[1]!.cut.value;
    await typeInto(wrapper, 'Shank (tibia), life', '98 mm');
    expect(piece().measure.lifeLengths['tibia']).toEqual({
      mm: 98,
      provenance: 'measured',
      plusMinusMm: null,
      on: null,
    });
    expect(plan().wire.wires[1]!.cut.value).toBeGreaterThan(before);
    await press(wrapper, 'revert');
    expect(piece().measure.lifeLengths).toEqual({});
    expect(plan().wire.wires[1]!.cut.value).toBe(before);
  });

  it('marks a length outside the usual range', async () => {
    const { wrapper } = bones();
    expect(wrapper.findAll('.out')).toHaveLength(0);
    await typeInto(wrapper, 'Skull, life', '20 cm');
    expect(wrapper.findAll('.out')).toHaveLength(1);
  });

  it('opens the working of life and of model, one at a time', async () => {
    const { wrapper } = bones();
    await wrapper.find('[data-working="measure.bone.skull.model"]').trigger('click');
    expect(wrapper.find('.detail').text()).toContain('l = L / n');
    await wrapper.find('[data-working="measure.bone.skull.life"]').trigger('click');
    expect(wrapper.findAll('.detail')).toHaveLength(1);
    expect(wrapper.find('.detail').text()).toContain('measured from');
  });
});

describe('ScaleControl', () => {
  it.each([
    [
      'Shoulder height',
      'Shoulder height of the model',
      '100',
      'measure.shoulder-height.model',
      100,
    ],
    ['Snout to tail tip', 'Snout to tail tip of the model', '12 in', 'measure.length.model', 304.8],
    ['Ratio', 'Scale', '1:4', 'measure.scale', 4],
  ])('by %s gives what is asked', async (way, field, typed, id, wanted) => {
    const { wrapper, plan } = mountWithPiece(ScaleControl, otter);
    await press(wrapper, way);
    await typeInto(wrapper, field, typed);
    expect(plan().workings.find((working) => working.id === id)!.value).toBeCloseTo(wanted, 6);
  });

  it('keeps the size where only the way of saying it changes', async () => {
    const { wrapper, plan } = mountWithPiece(ScaleControl, otter);
    for (const way of ['Shoulder height', 'Snout to tail tip', 'Ratio']) {
      await press(wrapper, way);
      expect(plan().measure.lifePerModel).toBeCloseTo(3, 1);
    }
  });

  it('fits the oven, and shows inches that are not rounded away', async () => {
    const { wrapper, plan, settings } = mountWithPiece(ScaleControl, otter);
    await press(wrapper, 'Fit the oven');
    await typeInto(wrapper, 'Oven, long', '30 cm');
    await typeInto(wrapper, 'Oven, deep', '30 cm');
    expect(
      plan().stance.summary.find((working) => working.id === 'stance.length')!.value,
    ).toBeCloseTo(300 - 2 * otter.measure.ovenAirMm, 6);
    settings.units = 'imperial';
    await wrapper.vm.$nextTick();
    const long = wrapper.find('input[aria-label="Oven, long"]').element as HTMLInputElement;
    expect(long.value).toBe('11.81 in');
  });
});
