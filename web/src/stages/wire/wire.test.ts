// @vitest-environment happy-dom
import { demoWorkpieces, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { press, typeInto } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import BendTable from './BendTable.vue';
import CutTable from './CutTable.vue';
import StockPart from './StockPart.vue';
import StrengthTable from './StrengthTable.vue';
import TestBend from './TestBend.vue';
import WireChoices from './WireChoices.vue';

const [otter, wolf] = demoWorkpieces() as [Workpiece, Workpiece];

describe('CutTable and BendTable', () => {
  it('show every wire with its cut, and the short strands below', () => {
    const { wrapper, plan } = mountWithPiece(CutTable, otter, (of) => ({
      wires: of.wire.wires,
      chosen: 'B',
    }));
    for (const wire of plan().wire.wires.filter(({ kind }) => kind !== 'fine')) {
      expect(wrapper.text()).toContain(`${wire.id} ${wire.name}`);
      expect(wrapper.text()).toContain(wire.cut.value.toFixed(1));
    }
    expect(wrapper.text()).toContain('A2 short strand from the root of the tail');
    expect(wrapper.find('tr.chosen').text()).toContain('B Hind legs');
  });

  it('show each bend with mark, turn, angle and what to bend to', () => {
    const { wrapper, plan } = mountWithPiece(BendTable, otter, (of) => ({
      wire: of.wire.wires[1]!,
    }));
    const { bends, features } = plan().wire.wires[1]!;
    // The turns round the spine stand between the bends, as they shift the marks.
    expect(wrapper.findAll('tbody tr')).toHaveLength(bends.length + features.length);
    for (const bend of bends)
      for (const working of [bend.mark, bend.angle])
        expect(wrapper.find(`[data-working="${working.id}"]`).exists()).toBe(true);
  });
});

describe('StockPart', () => {
  it('enters lengths as people write them, and says what is left to buy', async () => {
    const { wrapper, piece, plan } = mountWithPiece(StockPart, {
      ...wolf,
      wire: { ...wolf.wire, stock: [] },
    });
    expect(wrapper.text()).toContain('everything must be bought');
    const before = plan().wire.stock.groups[0]!.buy.value;
    await press(wrapper, 'Add wire on hand');
    await typeInto(wrapper, 'Wire on hand, lengths', '1 m; 2 x 600 mm');
    expect(piece().wire.stock[0]).toMatchObject({ lengthsMm: [1000, 600, 600] });
    expect(plan().wire.stock.groups[0]!.buy.value).toBeLessThan(before);
    await press(wrapper, 'Remove');
    expect(piece().wire.stock).toEqual([]);
  });

  it('refuses a length that is none, in a sentence', async () => {
    const { wrapper, labels } = mountWithPiece(StockPart, otter);
    await typeInto(wrapper, 'Wire on hand, lengths', 'a lot');
    expect(wrapper.find('[role=alert]').text()).toContain('Lengths on hand: received “a lot”');
    expect(labels).toEqual([]);
  });
});

describe('WireChoices', () => {
  it('changes gauge, strands, allowances and the base, and the cut follows', async () => {
    const { wrapper, piece, plan } = mountWithPiece(WireChoices, otter);
    const before = plan().wire.wires[1]!.cut.value;
    await typeInto(wrapper, 'Spine, diameter or gauge', '16 swg');
    expect(piece().wire.spine.size).toEqual({ system: 'SWG', value: 16 });
    await typeInto(wrapper, 'Spine, strands', '3');
    await typeInto(wrapper, 'Turns round the spine', '3');
    await typeInto(wrapper, 'Thickness of the base', '1 in');
    expect(piece().wire.hipTurns).toBe(3);
    expect(piece().stance.base.thicknessMm).toBeCloseTo(25.4, 9);
    expect(plan().wire.wires[1]!.cut.value).toBeGreaterThan(before);
  });

  it('refuses a gauge that no table has', async () => {
    const { wrapper, labels } = mountWithPiece(WireChoices, otter);
    await typeInto(wrapper, 'Spine, diameter or gauge', '99 awg');
    expect(wrapper.find('[role=alert]').text()).toContain('Spine, diameter');
    expect(labels).toEqual([]);
  });
});

describe('TestBend', () => {
  it('takes the user’s own springback for a metal, and lets go of it', async () => {
    const { wrapper, piece, plan } = mountWithPiece(TestBend, otter);
    const tableAngle = plan().wire.wires[1]!.bends[0]!.bendTo!.value;
    await typeInto(wrapper, 'Test bend, wire diameter', '2');
    await typeInto(wrapper, 'Test bend, radius', '3');
    await typeInto(wrapper, 'Test bend, relaxed angle', '80');
    expect(piece().wire.testBends['aluminium-soft']).toEqual({
      diameterMm: 2,
      radiusMm: 3,
      relaxedDeg: 80,
    });
    expect(plan().wire.wires[1]!.bends[0]!.bendTo!.value).toBeGreaterThan(tableAngle);
  });
});

describe('StrengthTable', () => {
  it('tells what each joint bears, in numbers and words, with the working', async () => {
    const { wrapper, plan } = mountWithPiece(StrengthTable, otter, { wireId: 'C' });
    const joints = plan().strength.joints.filter(({ wire }) => wire.id === 'C');
    // A row for each joint, and one for the foot of it that is pegged.
    const pegs = plan().strength.pegs.filter(({ wireId }) => wireId === 'C');
    expect(pegs).toHaveLength(1);
    expect(wrapper.findAll('tbody tr')).toHaveLength(joints.length + 1);
    expect(wrapper.text()).toContain('Peg in the base');
    expect(wrapper.text()).toContain('prop it until the clay is baked');
    const button = wrapper.find('[data-working="strength.radius.L.posed"]');
    expect(Number(button.text())).toBeGreaterThan(100);
    await button.trigger('click');
    expect(wrapper.text()).toContain('share = M / (n · Y · π · d³ / 32 + Σ Mᵢ)');
    await button.trigger('click');
    expect(wrapper.text()).not.toContain('M_y = n');
  });
});
