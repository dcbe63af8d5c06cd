// @vitest-environment happy-dom
import { compareStances, demoWorkpieces, planPiece, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { press } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import CompareTable from './CompareTable.vue';

const [otter] = demoWorkpieces() as [Workpiece];
const bent: Workpiece = {
  ...otter,
  stance: {
    ...otter.stance,
    anglesDeg: { ...otter.stance.anglesDeg, skull: { flexion: 30 } },
  },
};
const posedOf = (piece: Workpiece) => planPiece(piece).stance.posed;
const comparison = compareStances(posedOf(otter), posedOf(bent));
const table = () => mountWithPiece(CompareTable, otter, { comparison, name: 'Head down' });

describe('CompareTable', () => {
  it('says that no bone changed its length, and lists what moved most first', () => {
    const { wrapper } = table();
    expect(wrapper.text()).toContain(
      `All ${comparison.bones.length} bones have the same length in both`,
    );
    const rows = wrapper.findAll('tbody tr');
    expect(rows.length).toBeLessThanOrEqual(14);
    const moved = rows.map((row) => Number(row.findAll('td')[3]!.text()));
    expect(moved).toEqual([...moved].sort((a, b) => b - a));
    expect(moved[0]).toBeGreaterThan(0);
    for (const row of rows) {
      const cells = row.findAll('td').map((wrapper) => wrapper.text());
      expect(cells[1]).toBe(cells[2]);
    }
  });

  it('shows on the sheet the bone that is touched', async () => {
    const { wrapper, selection } = table();
    const first = comparison.bones[0]!;
    await press(wrapper, first.name);
    expect(selection.target.value).toEqual({ kind: 'bone', id: first.boneId });
    expect(wrapper.find('tr.chosen').text()).toContain(first.name);
  });

  it('speaks in inches where those are switched on', async () => {
    const { wrapper, settings } = table();
    settings.units = 'imperial';
    await wrapper.vm.$nextTick();
    expect(wrapper.find('thead').text()).toContain('Here in');
  });
});
