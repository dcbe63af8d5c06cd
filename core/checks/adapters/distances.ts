import fc from 'fast-check';
import { distanceTransform } from '../../src/geometry/distanceTransform.ts';
import type { Adapter, CheckCase } from '../checkFile.ts';

/** Check files write infinity as this. */
const INFINITY_IN_FILE = 1e20;

/** Squared distances on lines, drawn grids and boxes, and random masks against brute force. */
export const distances: Adapter = (entry) => {
  const line = entry.input['f (1e20 = infinity)'];
  if (Array.isArray(line)) {
    const f = (line as number[]).map((v) => (v >= INFINITY_IN_FILE ? Infinity : v));
    return { D2: [...distanceTransform(f, [f.length], spacingOf(entry, 1)).value] };
  }
  const drawn = entry.input['grid (# = seed)'];
  if (Array.isArray(drawn)) return drawnGrid(drawn as string[], entry);
  if (Array.isArray(entry.input.seeds)) return box(entry, entry.input.seeds as number[][]);
  return typeof entry.input.n === 'number'
    ? { agrees_with_brute_force: masksAgree(entry.input.n) }
    : {};
};

/** Cells as far apart as the case says, one number for all axes or one for each; else 1. */
function spacingOf(checkCase: CheckCase, axes: number): number[] {
  const given = Object.entries(checkCase.input).find(([name]) => name.startsWith('spacing'))?.[1];
  const each = typeof given === 'number' ? [given] : ((given as number[] | undefined) ?? [1]);
  return Array.from({ length: axes }, (_, i) => each[i] ?? each[0] ?? 1);
}

/** Rows are the first axis of a case, as they are of its answer; the core's runs fastest. */
function drawnGrid(rows: readonly string[], checkCase: CheckCase): Record<string, unknown> {
  const wide = rows[0]!.length;
  const f = rows.flatMap((row) => [...row].map((sign) => (sign === '#' ? 0 : Infinity)));
  const { value } = distanceTransform(f, [wide, rows.length], spacingOf(checkCase, 2).reverse());
  return { D2: rows.map((_, i) => [...value.slice(i * wide, (i + 1) * wide)]) };
}

/** The result is indexed [i][j][k]; here k runs fastest. */
function box(checkCase: CheckCase, seeds: readonly number[][]): Record<string, unknown> {
  const shaped = checkCase.expected['D2[i][j][k]'] as number[][][];
  const [ni, nj, nk] = [shaped.length, shaped[0]!.length, shaped[0]![0]!.length];
  const f = new Array<number>(ni * nj * nk).fill(Infinity);
  for (const [i, j, k] of seeds) f[(i! * nj + j!) * nk + k!] = 0;
  const { value } = distanceTransform(f, [nk, nj, ni], spacingOf(checkCase, 3).reverse());
  const row = (i: number, j: number): number[] => [
    ...value.slice((i * nj + j) * nk, (i * nj + j + 1) * nk),
  ];
  return {
    'D2[i][j][k]': shaped.map((plane, i) => plane.map((_, j) => row(i, j))),
  };
}

/** As many seeded masks of one to three axes as the case says, each against every pair of cells. */
function masksAgree(many: number): boolean {
  const sides = fc.array(fc.integer({ min: 1, max: 6 }), { minLength: 1, maxLength: 3 });
  const masks = sides.chain((cells) => {
    const total = cells.reduce((product, n) => product * n, 1);
    return fc.record({
      cells: fc.constant(cells),
      spacing: fc.array(fc.double({ min: 0.3, max: 4, noNaN: true }), {
        minLength: cells.length,
        maxLength: cells.length,
      }),
      seeds: fc.array(fc.boolean(), { minLength: total, maxLength: total }),
    });
  });
  return fc.sample(masks, { seed: 13, numRuns: many }).every(({ cells, spacing, seeds }) => {
    const f = seeds.map((seed) => (seed ? 0 : Infinity));
    const { value } = distanceTransform(f, cells, spacing);
    const at = (index: number): number[] => {
      let rest = index;
      return cells.map((n, axis) => {
        const i = rest % n;
        rest = (rest - i) / n;
        return i * spacing[axis]!;
      });
    };
    return f.every((_, p) => {
      const a = at(p);
      const least = f.reduce((best, h, q) => {
        if (h === Infinity) return best;
        const b = at(q);
        return Math.min(
          best,
          a.reduce((sum, x, axis) => sum + (x - b[axis]!) ** 2, 0),
        );
      }, Infinity);
      return least === Infinity ? value[p] === Infinity : Math.abs(value[p]! - least) < 1e-8;
    });
  });
}
