import { digitsIn, formatQuantity, quantityText, type Unit, type Working } from '@keen-sinew/core';
import { computed } from 'vue';
import { useSettingsStore } from '../stores/settingsStore.ts';

/** Formatting in the unit system that is switched on. */
export function useUnits() {
  const settings = useSettingsStore();
  const system = computed(() => settings.units);
  return {
    system,
    text: (value: number, unit: Unit, digits?: number) =>
      quantityText(value, unit, system.value, digits),
    parts: (working: Pick<Working, 'value' | 'unit' | 'digits'>) =>
      formatQuantity(
        working.value,
        working.unit,
        system.value,
        digitsIn(system.value, working.unit, working.digits),
      ),
    number: (value: number, unit: Unit, digits?: number) =>
      formatQuantity(value, unit, system.value, digits).number,
  };
}
