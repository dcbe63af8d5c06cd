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
    const [picked, accepted, recalled]: [Snag[], Snag[], Snag[]] = [[], [], []];
    const shown: boolean[] = [];
    mountWithPiece(SnagList, otter, {
      show: true,
      snags,
      accepted: snags.slice(0, 1),
      onPick: (snag: Snag) => picked.push(snag),
      onAccept: (snag: Snag) => accepted.push(snag),
      onRecall: (snag: Snag) => recalled.push(snag),
      'onUpdate:show': (show: boolean) => shown.push(show),
    });
    await flushPromises();
    const items = [...document.body.querySelectorAll('[role=dialog] li')];
    // Those that are known come after the others, and can be called back.
    expect(items.map((item) => item.querySelector('p')?.textContent)).toEqual(
      [...snags, snags[0]!].map((snag) => snagSentence(snag)),
    );
    items[1]!.querySelector('button')!.click();
    expect(picked).toEqual([snags[1]]);
    const press = (item: Element, text: string): void =>
      [...item.querySelectorAll('button')].find((b) => b.textContent?.includes(text))!.click();
    press(items[1]!, 'I know');
    expect(accepted).toEqual([snags[1]]);
    press(items.at(-1)!, 'Tell me again');
    expect(recalled).toEqual([snags[0]]);
    const buttons = [...document.body.querySelectorAll<HTMLElement>('[role=dialog] > button')];
    buttons.at(-1)!.click();
    expect(shown).toEqual([false]);
  });
});
