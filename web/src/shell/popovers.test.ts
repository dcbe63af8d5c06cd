// @vitest-environment happy-dom
import {
  demoWorkpieces,
  planPiece,
  snagSentence,
  type Workpiece,
  type Snag,
} from '@keen-sinew/core';
import { flushPromises } from '@vue/test-utils';
import { afterEach, describe, expect, it } from 'vitest';
import { mountWithPiece } from '../testing/mountWithPiece.ts';
import SnagList from './SnagList.vue';
import WorkingChip from './WorkingChip.vue';

const [otter] = demoWorkpieces() as [Workpiece];
afterEach(() => {
  document.body.innerHTML = '';
});
const shownText = (): string => document.body.textContent ?? '';

describe('WorkingChip', () => {
  const chip = () =>
    mountWithPiece(WorkingChip, otter, ({ measure }) => ({
      label: 'Scale',
      working: measure.scale,
    }));

  it('opens its working below it, and closes by a second touch or by Escape', async () => {
    const { wrapper, plan } = chip();
    const button = wrapper.find('button');
    expect(button.text()).toContain('1:3');
    expect(button.attributes('aria-expanded')).toBe('false');
    await button.trigger('click');
    await expect
      .poll(async () => {
        await flushPromises();
        return shownText();
      })
      .toContain(plan().measure.scale.source);
    expect(button.attributes('aria-expanded')).toBe('true');
    await button.trigger('click');
    expect(button.attributes('aria-expanded')).toBe('false');
    await button.trigger('click');
    await button.trigger('keydown', { key: 'Escape' });
    expect(button.attributes('aria-expanded')).toBe('false');
  });
});

describe('SnagList', () => {
  it('says every snag in its order, and shows the place of the one that is touched', async () => {
    const { snags } = planPiece(otter);
    const picked: Snag[] = [];
    const shown: boolean[] = [];
    mountWithPiece(SnagList, otter, {
      show: true,
      snags,
      onPick: (snag: Snag) => picked.push(snag),
      'onUpdate:show': (show: boolean) => shown.push(show),
    });
    await flushPromises();
    const items = [...document.body.querySelectorAll('[role=dialog] li')];
    expect(items.map((item) => item.querySelector('p')?.textContent)).toEqual(
      snags.map((snag) => snagSentence(snag)),
    );
    items[1]!.querySelector('button')!.click();
    expect(picked).toEqual([snags[1]]);
    const buttons = [...document.body.querySelectorAll<HTMLElement>('[role=dialog] > button')];
    buttons.at(-1)!.click();
    expect(shown).toEqual([false]);
  });
});
