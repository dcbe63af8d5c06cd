// @vitest-environment happy-dom
import { mount } from '@vue/test-utils';
import { afterEach, describe, expect, it } from 'vitest';
import BenchFrame from './BenchFrame.vue';
import TurnDial from './TurnDial.vue';

const PROPS = {
  timer: '0:12',
  timed: 'on this step',
  back: 'cut A',
  next: 'cut B',
  hint: 'tap left or right',
  first: false,
};
let mounted: ReturnType<typeof mount> | undefined;
afterEach(() => mounted?.unmount());
const frame = (part: Partial<typeof PROPS> = {}) =>
  (mounted = mount(BenchFrame, { props: { ...PROPS, ...part }, attachTo: document.body }));
const key = (name: string) => window.dispatchEvent(new KeyboardEvent('keydown', { key: name }));

describe('BenchFrame', () => {
  it('turns by space, arrows and taps on either half, and leaves by Escape', async () => {
    const wrapper = frame();
    for (const name of [' ', 'ArrowRight', 'ArrowLeft', 'Escape', 'x']) key(name);
    await wrapper.trigger('click', { clientX: window.innerWidth - 5 });
    await wrapper.trigger('click', { clientX: 5 });
    expect(wrapper.emitted('turn')).toEqual([[1], [1], [-1], [1], [-1]]);
    expect(wrapper.emitted('leave')).toHaveLength(1);
  });

  it('does not turn back from the first, nor take a button’s press for a tap', async () => {
    const wrapper = frame({ first: true });
    key('ArrowLeft');
    await wrapper.trigger('click', { clientX: 5 });
    await wrapper.find('button.leave').trigger('click');
    expect(wrapper.emitted('turn')).toBeUndefined();
    expect(wrapper.emitted('leave')).toHaveLength(1);
    expect(wrapper.find('footer button').attributes('disabled')).toBeDefined();
  });

  it('says what lies behind and before', () => {
    expect(frame().find('footer').text()).toMatch(/‹ cut A.*tap left or right.*cut B ›/);
  });
});

describe('TurnDial', () => {
  it('writes which way the bend goes only where there is one before', () => {
    const first = mount(TurnDial, { props: { turnDeg: 0, number: 1 } });
    expect(first.text()).toBe('');
    const third = mount(TurnDial, { props: { turnDeg: -91, number: 3 } });
    expect(third.text()).toContain('bend 2 went here');
    expect(third.text()).toMatch(/bend 3\s*goes here/);
    expect(third.attributes('aria-label')).toContain('bend 3');
  });
});
