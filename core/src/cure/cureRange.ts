import type { ClayFigures } from '../mass/clayFigures.ts';

/** A label names one temperature; ovens swing by so many degrees round it: common practice. */
const LABEL_SWING_C = 10;

/** The low end of what a clay cures at, °C: of its class, or a little under its label where it was read. */
export function curesFromC({ temperature }: ClayFigures): number {
  if (temperature === null) return 0;
  return temperature.provenance === 'own'
    ? temperature.value - LABEL_SWING_C
    : (temperature.range?.[0] ?? temperature.value);
}
