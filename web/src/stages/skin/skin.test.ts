// @vitest-environment happy-dom
import { demoWorkpieces, usualZone, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { boxesIn, choose, press, typeInto } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import ToolList from './ToolList.vue';
import ZoneTable from './ZoneTable.vue';

const [otter] = demoWorkpieces() as [Workpiece];

describe('ZoneTable', () => {
  it('lists every zone with length, width and tool', () => {
    const { wrapper, plan } = mountWithPiece(ZoneTable, otter);
    const rows = wrapper.findAll('tbody tr');
    plan().skin.zones.forEach((zone, i) => {
      expect(rows[i]!.text()).toContain(zone.zone.name);
      expect(rows[i]!.text()).toContain(zone.length.value.toFixed(1));
      expect(rows[i]!.text()).toContain(zone.strokes!.tool!.name);
    });
  });

  it('changes the zone that is chosen, by hand or on the sheet', async () => {
    const { wrapper, piece, plan, selection } = mountWithPiece(ZoneTable, otter);
    await press(wrapper, 'Tail');
    await choose(wrapper, 'How the coat of Tail is made', 'fibre');
    await typeInto(wrapper, 'Hair in life, Tail', '24');
    expect(piece().skin.zones).toEqual({ tail: { ...usualZone('fibre'), hairMm: 24 } });
    const tail = plan().skin.zones.find((zone) => zone.zone.id === 'tail')!;
    expect(tail.undersize.value).toBeGreaterThan(0);
    selection.pick({ kind: 'zone', id: 'back' });
    await wrapper.vm.$nextTick();
    expect(wrapper.find('h4').text()).toBe('Back and neck');
    await press(wrapper, 'Tail');
    await press(wrapper, 'library’s');
    expect(piece().skin.zones['tail']).toEqual(usualZone('fibre'));
  });

  it('says where no tool is fine enough', () => {
    const tiny: Workpiece = {
      ...otter,
      measure: { ...otter.measure, scale: { by: 'ratio', lifePerModel: 40 } },
    };
    const { wrapper } = mountWithPiece(ZoneTable, tiny);
    expect(wrapper.findAll('td.none').length).toBeGreaterThan(3);
    expect(wrapper.text()).toMatch(/stand for about \d+ each/);
  });
});

describe('ToolList', () => {
  it('adds and puts away tools, and the zones follow', async () => {
    const { wrapper, piece, plan, labels } = mountWithPiece(ToolList, otter);
    const box = (i: number) => boxesIn(wrapper)[i]!;
    await box(0).trigger('click');
    expect(piece().skin.tools).toContain('scalpel');
    for (const i of [1, 2, 3, 4]) await box(i).trigger('click');
    expect(piece().skin.tools).toEqual(['scalpel']);
    expect(plan().skin.zones.every((zone) => zone.strokes?.tool?.id === 'scalpel')).toBe(true);
    expect(labels[0]).toBe('Add a tool');
  });
});
