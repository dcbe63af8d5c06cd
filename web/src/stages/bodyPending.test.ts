import { mount } from '@vue/test-utils';
import { describe, expect, it, vi } from 'vitest';
import { defineComponent, h, ref, shallowRef } from 'vue';
import { providePlan, type PiecePlan } from '../composables/usePiecePlan.ts';
import BodyPending from './BodyPending.vue';

const pending = (progress: number | null, problem: string | null, retry = () => undefined) => {
  const body = { answer: shallowRef(null), progress: ref(progress), problem: ref(problem), retry };
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
    expect(pending(0.42, null).text()).toContain('The body is being worked out, 42 %.');
    expect(pending(null, null).find('button').exists()).toBe(false);
  });

  it('says what went wrong, and tries again when asked', async () => {
    const retry = vi.fn();
    const wrapper = pending(null, 'The body could not be worked out: torn', retry);
    expect(wrapper.find('[role="alert"]').text()).toContain('torn');
    await wrapper.find('button').trigger('click');
    expect(retry).toHaveBeenCalledOnce();
  });
});
