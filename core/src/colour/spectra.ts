import { LuDecomposition, Matrix } from 'ml-matrix';
import type { Triple } from '../geometry/matrix3.ts';
import { linearRgb } from './colourSpaces.ts';
import { BANDS, TO_LINEAR } from './observer.ts';

/** 36 reflectances, 380 to 730 nm. */
export type Spectrum = Float64Array;

/** Channels nearer to 0 or 1 than this are held off it: no curve inside 0 to 1 reaches them. */
const LEAST = 2e-4;
const ROUNDS = 60;
/** What is left of the equations when it is solved. */
const DONE = 1e-10;

/** The second difference of neighbours: what is least where a curve is smoothest. */
const ROUGH: readonly (readonly number[])[] = Array.from({ length: BANDS }, (_, i) =>
  Array.from({ length: BANDS }, (__, j) =>
    i === j ? (i === 0 || i === BANDS - 1 ? 2 : 4) : Math.abs(i - j) === 1 ? -2 : 0,
  ),
);

/**
 * The smoothest reflectance curve of a colour that stays inside 0 to 1: ρ = (tanh z + 1)/2 with the least sum of
 * squared steps of z, of those that look as told in linear sRGB (S. Burns, Numerical methods for smoothest
 * reflectance reconstruction, 2020). Channels are held to 0.0002 … 0.9998, so that black and white have one too.
 */
export function smoothSpectrum(linear: Triple): Spectrum {
  const held = linear.map((v) => Math.min(1 - LEAST, Math.max(LEAST, v))) as unknown as Triple;
  const mean = (held[0] + held[1] + held[2]) / 3;
  // Held colours are drawn towards their grey until a curve is found: pure ones may have none.
  for (let share = 1; share > 0.5; share -= 0.01) {
    const aim = held.map((v) => mean + share * (v - mean)) as unknown as Triple;
    const found = newton(aim);
    if (found !== undefined) return found;
  }
  return new Float64Array(BANDS).fill(mean);
}

/** Newton's rounds on z and three multipliers; undefined where they do not come to rest. */
function newton(aim: Triple): Spectrum | undefined {
  let z: number[] = new Array<number>(BANDS).fill(0);
  let by: number[] = [0, 0, 0];
  for (let round = 0; round < ROUNDS; round++) {
    const tanh = z.map(Math.tanh);
    const slope = tanh.map((t) => (1 - t * t) / 2);
    const pull = Array.from({ length: BANDS }, (_, i) =>
      TO_LINEAR.reduce((sum, row, k) => sum + row[i]! * by[k]!, 0),
    );
    const left = [
      ...z.map((_, i) => {
        const rough = ROUGH[i]!;
        return rough.reduce((sum, d, j) => sum + d * z[j]!, 0) + slope[i]! * pull[i]!;
      }),
      ...TO_LINEAR.map(
        (row, k) => row.reduce((sum, w, i) => sum + (w * (tanh[i]! + 1)) / 2, 0) - aim[k]!,
      ),
    ];
    if (left.every((v) => Math.abs(v) < DONE)) return Float64Array.from(tanh, (t) => (t + 1) / 2);
    const rows = [
      ...z.map((_, i) => [
        ...ROUGH[i]!.map((d, j) => (i === j ? d - 2 * slope[i]! * tanh[i]! * pull[i]! : d)),
        ...TO_LINEAR.map((row) => row[i]! * slope[i]!),
      ]),
      ...TO_LINEAR.map((row) => [...row.map((w, i) => w * slope[i]!), 0, 0, 0]),
    ];
    const lu = new LuDecomposition(new Matrix(rows));
    if (lu.isSingular()) return undefined;
    const step = lu.solve(Matrix.columnVector(left)).to1DArray();
    z = z.map((v, i) => v - step[i]!);
    by = by.map((v, k) => v - step[BANDS + k]!);
    if (!z.every((v) => Math.abs(v) < 60)) return undefined;
  }
  return undefined;
}

const known = new Map<string, Spectrum>();
/** More colours than any workshop has. */
const MOST_KNOWN = 600;

/** The smoothest curve of a colour as "#rrggbb"; each is solved once. */
export function spectrumOfHex(hex: string): Spectrum {
  const before = known.get(hex);
  if (before !== undefined) return before;
  const encoded = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255);
  const made = smoothSpectrum(linearRgb(encoded as unknown as Triple));
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(hex, made);
  return made;
}
