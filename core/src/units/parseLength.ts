import * as say from './words.ts';
import { accepted, refused, type Parsed } from './problem.ts';
import { MM_PER_INCH, type UnitSystem } from './quantity.ts';

const MM_PER: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  '"': MM_PER_INCH,
  '″': MM_PER_INCH,
  ft: 12 * MM_PER_INCH,
  "'": 12 * MM_PER_INCH,
};

export interface LengthLimits {
  readonly minMm: number;
  readonly maxMm: number;
}

/**
 * Reads a length as people type it: "89mm", "8.9 cm", "3 1/2 in", `3½"`, "1 ft". A bare number is
 * in the system's small unit (millimetres or inches). Returns millimetres.
 */
export function parseLength(
  text: string,
  where: string,
  limits: LengthLimits,
  system: UnitSystem = 'metric',
): Parsed<number> {
  const allowed = say.lengthFromToMm(limits.minMm, limits.maxMm);
  const match = /^\s*(.+?)\s*(mm|cm|m|inches|inch|in|ft|["″'])?\s*$/i.exec(
    text.replace('½', ' 1/2').replace('¼', ' 1/4').replace('¾', ' 3/4').replace(',', '.'),
  );
  const amount = match?.[1] === undefined ? undefined : parseAmount(match[1]);
  if (match === null || amount === undefined) return refused(where, text, allowed);
  const unit = match[2]?.toLowerCase() ?? (system === 'metric' ? 'mm' : 'in');
  const mm = amount * (MM_PER[unit] ?? Number.NaN);
  if (!(mm >= limits.minMm && mm <= limits.maxMm)) return refused(where, text, allowed);
  return accepted(mm);
}

/** A decimal, a fraction, or a whole number with a fraction; undefined where it is none of them. */
function parseAmount(text: string): number | undefined {
  const mixed = /^(?:(\d+(?:\.\d+)?)\s+)?(\d+)\s*\/\s*(\d+)$/.exec(text.trim());
  if (mixed) return Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
  return /^-?\d*\.?\d+$|^-?\d+\.$/.test(text.trim()) ? Number(text) : undefined;
}
