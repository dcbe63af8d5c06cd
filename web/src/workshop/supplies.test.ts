// @vitest-environment happy-dom
import { demoWorkshop, suppliesCsv } from '@keen-sinew/core';
import { mount, type VueWrapper } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { useWorkshopStore } from '../stores/workshopStore.ts';
import { choose, giveFile, press, typeInto } from '../testing/hands.ts';
import SuppliesOnHand from './SuppliesOnHand.vue';

let wrapper: VueWrapper;
let store: ReturnType<typeof useWorkshopStore>;
beforeEach(() => {
  const pinia = createPinia();
  setActivePinia(pinia);
  store = useWorkshopStore();
  store.put(demoWorkshop());
  wrapper = mount(SuppliesOnHand, { global: { plugins: [pinia] } });
});
const table = (text: string): File => new File([text], 'lots.csv', { type: 'text/csv' });

describe('lots of the workshop', () => {
  it('are changed, added and removed', async () => {
    const many = store.current.supplies.length;
    await typeInto(wrapper, 'Kitchen foil, left', '7.5');
    expect(store.current.supplies[0]!.amount).toBe(7.5);
    await press(wrapper, 'Add a lot');
    expect(store.current.supplies).toHaveLength(many + 1);
    await choose(wrapper, 'New lot, kind', 'tape');
    expect(store.current.supplies.at(-1)!.kind).toBe('tape');
    await wrapper.findAll('tr').at(-1)!.findAll('button').at(-1)!.trigger('click');
    expect(store.current.supplies).toHaveLength(many);
  });

  it('say what was wrong with a number, and keep the one before', async () => {
    await typeInto(wrapper, 'Kitchen foil, left', 'some');
    expect(wrapper.find('[role=alert]').exists()).toBe(true);
    expect(store.current.supplies[0]!.amount).toBe(12);
  });

  it('come in as a table beside those that are there', async () => {
    const many = store.current.supplies.length;
    await giveFile(wrapper, 'Table of lots', table(suppliesCsv(demoWorkshop().supplies)));
    expect(store.current.supplies).toHaveLength(2 * many);
    const ids = store.current.supplies.map(({ id }) => id);
    expect(new Set(ids).size).toBe(2 * many);
  });

  it('nothing of a table with an error is taken in, and it is told', async () => {
    const before = store.current.supplies;
    await giveFile(
      wrapper,
      'Table of lots',
      table('kind,name,unit,amount\nfoil,A,m,1\nfoil,B,m,x'),
    );
    expect(wrapper.text()).toContain('“amount” in row 3');
    expect(store.current.supplies).toEqual(before);
  });
});
