import { distance, type Vec3 } from '../../src/geometry/vec3.ts';
import { toRad } from '../../src/units/angles.ts';
import { bendSaving, bendSchedule } from '../../src/wire/bendSchedule.ts';
import { bentVertices } from '../../src/wire/bentWire.ts';
import { num, nums, type Adapter } from '../checkFile.ts';

/** Schedules of bends from vertices, the saving of one bend, and the round trip as a property. */
export const wireBending: Adapter = (entry) => {
  const points = entry.input['xyz_mm'];
  const radius = num(entry, 'R_mm');
  if (Array.isArray(points) && radius !== undefined) return schedule(points as Vec3[], radius);
  const corner = nums(entry, 'R', 'theta_deg');
  if (corner) {
    const { tangentMm, arcMm, savingMm } = bendSaving(corner[0], toRad(corner[1]));
    return { tangent: tangentMm, arc: arcMm, saving: savingMm };
  }
  const trials = num(entry, 'n');
  return trials === undefined ? {} : { max_error_mm: worstRoundTrip(trials) };
};

function schedule(points: readonly Vec3[], radius: number): Record<string, unknown> {
  const plan = bendSchedule(points, radius);
  const reversal = plan.faults.some((fault) => fault.kind === 'reversal');
  return {
    kept_vertices: plan.vertices,
    legs: plan.legsMm,
    feed: plan.feedsMm,
    rotation_deg: plan.bends.map((bend) => bend.turnDeg),
    bend_deg: plan.bends.map((bend) => bend.bendDeg),
    tangent: plan.bends.map((bend) => bend.tangentMm),
    arc: plan.bends.map((bend) => bend.arcMm),
    bend_start_marks: plan.bends.map((bend) => bend.markMm),
    developed: plan.developedMm,
    polyline_length: plan.polylineMm,
    canonical_xyz_from_LRA: reversal ? undefined : bentVertices(plan.feedsMm, plan.bends),
    feasible: plan.faults.length === 0,
  };
}

/** Largest error of vertices → bends → vertices → distances between them, seeded polylines, mm. */
function worstRoundTrip(trials: number): number {
  let seed = 7;
  const random = (): number => {
    seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
    return seed / 2 ** 32;
  };
  let worst = 0;
  for (let trial = 0; trial < trials; trial++) {
    const points = Array.from({ length: 3 + Math.floor(random() * 6) }, (): Vec3 => [
      random() * 200,
      random() * 200,
      random() * 200,
    ]);
    const plan = bendSchedule(points, 1);
    const back = bentVertices(plan.feedsMm, plan.bends);
    for (let i = 0; i < plan.vertices.length; i++)
      for (let j = 0; j < i; j++)
        worst = Math.max(
          worst,
          Math.abs(distance(plan.vertices[i]!, plan.vertices[j]!) - distance(back[i]!, back[j]!)),
        );
  }
  return worst;
}
