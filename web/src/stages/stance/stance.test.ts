// @vitest-environment happy-dom
import { demoPieces, type Piece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { mountWithPiece, press, typeInto } from '../../testing/mountWithPiece.ts';
import FeetRows from './FeetRows.vue';
import JointTable from './JointTable.vue';

const [, wolf] = demoPieces() as [Piece, Piece];
const bent: Piece = {
  ...wolf,
  stance: { ...wolf.stance, anglesDeg: { 'femur.L': { flexion: 40 } } },
};

describe('JointTable', () => {
  it('turns to the part of the body that was touched on the sheet', async () => {
    const { wrapper, selection } = mountWithPiece(JointTable, wolf);
    expect(wrapper.text()).toContain('Hip joint');
    selection.pick({ kind: 'bone', id: 'skull' });
    await wrapper.vm.$nextTick();
    expect(wrapper.text()).toContain('Head joint');
    expect(wrapper.text()).not.toContain('Hip joint');
  });

  it('sets an angle within the limits, refuses one beyond, and resets it', async () => {
    const { wrapper, piece, labels } = mountWithPiece(JointTable, wolf);
    await typeInto(wrapper, 'Knee, left, flexion, degrees', '20°');
    expect(piece().stance.anglesDeg['tibia.L']).toEqual({ flexion: 20 });
    await typeInto(wrapper, 'Knee, left, flexion, degrees', '170');
    expect(wrapper.find('[role=alert]').text()).toContain('Knee, left, flexion');
    await wrapper.find('[aria-label="Reset Knee, left, flexion"]').trigger('click');
    expect(piece().stance.anglesDeg['tibia.L']).toBeUndefined();
    expect(labels).toEqual(['Set Knee, left, flexion', 'Reset Knee, left, flexion']);
  });
});

describe('FeetRows', () => {
  it('lifts a foot, and plants one that hangs', async () => {
    const { wrapper, piece, plan } = mountWithPiece(FeetRows, bent);
    const left = () => plan().stance.feet.find((foot) => foot.contact.id === 'hindfoot.L')!;
    expect(left().touches).toBe(false);
    await press(wrapper, 'Plant the feet');
    expect(left().touches).toBe(true);
    await wrapper.findAll('[role=switch]')[0]!.trigger('click');
    expect(piece().stance.lifted).toHaveLength(1);
  });
});
