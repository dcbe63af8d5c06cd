// @vitest-environment happy-dom
import { demoWorkpieces, type Workpiece } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import { press, typeInto } from '../../testing/hands.ts';
import { mountWithPiece } from '../../testing/mountWithPiece.ts';
import BakeNumbers from './bakes/BakeNumbers.vue';
import BakeOrder from './bakes/BakeOrder.vue';
import CureStage from './CureStage.vue';
import OvenChoices from './OvenChoices.vue';
import TimeTable from './TimeTable.vue';

const [otter] = demoWorkpieces() as [Workpiece];
const withClay = (classId: Workpiece['mass']['clay']['classId']): Workpiece => ({
  ...otter,
  mass: { ...otter.mass, clay: { ...otter.mass.clay, classId } },
});

describe('TimeTable', () => {
  it('sets the packet’s rule and the physical time of each place side by side', () => {
    const { wrapper, plan } = mountWithPiece(TimeTable, otter, {}, true);
    const rows = wrapper.findAll('tbody tr');
    expect(rows).toHaveLength(4);
    const { cases } = plan().cure.stages[0]!;
    cases.forEach((heatCase, i) => expect(rows[i]!.text()).toContain(heatCase.place));
    const own = new Set(cases.map(({ id }) => id));
    for (const { working } of plan().cure.heat.filter(({ result }) => own.has(result.caseId)))
      expect(wrapper.find(`[data-working="${working.id}"]`).text()).toContain(
        working.value.toFixed(0),
      );
    expect(wrapper.find('thead').text()).toMatch(
      /Packet’s rule, a minimum.*Innermost clay hot enough after/,
    );
  });

  it('opens the working with the corners of the figures as its range', async () => {
    const { wrapper } = mountWithPiece(TimeTable, otter, {}, true);
    await wrapper.find('[data-working="cure.heat.shell-holding.shell"]').trigger('click');
    expect(wrapper.find('.detail').text()).toContain('Heat held by the core');
    expect(wrapper.find('.detail').text()).toContain('Usual:');
  });

  it('has no column of heat for a clay that needs no oven', () => {
    const { wrapper } = mountWithPiece(TimeTable, withClay('air-dry'));
    expect(wrapper.find('thead').text()).not.toContain('Innermost');
    expect(wrapper.text()).toContain('h');
  });
});

describe('OvenChoices', () => {
  it('sets the dial by hand, and lets it follow again', async () => {
    const { wrapper, piece, plan } = mountWithPiece(OvenChoices, otter);
    await typeInto(wrapper, 'Dial', '140');
    expect(piece().cure.setC).toBe(140);
    expect(plan().cure.oven!.value).toBe(148);
    await press(wrapper, 'reset: Set the dial yourself');
    expect(piece().cure.setC).toBeNull();
  });

  it('reads differences in the degrees that are shown', async () => {
    const { wrapper, piece, settings } = mountWithPiece(OvenChoices, otter);
    await typeInto(wrapper, 'Thermometer less dial', '-12');
    expect(piece().cure.ovenOffsetC).toBe(-12);
    settings.units = 'imperial';
    await wrapper.vm.$nextTick();
    await typeInto(wrapper, 'Thermometer less dial', '18');
    expect(piece().cure.ovenOffsetC).toBeCloseTo(10, 9);
    await typeInto(wrapper, 'Thermometer less dial', '500');
    expect(wrapper.find('[role=alert]').text()).toContain('°F');
  });

  it('turns the fan on', async () => {
    const { wrapper, piece } = mountWithPiece(OvenChoices, otter);
    await wrapper.find('[role=switch]').trigger('click');
    expect(piece().cure.fan).toBe(true);
  });
});

describe('a bake', () => {
  it('has minutes of its own, the user’s where they are typed', async () => {
    const { wrapper, piece, plan } = mountWithPiece(BakeNumbers, otter, {}, true);
    const bakes = () => plan().cure.stages.map(({ bake }) => bake!.value);
    const before = bakes();
    await typeInto(wrapper, 'Minutes of the bake: shell', '2 h');
    expect(piece().cure.minutes).toEqual({ shell: 120 });
    expect(bakes()).toEqual([120, before[1]]);
    await typeInto(wrapper, 'Minutes of the bake: shell', '2000 h');
    expect(wrapper.find('[role=alert]').text()).toContain('from 1 min to 1440 min');
    await press(wrapper, 'reset: Minutes of your own');
    expect(piece().cure.minutes).toEqual({});
  });

  it('says how it lies, and what must be out of the oven', () => {
    const { wrapper, plan } = mountWithPiece(BakeNumbers, otter, {}, true);
    const [shell] = plan().cure.stages;
    expect(shell!.out).toEqual(['Whiskers']);
    expect(wrapper.text()).toContain('Out of the oven still: whiskers.');
    for (const how of shell!.supports) expect(wrapper.text()).toContain(how);
  });

  it('of small parts is offered to the heat gun, and told with its cautions', async () => {
    const eyes: Workpiece = {
      ...otter,
      fittings: { ...otter.fittings, made: { eyes: { material: 'clay', spare: 2 } } },
    };
    const { wrapper, piece } = mountWithPiece(BakeNumbers, eyes);
    await wrapper.find('[role=switch]').trigger('click');
    expect(piece().cure.gun).toEqual(['parts']);
    expect(wrapper.find('[data-working="cure.gun.parts"]').exists()).toBe(true);
    expect(wrapper.text()).toContain('heat gun burns skin');
  });
});

describe('BakeOrder', () => {
  it('says what each school costs, and tells the fewest bakes', async () => {
    const { wrapper, piece, plan } = mountWithPiece(BakeOrder, otter);
    expect(wrapper.text()).toContain('For bulky bodies');
    await press(wrapper, 'All at once');
    expect(piece().cure.method).toBe('all-at-once');
    expect(plan().cure.bakes.value).toBe(2);
    await wrapper.find('[role=switch]').trigger('click');
    expect(plan().cure.bakes.value).toBe(1);
  });

  it('lets a thing be put into a bake of its own, and follow again', async () => {
    const pinned = { ...otter, cure: { ...otter.cure, pins: { 'part:claws': 'alone' as const } } };
    const { wrapper, piece, plan } = mountWithPiece(BakeOrder, pinned);
    expect(plan().cure.stages).toHaveLength(3);
    const own = plan().cure.stages.find(({ items }) => items[0]!.id === 'part:claws')!;
    expect(own.items).toHaveLength(1);
    await press(wrapper, `let it follow: Claws: bake ${own.number}`);
    expect(piece().cure.pins).toEqual({});
    expect(plan().cure.stages).toHaveLength(2);
  });
});

describe('CureStage', () => {
  const stage = (shellClay: Partial<Workpiece['mass']['clay']> | null) =>
    mountWithPiece(CureStage, {
      ...otter,
      mass: { ...otter.mass, shellClay: shellClay && { ...otter.mass.clay, ...shellClay } },
    });

  it('shows the figures of one clay once', () => {
    const { wrapper } = stage(null);
    expect(wrapper.findAll('[data-working="clay.temperature"]')).toHaveLength(1);
    expect(wrapper.find('[data-working^="shell-clay"]').exists()).toBe(false);
  });

  it('shows those of the shells’ clay beside them, with a label of its own', () => {
    const { wrapper, plan } = stage({ name: 'Grey clay' });
    expect(wrapper.findAll('[data-working="clay.temperature"]')).toHaveLength(1);
    for (const id of ['temperature', 'limit', 'time'])
      expect(wrapper.find(`[data-working="shell-clay.${id}"]`).exists()).toBe(true);
    expect(wrapper.text()).toContain('What the label of the shells’ clay says');
    expect(plan().snags.some(({ code }) => code === 'clays-set-unlike')).toBe(false);
  });

  it('is a snag where the shells dry and the rest is baked', () => {
    const { plan } = stage({ classId: 'air-dry', name: 'Air clay' });
    expect(plan().snags.find(({ code }) => code === 'clays-set-unlike')).toMatchObject({
      grade: 'fix',
      stage: 'cure',
      facts: { setting: 'oven', shellSetting: 'air' },
    });
  });

  it('speaks of setting where there is no oven, and cautions of putty at that', () => {
    const { wrapper } = mountWithPiece(CureStage, withClay('epoxy'));
    expect(wrapper.text()).toContain('This round needs no oven: let it set for 24 h');
    expect(wrapper.text()).toContain('Work mixed putty within its pot life');
    expect(wrapper.find('[data-working="cure.dial"]').exists()).toBe(false);
  });
});
