// @vitest-environment happy-dom
import { afterEach, describe, expect, it, vi } from 'vitest';
import { keepOffline, offlineSentence } from './offline.ts';

const withBrowser = (secure: boolean, register?: () => Promise<unknown>): void => {
  vi.stubGlobal('isSecureContext', secure);
  Object.defineProperty(navigator, 'serviceWorker', {
    configurable: true,
    value: { register, ready: Promise.resolve() },
  });
};
afterEach(() => {
  vi.unstubAllGlobals();
  offlineSentence.value = '';
});

describe('keeping the application for use without a network', () => {
  it('says quietly that an address without HTTPS cannot, and that pieces are kept', async () => {
    const register = vi.fn();
    withBrowser(false, register);
    await keepOffline();
    expect(offlineSentence.value).toContain('neither localhost nor HTTPS');
    expect(offlineSentence.value).toContain('Your pieces are kept all the same');
    expect(register).not.toHaveBeenCalled();
  });

  it('says when it is ready', async () => {
    withBrowser(true, () => Promise.resolve({ active: null }));
    await keepOffline();
    expect(offlineSentence.value).toBe(
      'Kept in this browser: it opens without a network from now on.',
    );
  });

  it('says why the browser refused', async () => {
    withBrowser(true, () => Promise.reject(new Error('storage is full')));
    await keepOffline();
    expect(offlineSentence.value).toContain('storage is full');
  });
});
