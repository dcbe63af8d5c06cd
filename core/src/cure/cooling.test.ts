import { describe, expect, it } from 'vitest';
import type { Working } from '../piece/working.ts';
import { evaluated } from '../testing/formula.ts';
import { coolingMinutes } from './cooling.ts';

const number = (id: string, value: number, unit: 'degC' | 'min'): Working => ({
  ...{ id, stage: 'cure', label: id, value, unit, provenance: 'derived', inputs: [], source: id },
  reading: { method: id, resolution: id, checkedBy: 'core/src/cure/cooling.test.ts' },
});
const oven = number('oven', 130, 'degC');

describe('how long a baked piece cools', () => {
  // Newton's law of cooling (Incropera & DeWitt, ch. 5, lumped capacitance): both approaches are one exponential.
  it.each([0.01, 0.03, 0.2])('by one exponential of %d a minute, exactly', (rate) => {
    const time = number('heat', Math.log((130 - 20) / (130 - 120)) / rate, 'min');
    const cools = coolingMinutes({ id: 'finish' }, 'Finish', oven, { time, lowC: 120 })!;
    expect(cools.value).toBeCloseTo(Math.log((130 - 20) / (40 - 20)) / rate, 9);
    expect(evaluated(cools)).toBeCloseTo(cools.value, 9);
  });

  it('is the usual hour while its warming is not known, or never ends', () => {
    const usual = coolingMinutes({ id: 'finish' }, 'Finish', oven, null)!;
    expect(usual).toMatchObject({ value: 60, provenance: 'memory' });
    const time = number('heat', 30, 'min');
    expect(coolingMinutes({ id: 'finish' }, 'Finish', oven, { time, lowC: 130 })!.value).toBe(60);
  });

  it('needs no oven, needs no cooling', () => {
    expect(coolingMinutes({ id: 'setting' }, 'Setting', null, null)).toBeNull();
  });
});
