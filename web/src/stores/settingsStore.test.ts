// @vitest-environment happy-dom
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it } from 'vitest';
import { useSettingsStore } from './settingsStore.ts';

const fresh = () => {
  setActivePinia(createPinia());
  return useSettingsStore();
};

describe('what this browser prefers', () => {
  beforeEach(() => localStorage.clear());

  it('is metric on paper by day until it is switched', async () => {
    const settings = fresh();
    await settings.load();
    expect([settings.units, settings.theme]).toEqual(['metric', 'day']);
  });

  it('is kept for the next visit', async () => {
    const settings = fresh();
    await settings.switchUnits();
    await settings.switchTheme();
    const next = fresh();
    await next.load();
    expect([next.units, next.theme]).toEqual(['imperial', 'night']);
  });

  it('turns back by the same switch', async () => {
    const settings = fresh();
    await settings.switchTheme();
    await settings.switchTheme();
    await settings.switchUnits();
    await settings.switchUnits();
    expect([settings.units, settings.theme]).toEqual(['metric', 'day']);
  });
});
