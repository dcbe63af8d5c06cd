// @vitest-environment happy-dom
import { parseLength } from '@keen-sinew/core';
import { mount, type VueWrapper } from '@vue/test-utils';
import { NColorPicker } from 'naive-ui';
import { describe, expect, it } from 'vitest';
import { h } from 'vue';
import CautionSign from './CautionSign.vue';
import LedgerSection from '../ledger/LedgerSection.vue';
import CheckField from './CheckField.vue';
import ColourField from './ColourField.vue';
import EmptyState from './EmptyState.vue';
import FileUpload from './FileUpload.vue';
import ReckoningTable from './ReckoningTable.vue';
import SliderField from './SliderField.vue';
import DecisionRow from './DecisionRow.vue';
import ChoiceRow from './ChoiceRow.vue';
import QuantityField from './QuantityField.vue';
import SwitchField from './SwitchField.vue';
import { isChosen, press, slideTo } from '../testing/hands.ts';
import { until } from '../testing/until.ts';

describe('ChoiceRow', () => {
  it('shows which one is chosen, in words that a reader of screens hears', async () => {
    const options = [
      { label: 'Shell first', value: 'shell-first' },
      { label: 'All at once', value: 'all-at-once' },
    ];
    const wrapper = mount(ChoiceRow, { props: { label: 'Order', value: 'shell-first', options } });
    expect(isChosen(wrapper, 'Shell first')).toBe(true);
    expect(isChosen(wrapper, 'All at once')).toBe(false);
    await press(wrapper, 'All at once');
    expect(wrapper.emitted('set')).toEqual([['all-at-once']]);
    // What is chosen already tells nothing, unless it may be chosen again.
    await press(wrapper, 'Shell first');
    await wrapper.findAll('[type=radio]')[0]!.trigger('click');
    expect(wrapper.emitted('set')).toHaveLength(1);
    await wrapper.setProps({ again: true });
    await wrapper.findAll('[type=radio]')[0]!.trigger('click');
    expect(wrapper.emitted('set')).toEqual([['all-at-once'], ['shell-first']]);
    expect(wrapper.find('[role=radiogroup]').attributes('aria-label')).toBe('Order');
  });
});

describe('SwitchField', () => {
  it('turns over, under its name', async () => {
    const wrapper = mount(SwitchField, { props: { label: 'Fan on', value: false } });
    const control = wrapper.find('[role=switch]');
    expect(control.attributes('aria-label')).toBe('Fan on');
    await control.trigger('click');
    expect(wrapper.emitted('set')).toEqual([[true]]);
  });
});

describe('DecisionRow', () => {
  const row = (own: boolean) =>
    mount(DecisionRow, { props: { name: 'Packet', own }, slots: { default: '<input />' } });

  it('offers the way back only where the decision is the user’s own', async () => {
    expect(row(false).find('button').exists()).toBe(false);
    const own = row(true);
    await own.find('button').trigger('click');
    expect(own.emitted('revert')).toHaveLength(1);
    expect(own.find('button').text()).toContain('reset: Packet');
  });
});

describe('ColourField', () => {
  it.each([
    ['#AABBCC', '#aabbcc'],
    ['6d6558', '#6d6558'],
    [' #123456 ', '#123456'],
  ])('reads %s', async (typed, hex) => {
    const wrapper = mount(ColourField, { props: { label: 'Colour', hex: '#000000' } });
    const input = wrapper.find('input[aria-label="Colour"]');
    await input.setValue(typed);
    await input.trigger('keydown', { key: 'Enter' });
    expect(wrapper.emitted('set')).toEqual([[hex]]);
  });

  it('names its two ways of choosing, and sets a colour picked by eye when its field closes', async () => {
    const wrapper = mount(ColourField, { props: { label: 'Colour of Tail', hex: '#4a3b30' } });
    const swatch = await until(() => {
      const found = wrapper.findComponent(NColorPicker);
      expect(found.exists()).toBe(true);
      return found;
    });
    expect(swatch.text()).toBe('Colour of Tail, by eye');
    expect(wrapper.find('input').attributes('aria-label')).toBe('Colour of Tail');
    swatch.vm.$emit('update:value', '#112233');
    expect(wrapper.emitted('set')).toBeUndefined();
    swatch.vm.$emit('update:show', false);
    expect(wrapper.emitted('set')).toEqual([['#112233']]);
  });
});

describe('QuantityField', () => {
  const field = (shown: string) =>
    mount(QuantityField, {
      props: {
        label: 'Shell',
        shown,
        parse: (typed: string) => parseLength(typed, 'Shell', { minMm: 1, maxMm: 20 }),
      },
    });

  it('follows what is shown, and forgets an error with it', async () => {
    const wrapper = field('5.0 mm');
    await wrapper.find('input').setValue('900');
    await wrapper.find('input').trigger('keydown', { key: 'Enter' });
    expect(wrapper.find('[role=alert]').exists()).toBe(true);
    await wrapper.setProps({ shown: '4.0 mm' });
    expect(wrapper.find('[role=alert]').exists()).toBe(false);
    expect((wrapper.find('input').element as HTMLInputElement).value).toBe('4.0 mm');
  });

  it('hands on nothing where nothing was typed', async () => {
    const wrapper = field('5.0 mm');
    await wrapper.find('input').trigger('keydown', { key: 'Enter' });
    await wrapper.find('input').trigger('change');
    expect(wrapper.emitted('set')).toBeUndefined();
  });

  it('takes the same value typed again after it was changed elsewhere', async () => {
    const wrapper = field('5.0 mm');
    const type = async (text: string): Promise<void> => {
      await wrapper.find('input').setValue(text);
      await wrapper.find('input').trigger('keydown', { key: 'Enter' });
    };
    await type('6 mm');
    await wrapper.setProps({ shown: '6.0 mm' });
    await wrapper.setProps({ shown: '5.0 mm' });
    await type('6 mm');
    expect(wrapper.emitted('set')).toEqual([[6], [6]]);
  });
});

describe('LedgerSection', () => {
  it('folds and unfolds, and says so', async () => {
    const wrapper = mount(LedgerSection, {
      props: { title: 'Your clay', folded: true },
      slots: { default: 'inside' },
    });
    expect(wrapper.text()).not.toContain('inside');
    expect(wrapper.find('button').attributes('aria-expanded')).toBe('false');
    await wrapper.find('button').trigger('click');
    expect(wrapper.text()).toContain('inside');
    expect(wrapper.find('button').attributes('aria-expanded')).toBe('true');
  });
});

describe('CautionSign', () => {
  it('is a list of sentences, and nothing where there is none', () => {
    const two = mount(CautionSign, { props: { ids: ['oven', 'solvent'] } });
    expect(two.findAll('li')).toHaveLength(2);
    expect(two.text()).toContain('Never go above the clay’s upper limit');
    expect(
      mount(CautionSign, { props: { ids: [] } })
        .find('ul')
        .exists(),
    ).toBe(false);
  });
});

describe('SliderField', () => {
  const slider = () =>
    mount(SliderField, {
      props: { label: 'Fade', value: 40, min: 0, max: 90, step: 5, said: 'two fifths' },
    });

  it('has a name, and goes to its ends and by ten steps with keys', async () => {
    const wrapper = slider();
    const handle = wrapper.find('[role=slider]');
    expect(handle.attributes('aria-label')).toBe('Fade');
    expect(handle.attributes('aria-valuetext')).toBe('two fifths');
    for (const key of ['Home', 'End', 'PageUp', 'PageDown', 'x'])
      await handle.trigger('keydown', { key });
    expect(wrapper.emitted('set')).toEqual([[0], [90], [90], [0]]);
  });

  it('tells where it is slid to, and sets where it is let go', async () => {
    const wrapper = slider();
    await slideTo(wrapper, 'Fade', 60);
    expect(wrapper.emitted('slide')).toEqual([[60]]);
    expect(wrapper.emitted('set')).toEqual([[60]]);
  });
});

describe('CheckField', () => {
  it('is ticked, under its name', async () => {
    const wrapper = mount(CheckField, { props: { label: 'Done: Cut A', checked: false } });
    const box = wrapper.find('[role=checkbox]');
    expect(box.attributes('aria-label')).toBe('Done: Cut A');
    await box.trigger('click');
    expect(wrapper.emitted('set')).toEqual([[true]]);
  });
});

describe('FileUpload', () => {
  it('hands on all files of one choice together', async () => {
    const wrapper = mount(FileUpload, {
      props: { label: 'Picture files', accept: 'image/png', multiple: true },
      slots: { default: 'Add pictures' },
    });
    const input = wrapper.find('input[type=file]');
    expect(input.attributes('aria-label')).toBe('Picture files');
    const files = ['a', 'b', 'c'].map((name) => new File([name], `${name}.png`));
    Object.defineProperty(input.element, 'files', { value: files });
    await input.trigger('change');
    await until(() => expect(wrapper.emitted('take')).toHaveLength(1));
    const [[taken]] = wrapper.emitted('take') as [[File[]]];
    expect(taken.map(({ name }) => name)).toEqual(['a.png', 'b.png', 'c.png']);
  });
});

describe('ReckoningTable', () => {
  const table = () =>
    mount(ReckoningTable<{ name: string; mm: number }>, {
      props: {
        columns: [
          'Wire',
          { title: 'Cut', orderBy: (row) => row.mm },
          { title: 'Take', hidden: true },
        ],
        rows: [
          { name: 'A', mm: 300 },
          { name: 'B', mm: 100 },
          { name: 'C', mm: 200 },
        ],
        keyOf: (row) => row.name,
        caption: 'What to cut',
      },
      slots: { row: ({ row }: { row: { name: string } }) => h('tr', h('td', row.name)) },
    });
  const names = (wrapper: VueWrapper): string =>
    wrapper
      .findAll('tbody td')
      .map((cell) => cell.text())
      .join('');

  it('stands in its order until a column is asked to order it, up, down and back', async () => {
    const wrapper = table();
    expect(wrapper.find('caption').text()).toBe('What to cut');
    expect(names(wrapper)).toBe('ABC');
    const order = wrapper.find('th button');
    const sorts: unknown[] = [];
    for (const expected of ['BCA', 'ACB', 'ABC']) {
      await order.trigger('click');
      expect(names(wrapper)).toBe(expected);
      sorts.push(wrapper.findAll('th')[1]!.attributes('aria-sort'));
    }
    expect(sorts).toEqual(['ascending', 'descending', 'none']);
  });

  it('says the title of a column that shows none', () => {
    expect(table().find('th .visually-hidden').text()).toBe('Take');
  });
});

describe('EmptyState', () => {
  it('gives a reason and one way on', () => {
    const wrapper = mount(EmptyState, {
      props: { reason: 'No picture yet.' },
      slots: { default: 'Add one' },
    });
    expect(wrapper.text()).toContain('No picture yet.');
    expect(wrapper.text()).toContain('Add one');
  });
});
