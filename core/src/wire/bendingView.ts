import { dot, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import { bentVertices } from './bentWire.ts';
import { executedVertices } from './executedBends.ts';
import type { PlannedWire } from './plannedWire.ts';

/** Points on the page of a bend, mm. */
export type FlatPath = readonly (readonly [number, number])[];

/**
 * The wire as it lies after a bend, for the bench: the part already bent, the vertex under the
 * pliers and the straight rest, in mm, turned so that this bend lies in the page: the rest runs to
 * the right from the origin and the bent part comes from below or above it.
 */
export interface BendingView {
  readonly done: FlatPath;
  readonly rest: FlatPath;
  /** The bent part as it would lie had no bend been made past its angle. */
  readonly leftOut: FlatPath;
}

/** Projects the partly bent wire on the plane of bend `number` (1 is the first). */
export function bendingView(wire: PlannedWire, number: number): BendingView {
  const { feedsMm, bends } = wire.schedule;
  if (bends[number - 1] === undefined) return { done: [], rest: [], leftOut: [] };
  const soFar = bends.slice(0, number);
  const restMm = feedsMm.slice(number).reduce((sum, feed) => sum + feed, 0);
  const flat = flattened(bentVertices([...feedsMm.slice(0, number), restMm], soFar), number);
  const left = executedVertices(wire, 'to-the-angle', wire.diameterMm, number);
  return {
    done: flat.slice(0, number + 1),
    rest: flat.slice(number),
    leftOut: flattened(left, number).slice(0, number + 1),
  };
}

/** Vertices on the plane of the bend at one of them: the next leg runs to the right from the origin. */
function flattened(vertices: readonly Vec3[], at: number): FlatPath {
  const corner = vertices[at] as Vec3;
  const out = unit(sub(vertices[at + 1] as Vec3, corner));
  const into = unit(sub(vertices[at - 1] as Vec3, corner));
  const away = sub(into, scale(out, dot(into, out)));
  // Gram–Schmidt: u along the rest of the wire, v in the plane of the bend, towards the bent part.
  const v = Math.hypot(...away) < 1e-9 ? ([0, 0, 0] as const) : unit(away);
  return vertices.slice(0, at + 2).map((p) => {
    const d = sub(p, corner);
    return [dot(d, out), dot(d, v)];
  });
}
