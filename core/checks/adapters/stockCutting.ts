import { cutFromStock } from '../../src/wire/stockCutting.ts';
import { nums, type Adapter } from '../checkFile.ts';

/** The fewest equal sticks that give all pieces: one more is tried until nothing is missing. */
export const stockCutting: Adapter = (one) => {
  const items = one.input['items'] as readonly number[] | undefined;
  const given = nums(one, 'stock', 'kerf');
  if (items === undefined || !given) return {};
  const [stock, kerf] = given;
  const pieces = items.map((mm, i) => ({ id: String(i), mm }));
  const total = items.reduce((sum, mm) => sum + mm, 0);
  const bound = Math.ceil(total / stock);
  let sticks = bound;
  const fits = (count: number): boolean =>
    cutFromStock(
      pieces,
      Array.from({ length: count }, (_, i) => ({ id: String(i), mm: stock })),
      kerf,
    ).missing.length === 0;
  while (!fits(sticks)) sticks += 1;
  return { optimal_sticks: sticks, ceil_bound: bound, waste_mm: sticks * stock - total };
};
