import { describe, expect, it } from 'vitest';
import { parseLifeWeight, parseMass, parseMinutes, parseTemperature } from './parseMeasure.ts';
import { problemSentence, type Parsed } from './problem.ts';
import { quantityText } from './quantity.ts';

const valueOf = (read: Parsed<number>): number => {
  if (!read.ok) throw new Error(problemSentence(read.problem));
  return read.value;
};
const HEAT = { min: 0, max: 300 };
const WEIGHT = { min: 1, max: 30_000 };

describe('temperatures', () => {
  // Fixed points of the scales: 32 °F = 0 °C, 212 °F = 100 °C.
  it.each([
    ['130', 'metric', 130],
    ['130 °C', 'imperial', 130],
    ['212 F', 'metric', 100],
    ['32', 'imperial', 0],
    ['265 °f', 'metric', 129.4444],
  ] as const)('%s (%s) is %d °C', (text, system, celsius) => {
    expect(valueOf(parseTemperature(text, 'Dial', HEAT, system))).toBeCloseTo(celsius, 3);
  });

  it('are shown in °F with their zero, and differences without', () => {
    expect(quantityText(130, 'degC', 'imperial')).toBe('266 °F');
    expect(quantityText(10, 'kelvin', 'imperial')).toBe('18 °F');
  });
});

describe('masses and times', () => {
  // A pound is 0.45359237 kg exactly (1959).
  it.each([
    ['454', 'metric', 454],
    ['1 lb', 'metric', 453.59237],
    ['16', 'imperial', 453.59237],
    ['0,5 kg', 'metric', 500],
  ] as const)('%s (%s) is %d g', (text, system, grams) => {
    expect(valueOf(parseMass(text, 'Packet', WEIGHT, system))).toBeCloseTo(grams, 6);
  });

  it.each([
    ['30', 30],
    ['1.5 h', 90],
    ['45 min', 45],
  ])('%s is %d minutes', (text, minutes) => {
    expect(valueOf(parseMinutes(text, 'Bake', { min: 1, max: 600 }))).toBeCloseTo(minutes, 9);
  });
});

describe('what is not understood', () => {
  it.each([
    ['hot', 'Dial: received “hot”; allowed is from 0 °C to 300 °C, such as 130 °C or 265 °F.'],
    ['900', 'Dial: received “900”; allowed is from 0 °C to 300 °C, such as 130 °C or 265 °F.'],
    ['130 K', 'Dial: received “130 K”; allowed is from 0 °C to 300 °C, such as 130 °C or 265 °F.'],
  ])('%s gets a sentence', (text, sentence) => {
    const read = parseTemperature(text, 'Dial', HEAT);
    expect(read.ok ? '' : problemSentence(read.problem)).toBe(sentence);
  });

  it('names the limits in the degrees that are shown', () => {
    const read = parseTemperature('9000', 'Dial', HEAT, 'imperial');
    expect(read.ok ? '' : read.problem.allowed).toContain('from 32 °F to 572 °F');
  });
});

describe('what an animal weighs in life', () => {
  const read = (text: string, system: 'metric' | 'imperial' = 'metric') => {
    const found = parseLifeWeight(text, 'Weight in life', system);
    return found.ok ? found.value.map((kg) => Number(kg.toPrecision(6))) : found.problem.allowed;
  };

  it('is read in grams, kilograms, ounces and pounds, one weight or two', () => {
    expect(read('18 g')).toEqual([0.0162, 0.0198]);
    expect(read('15 to 20 g')).toEqual([0.015, 0.02]);
    expect(read('15–20 g')).toEqual([0.015, 0.02]);
    expect(read('15-20 g')).toEqual([0.015, 0.02]);
    expect(read('800 g to 1,2 kg')).toEqual([0.8, 1.2]);
    expect(read('20 to 35')).toEqual([20, 35]);
    expect(read('2 to 4', 'imperial')).toEqual([0.907185, 1.81437]);
    expect(read('0.7 g')).toEqual([0.00063, 0.00077]);
  });

  it.each(['', 'heavy', '35 to 20', '18 stone', '1 to 2 to 3', '-4 kg', '0', '18 constructor'])(
    'refuses “%s” and says what is allowed',
    (text) => expect(read(text)).toMatch(/such as 18 g or 20 to 35 kg/),
  );
});
