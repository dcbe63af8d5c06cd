import { posedBone, type PosedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { stanceMassCentre } from '../body/massCentre.ts';
import { thinSections } from '../body/thinSections.ts';
import { lerp, type Vec3 } from '../geometry/vec3.ts';

/** A place on the column of a posed body. */
export interface ColumnPlace {
  readonly bone: PosedBone;
  /** Along it, 0 to 1. */
  readonly t: number;
  readonly at: Vec3;
}

/** Places along each bone that are looked at. */
const STEPS = 10;

/**
 * Where the column of the trunk, its heaviest part, passes nearest to the plumb line of the flesh: there one rod or an
 * iron carries the piece. By thin sections of one density, before any body is worked out.
 */
export function plumbPlace(posed: PosedSkeleton): ColumnPlace {
  const { plan } = posed.skeleton;
  const keys = plan.parts[0]?.keys ?? [];
  const last = plan.spine.findLastIndex((id) => keys.includes(posedBone(posed, id).bone.key));
  const trunk = plan.spine.slice(plan.tailBones.length, last + 1);
  const column = (trunk.length > 0 ? trunk : plan.spine).map((id) => posedBone(posed, id));
  const flesh = { bones: thinSections(posed.skeleton) };
  const plumb = stanceMassCentre(posed, flesh) ?? column[0]!.start;
  const places = column.flatMap((bone) =>
    Array.from({ length: STEPS + 1 }, (_, i): ColumnPlace => {
      const t = i / STEPS;
      return { bone, t, at: lerp(bone.start, bone.end, t) };
    }),
  );
  const beside = ({ at: [x, , z] }: ColumnPlace): number => Math.hypot(x - plumb[0], z - plumb[2]);
  return places.reduce((nearest, place) => (beside(place) < beside(nearest) ? place : nearest));
}
