// @vitest-environment happy-dom
import { demoWorkpieces, pieceText } from '@keen-sinew/core';
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { h } from 'vue';
import { createMemoryHistory, createRouter, type Router } from 'vue-router';
import NoteHost from '../shell/NoteHost.vue';
import { pieceState } from './pieceState.ts';
import PiecesPage from './PiecesPage.vue';
import { giveFile } from '../testing/hands.ts';
import { until } from '../testing/until.ts';

let router: Router;
async function page(): Promise<VueWrapper> {
  localStorage.clear();
  const pinia = createPinia();
  setActivePinia(pinia);
  router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:all(.*)*', component: { render: () => h('div') } }],
  });
  const host = { render: () => h('div', [h(PiecesPage), h(NoteHost)]) };
  const wrapper = mount(host, { global: { plugins: [pinia, router] } });
  // The demonstration is fetched on the first visit.
  await until(() => expect(wrapper.findAll('li').length).toBeGreaterThan(0));
  return wrapper;
}

const give = (wrapper: VueWrapper, name: string, text: string): Promise<void> =>
  giveFile(wrapper, 'Piece file', new File([text], name, { type: 'application/json' }));

/** How many pieces the demonstration has. */
const SHIPPED = demoWorkpieces().length;

describe('the page of pieces', () => {
  let wrapper: VueWrapper;
  beforeEach(async () => {
    wrapper = await page();
  });

  it('lists the demonstration with animal, scale and place', () => {
    const rows = wrapper.findAll('li').map((row) => row.text());
    expect(rows).toHaveLength(SHIPPED);
    const row = (name: string) => rows.find((text) => text.startsWith(name));
    expect(row('Otter')).toMatch(
      /Otter on the log.*Eurasian otter, 1:3\s+· Visitor hut, Marrowby Fen/s,
    );
    expect(row('Wolf')).toMatch(/Wolf at the carr.*Grey wolf, 1:6/s);
  });

  it('makes a piece under the name that was typed and goes there', async () => {
    await wrapper.find('input[aria-label="Name of the new piece"]').setValue('Otter at the weir');
    await wrapper.find('form').trigger('submit');
    await flushPromises();
    await flushPromises();
    expect(router.currentRoute.value.path).toBe('/piece/otter-at-the-weir/measure');
  });

  it('takes in a file, and under another name where it is already there', async () => {
    await give(wrapper, 'otter.json', pieceText(demoWorkpieces()[0]!));
    await until(() =>
      expect(router.currentRoute.value.path).toBe('/piece/otter-on-the-log-2/measure'),
    );
    expect(wrapper.findAll('li')).toHaveLength(SHIPPED + 1);
  });

  it('says what is wrong with a file that is none, and changes nothing', async () => {
    await give(wrapper, 'notes.txt', 'remember the milk');
    await until(() =>
      expect(wrapper.find('[role=alert]').text()).toContain('notes.txt was not taken in. The file'),
    );
    expect(wrapper.findAll('li')).toHaveLength(SHIPPED);
  });

  it('removes a piece, and offers the demonstration where none is left', async () => {
    for (let left = SHIPPED; left > 0; left--) {
      const remove = wrapper
        .findAll('li button')
        .find((wrapper) => wrapper.text().startsWith('Remove'))!;
      await remove.trigger('click');
      await until(() => expect(wrapper.findAll('li button')).toHaveLength(2 * (left - 1)));
    }
    expect(wrapper.text()).toContain('There is no piece yet');
    await wrapper
      .findAll('button')
      .find((wrapper) => wrapper.text() === 'Bring the demonstration back')!
      .trigger('click');
    await flushPromises();
    await flushPromises();
    expect(wrapper.findAll('li')).toHaveLength(SHIPPED);
  });
});

describe('where a piece stands', () => {
  const step = (id: string, needs: readonly string[], done: boolean) => ({
    ...{ id, title: `Title of ${id}`, needs, done, minutes: 5 },
    occupies: 'person' as const,
  });
  const piece = (due: string | null, ...done: boolean[]) => ({
    ...{ id: 'p', name: 'P', due, notBefore: {} },
    steps: [step('a', [], done[0]!), step('b', ['a'], done[1]!), step('c', ['b'], done[2]!)],
  });

  it('is how much is done, what is next, and when it is due; a resting one says nothing', () => {
    expect(pieceState(piece(null, false, false, false))).toBe('');
    expect(pieceState(piece(null, true, false, false))).toBe(
      '1 of 3 steps done · next: Title of b',
    );
    expect(pieceState(piece('2026-12-24', true, true, false))).toBe(
      '2 of 3 steps done · next: Title of c · due Thu 24 Dec',
    );
    expect(pieceState(piece('2026-12-24', false, false, false))).toBe('due Thu 24 Dec');
    expect(pieceState(piece('2026-12-24', true, true, true))).toBe('finished');
  });
});
