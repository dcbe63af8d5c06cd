import { plural } from './plural.ts';
import * as say from './words.ts';
/** Millimetres in an inch, exact (ISO 31-1; international yard and pound agreement, 1959). */
export const MM_PER_INCH = 25.4;
/** Grams in an avoirdupois ounce, exact (international yard and pound agreement, 1959). */
export const GRAMS_PER_OUNCE = 28.349523125;
/** Millilitres in a US fluid ounce, exact (231 cubic inches to the gallon of 128). */
export const ML_PER_FLUID_OUNCE = (231 * MM_PER_INCH ** 3) / 128 / 1000;
/** Newtons in a pound-force: 0.45359237 kg at 9.80665 m/s², exact (ISO 80000-4). */
export const NEWTONS_PER_POUND = 0.45359237 * 9.80665;
/** Kilometres in a statute mile, exact (international yard and pound agreement, 1959). */
export const KM_PER_MILE = 1.609344;
/** PDF points in a millimetre: 72 to the inch (ISO 32000). */
export const POINTS_PER_MM = 72 / MM_PER_INCH;

/** The two systems a user can read in. The core always computes in millimetres and grams. */
export type UnitSystem = 'metric' | 'imperial';

/** Units a working may carry; `ratio` and `count` are plain numbers. */
export type Unit =
  | 'mm'
  | 'cm'
  | 'm'
  | 'cm2'
  | 'px'
  | 'mm/px'
  | 'deg'
  | 'g'
  | 'kg'
  | 'ml'
  | 'g/ml'
  | 'N'
  | 'Nmm'
  | 's'
  | 'km/h'
  | 'g/m2'
  | 'percent'
  | 'ratio'
  | 'count'
  | 'scale'
  | 'MPa'
  | 'degC'
  | 'kelvin'
  | 'K/min'
  | 'm/s2'
  | 'min'
  | 'h'
  | 'W/mK'
  | 'W/m2K'
  | 'J/kgK'
  | 'J/m2K'
  | 'money';

interface Shown {
  readonly unit: string;
  readonly digits: number;
  readonly factor: number;
  /** Added after the factor: temperatures have another zero. */
  readonly shift?: number;
}

const METRIC: Readonly<Record<Unit, Shown>> = {
  mm: { unit: 'mm', digits: 1, factor: 1 },
  cm: { unit: 'cm', digits: 1, factor: 1 },
  px: { unit: 'px', digits: 1, factor: 1 },
  'mm/px': { unit: 'mm/px', digits: 4, factor: 1 },
  deg: { unit: '°', digits: 1, factor: 1 },
  g: { unit: 'g', digits: 0, factor: 1 },
  N: { unit: 'N', digits: 1, factor: 1 },
  Nmm: { unit: 'N·mm', digits: 1, factor: 1 },
  s: { unit: 's', digits: 2, factor: 1 },
  'km/h': { unit: 'km/h', digits: 1, factor: 1 },
  kg: { unit: 'kg', digits: 2, factor: 1 },
  ml: { unit: 'ml', digits: 0, factor: 1 },
  ratio: { unit: '', digits: 3, factor: 1 },
  count: { unit: '', digits: 0, factor: 1 },
  scale: { unit: '', digits: 2, factor: 1 },
  MPa: { unit: 'MPa', digits: 0, factor: 1 },
  m: { unit: 'm', digits: 1, factor: 1 },
  cm2: { unit: 'cm²', digits: 0, factor: 1 },
  'g/ml': { unit: 'g/ml', digits: 2, factor: 1 },
  'g/m2': { unit: 'g/m²', digits: 1, factor: 1 },
  percent: { unit: '%', digits: 0, factor: 1 },
  degC: { unit: '°C', digits: 0, factor: 1 },
  kelvin: { unit: '°C', digits: 0, factor: 1 },
  'K/min': { unit: '°C/min', digits: 1, factor: 1 },
  'm/s2': { unit: 'm/s²', digits: 2, factor: 1 },
  min: { unit: 'min', digits: 0, factor: 1 },
  h: { unit: 'h', digits: 0, factor: 1 },
  'W/mK': { unit: 'W/(m·K)', digits: 2, factor: 1 },
  'W/m2K': { unit: 'W/(m²·K)', digits: 0, factor: 1 },
  'J/kgK': { unit: 'J/(kg·K)', digits: 0, factor: 1 },
  'J/m2K': { unit: 'J/(m²·K)', digits: 0, factor: 1 },
  // In the user's own money, whichever that is.
  money: { unit: '', digits: 2, factor: 1 },
};

const IMPERIAL: Readonly<Record<Unit, Shown>> = {
  ...METRIC,
  mm: { unit: 'in', digits: 3, factor: 1 / MM_PER_INCH },
  cm: { unit: 'in', digits: 2, factor: 10 / MM_PER_INCH },
  'mm/px': { unit: 'in/px', digits: 5, factor: 1 / MM_PER_INCH },
  Nmm: { unit: 'lbf·in', digits: 3, factor: 1 / (NEWTONS_PER_POUND * MM_PER_INCH) },
  N: { unit: 'lbf', digits: 2, factor: 1 / NEWTONS_PER_POUND },
  'km/h': { unit: 'mph', digits: 1, factor: 1 / KM_PER_MILE },
  g: { unit: 'oz', digits: 1, factor: 1 / GRAMS_PER_OUNCE },
  kg: { unit: 'lb', digits: 2, factor: 1000 / (16 * GRAMS_PER_OUNCE) },
  ml: { unit: 'fl oz', digits: 1, factor: 1 / ML_PER_FLUID_OUNCE },
  m: { unit: 'ft', digits: 1, factor: 1000 / (12 * MM_PER_INCH) },
  cm2: { unit: 'in²', digits: 1, factor: 100 / MM_PER_INCH ** 2 },
  degC: { unit: '°F', digits: 0, factor: 1.8, shift: 32 },
  // A difference of temperatures has no zero to shift.
  kelvin: { unit: '°F', digits: 0, factor: 1.8 },
  'K/min': { unit: '°F/min', digits: 1, factor: 1.8 },
};

/** A value in one unit system, split so that a table can align number and unit. */
export interface FormattedQuantity {
  readonly number: string;
  readonly unit: string;
}

/** Units whose small values keep digits: how many more than usual at most. */
const MORE_DIGITS: Partial<Readonly<Record<Unit, number>>> = {
  mm: 1,
  cm: 1,
  m: 2,
  cm2: 1,
  g: 2,
  kg: 2,
  ml: 2,
  N: 2,
  Nmm: 2,
};
/** A value is worth its digits when rounding changes it by no more than this share. */
const WORTH = 0.1;

/** Digits for a shown value: its usual ones, more where they would leave nothing of it. */
function digitsFor(shown: number, usual: number, more: number): number {
  const size = Math.abs(shown);
  let digits = usual;
  while (digits < usual + more && 0.5 * 10 ** -digits > WORTH * size) digits++;
  // What is nothing at the finest of them is nothing at the usual ones.
  return size < 0.5 * 10 ** -digits ? usual : digits;
}

/** So many digits are worth telling of a mass in kg or lb, and of a length from a metre on. */
const MASS_FIGURES = 3;
const LONG_MM = 1000;

/** A number with so many significant figures and no more, 1220, 45.3, 3.46, or with fewer digits. */
function figures(value: number, count: number, digits = count): string {
  if (value === 0) return '0';
  const lead = Math.floor(Math.log10(Math.abs(value)));
  if (lead >= count) {
    const step = 10 ** (lead - count + 1);
    return (Math.round(value / step) * step).toFixed(0);
  }
  return value.toFixed(Math.min(digits, count - 1 - lead));
}

/** Teaspoons and drops of paint: a US teaspoon is a sixth of a fluid ounce; a drop is common practice. */
const ML_PER_TEASPOON = ML_PER_FLUID_OUNCE / 6;
const DROPS_PER_ML = 20;

/** Small volumes as a hand without millilitres measures them. */
function spoons(ml: number): FormattedQuantity {
  const drops = Math.max(1, Math.round(ml * DROPS_PER_ML));
  if (ml < ML_PER_TEASPOON / 4) return { number: String(drops), unit: plural(drops, say.drops) };
  return { number: (ml / ML_PER_TEASPOON).toFixed(1), unit: 'tsp' };
}

/**
 * Formats a core value for reading. `scale` is written 1:n. Returns number and unit text apart. `digits`
 * are those of the figure shown; small values keep more, masses in kg no more than three figures, and
 * less than a kilogram or pound is told in grams or ounces. Numbers that are not finite are written as
 * words, never as a false figure.
 */
export function formatQuantity(
  value: number,
  unit: Unit,
  system: UnitSystem = 'metric',
  digits?: number,
): FormattedQuantity {
  if (!Number.isFinite(value)) return { number: 'none', unit: '' };
  if (unit === 'scale') {
    const number =
      value < 1 ? `${trimZeros((1 / value).toFixed(2))}:1` : `1:${trimZeros(value.toFixed(2))}`;
    return { number, unit: '' };
  }
  const shown = (system === 'metric' ? METRIC : IMPERIAL)[unit];
  const scaled = value * shown.factor + (shown.shift ?? 0);
  if (unit === 'kg') {
    if (value !== 0 && Math.abs(scaled) < 1) return formatQuantity(value * 1000, 'g', system);
    return { number: figures(scaled, MASS_FIGURES, digits), unit: shown.unit };
  }
  if (unit === 'ml' && system === 'imperial' && value > 0 && value < 3 * ML_PER_TEASPOON)
    return spoons(value);
  if (unit === 'mm' && system === 'metric' && digits === undefined && Math.abs(value) >= LONG_MM)
    return { number: value.toFixed(0), unit: shown.unit };
  const told = digits ?? shown.digits;
  const number = scaled.toFixed(digitsFor(scaled, told, MORE_DIGITS[unit] ?? 0));
  return { number: number.replace(/^-(0(\.0+)?)$/, '$1'), unit: shown.unit };
}

/**
 * Digits of a figure in a system, where those of the metric one are given: an inch is worth more of them
 * than a millimetre, but none beyond its usual ones.
 */
export function digitsIn(
  system: UnitSystem,
  unit: Unit,
  metricDigits: number | undefined,
): number | undefined {
  if (metricDigits === undefined || system === 'metric') return metricDigits;
  const [metric, shown] = [METRIC[unit].digits, IMPERIAL[unit].digits];
  return Math.min(Math.max(shown, metricDigits), Math.max(0, metricDigits + shown - metric));
}

/** The same as {@link formatQuantity}, joined: "152.3 mm", "54.0°", "1:3". */
export function quantityText(
  value: number,
  unit: Unit,
  system: UnitSystem = 'metric',
  digits?: number,
): string {
  const { number, unit: name } = formatQuantity(value, unit, system, digits);
  return name === '' ? number : name === '°' ? `${number}°` : `${number} ${name}`;
}

function trimZeros(text: string): string {
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text;
}
