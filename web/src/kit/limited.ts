import {
  accepted,
  lengthLimits,
  limitsOf,
  parseLength,
  parseNumber,
  type Parsed,
  type UnitSystem,
} from '@keen-sinew/core';

/** Reads a number of the document, by its path in it; the schema says between what it may lie. */
export const numberAt =
  (path: string, label: string, unit = '') =>
  (typed: string): Parsed<number> => {
    const { min, max } = limitsOf(path);
    return parseNumber(typed.replace('%', ''), label, min, max, unit);
  };

/** Reads a length of the document in the units that are switched on. */
export const lengthAt =
  (path: string, label: string, system: UnitSystem) =>
  (typed: string): Parsed<number> =>
    parseLength(typed, label, lengthLimits(path), system);

/** Reads a length that may lie the other way, with a minus: behind, below, to the right. */
export const signedLengthAt =
  (path: string, label: string, system: UnitSystem) =>
  (typed: string): Parsed<number> => {
    const isBack = /^\s*[-−]/.test(typed);
    const plain = typed.replace(/^\s*[-−+]/, '');
    const read = parseLength(plain, label, { minMm: 0, maxMm: limitsOf(path).max }, system);
    return read.ok ? accepted(isBack ? -read.value : read.value) : read;
  };

/** Reads a difference of temperatures, K, typed in the degrees that are switched on. */
export const differenceAt =
  (path: string, label: string, system: UnitSystem) =>
  (typed: string): Parsed<number> => {
    const { min, max } = limitsOf(path);
    const degree = system === 'metric' ? 1 : 1 / 1.8;
    const [low, high] = [Math.round(min / degree), Math.round(max / degree)];
    const read = parseNumber(typed, label, low, high, system === 'metric' ? '°C' : '°F');
    return read.ok ? accepted(read.value * degree) : read;
  };

/** Reads a share of the document that is typed in percent. */
export const percentAt =
  (path: string, label: string) =>
  (typed: string): Parsed<number> => {
    const { min, max } = limitsOf(path);
    const read = parseNumber(typed.replace('%', ''), label, 100 * min, 100 * max, '%');
    return read.ok ? accepted(read.value / 100) : read;
  };

/** Reads an angle of the document in degrees. */
export const degreesAt =
  (path: string, label: string) =>
  (typed: string): Parsed<number> =>
    numberAt(path, label, 'degrees')(typed.replace('°', ''));
