// @vitest-environment happy-dom
import { demoWorkpieces, planPiece, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { press } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import DisagreementTable from './DisagreementTable.vue';
import SidesTable from './SidesTable.vue';
import UnknownList from './UnknownList.vue';

const pieces = demoWorkpieces();
const byId = (id: string): Workpiece => pieces.find((piece) => piece.id === id)!;
const heron = byId('heron-at-the-sluice');
const adder = byId('adder-in-a-coil');
const table = (piece: Workpiece) =>
  mountWithPiece(DisagreementTable, piece, ({ references }) => ({ references }));

describe('DisagreementTable', () => {
  it('tells the clear ones with what is likely wrong, the worst first', () => {
    const { wrapper, plan } = table(heron);
    const clear = plan().references.disagreements.filter((disagreement) => disagreement.clear);
    expect(clear.length).toBeGreaterThan(0);
    const apart = wrapper
      .findAll('tbody td.clear')
      .map((wrapper) => Number.parseFloat(wrapper.text().replace(',', '')));
    expect(apart).toHaveLength(Math.min(5, clear.length));
    expect(wrapper.findAll('.why')).toHaveLength(apart.length);
    for (const why of wrapper.findAll('.why'))
      expect(why.text()).toMatch(/^(Likely wrong: .+, as |Nothing tells which is wrong)/);
  });

  it('opens all that are compared, and only the clear ones again', async () => {
    const { wrapper, plan } = table(heron);
    const all = plan().references.disagreements.length;
    const few = wrapper.findAll('button.name').length;
    await press(wrapper, `All ${all} compared`);
    expect(wrapper.findAll('button.name')).toHaveLength(all);
    await press(wrapper, 'Only those that are clear');
    expect(wrapper.findAll('button.name')).toHaveLength(few);
  });

  it('shows on the sheet the landmark that is touched', async () => {
    const { wrapper, plan, selection } = table(heron);
    await wrapper.find('button.name').trigger('click');
    const first = plan().references.disagreements.find((disagreement) => disagreement.clear)!;
    expect(selection.target.value).toEqual({ kind: 'landmark', id: first.landmarkId });
    expect(wrapper.find('tr.chosen').exists()).toBe(true);
  });

  it('asks for a second view where there is none', () => {
    const alone = { ...heron, references: { ...heron.references, pictures: [] } };
    expect(table(alone).wrapper.text()).toContain(
      'Two calibrated pictures that share landmarks are compared here.',
    );
  });
});

describe('SidesTable', () => {
  it('sets left and right side by side, with how sure the difference is', () => {
    const { wrapper, plan } = mountWithPiece(SidesTable, heron, ({ references }) => ({
      sides: references.sides,
    }));
    const { sides } = plan().references;
    expect(sides.length).toBeGreaterThan(0);
    const rows = wrapper.findAll('tbody tr');
    expect(rows).toHaveLength(sides.length);
    sides.forEach((side, i) => {
      expect(side.differenceMm).toBeCloseTo(side.leftMm - side.rightMm, 6);
      expect(rows[i]!.text()).toContain(side.name);
      expect(rows[i]!.text()).toContain(`±`);
    });
  });

  it('says what it waits for', () => {
    const { wrapper } = mountWithPiece(SidesTable, adder, { sides: [] });
    expect(wrapper.text()).toBe('A bone that is measured on both sides is compared here.');
  });
});

describe('UnknownList', () => {
  const list = (piece: Workpiece) =>
    mountWithPiece(UnknownList, piece, ({ references }) => ({ unknown: references.unknown }));

  it('names the bones without a length, six of them and how many more', () => {
    const { pictures } = heron.references;
    const { wrapper, plan } = list({
      ...heron,
      references: { ...heron.references, pictures: pictures.slice(0, 1) },
    });
    const { bones } = plan().references.unknown;
    expect(bones.length).toBeGreaterThan(0);
    for (const { bone } of bones.slice(0, 6)) expect(wrapper.text()).toContain(bone.name);
    if (bones.length > 6) expect(wrapper.text()).toContain(`and ${bones.length - 6} more`);
  });

  it('says so where every bone is known', () => {
    const { unknown } = planPiece(heron).references;
    const { wrapper } = mountWithPiece(UnknownList, heron, {
      unknown: { ...unknown, bones: [], next: null },
    });
    expect(wrapper.text()).toBe('Every bone has its true length.');
  });

  it('asks for the view that is missing where no picture is there', () => {
    const alone = { ...heron, references: { ...heron.references, pictures: [] } };
    const { wrapper, plan } = list(alone);
    const { next } = plan().references.unknown;
    if (next?.kind === 'view') expect(wrapper.text()).toContain(`from the ${next.view}`);
    else expect(wrapper.text()).toContain('place both ends');
  });
});
