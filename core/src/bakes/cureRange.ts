import type { ClayFigures } from '../mass/clayFigures.ts';

/** A label names one temperature; ovens swing by so many degrees round it: common practice. */
const LABEL_SWING_C = 10;
/** What sets by itself does so in a room, °C: common practice. */
export const ROOM_RANGE_C = [15, 30] as const;

/** The low end of what a clay cures at, °C: of its class, or a little under its label where it was read. */
export function curesFromC({ temperature }: ClayFigures): number {
  if (temperature === null) return 0;
  return temperature.provenance === 'own'
    ? temperature.value - LABEL_SWING_C
    : (temperature.range?.[0] ?? temperature.value);
}

/** An oven no hotter than what the innermost clay is to reach takes for ever: it is over that by this, K. Common practice. */
const OVEN_OVER_K = 4;

/** Between what an oven cures a clay, °C: of its class, or a little round its label; never over its limit. */
export function curesBetweenC(figures: ClayFigures): readonly [low: number, high: number] {
  const { temperature, limit } = figures;
  if (temperature === null) return ROOM_RANGE_C;
  const high =
    temperature.provenance === 'own'
      ? temperature.value + LABEL_SWING_C
      : (temperature.range?.[1] ?? temperature.value);
  return [curesFromC(figures) + OVEN_OVER_K, Math.min(high, limit.value)];
}
