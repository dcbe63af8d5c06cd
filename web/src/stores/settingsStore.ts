import { TRUE_PRINTER, type PaperName, type PrintFactors, type UnitSystem } from '@keen-sinew/core';
import { defineStore } from 'pinia';
import { ref } from 'vue';
import { readSetting, writeSetting } from './pieceStorage.ts';

/** Paper by day, or the night bench. */
export type Theme = 'day' | 'night';

/** What this browser prefers; not part of any piece. */
export const useSettingsStore = defineStore('settings', () => {
  const units = ref<UnitSystem>('metric');
  const theme = ref<Theme>('day');
  const paper = ref<PaperName>('A4');
  /** What makes up for the printer, across and down. */
  const printer = ref<PrintFactors>(TRUE_PRINTER);

  async function load(): Promise<void> {
    units.value = (await readSetting<UnitSystem>('units')) ?? 'metric';
    theme.value = (await readSetting<Theme>('theme')) ?? 'day';
    paper.value = (await readSetting<PaperName>('paper')) ?? 'A4';
    printer.value = (await readSetting<PrintFactors>('printer')) ?? TRUE_PRINTER;
  }

  async function switchUnits(): Promise<void> {
    units.value = units.value === 'metric' ? 'imperial' : 'metric';
    await writeSetting('units', units.value);
  }

  async function switchTheme(): Promise<void> {
    theme.value = theme.value === 'day' ? 'night' : 'day';
    await writeSetting('theme', theme.value);
  }

  async function setPaper(name: PaperName): Promise<void> {
    paper.value = name;
    await writeSetting('paper', name);
  }

  async function setPrinter(factors: PrintFactors): Promise<void> {
    printer.value = factors;
    await writeSetting('printer', [...factors]);
  }

  return { setPrinter, printer, units, theme, paper, load, switchUnits, switchTheme, setPaper };
});
