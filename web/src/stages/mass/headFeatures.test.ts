// @vitest-environment happy-dom
import { demoWorkpieces, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { press, typeInto } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import HeadFeatures from './HeadFeatures.vue';

const [, wolf] = demoWorkpieces() as [Workpiece, Workpiece];

describe('HeadFeatures', () => {
  it('tells nostril and ear as the animal has them, none of horns and teeth that a wolf does not show', () => {
    const { wrapper } = mountWithPiece(HeadFeatures, wolf);
    const names = wrapper.findAll('input').map((input) => input.attributes('aria-label')!);
    expect(names).toContain('Ear, leans back');
    expect(names).toContain('Nostril, length');
    expect(names.some((name) => /horn|teeth/i.test(name))).toBe(false);
  });

  it('turns both ears by what is typed, and gives them back one number at a time', async () => {
    const { wrapper, piece, plan } = mountWithPiece(HeadFeatures, wolf);
    const ear = (side: 'L' | 'R') => plan().measure.skeleton.byId.get(`ear.${side}`)!.rest;
    await typeInto(wrapper, 'Ear, leans back', '40');
    expect(piece().measure.shape.head.stands['ear']).toEqual({
      at: null,
      backDeg: 40,
      outDeg: null,
    });
    expect(ear('L')[0]).toBeCloseTo(ear('R')[0], 9);
    expect(ear('L')[2]).toBeCloseTo(-ear('R')[2], 9);
    expect((Math.atan2(-ear('L')[0], ear('L')[1]) * 180) / Math.PI).toBeCloseTo(40, 6);
    await press(wrapper, ': Ear, leans back');
    expect(piece().measure.shape.head.stands).toEqual({});
  });

  it('refuses what cannot be, in a sentence', async () => {
    const { wrapper, piece } = mountWithPiece(HeadFeatures, wolf);
    await typeInto(wrapper, 'Nostril, length', '90 %');
    expect(wrapper.text()).toContain('50');
    expect(piece().measure.shape.head.nostril.long).toBe(null);
  });
});
