// @vitest-environment happy-dom
import { parseLength } from '@keen-sinew/core';
import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import CautionNote from '../ledger/CautionNote.vue';
import LedgerSection from '../ledger/LedgerSection.vue';
import ColourField from './ColourField.vue';
import DecisionRow from './DecisionRow.vue';
import PickRow from './PickRow.vue';
import QuantityField from './QuantityField.vue';
import SwitchField from './SwitchField.vue';

describe('PickRow', () => {
  it('shows which one is pressed, in words that a reader of screens hears', async () => {
    const options = [
      { label: 'Shell first', value: 'shell-first' },
      { label: 'All at once', value: 'all-at-once' },
    ];
    const wrapper = mount(PickRow, { props: { label: 'Order', value: 'shell-first', options } });
    const [first, second] = wrapper.findAll('button');
    expect(first!.attributes('aria-pressed')).toBe('true');
    expect(second!.attributes('aria-pressed')).toBe('false');
    await second!.trigger('click');
    expect(wrapper.emitted('set')).toEqual([['all-at-once']]);
    expect(wrapper.find('[role=group]').attributes('aria-label')).toBe('Order');
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

  it('names its two ways of choosing', () => {
    const wrapper = mount(ColourField, { props: { label: 'Colour of Tail', hex: '#4a3b30' } });
    const labels = wrapper.findAll('input').map((input) => input.attributes('aria-label'));
    expect(labels).toEqual(['Colour of Tail, by eye', 'Colour of Tail']);
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

describe('CautionNote', () => {
  it('is a list of sentences, and nothing where there is none', () => {
    const two = mount(CautionNote, { props: { ids: ['oven', 'solvent'] } });
    expect(two.findAll('li')).toHaveLength(2);
    expect(two.text()).toContain('Never go above the clay’s upper limit');
    expect(
      mount(CautionNote, { props: { ids: [] } })
        .find('ul')
        .exists(),
    ).toBe(false);
  });
});
