// @vitest-environment happy-dom
import { demoWorkpieces, planPiece, parseScale } from '@keen-sinew/core';
import { mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { describe, expect, it } from 'vitest';
import { defineComponent, h } from 'vue';
import { provideSelection } from '../composables/useSelection.ts';
import QuantityField from '../kit/QuantityField.vue';
import { useSettingsStore } from '../stores/settingsStore.ts';
import WorkingRow from './WorkingRow.vue';

const plan = planPiece(demoWorkpieces()[0]!);
const cut = plan.wire.wires[1]!.cut;

function mountRow() {
  const pinia = createPinia();
  const host = defineComponent({
    setup() {
      provideSelection();
      return () => h(WorkingRow, { working: cut });
    },
  });
  return {
    wrapper: mount(host, { global: { plugins: [pinia] } }),
    settings: useSettingsStore(pinia),
  };
}

describe('WorkingRow', () => {
  it('shows label, value with unit and provenance, and opens its working when touched', async () => {
    const { wrapper } = mountRow();
    expect(wrapper.text()).toContain('B Hind legs, cut');
    expect(wrapper.text()).toContain(`${cut.value.toFixed(1)} mm`);
    expect(wrapper.text()).toContain('calc');
    expect(wrapper.find('.detail').exists()).toBe(false);
    await wrapper.find('button').trigger('click');
    expect(wrapper.find('.detail').text()).toContain('l = Σ lᵢ');
    for (const input of cut.inputs) expect(wrapper.find('.detail').text()).toContain(input.label);
    await wrapper.find('button').trigger('click');
    expect(wrapper.find('.detail').exists()).toBe(false);
  });

  it('follows the unit system', async () => {
    const { wrapper, settings } = mountRow();
    settings.units = 'imperial';
    await wrapper.vm.$nextTick();
    expect(wrapper.text()).toContain(`${(cut.value / 25.4).toFixed(3)} in`);
  });
});

describe('QuantityField', () => {
  const field = () =>
    mount(QuantityField, { props: { label: 'Scale', shown: '1:3', parse: parseScale } });

  it('hands on a typed value once, whether by Enter or by leaving', async () => {
    const wrapper = field();
    const input = wrapper.find('input');
    await input.setValue('1:4');
    await input.trigger('keydown', { key: 'Enter' });
    await input.trigger('change');
    expect(wrapper.emitted('set')).toEqual([[4]]);
  });

  it('says what is wrong, keeps what was typed, and puts the value back on Escape', async () => {
    const wrapper = field();
    const input = wrapper.find('input');
    await input.setValue('tiny');
    await input.trigger('keydown', { key: 'Enter' });
    expect(wrapper.emitted('set')).toBeUndefined();
    expect(wrapper.find('[role=alert]').text()).toContain('Scale: received “tiny”');
    expect(input.element.value).toBe('tiny');
    await input.trigger('keydown', { key: 'Escape' });
    expect(input.element.value).toBe('1:3');
    expect(wrapper.find('[role=alert]').exists()).toBe(false);
  });
});
