// @vitest-environment happy-dom
import { CAUTIONS, demoWorkpieces, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { boxesIn, press, typeInto } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import BenchStage from './BenchStage.vue';
import StepCard from './StepCard.vue';

const [otter] = demoWorkpieces() as [Workpiece];
const card = (id: string, start = otter) =>
  mountWithPiece(StepCard, start, (plan) => ({
    step: plan.bench!.steps.find((step) => step.id === id)!,
    picked: false,
  }));

describe('StepCard', () => {
  it('is a sentence whose numbers open their workings, with its cautions', async () => {
    const { wrapper, selection } = card('wire.B.cut');
    expect(wrapper.find('.sentence').text()).toMatch(/Cut soft aluminium.*301\.4/);
    // Told in full where the first wire is cut; here a small sign opens it.
    expect(card('wire.A.cut').wrapper.text()).toContain(CAUTIONS['cut-wire']);
    expect(wrapper.text()).not.toContain(CAUTIONS['cut-wire']);
    await press(wrapper, 'a caution, as before');
    expect(wrapper.text()).toContain(CAUTIONS['cut-wire']);
    await wrapper.find('[data-working="wire.B.cut"]').trigger('click');
    expect(selection.open.value).toBe('wire.B.cut');
    expect(selection.target.value).toEqual({ kind: 'wire', id: 'B' });
  });

  it('is ticked off, logged with minutes and a note, and unticked', async () => {
    const { wrapper, piece, labels } = card('sheets.print');
    await boxesIn(wrapper)[0]!.trigger('click');
    expect(piece().bench.done['sheets.print']).toMatchObject({ minutes: null, note: '' });
    await typeInto(wrapper, 'Minutes for Print the shop sheets', '7');
    await typeInto(wrapper, 'Note on Print the shop sheets', 'thick paper lies flatter');
    expect(piece().bench.done['sheets.print']).toMatchObject({
      minutes: 7,
      note: 'thick paper lies flatter',
    });
    await boxesIn(wrapper)[0]!.trigger('click');
    expect(piece().bench.done).toEqual({});
    expect(labels).toEqual([
      'Tick “Print the shop sheets”',
      'Log “Print the shop sheets”',
      'Log “Print the shop sheets”',
      'Untick “Print the shop sheets”',
    ]);
  });

  it('shows what is next, what may be done, and what waits', () => {
    expect(card('sheets.print').wrapper.text()).toContain('next');
    expect(card('mass.condition').wrapper.text()).toContain('may be done now');
    expect(card('wire.A.bend').wrapper.find('.waiting').exists()).toBe(true);
  });
});

describe('BenchStage', () => {
  it('lists the work and what to buy, and tells the working below the step it was asked in', async () => {
    const { wrapper, plan } = mountWithPiece(BenchStage, otter);
    expect(wrapper.findAll('.step')).toHaveLength(plan().bench!.steps.length);
    for (const line of plan().bench!.shopping)
      expect(wrapper.find(`.ledger [data-working="${line.quantity.id}"]`).exists()).toBe(true);
    await wrapper.find('.steps [data-working="wire.C.cut"]').trigger('click');
    const step = wrapper.findAll('.step').find((wrapper) => wrapper.text().includes('Cut C'))!;
    expect(step.find('.detail').text()).toContain('l = Σ lᵢ');
    expect(wrapper.findAll('.detail')).toHaveLength(1);
  });

  it('goes on to the next step as steps are ticked', async () => {
    const { wrapper } = mountWithPiece(BenchStage, otter);
    expect(wrapper.find('.next-title').text()).toBe('1. Print the shop sheets');
    await boxesIn(wrapper)[0]!.trigger('click');
    expect(wrapper.find('.next-title').text()).toBe('2. Cut A, spine');
  });

  it('confirms the stage', async () => {
    const { wrapper, piece } = mountWithPiece(BenchStage, otter);
    await press(wrapper, 'Confirm this stage');
    expect(piece().confirmed).toContain('bench');
  });
});
