import type { OvenLog } from '../piece/cureSchema.ts';

/** How the studio's oven warms: towards where it settles with this time constant, minutes; then its thermostat swings. */
const WARMS_MIN = 6;
const SWING_K = 1.6;
const SWING_MIN = 8;
const ROOM_C = 20;
/** A ball of clay of 20 mm follows its air with about this time constant, minutes. */
const BALL_MIN = 15;
const STEP_MIN = 2;
const TAKEN_OUT_MIN = 124;

/** The bake of the otter's shell as its probe showed it: the oven settles eight degrees over its dial. Invented. */
export function otterShellTrace(): OvenLog {
  const settlesC = 130;
  const readings: OvenLog['readings'] = [];
  let ballC = ROOM_C;
  for (let min = 0; min <= TAKEN_OUT_MIN; min += STEP_MIN) {
    const warmed = settlesC - (settlesC - ROOM_C) * Math.exp(-min / WARMS_MIN);
    const airC = warmed + SWING_K * Math.sin((2 * Math.PI * min) / SWING_MIN) * (min > 20 ? 1 : 0);
    readings.push({ min, airC: tenth(airC), ballC: tenth(ballC) });
    ballC += ((airC - ballC) * STEP_MIN) / BALL_MIN;
  }
  return {
    ...{ id: 'log-1', bake: 'shell', on: '2026-04-11', dialC: 122, by: 'probe', ballMm: 20 },
    ...{ readings, note: 'Put in cold; tail propped on a roll of card.' },
  };
}

const tenth = (value: number): number => Math.round(value * 10) / 10;
