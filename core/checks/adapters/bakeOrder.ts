import { fewestBakes, type OrderItem } from '../../src/bakes/bakeOrder.ts';
import { bakesByTrial } from '../../src/testing/bakesByTrial.ts';
import type { Adapter } from '../checkFile.ts';

/** The fewest bakes with what cures in each and how hot, or the smallest contradiction. */
export const bakeOrder: Adapter = (entry) => {
  const items = entry.input['items'] as readonly OrderItem[] | undefined;
  if (items === undefined) return {};
  const order = fewestBakes(items);
  if (!order.feasible) return { feasible: false, smallestConflict: order.conflict };
  return {
    feasible: true,
    bakes: order.bakes.length,
    assignment: order.bakes.map(({ ids }) => ids),
    temperatureRangesC: order.bakes.map(({ rangeC }) => rangeC),
    optimalAssignments: bakesByTrial(items)?.ways,
  };
};
