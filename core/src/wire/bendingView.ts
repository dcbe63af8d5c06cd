import { dot, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import type { PlannedWire } from './plannedWire.ts';
import { bentVertices } from './bentWire.ts';

/**
 * The wire as it lies after a bend, for the bench: the part already bent, the vertex under the
 * pliers and the straight rest, in mm, turned so that this bend lies in the page: the rest runs to
 * the right from the origin and the bent part comes from below or above it.
 */
export interface BendingView {
  readonly done: readonly (readonly [number, number])[];
  readonly rest: readonly (readonly [number, number])[];
}

/** Projects the partly bent wire on the plane of bend `number` (1 is the first). */
export function bendingView(wire: PlannedWire, number: number): BendingView {
  const { feedsMm, bends } = wire.schedule;
  const at = number - 1;
  const bend = bends[at];
  if (bend === undefined) return { done: [], rest: [] };
  const soFar = bends.slice(0, number);
  const restMm = feedsMm.slice(number).reduce((sum, feed) => sum + feed, 0);
  const vertices = bentVertices([...feedsMm.slice(0, number), restMm], soFar);
  const corner = vertices[number] as Vec3;
  const [back, ahead] = [vertices[at] as Vec3, vertices[number + 1] as Vec3];
  const out = unit(sub(ahead, corner));
  const into = unit(sub(back, corner));
  // Gram–Schmidt: u along the rest of the wire, v in the plane of the bend, towards the bent part.
  const v = unit(sub(into, scale(out, dot(into, out))));
  const flat = (p: Vec3): readonly [number, number] => {
    const d = sub(p, corner);
    return [dot(d, out), dot(d, v)];
  };
  return { done: vertices.slice(0, number + 1).map(flat), rest: [corner, ahead].map(flat) };
}
