import { cutFromStock, fewestSticks, type CutPiece } from '../../src/wire/stockCutting.ts';
import { nums, type Adapter, type CheckCase } from '../checkFile.ts';

/** The fewest equal sticks that give all pieces. */
export const stockCutting: Adapter = (entry) => {
  const items = entry.input['items'] as readonly number[] | undefined;
  const given = nums(entry, 'stock', 'kerf');
  if (items === undefined || !given) return {};
  const [stock, kerf] = given;
  const pieces = items.map((mm, i) => ({ id: String(i), mm }));
  const total = items.reduce((sum, mm) => sum + mm, 0);
  const { sticks = NaN } = fewestSticks(pieces, stock, kerf);
  return {
    optimal_sticks: sticks,
    ceil_bound: Math.ceil((total + items.length * kerf) / (stock + kerf) - 1e-9),
    one_optimal_plan: ourPlan(entry, pieces, stock, kerf),
    waste_mm: sticks * stock - total,
  };
};

/**
 * The case's own plan where ours is as good: as few sticks, the same pieces, each stick long enough
 * (there are mostly several plans of the fewest sticks); else ours, which then tells what is wrong.
 */
function ourPlan(
  checkCase: CheckCase,
  pieces: readonly CutPiece[],
  stock: number,
  kerf: number,
): unknown {
  const theirs = checkCase.expected['one_optimal_plan'] as
    readonly (readonly number[])[] | undefined;
  const { sticks = 0 } = fewestSticks(pieces, stock, kerf);
  const all = Array.from({ length: sticks }, (_, i) => ({ id: `stick ${i + 1}`, mm: stock }));
  const plan = cutFromStock(pieces, all, kerf);
  const ours = plan.sticks.map((stick) => stick.pieces.map(({ mm }) => mm));
  const sorted = (of: readonly (readonly number[])[]): string =>
    of
      .flat()
      .sort((a, b) => a - b)
      .join();
  const isGood =
    theirs !== undefined &&
    ours.length === theirs.length &&
    sorted(ours) === sorted(theirs) &&
    ours.every(
      (stick) => stick.reduce((sum, mm) => sum + mm, 0) + (stick.length - 1) * kerf <= stock + 1e-9,
    );
  return isGood ? theirs : ours;
}
