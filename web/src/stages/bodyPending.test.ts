import { mount } from '@vue/test-utils';
import { describe, expect, it, vi } from 'vitest';
import { defineComponent, h, ref, shallowRef } from 'vue';
import { providePlan, type PiecePlan } from '../composables/usePiecePlan.ts';
import BodyPending from './BodyPending.vue';

const pending = (progress: number | null, problem: string | null, part: object = {}) => {
  const body = {
    ...{ answer: shallowRef(null), progress: ref(progress), problem: ref(problem) },
    ...{ cancelled: ref(false), cancel: () => undefined, retry: () => undefined, ...part },
  };
  const host = defineComponent({
    setup() {
      providePlan({ work: { body } } as unknown as PiecePlan);
      return () => h(BodyPending);
    },
  });
  return mount(host);
};

describe('what waits for the body', () => {
  it('says how far it is', () => {
    const under = pending(0.42, null);
    expect(under.text()).toContain('The body is being worked out.');
    expect(under.find('[role=progressbar]').attributes('aria-valuenow')).toBe('42');
    expect(pending(null, null).find('button').exists()).toBe(false);
  });

  it('is cancelled on request, and worked out when asked again', async () => {
    const [cancel, retry] = [vi.fn(), vi.fn()];
    await pending(0.42, null, { cancel }).find('button').trigger('click');
    expect(cancel).toHaveBeenCalledOnce();
    const rests = pending(null, null, { cancelled: ref(true), retry });
    expect(rests.text()).toContain('Cancelled');
    await rests.find('button').trigger('click');
    expect(retry).toHaveBeenCalledOnce();
  });

  it('says what went wrong, and tries again when asked', async () => {
    const retry = vi.fn();
    const wrapper = pending(null, 'The body could not be worked out: torn', { retry });
    expect(wrapper.find('[role="alert"]').text()).toContain('torn');
    await wrapper.find('button').trigger('click');
    expect(retry).toHaveBeenCalledOnce();
  });
});
