import { add, dot, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
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
  const { feedsMm, bends, wound } = wire.schedule;
  if (bends[number - 1] === undefined) return { done: [], rest: [], leftOut: [] };
  const asTold = (upTo: number): readonly Vec3[] => {
    const restMm = feedsMm.slice(upTo).reduce((sum, feed) => sum + feed, 0);
    return bentVertices([...feedsMm.slice(0, upTo), restMm], bends.slice(0, upTo), wound);
  };
  const toAngle = (upTo: number): readonly Vec3[] =>
    executedVertices(wire, 'to-the-angle', wire.diameterMm, upTo);
  const flat = viewOf(wire, number, asTold);
  return {
    done: flat.slice(0, -1),
    rest: flat.slice(-2),
    leftOut: viewOf(wire, number, toAngle).slice(0, -1),
  };
}

/** Shown of the direction at either end of the turns, in diameters. */
const STUB_DIAMETERS = 2;

/** Vertices after a bend on its plane, the turns before it with their direction at both ends. */
function viewOf(
  { schedule: { wound }, diameterMm }: PlannedWire,
  number: number,
  executed: (upTo: number) => readonly Vec3[],
): FlatPath {
  const vertices = executed(number).slice(0, number + 2);
  if (wound === undefined || number <= wound.feed) return flattened(vertices);
  const onto = executed(wound.feed);
  const along = unit(sub(onto[wound.feed + 1]!, onto[wound.feed]!));
  const stub = scale(along, STUB_DIAMETERS * diameterMm);
  const [enter, leave] = [vertices[wound.feed]!, vertices[wound.feed + 1]!];
  return flattened(vertices.toSpliced(wound.feed + 1, 0, add(enter, stub), sub(leave, stub)));
}

/** Vertices on the plane of the last bend: the last leg runs to the right from the origin. */
function flattened(vertices: readonly Vec3[]): FlatPath {
  const corner = vertices.at(-2)!;
  const out = unit(sub(vertices.at(-1)!, corner));
  const into = unit(sub(vertices.at(-3)!, corner));
  const away = sub(into, scale(out, dot(into, out)));
  // Gram–Schmidt: u along the rest of the wire, v in the plane of the bend, towards the bent part.
  const v = Math.hypot(...away) < 1e-9 ? ([0, 0, 0] as const) : unit(away);
  return vertices.map((p) => {
    const d = sub(p, corner);
    return [dot(d, out), dot(d, v)];
  });
}
