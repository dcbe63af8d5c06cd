import { describe, expect, it } from 'vitest';
import { wrapDeg } from './angles.ts';
import {
  diameterMm,
  gaugeLabel,
  gaugeNumber,
  gaugeTable,
  nearestGauge,
  sizeText,
} from './gauges.ts';
import { parseLength } from './parseLength.ts';
import { parseNumber, parseScale } from './parseNumber.ts';
import { parseWireSize } from './parseWireSize.ts';
import { problemSentence } from './problem.ts';
import { digitsIn, formatQuantity, quantityText } from './quantity.ts';
import { scaleText } from './scaleText.ts';

const LIMITS = { minMm: 1, maxMm: 1000 };
const value = <T>(read: { ok: true; value: T } | { ok: false }): T | undefined =>
  read.ok ? read.value : undefined;

describe('parseLength', () => {
  it.each([
    ['89mm', 89],
    ['8.9 cm', 89],
    ['3 1/2 in', 88.9],
    ['3½"', 88.9],
    ['1/16 in', 1.5875],
    ['1 ft', 304.8],
    ['0,5 m', 500],
    [' 42 ', 42],
  ])('reads %s', (text, mm) => {
    expect(value(parseLength(text, 'Length', LIMITS))).toBeCloseTo(mm, 9);
  });

  it('takes a bare number in the small unit of the system', () => {
    expect(value(parseLength('2', 'Length', LIMITS, 'imperial'))).toBeCloseTo(50.8, 9);
  });

  it.each(['', 'long', '3 in in', '0.2 mm', '5 m', '-4', '1/0 in', '4 furlongs'])(
    'refuses “%s” with a sentence that names the input and what is allowed',
    (text) => {
      const read = parseLength(text, 'Femur', LIMITS);
      expect(read.ok).toBe(false);
      if (!read.ok)
        expect(problemSentence(read.problem)).toMatch(
          /^Femur: received .*allowed is a length from 1 to 1000 mm/,
        );
    },
  );
});

describe('parseNumber and parseScale', () => {
  it('reads signs, commas and unit words', () => {
    expect(value(parseNumber('−12,5°', 'Knee', -90, 90))).toBe(-12.5);
    expect(value(parseNumber('3 turns', 'Turns', 0, 10))).toBe(3);
    expect(parseNumber('91', 'Knee', -90, 90).ok).toBe(false);
  });

  it.each([
    ['1:3', 3],
    ['1/18', 18],
    ['2.5', 2.5],
    ['2:1', 0.5],
  ])('reads the scale %s as life over model', (text, ratio) => {
    expect(value(parseScale(text))).toBe(ratio);
  });

  it.each(['0', '1:500', 'small', '1:'])('refuses the scale “%s”', (text) => {
    expect(parseScale(text).ok).toBe(false);
  });
});

describe('wire sizes', () => {
  it.each([
    ['1.6', { system: 'mm', value: 1.6 }],
    ['1,6 mm', { system: 'mm', value: 1.6 }],
    ['14 awg', { system: 'AWG', value: 14 }],
    ['SWG 16', { system: 'SWG', value: 16 }],
    ['2/0 AWG', { system: 'AWG', value: -1 }],
    ['16 US steel', { system: 'US steel', value: 16 }],
  ])('reads %s', (text, size) => {
    expect(value(parseWireSize(text))).toEqual(size);
  });

  it('reads inches as millimetres', () => {
    expect(value(parseWireSize('1/16 in'))?.value).toBeCloseTo(1.5875, 9);
  });

  it('asks which gauge a bare number is, and refuses what no table has', () => {
    const bare = parseWireSize('14');
    expect(bare.ok).toBe(false);
    if (!bare.ok) expect(problemSentence(bare.problem)).toContain('any of three gauges');
    expect(parseWireSize('60 SWG').ok).toBe(false);
    expect(parseWireSize('20 mm').ok).toBe(false);
  });

  it('writes a gauge always with its millimetres', () => {
    expect(sizeText({ system: 'AWG', value: 14 })).toBe('14 AWG (1.63 mm)');
    expect(sizeText({ system: 'SWG', value: -1 })).toBe('2/0 SWG (8.84 mm)');
  });

  it('finds labels and numbers of the thick gauges both ways', () => {
    for (const n of [-6, -1, 0, 7, 24]) expect(gaugeNumber(gaugeLabel(n))).toBe(n);
    expect(gaugeNumber('00')).toBe(-1);
    expect(gaugeNumber('x')).toBeUndefined();
  });

  it('lists every table thickest first, without repeats', () => {
    for (const system of ['AWG', 'SWG', 'US steel'] as const) {
      const diameters = gaugeTable(system).map((row) => row.diameterMm);
      expect(diameters.length).toBeGreaterThan(30);
      expect(diameters.every((d, i) => i === 0 || d < diameters[i - 1]!)).toBe(true);
    }
    expect(diameterMm({ system: 'US steel', value: 40 })).toBeUndefined();
    expect(nearestGauge('SWG', 1.6).gauge).toBe(16);
  });
});

describe('formatting', () => {
  it('joins number and unit and converts to inches and ounces', () => {
    expect(quantityText(152.34, 'mm')).toBe('152.3 mm');
    expect(quantityText(25.4, 'mm', 'imperial')).toBe('1.000 in');
    expect(quantityText(100, 'g', 'imperial')).toBe('3.5 oz');
    expect(quantityText(3, 'scale')).toBe('1:3');
    expect(quantityText(54.04, 'deg')).toBe('54.0°');
  });

  it('never writes a false figure or a minus zero', () => {
    expect(formatQuantity(Number.NaN, 'mm').number).toBe('none');
    expect(formatQuantity(-0.001, 'mm').number).toBe('0.0');
    expect(formatQuantity(0, 'mm').number).toBe('0.0');
    expect(formatQuantity(0, 'kg')).toEqual({ number: '0', unit: 'kg' });
  });

  it.each([
    // A raft spider, a hedgehog, a wolf, a deer and a theropod, in kg.
    [0.0007, 'kg', '0.7 g'],
    [0.018, 'kg', '18 g'],
    [0.9, 'kg', '900 g'],
    [3.4567, 'kg', '3.46 kg'],
    [45.27, 'kg', '45.3 kg'],
    [1223.58, 'kg', '1220 kg'],
    [0.36, 'mm', '0.36 mm'],
    [0.04, 'mm', '0.04 mm'],
    [0.6, 'mm', '0.6 mm'],
    [1253.8, 'mm', '1254 mm'],
    [2.4, 'g', '2.4 g'],
    [0.31, 'ml', '0.31 ml'],
    [250.4, 'ml', '250 ml'],
  ] as const)('tells %f %s with the digits it is worth: %s', (value, unit, text) => {
    expect(quantityText(value, unit)).toBe(text);
  });

  it.each([
    [0.2, 'ml', '4 drops'],
    [0.04, 'ml', '1 drop'],
    [3, 'ml', '0.6 tsp'],
    [9.9, 'ml', '2.0 tsp'],
    [29.57, 'ml', '1.0 fl oz'],
    [20, 'g', '0.7 oz'],
    [0.2, 'kg', '7.1 oz'],
    [1, 'mm', '0.039 in'],
  ] as const)('tells %f %s to those who read in inches and ounces: %s', (value, unit, text) => {
    expect(quantityText(value, unit, 'imperial')).toBe(text);
  });

  it('turns the digits of a metric figure into those of an inch', () => {
    expect([0, 1, 2].map((digits) => digitsIn('imperial', 'mm', digits))).toEqual([2, 3, 3]);
    expect(digitsIn('imperial', 'g', 0)).toBe(1);
    expect(digitsIn('metric', 'mm', 2)).toBe(2);
    expect(digitsIn('imperial', 'mm', undefined)).toBeUndefined();
  });

  it('writes a wire with gauge, millimetres, and inches where those are read', () => {
    expect(sizeText({ system: 'SWG', value: 16 })).toBe('16 SWG (1.63 mm)');
    expect(sizeText({ system: 'SWG', value: 16 }, 'imperial')).toBe('16 SWG (1.63 mm, 0.064 in)');
    expect(sizeText({ system: 'mm', value: 1.6 }, 'imperial')).toBe('1.60 mm (0.063 in)');
  });

  it.each([
    [6, 'larger', '1:6'],
    [2.667, 'larger', '1:2.66'],
    [2.661, 'smaller', '1:2.67'],
    [16.04, 'larger', '1:16'],
    [16.04, 'smaller', '1:16.1'],
    [1 / 4, 'larger', '4:1'],
    [0.3, 'larger', '3.34:1'],
    [0.3, 'smaller', '3.33:1'],
  ] as const)('writes a scale of %f that is no wrong side of it, %s: %s', (n, side, text) => {
    expect(scaleText(n, side)).toBe(text);
    const [model, life] = text.split(':').map(Number) as [number, number];
    if (side === 'larger') expect(life / model).toBeLessThanOrEqual(n * (1 + 1e-9));
    else expect(life / model).toBeGreaterThanOrEqual(n * (1 - 1e-9));
  });

  it('keeps a direction in (−180, 180]', () => {
    expect([wrapDeg(190), wrapDeg(-180), wrapDeg(720), wrapDeg(-190)]).toEqual([-170, 180, 0, 170]);
  });
});
