import type { Triple } from '../../src/geometry/matrix3.ts';
import { groupedByMeans, heldToFew } from '../../src/colour/palette/groups.ts';
import { num, type Adapter } from '../checkFile.ts';

/** Colours gathered by means, and held to a few of themselves; groups in the order of their first colours. */
export const palettes: Adapter = (entry) => {
  const colours = entry.input['oklab'] as readonly Triple[];
  const weights = entry.input['weights'] as readonly number[];
  const k = num(entry, 'k') ?? NaN;
  if (entry.id.startsWith('MEDOID')) return { ...heldToFew({ colours, weights }, k) };
  const { means, of, inertia } = groupedByMeans({ colours, weights }, k);
  const order = [...new Set(of)];
  return {
    groups: order.map((n) => [...of.keys()].filter((i) => of[i] === n)),
    centroids: order.map((n) => means[n]!),
    inertia,
  };
};
