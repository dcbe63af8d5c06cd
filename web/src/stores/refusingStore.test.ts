// @vitest-environment happy-dom
import {
  demoWorkpieces,
  newCreature,
  newWorkshop,
  WORKSHOP_VERSION,
  type Workshop,
} from '@keen-sinew/core';
import localforage from 'localforage';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { storedCreatures } from './creatureStorage.ts';
import { useCreatureStore } from './creatureStore.ts';
import { historyReady } from './history.ts';
import { keptStore, retryStores } from './keptStore.ts';
import { usePieceStore } from './pieceStore.ts';
import { keepPicture, loadPicture } from './pictureStorage.ts';
import { useSettingsStore } from './settingsStore.ts';
import { noteWell, storageTrouble } from './storageTrouble.ts';
import { loadWorkshop, writeWorkshop } from './workshopStorage.ts';

/** What the browser does with a write, and with a read, and all that it keeps by store. */
const browser = vi.hoisted(() => ({
  writes: null as Error | null,
  reads: null as Error | null,
  kept: new Map<string, Map<string, unknown>>(),
}));
vi.mock('localforage', () => {
  const at = (storeName: string): Map<string, unknown> => {
    const map = browser.kept.get(storeName) ?? new Map<string, unknown>();
    browser.kept.set(storeName, map);
    return map;
  };
  const done = <T>(refusal: Error | null, act: () => T): Promise<T> =>
    refusal === null ? Promise.resolve(act()) : Promise.reject(refusal);
  const createInstance = ({ storeName }: { storeName: string }) => ({
    getItem: (key: string) => done(browser.reads, () => at(storeName).get(key) ?? null),
    keys: () => done(browser.reads, () => [...at(storeName).keys()]),
    setItem: (key: string, value: unknown) =>
      done(browser.writes, () => void at(storeName).set(key, value)),
    removeItem: (key: string) => done(browser.writes, () => void at(storeName).delete(key)),
    iterate: (act: (value: unknown, key: string) => void) =>
      done(browser.reads, () => at(storeName).forEach(act)),
  });
  return { default: { createInstance } };
});
const full = Object.assign(new Error('the quota has been exceeded'), {
  name: 'QuotaExceededError',
});

beforeEach(async () => {
  [browser.writes, browser.reads] = [null, null];
  // What the test before left held in this page is let go of.
  await retryStores();
  browser.kept.clear();
  noteWell();
  setActivePinia(createPinia());
});

describe('a store that refuses', () => {
  it('holds in the page what cannot be written, and writes it when it can', async () => {
    const store = keptStore('trial');
    expect(await store.set('a', 1)).toBe(true);
    browser.writes = full;
    expect(await store.set('a', 2)).toBe(false);
    expect(await store.set('b', 3)).toBe(false);
    expect(await store.remove('b')).toBe(false);
    expect(storageTrouble.value).toMatchObject({ kind: 'full' });
    expect([await store.get('a'), await store.get('b'), await store.keys()]).toEqual([
      2,
      null,
      ['a'],
    ]);
    expect(await retryStores()).toBe(false);
    browser.writes = null;
    expect(await retryStores()).toBe(true);
    expect(storageTrouble.value).toBeNull();
    const behind = localforage.createInstance({ name: 'keen-sinew', storeName: 'trial' });
    expect(await behind.getItem('a')).toBe(2);
  });

  it('writes what it held with the next that goes through', async () => {
    const store = keptStore('trial-two');
    browser.writes = new Error('the disk is busy');
    await store.set('a', 1);
    expect(storageTrouble.value).toEqual({ kind: 'refused', reason: 'the disk is busy' });
    browser.writes = null;
    expect(await store.set('b', 2)).toBe(true);
    expect(storageTrouble.value).toBeNull();
    const behind = localforage.createInstance({ name: 'keen-sinew', storeName: 'trial-two' });
    expect(await behind.getItem('a')).toBe(1);
  });

  it('lets a first visit open, change and go on without any room', async () => {
    await historyReady;
    browser.writes = full;
    const store = usePieceStore();
    await store.loadAll();
    expect(store.pieces).toHaveLength(demoWorkpieces().length);
    expect(await store.open('otter-on-the-log')).toBe(true);
    store.change('Rename', (piece) => ({ ...piece, name: 'Held' }));
    await store.settled();
    expect(storageTrouble.value?.kind).toBe('full');
    expect(store.unsaved).toBe(true);
    const id = await store.create('New', 'grey-wolf');
    expect(await store.open(id)).toBe(true);
    await store.open('otter-on-the-log');
    expect(store.current?.name).toBe('Held');
    browser.writes = null;
    expect(await retryStores()).toBe(true);
    setActivePinia(createPinia());
    const again = usePieceStore();
    await again.loadAll();
    expect(again.pieces.map(({ name }) => name)).toContain('Held');
  });

  it('waits for no setting', () => {
    browser.writes = full;
    const settings = useSettingsStore();
    settings.switchTheme();
    expect(settings.theme).toBe('night');
  });
});

describe('what a store may hold of others', () => {
  it('is no setting where it is none of ours', async () => {
    const raw = localforage.createInstance({ name: 'keen-sinew', storeName: 'settings' });
    await raw.setItem('units', 'furlongs');
    await raw.setItem('theme', { toString: 'night' });
    await raw.setItem('paper', 'constructor');
    await raw.setItem('printer', [1, Number.NaN]);
    const settings = useSettingsStore();
    await settings.load();
    expect(settings).toMatchObject({ units: 'metric', theme: 'day', paper: 'A4', printer: [1, 1] });
  });

  it('is no picture where it is no blob', async () => {
    const raw = localforage.createInstance({ name: 'keen-sinew', storeName: 'pictures' });
    await raw.setItem('otter/side', { bytes: 3 });
    expect(await loadPicture('otter', 'side')).toBeNull();
    await keepPicture('otter', 'front', new Blob(['x']));
    expect(await loadPicture('otter', 'back')).toBeNull();
  });

  it('leaves the workshop of a newer application alone', async () => {
    const newer = { ...newWorkshop(), version: WORKSHOP_VERSION + 1, more: 1 };
    const raw = localforage.createInstance({ name: 'keen-sinew', storeName: 'workshop' });
    await raw.setItem('current', newer);
    expect((await loadWorkshop()).problem).toContain('newer version');
    await expect(writeWorkshop(newWorkshop() satisfies Workshop)).rejects.toThrow('newer version');
    expect(await raw.getItem('current')).toEqual(newer);
  });

  it('gives no new animal the id of one that cannot be read', async () => {
    const raw = localforage.createInstance({ name: 'keen-sinew', storeName: 'creatures' });
    await raw.setItem('griffin', '{"format": "keen-sinew-animal", "version": 99}');
    const store = useCreatureStore();
    await store.load();
    expect(store.unreadable).toBe(1);
    expect(store.create('Griffin', 'grey-wolf')).toBe('griffin-2');
    store.begin({ ...newCreature('griffin', 'Griffin', 'grey-wolf') });
    await store.settled();
    expect((await storedCreatures()).taken.toSorted()).toEqual([
      'griffin',
      'griffin-2',
      'griffin-3',
    ]);
  });
});

// The last of all, as a store that cannot be read stays shut for as long as its page is open.
describe('a store that cannot be read', () => {
  it('writes nothing over what it cannot read', async () => {
    const store = keptStore('trial-three');
    await store.set('a', 'before');
    browser.reads = new Error('the database is corrupt');
    expect(await store.get('a')).toBeNull();
    expect(await store.set('a', 'over it')).toBe(false);
    expect(storageTrouble.value?.kind).toBe('shut');
    browser.reads = null;
    const behind = localforage.createInstance({ name: 'keen-sinew', storeName: 'trial-three' });
    expect(await behind.getItem('a')).toBe('before');
  });
});
