import * as say from './words.ts';
import { accepted, refused, type Parsed } from './problem.ts';
import {
  GRAMS_PER_OUNCE,
  ML_PER_FLUID_OUNCE,
  quantityText,
  type Unit,
  type UnitSystem,
} from './quantity.ts';

/** Factor and shift from a typed unit to the core's. */
type Units = Readonly<Record<string, { readonly factor: number; readonly shift?: number }>>;

const FAHRENHEIT = { factor: 1 / 1.8, shift: -32 };
const TEMPERATURES: Units = {
  c: { factor: 1 },
  '°c': { factor: 1 },
  f: FAHRENHEIT,
  '°f': FAHRENHEIT,
};
const MASSES: Units = {
  g: { factor: 1 },
  kg: { factor: 1000 },
  oz: { factor: GRAMS_PER_OUNCE },
  lb: { factor: 16 * GRAMS_PER_OUNCE },
};
const VOLUMES: Units = {
  ml: { factor: 1 },
  l: { factor: 1000 },
  floz: { factor: ML_PER_FLUID_OUNCE },
};
const MINUTES: Units = { min: { factor: 1 }, h: { factor: 60 } };

/** A temperature as people type it: "130", "130 °C", "265 F". Returns °C. */
export const parseTemperature = reader('degC', TEMPERATURES, 'c', 'f', say.cOrF);
/** A mass: "454 g", "1 lb", "16 oz". Returns grams. */
export const parseMass = reader('g', MASSES, 'g', 'oz', say.gOrLb);
/** A volume: "40 ml", "0.5 l", "2 floz". Returns millilitres. */
export const parseVolume = reader('ml', VOLUMES, 'ml', 'floz', say.mlOrFloz);
/** A time: "30", "30 min", "1.5 h". Returns minutes. */
export const parseMinutes = reader('min', MINUTES, 'min', 'min', say.minOrH);

/** A bare number is in the unit of the system that is switched on. */
function reader(unit: Unit, units: Units, metric: string, imperial: string, example: string) {
  return (
    text: string,
    where: string,
    limits: { readonly min: number; readonly max: number },
    system: UnitSystem = 'metric',
  ): Parsed<number> => {
    const shown = (value: number): string => quantityText(value, unit, system);
    const allowed = say.fromToSuchAs(shown(limits.min), shown(limits.max), example);
    const match = /^\s*([-−]?\d*[.,]?\d+)\s*(°?[a-z]+)?\s*$/i.exec(text);
    const name = match?.[2]?.toLowerCase() ?? (system === 'metric' ? metric : imperial);
    const to = Object.hasOwn(units, name) ? units[name] : undefined;
    if (match?.[1] === undefined || to === undefined) return refused(where, text, allowed);
    const typed = Number(match[1].replace('−', '-').replace(',', '.'));
    const value = (typed + (to.shift ?? 0)) * to.factor;
    return value >= limits.min && value <= limits.max
      ? accepted(value)
      : refused(where, text, allowed);
  };
}

/** A single weight stands for so much more and less: common practice. */
const ABOUT = 0.1;
const LIFE_KG = { min: 1e-6, max: 250_000 } as const;

/**
 * What an animal weighs in life, as people type it: "20 to 35", "15–20 g", "18 g", "2 lb". A bare number
 * is in kilograms or pounds; one weight stands for a tenth more and less. Returns kg, the lighter first.
 */
export function parseLifeWeight(
  text: string,
  where: string,
  system: UnitSystem = 'metric',
): Parsed<readonly [lowKg: number, highKg: number]> {
  const allowed = say.weightOrTwoWith;
  const parts = text.split(/\s*(?:\bto\b|–|—|(?<=[\d\w])\s*-\s*)\s*/);
  if (parts.length > 2) return refused(where, text, allowed);
  const amounts = parts.map((part) => /^\s*(\d*[.,]?\d+)\s*([a-z]*)\s*$/i.exec(part));
  const lastUnit = amounts.at(-1)?.[2]?.toLowerCase();
  const kg = amounts.map((match) => {
    // The unit of the second stands for both.
    const name = match?.[2]?.toLowerCase() || lastUnit || (system === 'metric' ? 'kg' : 'lb');
    const unit = Object.hasOwn(MASSES, name) ? MASSES[name] : undefined;
    if (match?.[1] === undefined || unit === undefined) return Number.NaN;
    return (Number(match[1].replace(',', '.')) * unit.factor) / 1000;
  });
  const [low, high = low] = kg;
  if (low === undefined || high === undefined) return refused(where, text, allowed);
  if (!(low >= LIFE_KG.min && high <= LIFE_KG.max && low <= high))
    return refused(where, text, allowed);
  return accepted(kg.length === 1 ? [low * (1 - ABOUT), low * (1 + ABOUT)] : [low, high]);
}
