// @vitest-environment happy-dom
import { demoWorkpieces, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { press } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import StockGroupPart from './StockGroupPart.vue';

const [, wolf] = demoWorkpieces() as [Workpiece, Workpiece];
const missing = (piece: Workpiece) =>
  mountWithPiece(StockGroupPart, piece, ({ wire }) => ({
    group: wire.stock.groups.find(({ cutting }) => cutting.missing.length > 0)!,
  }));
/** A field of the group by the end of its label. */
const typeAs = async (
  { wrapper }: ReturnType<typeof missing>,
  end: string,
  text: string,
): Promise<void> => {
  const field = wrapper.find(`input[aria-label$="${end}"]`);
  await field.setValue(text);
  await field.trigger('keydown', { key: 'Enter' });
};

describe('StockGroupPart', () => {
  it('lists what is cut from each length, and what must be bought, piece by piece', () => {
    const { wrapper, plan } = missing(wolf);
    const group = plan().wire.stock.groups.find(({ cutting }) => cutting.missing.length > 0)!;
    for (const { id } of group.cutting.missing) expect(wrapper.text()).toContain(id);
    const short = group.cutting.missing.reduce((sum, cutPiece) => sum + cutPiece.mm, 0);
    expect(group.buy.value).toBeGreaterThanOrEqual(short - 1e-6);
  });

  it('counts lengths and money once it is known how the wire is sold', async () => {
    const mounted = missing(wolf);
    await press(mounted.wrapper, 'How it is sold');
    await typeAs(mounted, 'sold in lengths of', '2 m');
    await typeAs(mounted, 'price of one', '3.5');
    const group = mounted
      .plan()
      .wire.stock.groups.find(({ cutting }) => cutting.missing.length > 0)!;
    expect(group.lengths).not.toBeNull();
    expect(group.cost!.value).toBeCloseTo(3.5 * group.lengths!.working.value, 9);
    // Never fewer lengths than the sum of the pieces asks for.
    const sum = group.cutting.missing.reduce((total, cutPiece) => total + cutPiece.mm, 0);
    expect(group.lengths!.working.value).toBeGreaterThanOrEqual(Math.ceil(sum / 2000));
    expect(mounted.labels).toEqual(['Change how wire is sold', 'Change how wire is sold']);
  });

  it('says so where no length that is sold is long enough', async () => {
    const mounted = missing(wolf);
    await press(mounted.wrapper, 'How it is sold');
    await typeAs(mounted, 'sold in lengths of', '100 mm');
    expect(mounted.wrapper.text()).toContain('A piece is longer than the length that is sold');
  });
});
