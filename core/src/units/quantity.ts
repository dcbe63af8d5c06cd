/** Millimetres in an inch, exact (ISO 31-1; international yard and pound agreement, 1959). */
export const MM_PER_INCH = 25.4;
/** Grams in an avoirdupois ounce, exact (international yard and pound agreement, 1959). */
export const GRAMS_PER_OUNCE = 28.349523125;
/** PDF points in a millimetre: 72 to the inch (ISO 32000). */
export const POINTS_PER_MM = 72 / MM_PER_INCH;

/** The two systems a user can read in. The core always computes in millimetres and grams. */
export type UnitSystem = 'metric' | 'imperial';

/** Units a working may carry; `ratio` and `count` are plain numbers. */
export type Unit = 'mm' | 'deg' | 'g' | 'kg' | 'ml' | 'ratio' | 'count' | 'scale' | 'MPa' | 'cm';

interface Shown {
  readonly unit: string;
  readonly digits: number;
  readonly factor: number;
}

const METRIC: Readonly<Record<Unit, Shown>> = {
  mm: { unit: 'mm', digits: 1, factor: 1 },
  cm: { unit: 'cm', digits: 1, factor: 1 },
  deg: { unit: '°', digits: 1, factor: 1 },
  g: { unit: 'g', digits: 0, factor: 1 },
  kg: { unit: 'kg', digits: 2, factor: 1 },
  ml: { unit: 'ml', digits: 0, factor: 1 },
  ratio: { unit: '', digits: 3, factor: 1 },
  count: { unit: '', digits: 0, factor: 1 },
  scale: { unit: '', digits: 2, factor: 1 },
  MPa: { unit: 'MPa', digits: 0, factor: 1 },
};

const IMPERIAL: Readonly<Record<Unit, Shown>> = {
  ...METRIC,
  mm: { unit: 'in', digits: 3, factor: 1 / MM_PER_INCH },
  cm: { unit: 'in', digits: 2, factor: 10 / MM_PER_INCH },
  g: { unit: 'oz', digits: 1, factor: 1 / GRAMS_PER_OUNCE },
  kg: { unit: 'lb', digits: 2, factor: 1000 / (16 * GRAMS_PER_OUNCE) },
  ml: { unit: 'fl oz', digits: 1, factor: 1 / 29.5735295625 },
};

/** A value in one unit system, split so that a table can align number and unit. */
export interface FormattedQuantity {
  readonly number: string;
  readonly unit: string;
}

/**
 * Formats a core value for reading. `scale` is written 1:n. Returns number and unit text apart.
 * Numbers that are not finite are written as words, never as a false figure.
 */
export function formatQuantity(
  value: number,
  unit: Unit,
  system: UnitSystem = 'metric',
  digits?: number,
): FormattedQuantity {
  const shown = (system === 'metric' ? METRIC : IMPERIAL)[unit];
  if (!Number.isFinite(value)) return { number: 'none', unit: '' };
  if (unit === 'scale') return { number: `1:${trimZeros(value.toFixed(2))}`, unit: '' };
  const number = (value * shown.factor).toFixed(digits ?? shown.digits);
  return { number: number.replace(/^-(0(\.0+)?)$/, '$1'), unit: shown.unit };
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
