// @vitest-environment happy-dom
import { demoWorkpieces, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { typeInto } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import AllowanceList from './AllowanceList.vue';

const [otter] = demoWorkpieces() as [Workpiece];
const list = (onRods = false) => mountWithPiece(AllowanceList, otter, { onRods });
const cutOf = (plan: ReturnType<typeof list>['plan'], id: string): number =>
  plan().wire.wires.find((wire) => wire.id === id)!.cut.value;

describe('AllowanceList', () => {
  it('adds to the cut of a wire what is added to its margin, and no more', async () => {
    const { wrapper, plan, labels } = list();
    const before = cutOf(plan, 'B');
    const margin = otter.wire.allowancesMm.margin;
    await typeInto(wrapper, 'Margin', `${margin + 7} mm`);
    expect(cutOf(plan, 'B') - before).toBeCloseTo(7, 9);
    expect(labels).toEqual(['Change Margin']);
  });

  it('counts a margin per bend as often as there are bends', async () => {
    const { wrapper, plan } = list();
    const wire = plan().wire.wires.find(({ id }) => id === 'B')!;
    await typeInto(wrapper, 'Margin per bend', `${otter.wire.allowancesMm.marginPerBend + 2} mm`);
    expect(cutOf(plan, 'B') - wire.cut.value).toBeCloseTo(2 * wire.bends.length, 9);
  });

  it('makes both pegs of a pair longer by a thicker base', async () => {
    const { wrapper, plan, piece } = list();
    const holes = plan().wire.base.holes.length;
    expect(holes).toBeGreaterThan(1);
    const total = (): number => plan().wire.wires.reduce((sum, wire) => sum + wire.cut.value, 0);
    const before = total();
    const { thicknessMm } = piece().stance.base;
    await typeInto(wrapper, 'Thickness of the base', `${thicknessMm + 10} mm`);
    expect(total() - before).toBeCloseTo(10 * holes, 6);
  });

  it('takes inches, refuses what is too long in a sentence, and changes nothing then', async () => {
    const { wrapper, piece } = list();
    await typeInto(wrapper, 'Hook above the head', '2 in');
    expect(piece().wire.allowancesMm.hook).toBeCloseTo(50.8, 9);
    await typeInto(wrapper, 'Hook above the head', '2 m');
    expect(wrapper.find('[role=alert]').text()).toContain('Hook above the head: received “2 m”');
    expect(piece().wire.allowancesMm.hook).toBeCloseTo(50.8, 9);
  });

  it('asks for the length of a rod only where the piece stands on rods', () => {
    const label = 'input[aria-label="Clear of the base, on rods"]';
    expect(list().wrapper.find(label).exists()).toBe(false);
    expect(list(true).wrapper.find(label).exists()).toBe(true);
  });
});
