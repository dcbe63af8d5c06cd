import { fewestSticks } from '../../src/wire/stockCutting.ts';
import { nums, type Adapter } from '../checkFile.ts';

/** The fewest equal sticks that give all pieces. */
export const stockCutting: Adapter = (one) => {
  const items = one.input['items'] as readonly number[] | undefined;
  const given = nums(one, 'stock', 'kerf');
  if (items === undefined || !given) return {};
  const [stock, kerf] = given;
  const pieces = items.map((mm, i) => ({ id: String(i), mm }));
  const total = items.reduce((sum, mm) => sum + mm, 0);
  const { sticks = NaN } = fewestSticks(pieces, stock, kerf);
  return {
    optimal_sticks: sticks,
    ceil_bound: Math.ceil(total / stock),
    waste_mm: sticks * stock - total,
  };
};
