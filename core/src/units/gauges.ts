import * as say from './words.ts';
import { MM_PER_INCH, type UnitSystem } from './quantity.ts';
import { SWG_INCHES, US_STEEL_INCHES } from './gaugeTables.ts';

/** The gauge systems in use; `mm` means the diameter itself was given. */
export type GaugeSystem = 'AWG' | 'SWG' | 'US steel' | 'mm';

/** A wire's size as its label says it. The diameter is the fact; this is only its name. */
export interface WireSize {
  readonly system: GaugeSystem;
  /** Gauge number (0, −1, −2 … for 0, 2/0, 3/0 …), or millimetres where the system is `mm`. */
  readonly value: number;
}

const AWG_BASE_MM = 0.127;
const AWG_STEPS = 39;

/**
 * Diameter in mm of an American Wire Gauge number: d = 0.127 mm · 92^((36−n)/39), with
 * n = −1, −2, −3 for 2/0, 3/0, 4/0. Source: ASTM B258.
 */
export function awgDiameterMm(gauge: number): number {
  return AWG_BASE_MM * 92 ** ((36 - gauge) / AWG_STEPS);
}

/** The (real) AWG number of a diameter in mm, the inverse of {@link awgDiameterMm}. ASTM B258. */
export function awgNumber(diameterMm: number): number {
  return 36 - (AWG_STEPS * Math.log(diameterMm / AWG_BASE_MM)) / Math.log(92);
}

/** The label of a gauge number: 2 → "2", 0 → "0", −1 → "2/0", −6 → "7/0". */
export function gaugeLabel(gauge: number): string {
  return gauge < 0 ? `${1 - gauge}/0` : String(gauge);
}

/** The number behind a gauge label: "14" → 14, "2/0" or "00" → −1; undefined for anything else. */
export function gaugeNumber(label: string): number | undefined {
  const slashed = /^(\d+)\/0$/.exec(label);
  if (slashed) return 1 - Number(slashed[1]);
  if (/^0{2,7}$/.test(label)) return 1 - label.length;
  return /^\d{1,2}$/.test(label) ? Number(label) : undefined;
}

/** Every size of a system with its diameter in mm, thickest first. `mm` has no table: empty. */
export function gaugeTable(system: GaugeSystem): readonly { gauge: number; diameterMm: number }[] {
  if (system === 'mm') return [];
  if (system === 'AWG') {
    return Array.from({ length: 44 }, (_, i) => ({
      gauge: i - 3,
      diameterMm: awgDiameterMm(i - 3),
    }));
  }
  const inches = system === 'SWG' ? SWG_INCHES : US_STEEL_INCHES;
  return Object.entries(inches)
    .map(([label, inch]) => ({ gauge: gaugeNumber(label) ?? 0, diameterMm: inch * MM_PER_INCH }))
    .sort((a, b) => a.gauge - b.gauge);
}

/** Gauge numbers that wire for armatures has, thick to thin: 6 to 30. */
export const WORKSHOP_GAUGES: readonly number[] = Object.freeze(
  Array.from({ length: 25 }, (_, i) => 6 + i),
);

/** Diameter in mm of a size, or undefined where its system has no such gauge. */
export function diameterMm(size: WireSize): number | undefined {
  if (size.system === 'mm') return size.value > 0 ? size.value : undefined;
  if (size.system === 'AWG') {
    return size.value >= -3 && size.value <= 40 ? awgDiameterMm(size.value) : undefined;
  }
  return gaugeTable(size.system).find((row) => row.gauge === size.value)?.diameterMm;
}

/** The size of a system whose diameter is nearest to the one given (mm). */
export function nearestGauge(
  system: Exclude<GaugeSystem, 'mm'>,
  wantedMm: number,
): { gauge: number; diameterMm: number } {
  return gaugeTable(system).reduce((best, row) =>
    Math.abs(row.diameterMm - wantedMm) < Math.abs(best.diameterMm - wantedMm) ? row : best,
  );
}

/**
 * A size as it is written on every screen and sheet: the gauge always with its millimetres, and with its
 * thousandths of an inch for those who read in inches.
 */
export function sizeText(size: WireSize, system: UnitSystem = 'metric'): string {
  const mm = diameterMm(size);
  const gauge = `${gaugeLabel(size.value)} ${size.system}`;
  if (mm === undefined) return say.noSuchSize(gauge);
  const inches = system === 'imperial' ? [`${(mm / MM_PER_INCH).toFixed(3)} in`] : [];
  const metric = `${mm.toFixed(2)} mm`;
  if (size.system === 'mm')
    return inches.length === 0 ? metric : `${metric} (${inches.join(', ')})`;
  return `${gauge} (${[metric, ...inches].join(', ')})`;
}
