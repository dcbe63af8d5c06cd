// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest';
import { askWhileUnderWay, countUnderWay, isUnderWay } from './underWay.ts';

/** Whether the browser would ask before this page closes. */
function asksBeforeClosing(): boolean {
  const closing = new Event('beforeunload', { cancelable: true });
  window.dispatchEvent(closing);
  return closing.defaultPrevented;
}

/** A promise that is settled from outside. */
function later<T>() {
  let resolve!: (value: T) => void;
  let reject!: (error: Error) => void;
  const promise = new Promise<T>((yes, no) => {
    resolve = yes;
    reject = no;
  });
  return { promise, resolve, reject };
}

describe('what is on its way into the store', () => {
  it('is counted until the last of it ends, well or not, and the page asks for so long', async () => {
    askWhileUnderWay(window);
    expect(asksBeforeClosing()).toBe(false);
    const first = later<number>();
    const second = later<number>();
    const counted = countUnderWay(first.promise);
    const failing = countUnderWay(second.promise);
    first.resolve(3);
    expect(await counted).toBe(3);
    expect(isUnderWay()).toBe(true);
    expect(asksBeforeClosing()).toBe(true);
    expect(document.documentElement.hasAttribute('data-unwritten')).toBe(true);
    second.reject(new Error('the disk is full'));
    await expect(failing).rejects.toThrow('the disk is full');
    expect(isUnderWay()).toBe(false);
    expect(asksBeforeClosing()).toBe(false);
    expect(document.documentElement.hasAttribute('data-unwritten')).toBe(false);
  });
});
