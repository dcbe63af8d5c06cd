import * as say from './words.ts';
import { accepted, refused, type Parsed } from './problem.ts';

/**
 * Reads a plain number between two limits, with an optional trailing unit word that is ignored
 * ("45°", "3 turns"). Returns the number in the unit of the field.
 */
export function parseNumber(
  text: string,
  where: string,
  min: number,
  max: number,
  unit = '',
): Parsed<number> {
  const allowed = say.numberFromTo(min, max, unit === '' ? '' : ` ${unit}`);
  const match = /^\s*([-−+]?\d*[.,]?\d+)\s*(°|deg|[a-z]+)?\s*$/i.exec(text);
  if (match?.[1] === undefined) return refused(where, text, allowed);
  const value = Number(match[1].replace('−', '-').replace(',', '.'));
  return value >= min && value <= max ? accepted(value) : refused(where, text, allowed);
}

/** A number written plainly, as files have it: 12, -0.5, 1e-3. Anything else, blank too, is NaN. */
export const plainNumber = (text: string): number =>
  /^\s*[-+]?(\d+\.?\d*|\.\d+)(e[-+]?\d+)?\s*$/i.test(text) ? Number(text) : Number.NaN;

/** Reads a scale: "1:3", "1/3" or "3" all give 3, the number of life millimetres in a model one; "4:1"
 * gives a quarter. */
export function parseScale(text: string, where = say.scale): Parsed<number> {
  const allowed = say.scaleFromToSuch;
  const match = /^\s*(?:(\d*\.?\d+)\s*[:/])?\s*(\d*\.?\d+)\s*$/.exec(text);
  if (match === null) return refused(where, text, allowed);
  const lifePerModel = Number(match[2]) / Number(match[1] ?? 1);
  return lifePerModel >= 0.02 && lifePerModel <= 200
    ? accepted(lifePerModel)
    : refused(where, text, allowed);
}
