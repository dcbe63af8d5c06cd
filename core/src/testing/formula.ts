import { all, create, type MathJsInstance } from 'mathjs';
import type { Working } from '../piece/working.ts';
import type { Unit } from '../units/quantity.ts';

/** A coherent system: mm, g, s, radians; N is g·mm/s² times a million. */
const COHERENT: Readonly<Record<Unit, number>> = {
  mm: 1,
  cm: 10,
  m: 1000,
  cm2: 100,
  ml: 1000,
  px: 1,
  'mm/px': 1,
  deg: Math.PI / 180,
  g: 1,
  kg: 1000,
  'g/ml': 1e-3,
  'g/m2': 1e-6,
  N: 1e6,
  Nmm: 1e6,
  MPa: 1e6,
  'm/s2': 1000,
  s: 1,
  min: 60,
  h: 3600,
  'km/h': 1e6 / 3600,
  percent: 0.01,
  ratio: 1,
  count: 1,
  scale: 1,
  money: 1,
  degC: 1,
  kelvin: 1,
  'K/min': 1 / 60,
  'W/mK': 1,
  'W/m2K': 1,
  'J/kgK': 1,
  'J/m2K': 1,
};

const math = create(all!, {}) as MathJsInstance & {
  parse: MathJsInstance['parse'] & {
    isAlpha: (c: string, before: string, after: string) => boolean;
  };
};
// Subscripts belong to names, as accents do.
const isAlpha = math.parse.isAlpha;
math.parse.isAlpha = (c, before, after) => /[₀-₉ᵢ]/.test(c) || isAlpha(c, before, after);

type Value = number | readonly number[];
const each =
  (f: (x: number) => number) =>
  (x: Value): Value =>
    typeof x === 'number' ? f(x) : x.map(f);
const FUNCTIONS = {
  root: each(Math.sqrt),
  ln: each(Math.log),
  cube: each(Math.cbrt),
  tangent: each(Math.tan),
  total: (x: Value): number => (typeof x === 'number' ? x : x.reduce((sum, v) => sum + v, 0)),
};

/** The formula as the maths package reads it; `·` and the like work on lists element by element. */
const asParsed = (formula: string): string =>
  formula
    .replace(/^[^=]*=/, '')
    .replaceAll('⌈', 'ceil(')
    .replaceAll('⌊', 'round(')
    .replaceAll('⌉', ')')
    .replaceAll('√', 'root')
    .replaceAll('∛', 'cube')
    .replaceAll('tan(', 'tangent(')
    .replace(/Σ\s*\(/g, 'total(')
    .replace(/Σ\s*([^\s+)]+)/g, 'total($1)')
    .replaceAll('1 mm', '1')
    .replaceAll('−', '-')
    .replaceAll('·', ' .* ')
    .replaceAll('/', ' ./ ')
    .replaceAll('²', '.^2')
    .replaceAll('³', '.^3')
    .replaceAll('⁴', '.^4')
    .replaceAll('π', 'pi');

/**
 * The value that a working's formula gives for its inputs, in the working's unit. Inputs of one symbol
 * are a list; a sum over a symbol without inputs is nought. Throws where the formula cannot be read.
 */
export function evaluated(working: Working): number {
  if (working.formula === undefined) throw new Error(`${working.id} is a reading`);
  const lists = new Map<string, number[]>();
  for (const { symbol, value, unit } of working.inputs)
    lists.set(symbol, [...(lists.get(symbol) ?? []), value * COHERENT[unit]]);
  const scope: Record<string, unknown> = { ...FUNCTIONS };
  for (const [symbol, values] of lists)
    scope[symbol] = symbol.endsWith('ᵢ') ? values : values.length === 1 ? values[0] : values;
  for (const name of working.formula.match(/[A-Za-zͰ-Ͽ_]+ᵢ/g) ?? []) scope[name] ??= [];
  const found: unknown = math.evaluate(asParsed(working.formula), scope);
  if (typeof found !== 'number') throw new Error(`${working.id}: ${working.formula} is no number`);
  return found / COHERENT[working.unit];
}
