import { TRUE_PRINTER, type PaperName, type PrintFactors, type UnitSystem } from '@keen-sinew/core';
import { defineStore } from 'pinia';
import { ref } from 'vue';
import { readSetting, writeSetting } from './settingStorage.ts';

/** Paper by day, or the night bench. */
export type Theme = 'day' | 'night';

const SYSTEMS: readonly UnitSystem[] = ['metric', 'imperial'];
const THEME_NAMES: readonly Theme[] = ['day', 'night'];
const PAPER_NAMES: readonly PaperName[] = ['A4', 'A3', 'Letter'];

const oneOf = <T>(all: readonly T[], kept: unknown, otherwise: T): T =>
  all.includes(kept as T) ? (kept as T) : otherwise;

/** Printers are off by some percent; a factor beyond this is none. */
const FACTOR = { min: 0.5, max: 2 } as const;

const areFactors = (kept: unknown): kept is PrintFactors =>
  Array.isArray(kept) &&
  kept.length === 2 &&
  kept.every((factor) => factor >= FACTOR.min && factor <= FACTOR.max);

/** What this browser prefers; not part of any piece. */
export const useSettingsStore = defineStore('settings', () => {
  const units = ref<UnitSystem>('metric');
  const theme = ref<Theme>('day');
  const paper = ref<PaperName>('A4');
  /** What makes up for the printer, across and down. */
  const printer = ref<PrintFactors>(TRUE_PRINTER);

  /** What was kept, where it is one of what there is: a store may hold anything. */
  async function load(): Promise<void> {
    units.value = oneOf(SYSTEMS, await readSetting('units'), units.value);
    theme.value = oneOf(THEME_NAMES, await readSetting('theme'), theme.value);
    paper.value = oneOf(PAPER_NAMES, await readSetting('paper'), paper.value);
    const kept = await readSetting<unknown>('printer');
    if (areFactors(kept)) printer.value = kept;
  }

  function switchUnits(): void {
    units.value = units.value === 'metric' ? 'imperial' : 'metric';
    writeSetting('units', units.value);
  }

  function switchTheme(): void {
    theme.value = theme.value === 'day' ? 'night' : 'day';
    writeSetting('theme', theme.value);
  }

  function setPaper(name: PaperName): void {
    paper.value = name;
    writeSetting('paper', name);
  }

  function setPrinter(factors: PrintFactors): void {
    printer.value = factors;
    writeSetting('printer', [...factors]);
  }

  return { setPrinter, printer, units, theme, paper, load, switchUnits, switchTheme, setPaper };
});
