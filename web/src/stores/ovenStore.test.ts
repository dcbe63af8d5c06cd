// @vitest-environment happy-dom
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useOvenStore } from './ovenStore.ts';
import { until } from '../testing/until.ts';

const TYPED = { pieceId: 'a', bake: 'shell', dialC: 122, by: 'typed', ballMm: null } as const;
const fresh = () => {
  setActivePinia(createPinia());
  return useOvenStore();
};
const at = (min: number, airC: number) => ({ min, airC, ballC: null });

/** A stream of the browser that tests speak through. */
class Stream extends EventTarget {
  static last: Stream | null = null;
  isClosed = false;
  constructor(readonly url: string) {
    super();
    Stream.last = this;
  }
  close(): void {
    this.isClosed = true;
  }
  read(reading: object): void {
    this.dispatchEvent(new MessageEvent('reading', { data: JSON.stringify(reading) }));
  }
}

describe('the bake that is in the oven', () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => vi.unstubAllGlobals());

  it('has its readings in the order of their minutes, one for each, and is taken out once', () => {
    const oven = fresh();
    oven.start(TYPED, null);
    for (const reading of [at(10, 120), at(0, 20), at(10, 122)]) oven.add(reading);
    expect(oven.running!.readings).toEqual([at(0, 20), at(10, 122)]);
    expect(oven.take()!.readings).toHaveLength(2);
    expect([oven.running, oven.take()]).toEqual([null, null]);
  });

  it('is no bake where nothing was read', () => {
    const oven = fresh();
    oven.start(TYPED, null);
    expect(oven.take()).toBeNull();
  });

  it('outlives the page that watched it', async () => {
    const oven = fresh();
    oven.start(TYPED, null);
    vi.spyOn(Date, 'now').mockReturnValue(Date.now() + 5000);
    oven.add(at(3, 60));
    vi.restoreAllMocks();
    const next = fresh();
    await until(async () => {
      await next.restore();
      expect(next.running).toMatchObject({ bake: 'shell', isBroken: true, readings: [at(3, 60)] });
    });
  });

  it('takes what the probe reads, says in a sentence when it does not answer, and keeps what it read', () => {
    vi.stubGlobal('EventSource', Stream);
    const oven = fresh();
    oven.start(
      { ...TYPED, by: 'probe', ballMm: 20 },
      { dialC: 122, oven: 'hot', speed: 60, ballMm: 20, seed: 4 },
    );
    const stream = Stream.last!;
    expect(stream.url).toBe('/devices/probe?dialC=122.0&oven=hot&speed=60&ballMm=20.0&seed=4');
    stream.read({ min: 0, airC: 20, ballC: 20 });
    stream.read({ min: 0.5, airC: 24, ballC: 20 });
    expect(oven.running!.readings.map(({ airC }) => airC)).toEqual([20, 24]);
    stream.dispatchEvent(new Event('error'));
    expect(stream.isClosed).toBe(true);
    expect(oven.problem).toContain('npm start');
    expect(oven.running).toMatchObject({ isBroken: true });
    expect(oven.take()!.readings).toHaveLength(2);
  });
});
