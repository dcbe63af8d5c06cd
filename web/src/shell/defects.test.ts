// @vitest-environment happy-dom
import { demoWorkpieces, type Workpiece } from '@keen-sinew/core';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h, ref } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import { hearDefects, isFetchFailure, isPageBroken } from '../composables/defects.ts';
import { useNoteStore } from '../stores/noteStore.ts';
import { usePieceStore } from '../stores/pieceStore.ts';
import { press } from '../testing/hands.ts';
import DefectBoundary from './DefectBoundary.vue';
import StorageNotice from './StorageNotice.vue';
import { until } from '../testing/until.ts';

const [otter] = demoWorkpieces() as [Workpiece];
const torn = ref(false);
const Stage = defineComponent(() => () => {
  if (torn.value) throw new Error('the axis has no end');
  return h('button', { onClick: () => Promise.reject(new Error('the pliers slipped')) }, 'Bend');
});
const router = createRouter({
  history: createMemoryHistory(),
  routes: [{ path: '/:all(.*)*', component: Stage }],
});

async function boundary() {
  const wrapper = mount(DefectBoundary, {
    slots: { default: () => h(Stage) },
    global: { plugins: [router] },
  });
  await flushPromises();
  return wrapper;
}
/** The page is fetched when it is first needed. */
const pageOf = async (wrapper: Awaited<ReturnType<typeof boundary>>): Promise<string> => {
  await until(() => expect(wrapper.find('h1').exists()).toBe(true));
  return wrapper.text();
};

beforeEach(async () => {
  torn.value = false;
  setActivePinia(createPinia());
  vi.spyOn(console, 'error').mockImplementation(() => undefined);
  await router.push('/');
});

describe('a page that cannot be shown', () => {
  it('says so in its place, with the reason and every way on', async () => {
    usePieceStore().current = otter;
    const wrapper = await boundary();
    torn.value = true;
    await flushPromises();
    const page = await pageOf(wrapper);
    expect(page).toContain('This page cannot be shown');
    expect(page).toContain('the axis has no end');
    expect(page).toContain('Save this piece to a file');
    expect(wrapper.find('a').attributes('href')).toBe('/pieces');
    torn.value = false;
    await press(wrapper, 'Try again');
    expect(wrapper.text()).toBe('Bend');
  });

  it('takes back the change that it came of', async () => {
    const store = usePieceStore();
    store.current = otter;
    store.change('Rename', (piece) => ({ ...piece, name: 'Torn' }));
    await until(() => expect(store.canUndo).toBe(true));
    const wrapper = await boundary();
    torn.value = true;
    await flushPromises();
    await pageOf(wrapper);
    torn.value = false;
    await press(wrapper, 'Take back: Rename');
    expect(store.current?.name).toBe(otter.name);
    expect(wrapper.text()).toBe('Bend');
  });

  it('is left for another page that may be whole', async () => {
    const wrapper = await boundary();
    torn.value = true;
    await flushPromises();
    await pageOf(wrapper);
    torn.value = false;
    await router.push('/pieces');
    await flushPromises();
    expect(wrapper.text()).toBe('Bend');
  });

  it('stays where only a click failed, which is told', async () => {
    const wrapper = await boundary();
    await wrapper.find('button').trigger('click');
    await flushPromises();
    expect(wrapper.text()).toBe('Bend');
    expect(useNoteStore().waiting.map(({ sentence }) => sentence)).toEqual([
      'Something of the application went wrong (Error: the pliers slipped). Your work is as it was.',
    ]);
  });
});

describe('defects', () => {
  it('of a missing part are told from others, in the words of each engine', () => {
    for (const message of [
      'Failed to fetch dynamically imported module: /assets/a.js',
      'error loading dynamically imported module: /assets/a.js',
      'Importing a module script failed.',
    ])
      expect(isFetchFailure(new Error(message))).toBe(true);
    expect(isFetchFailure(new Error('no such bone'))).toBe(false);
    expect(isFetchFailure('Importing a module script failed.')).toBe(false);
  });

  it('break a page in setup and rendering, by name and by number, not in a click', () => {
    for (const info of ['setup function', 'render function', 'https://x/#runtime-1'])
      expect(isPageBroken(info)).toBe(true);
    for (const info of ['native event handler', 'https://x/#runtime-5', 'https://x/#runtime-15x'])
      expect(isPageBroken(info)).toBe(false);
  });

  it('that no boundary catches are heard too, each told once', async () => {
    const wrapper = mount({ render: () => h('i') }, { global: { plugins: [router] } });
    hearDefects(wrapper.vm.$.appContext.app, router);
    const { errorHandler } = wrapper.vm.$.appContext.app.config;
    for (let n = 0; n < 3; n++) errorHandler!(new Error('loose wire'), null, '');
    expect(useNoteStore().waiting).toHaveLength(1);
  });
});

describe('the notice of a store that refuses', () => {
  it.each([
    ['full', 'no more room', true],
    ['refused', 'refuses to write (busy)', true],
    ['shut', 'cannot be read (busy)', false],
  ] as const)('says what helps where it is %s', async (kind, words, canTry) => {
    const wrapper = mount(StorageNotice, {
      props: { trouble: { kind, reason: 'busy' } },
      global: { plugins: [router] },
    });
    await flushPromises();
    expect(wrapper.text()).toContain(words);
    expect(wrapper.find('a').attributes('href')).toBe('/pieces');
    expect(wrapper.text().includes('Try again')).toBe(canTry);
  });
});
