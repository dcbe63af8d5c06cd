import * as say from './words.ts';
import { diameterMm, gaugeNumber, type GaugeSystem, type WireSize } from './gauges.ts';
import { accepted, refused, type Parsed } from './problem.ts';
import { MM_PER_INCH } from './quantity.ts';

const SYSTEMS: Readonly<Record<string, GaugeSystem>> = {
  awg: 'AWG',
  swg: 'SWG',
  'us steel': say.usSteel,
  us: say.usSteel,
  uswg: say.usSteel,
  mm: 'mm',
};

const ALLOWED = say.diameterFromToMm;

/**
 * Reads a wire size: "1.6", "1.6 mm", "1/16 in", "14 awg", "swg 16", "16 US steel", "2/0 AWG".
 * A bare whole number of 5 or more could be any of three gauges and is refused with that reason.
 */
export function parseWireSize(text: string, where = say.wireDiameter): Parsed<WireSize> {
  const clean = text.trim().toLowerCase();
  const gauge =
    /^([\d/]+)\s*(awg|swg|us steel|uswg|us)$/.exec(clean) ??
    /^(awg|swg|us steel|uswg|us)\s*([\d/]+)$/.exec(clean);
  if (gauge) {
    const [label, system] = /^[\d/]+$/.test(gauge[1] ?? '')
      ? [gauge[1], gauge[2]]
      : [gauge[2], gauge[1]];
    const value = gaugeNumber(label ?? '');
    const size = { system: SYSTEMS[system ?? ''] ?? 'AWG', value: value ?? Number.NaN };
    return diameterMm(size) === undefined ? refused(where, text, ALLOWED) : accepted(size);
  }
  const inch = /^(\d*\.?\d+)(?:\s*\/\s*(\d+))?\s*(?:in|inch|")$/.exec(clean);
  if (inch) return within(text, where, (Number(inch[1]) / Number(inch[2] ?? 1)) * MM_PER_INCH);
  const mm = /^(\d*[.,]?\d+)\s*(mm)?$/.exec(clean);
  if (!mm?.[1]) return refused(where, text, ALLOWED);
  const value = Number(mm[1].replace(',', '.'));
  if (mm[2] === undefined && Number.isInteger(value) && value >= 5) {
    return refused(where, text, say.bareCouldBeAny(ALLOWED, value));
  }
  return within(text, where, value);
}

function within(text: string, where: string, mm: number): Parsed<WireSize> {
  return mm >= 0.2 && mm <= 12
    ? accepted({ system: 'mm', value: mm })
    : refused(where, text, ALLOWED);
}

/**
 * What a bare whole number could mean: a diameter in mm, or a number of each gauge table that has it.
 * Empty for anything else, which {@link parseWireSize} reads by itself.
 */
export function bareSizes(text: string): readonly WireSize[] {
  const match = /^\s*(\d{1,2})\s*$/.exec(text);
  if (!match) return [];
  const value = Number(match[1]);
  return (['mm', 'AWG', 'SWG', say.usSteel] as const)
    .map((system): WireSize => ({ system, value }))
    .filter((size) => {
      const mm = diameterMm(size);
      return mm !== undefined && mm >= 0.2 && mm <= 12;
    });
}
