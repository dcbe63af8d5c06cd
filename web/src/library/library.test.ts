// @vitest-environment happy-dom
import {
  buildSkeleton,
  creatureText,
  newCreature,
  planById,
  animalById,
  type Creature,
} from '@keen-sinew/core';
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { boxesIn, press, typeInto } from '../testing/hands.ts';
import { mountWithPiece } from '../testing/mountWithPiece.ts';
import IndividualControl from '../stages/measure/IndividualControl.vue';
import { useCreatureStore } from '../stores/creatureStore.ts';
import { demoWorkpieces } from '@keen-sinew/core';
import AnimalDetail from './AnimalDetail.vue';
import ComparedBars from './ComparedBars.vue';
import CreatureLengths from './CreatureLengths.vue';
import CreatureParts from './CreatureParts.vue';
import GraftList from './GraftList.vue';
import { listedGroups, OWN, subjectByRef } from './subjects.ts';
import WeighBones from './WeighBones.vue';

const subjectOf = (id: string) => {
  const animal = animalById(id)!;
  return { animal, plan: planById(animal.planId)! };
};
const skeletonOf = (id: string) => {
  const { plan, animal } = subjectOf(id);
  return buildSkeleton(plan, animal);
};
const withPinia = (component: Parameters<typeof mount>[0], props: Record<string, unknown>) =>
  mount(component, { props, global: { plugins: [createPinia()] } }) as VueWrapper;

describe('the list of animals', () => {
  it('has every animal once under its plan, and one’s own behind them', () => {
    const own = newCreature('mine', 'Mine', 'grey-wolf');
    const groups = listedGroups([own]);
    const refs = groups.flatMap((group) => group.animals.map((animal) => animal.ref));
    expect(new Set(refs).size).toBe(refs.length);
    expect(groups.at(-1)).toMatchObject({ name: 'Your own', animals: [{ ref: `${OWN}mine` }] });
    expect(subjectByRef(`${OWN}mine`, [own])?.animal.name).toBe('Mine');
    expect(subjectByRef('phoenix', [own])).toBeUndefined();
  });
});

describe('ComparedBars', () => {
  it('mirrors two bodies, with shares and lengths', () => {
    const skeletons = [skeletonOf('red-deer'), skeletonOf('eurasian-otter')];
    const wrapper = withPinia(ComparedBars, { skeletons, norm: 'trunk' });
    const row = wrapper
      .findAll('tbody tr')
      .find((wrapper) => wrapper.text().includes('Fore limb'))!;
    expect(row.text()).toMatch(/1\.30 · 1265 mm.*Fore limb.*0\.67 ·/);
    expect(wrapper.find('table').classes()).toContain('mirrored');
  });

  it('stacks more than two, and says where a body has no such part', () => {
    const skeletons = ['grey-wolf', 'adder', 'raft-spider'].map(skeletonOf);
    const wrapper = withPinia(ComparedBars, { skeletons, norm: 'trunk' });
    expect(wrapper.find('table').classes()).not.toContain('mirrored');
    const row = wrapper
      .findAll('tbody tr')
      .find((wrapper) => wrapper.text().includes('Fore limb'))!;
    expect(row.findAll('.stack').map((wrapper) => wrapper.find('.figure').text())).toEqual([
      expect.stringMatching(/^1\.18/),
      'none',
      'none',
    ]);
  });
});

describe('AnimalDetail', () => {
  it('gives each number its range and where it comes from, and names a bone that is pressed', async () => {
    const subject = subjectOf('grey-heron');
    const wrapper = withPinia(AnimalDetail, {
      subject,
      skeleton: skeletonOf('grey-heron'),
      picked: null,
      own: false,
    });
    expect(wrapper.text()).toMatch(/Wingspan.*1579 mm.*calc.*usually 1550 to 1950 mm/s);
    expect(wrapper.text()).toMatch(/Weight in life.*1\.0 to 2\.1 kg.*memory/s);
    const femur = wrapper
      .findAll('button')
      .find((wrapper) => wrapper.text().startsWith('Thigh (femur)'))!;
    await femur.trigger('click');
    expect(wrapper.emitted('pick')).toEqual([['femur']]);
    await press(wrapper, 'Eyes, parts and counts');
    expect(wrapper.text()).toMatch(/Neck vertebrae.*19 to 20.*the sixth makes the kink/s);
    await press(wrapper, 'Landmarks to find');
    expect(wrapper.text()).toContain('Tip of the bill');
  });
});

describe('WeighBones', () => {
  it('weighs from tapes round the bones, on four legs and on two', async () => {
    const wrapper = withPinia(WeighBones, {});
    expect(wrapper.text()).toContain('Lay a tape round');
    await typeInto(wrapper, 'Round the humerus', '80 mm');
    await typeInto(wrapper, 'Round the femur', '80 mm');
    // C = 160 mm: 81.16 kg (Anderson et al. 1985), 90.18 kg (Campione & Evans 2012).
    expect(wrapper.find('.found').text()).toMatch(/81 kg.*90 kg/s);
    await press(wrapper, 'On two');
    await typeInto(wrapper, 'Round the femur', '190 mm');
    expect(wrapper.find('.found').text()).toMatch(/266 kg.*392 kg/s);
  });
});

describe('changing an own animal', () => {
  const start = newCreature('mine', 'Mine', 'grey-wolf');
  const last = (wrapper: VueWrapper) =>
    (wrapper.emitted('change') as [Partial<Creature>][] | undefined)?.at(-1)?.[0];

  it('leaves a part out, and changes its girth', async () => {
    const wrapper = withPinia(CreatureParts, { creature: start, base: subjectOf('grey-wolf') });
    const boxes = boxesIn(wrapper);
    await boxes[0]!.trigger('click');
    expect(last(wrapper)).toBeUndefined();
    await boxes[2]!.trigger('click');
    expect(last(wrapper)).toEqual({ without: ['tail'] });
    await typeInto(wrapper, 'Girth of Trunk', '120 %');
    expect(last(wrapper)).toEqual({ girth: { trunk: 1.2 } });
    await typeInto(wrapper, 'Girth of Trunk', '9 %');
    expect(wrapper.text()).toContain('a number from 20 to 500 %');
  });

  it('adds a part as large as its donor’s, fits it on request, and takes it off again', async () => {
    const wrapper = withPinia(GraftList, { creature: start, base: subjectOf('grey-wolf') });
    await press(wrapper, 'Add a part');
    const grafts = last(wrapper)!.grafts!;
    expect(grafts).toMatchObject([{ from: 'barn-owl', part: 'wings', onBone: 'thoracic' }]);
    expect(grafts[0]!.size).toBe(1);
    await wrapper.setProps({ creature: { ...start, grafts } });
    await wrapper
      .findAll('button')
      .find((b) => b.text().startsWith('As large as'))!
      .trigger('click');
    expect(last(wrapper)!.grafts![0]!.size).toBeCloseTo(370 / 68, 0);
    await press(wrapper, 'Take it off again');
    expect(last(wrapper)).toEqual({ grafts: [] });
  });

  it('sets a length of its own, and takes it back', async () => {
    const skeleton = skeletonOf('grey-wolf');
    const wrapper = withPinia(CreatureLengths, { creature: start, skeleton });
    await typeInto(wrapper, 'Length of Skull', '30 cm');
    expect(last(wrapper)).toEqual({ lengthsMm: { skull: 300 } });
    await wrapper.setProps({ creature: { ...start, lengthsMm: { skull: 300 } } });
    await press(wrapper, 'back');
    expect(last(wrapper)).toEqual({ lengthsMm: {} });
  });
});

describe('the store of own animals', () => {
  beforeEach(() => setActivePinia(createPinia()));

  it('keeps, undoes, redoes, takes in under a free name, and puts back what was removed', async () => {
    const store = useCreatureStore();
    const id = store.create('Fen Beast', 'eurasian-otter');
    expect(id).toBe('fen-beast');
    store.change(store.byId(id)!, { size: 2 });
    expect(store.canUndo(id)).toBe(true);
    store.undo(id);
    expect(store.byId(id)?.size).toBe(1);
    store.redo(id);
    expect(store.byId(id)?.size).toBe(2);
    expect(store.takeIn(creatureText(store.byId(id)!))).toEqual({ id: 'fen-beast-2' });
    expect(store.takeIn('no animal')).toHaveProperty('sentence');
    await store.settled();
    const restore = await store.remove(id);
    expect(store.byId(id)).toBeUndefined();
    restore();
    await store.settled();
    await flushPromises();
    await store.load();
    expect(store.byId(id)?.size).toBe(2);
  });
});

describe('IndividualControl', () => {
  const demo = (id: string) => demoWorkpieces().find((piece) => piece.id === id)!;

  it('changes the sex and the youth of a mammal, with what is assumed', async () => {
    const { wrapper, plan, labels } = mountWithPiece(IndividualControl, demo('otter-on-the-log'));
    await press(wrapper, 'female');
    await typeInto(wrapper, 'How young', '50 %');
    expect(labels).toEqual(['Change the sex', 'Change how young it is']);
    expect(plan().measure.skeleton.byId.get('skull')!.lifeLengthMm).toBeCloseTo(
      115 * 0.88 * 0.72,
      6,
    );
    expect(wrapper.text()).toMatch(/head.*44 %.*72 %/s);
  });

  it('says why a snake has no youth here', () => {
    const { wrapper } = mountWithPiece(IndividualControl, demo('adder-in-a-coil'));
    expect(wrapper.text()).toContain('Young are not told here');
  });
});
