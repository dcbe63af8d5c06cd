import { flushPromises, type DOMWrapper, type VueWrapper } from '@vue/test-utils';
import { NSlider } from 'naive-ui';
import { expect } from 'vitest';
import ChoiceField from '../kit/ChoiceField.vue';
import FileUpload from '../kit/FileUpload.vue';
import { until } from './until.ts';

/** Types into the field with this label and presses Enter. */
export async function typeInto(wrapper: VueWrapper, label: string, text: string): Promise<void> {
  const input = wrapper.find(`input[aria-label="${label}"]`);
  await input.setValue(text);
  await input.trigger('keydown', { key: 'Enter' });
}

/** Presses the button whose text holds these words, or chooses what is offered under them. */
export async function press(wrapper: VueWrapper, words: string): Promise<void> {
  const holds = (each: DOMWrapper<Element>): boolean => each.text().includes(words);
  const choice = wrapper
    .findAll('label')
    .find((each) => holds(each) && each.find('[type=radio]').exists());
  if (choice !== undefined) {
    await choice.find('[type=radio]').setValue(true);
    return;
  }
  const button = wrapper.findAll('button').find(holds);
  if (button === undefined) throw new Error(`no button “${words}”`);
  await button.trigger('click');
}

/** Chooses in the list with this label. */
export async function choose(wrapper: VueWrapper, label: string, value: string): Promise<void> {
  const list = wrapper.findAllComponents(ChoiceField).find((each) => each.props('label') === label);
  if (list === undefined) throw new Error(`no list “${label}”`);
  list.vm.$emit('set', value);
  await flushPromises();
}

/** Whether the choice under these words is the one that is chosen. */
export const isChosen = (wrapper: VueWrapper, words: string): boolean =>
  wrapper
    .findAll<HTMLInputElement>('[type=radio]')
    .some(({ element }) => element.checked && element.closest('label')?.textContent === words);

/** What can be ticked, in order. */
export const boxesIn = (wrapper: VueWrapper) => wrapper.findAll('[role=checkbox]');

/** Slides to a value and lets go, once the slider is there. */
export async function slideTo(wrapper: VueWrapper, label: string, value: number): Promise<void> {
  const slider = await until(() => {
    const found = wrapper
      .findAllComponents(NSlider)
      .find(({ element }) => element.querySelector(`[aria-label="${label}"]`) !== null);
    expect(found).toBeDefined();
    return found!;
  });
  slider.vm.$emit('dragstart');
  slider.vm.$emit('update:value', value);
  slider.vm.$emit('dragend');
  await flushPromises();
}

/** Hands a file to the picker with this label, once it is there. */
export async function giveFile(wrapper: VueWrapper, label: string, file: File): Promise<void> {
  const picker = await until(() => {
    const found = wrapper
      .findAllComponents(FileUpload)
      .find((each) => each.props('label') === label);
    expect(found).toBeDefined();
    return found!;
  });
  picker.vm.$emit('take', [file]);
  await flushPromises();
}
