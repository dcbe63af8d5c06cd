import type { UnitSystem } from '@keen-sinew/core';
import { defineStore } from 'pinia';
import { ref } from 'vue';
import { readSetting, writeSetting } from './pieceStorage.ts';

/** What this browser prefers; not part of any piece. */
export const useSettingsStore = defineStore('settings', () => {
  const units = ref<UnitSystem>('metric');

  async function load(): Promise<void> {
    units.value = (await readSetting<UnitSystem>('units')) ?? 'metric';
  }

  async function switchUnits(): Promise<void> {
    units.value = units.value === 'metric' ? 'imperial' : 'metric';
    await writeSetting('units', units.value);
  }

  return { units, load, switchUnits };
});
